import { roundInHand, type Bar, type RoundInHand, type StepNow } from './round-in-hand.js';
import type { Round } from './round.js';
import { isMeasured, type PourStep } from './step.js';

/** Steps whose length matters. */
export function isTimed(step: Pick<PourStep, 'act' | 'ice'>): boolean {
  return (step.act === 'shake' || step.act === 'stir') && step.ice !== null && step.ice !== 'none';
}

/**
 * The step in hand is done; the next one comes. What was measured is taken as asked, unless it is said.
 *
 * @param ml that went into each vessel, where it was not what was asked.
 * @param at ISO instant, for what is timed.
 */
export function goOn(round: Round, bar: Bar, at: string, ml?: number): Round {
  const { current, place, now } = roundInHand(round, bar);
  const next: Round = { ...round, workFrom: null };
  if (isMeasured(current) && current.part.ml !== null)
    next.poured = { ...round.poured, [current.id]: Math.round((ml ?? current.part.ml) * 100) / 100 };
  if (isTimed(current) && round.workFrom !== null)
    next.worked = { ...round.worked, [current.id]: secondsBetween(round.workFrom, at) };
  // What is over may ask for more of another part: the steps are looked at anew.
  const after = roundInHand({ ...next, at: current.id }, bar).now;
  const following = after[after.findIndex((s) => s.id === current.id) + 1] ?? now[place];
  return { ...next, at: following?.id ?? current.id };
}

/** Back to the step before: what was poured in it is poured again. */
export function goBack(round: Round, bar: Bar): Round {
  const { now, place } = roundInHand(round, bar);
  const before = now[place - 1];
  if (before === undefined) return round;
  const { [before.id]: _, ...poured } = round.poured;
  const { [before.id]: __, ...worked } = round.worked;
  return { ...round, at: before.id, poured, worked, workFrom: null };
}

/** The shaking or stirring in hand begins. */
export function beginWork(round: Round, at: string): Round {
  return { ...round, workFrom: at };
}

/**
 * So much of what is in a filling is poured off again, so that the rest can be brought into ratio. It is written
 * down: it came out of the bottles.
 */
export function pourOff(round: Round, inHand: RoundInHand, load: number): Round {
  const share = inHand.loadsNow[load]?.offShare ?? 0;
  if (share <= 0) return round;
  const poured = { ...round.poured };
  const off = { ...round.off };
  for (const step of inHand.now) {
    const ml = step.load === load && step.part ? poured[step.id] : undefined;
    if (ml === undefined || step.part === null) continue;
    const vessels = step.into === 'glass' ? step.vessels : 1;
    poured[step.id] = ml * (1 - share);
    off[step.part.kind] = (off[step.part.kind] ?? 0) + ml * share * vessels;
  }
  return { ...round, poured, off };
}

/** More of one part goes in, as a mend. */
export function addMore(
  round: Round,
  inHand: RoundInHand,
  load: number,
  slot: number,
  mlAGlass: number,
): Round {
  const { order, glasses } = inHand.loads[load] ?? { order: 0, glasses: 1 };
  const step = inHand.now.find(
    (s) => s.load === load && s.part?.slot === slot && round.poured[s.id] !== undefined,
  );
  if (step === undefined || round.orders[order] === undefined) return round;
  const ml = mlAGlass * (step.into === 'glass' ? 1 : glasses);
  return { ...round, poured: { ...round.poured, [step.id]: (round.poured[step.id] ?? 0) + ml } };
}

/** What the scale is to show when the part in hand is in: by itself where it is tared, else with all before it. */
export function scaleTarget(round: Round, inHand: RoundInHand, step: StepNow): number | undefined {
  const g = step.part?.g ?? undefined;
  if (g === undefined || round.tared) return g;
  const before = inHand.now
    .filter((s) => s.done && s.load === step.load && s.into === step.into && s.act !== 'rinse')
    .reduce((sum, s) => sum + (s.part?.g ?? 0), 0);
  return round.vesselG + before + g;
}

/** ml of the part in hand by what the scale shows. */
export function mlByScale(round: Round, inHand: RoundInHand, step: StepNow, shownG: number): number {
  const { ml, g } = step.part ?? { ml: null, g: null };
  if (ml === null || g === null || g === 0) return 0;
  const target = scaleTarget(round, inHand, step) ?? g;
  return Math.max(0, ((g + shownG - target) * ml) / g);
}

function secondsBetween(from: string, to: string): number {
  return Math.max(0, Math.min(3600, (Date.parse(to) - Date.parse(from)) / 1000));
}
