import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { capacityMl } from '../glass/profile.js';
import type { Kit } from '../kit/kit.js';
import { compileRound, type CompiledRound } from './compile-round.js';
import {
  grow,
  MIN_MORE_ML,
  overshotDrink,
  pourOffShare,
  roomFactor,
  type Grown,
  type Overshot,
} from './overshoot.js';
import type { Round } from './round.js';
import { isMeasured, type PourStep } from './step.js';
import { glassFor, ICE_IN_TIN_G, vesselsOf } from './vessels.js';
import { madeIn } from '../drink/method-steps.js';
import { drinkFigures } from '../drink/figures.js';

/** What a round is made with. */
export interface Bar {
  catalogue: Pick<Catalogue, 'techniques' | 'tools' | 'kitchen' | 'glasses'>;
  kinds: ReadonlyMap<string, Kind>;
  kit: Kit;
}

/** A step as it is asked for now: with what an overshoot before it makes of its amount. */
export interface StepNow extends PourStep {
  done: boolean;
  /** Asked again, because another part went over. */
  more: boolean;
}

/** Where one filling stands. */
export interface LoadNow {
  grown: Grown;
  /** Share of what is in that must be poured off for ratio; 0 where everything fits. */
  offShare: number;
  /** ml in the vessel that this would be. */
  offMl: number;
  /** What the drink is if it is left so; undefined while it is as it was meant. */
  overshot: Overshot | undefined;
}

/** Where a round stands. */
export interface RoundInHand extends CompiledRound {
  now: StepNow[];
  /** The step in hand, and its place. */
  current: StepNow;
  place: number;
  loadsNow: LoadNow[];
}

/** Ends the id of a step that asks for a part once more. */
const MORE = '+';

/**
 * Where a round stands: its steps with what is done, the step in hand, and what an overshoot has made of the rest. A
 * part that an overshoot leaves short is asked for again after the last part of its drink.
 *
 * @example roundInHand(round, bar).current.part?.ml
 */
export function roundInHand(round: Round, bar: Bar): RoundInHand {
  const compiled = compileRound(round.orders, bar.kit, bar.catalogue, bar.kinds);
  const loadsNow = compiled.loads.map((_, load) => loadNow(load, round, compiled, bar));
  const more = new Set<PourStep>();
  const withMore = compiled.steps.flatMap((step, i): PourStep[] => {
    const nextOfLoad = compiled.steps.slice(i + 1).find((s) => s.load === step.load && isMix(s));
    if (!isMix(step) || nextOfLoad !== undefined) return [step];
    const again = moreOf(step.load ?? 0, round, compiled, loadsNow);
    for (const one of again) more.add(one);
    return [step, ...again];
  });
  const at = Math.max(
    0,
    withMore.findIndex((s) => s.id === round.at),
  );
  const now = withMore.map((step, i): StepNow => ({
    ...asked(step, round, compiled, loadsNow),
    done: i < at,
    more: more.has(step),
  }));
  return { ...compiled, now, current: now[at] as StepNow, place: at, loadsNow };
}

/** Parts that are mixed, before ice and bubbles. */
function isMix(step: PourStep): boolean {
  return isMeasured(step) && step.act === 'pour' && step.part.ml !== null;
}

/** Every measured part of a filling with a volume. */
function partsOf(load: number, { steps }: CompiledRound) {
  return steps
    .filter((s) => s.load === load)
    .filter(isMeasured)
    .filter((s) => s.part.ml !== null);
}

function inOf(step: PourStep, { poured }: Round): number | null {
  const first = poured[step.id];
  const more = poured[step.id + MORE];
  return first === undefined ? null : first + (more ?? 0);
}

function loadNow(
  load: number,
  round: Round,
  compiled: CompiledRound,
  { kinds, kit, catalogue }: Bar,
): LoadNow {
  const { order, glasses } = compiled.loads[load] as CompiledRound['loads'][number];
  const { drink } = round.orders[order] as Round['orders'][number];
  const vessel = madeIn(drink, kinds);
  const own = glassFor(drink, kit, kinds);
  const type = catalogue.glasses.find((g) => g.id === drink.glass);
  const glassMl = own?.capacityMl ?? (type ? capacityMl(type.inside) : Infinity);
  // A tin that holds two with their ice has room for a little more; the ice makes way.
  const tinMl =
    vessel === 'glass'
      ? undefined
      : vesselsOf(kit, catalogue)[vessel].capacityMl / glasses - ICE_IN_TIN_G / 2;
  const room = roomFactor(drink, kinds, glassMl, tinMl);
  const steps = partsOf(load, compiled);
  const parts = steps.map((s) => ({
    slot: s.part.slot,
    plannedMl: s.part.ml as number,
    inMl: inOf(s, round),
  }));
  const grown = grow(parts, room);
  const offShare = pourOffShare(grown);
  const offMl = offShare * parts.reduce((sum, p) => sum + (p.inMl ?? 0), 0);
  if (offShare === 0) return { grown, offShare, offMl, overshot: undefined };
  const inTin = vessel === 'glass' ? 1 : glasses;
  const ml = new Map(parts.map((p, i) => [p.slot, ((p.inMl ?? 0) + (grown.toAddMl[i] ?? 0)) / inTin]));
  const roomMl = Math.max(0, drinkFigures(drink, kinds).mixMl * (room - grown.factor)) + MEND_ROOM_ML;
  return { grown, offShare, offMl, overshot: overshotDrink(drink, kinds, ml, roomMl) };
}

/** A glass filled as it should be still takes a spoonful. */
const MEND_ROOM_ML = 10;

function moreOf(
  load: number,
  round: Round,
  compiled: CompiledRound,
  loadsNow: readonly LoadNow[],
): PourStep[] {
  const steps = partsOf(load, compiled);
  const { grown } = loadsNow[load] as LoadNow;
  return steps.flatMap((step, i) => {
    const asked = round.poured[step.id + MORE] !== undefined;
    const short = grown.toAddMl[i] ?? 0;
    const isIn = round.poured[step.id] !== undefined;
    return step.act === 'pour' && isIn && (asked || short >= MIN_MORE_ML)
      ? [{ ...step, id: step.id + MORE, seconds: step.seconds }]
      : [];
  });
}

/** A step with the amount that is wanted now. */
function asked(
  step: PourStep,
  round: Round,
  compiled: CompiledRound,
  loadsNow: readonly LoadNow[],
): PourStep {
  if (!isMeasured(step) || step.part.ml === null || step.load === null) return step;
  const was = round.poured[step.id];
  const plain = step.id.replace(MORE, '');
  const steps = partsOf(step.load, compiled);
  const i = steps.findIndex((s) => s.id === plain);
  const toAdd = loadsNow[step.load]?.grown.toAddMl[i] ?? step.part.ml;
  const ml = was ?? toAdd;
  const scale = step.part.ml === 0 ? 0 : ml / step.part.ml;
  return {
    ...step,
    part: {
      ...step.part,
      ml,
      g: step.part.g === null ? null : step.part.g * scale,
      amount: scale === 1 ? step.part.amount : { value: ml, measure: 'ml' },
    },
  };
}
