import type { Catalogue } from '@uisce/core/catalogue';
import { countOf } from '@uisce/core/plan';
import {
  claim,
  OutOfTimeError,
  settleOrder,
  waterlineBudgets,
  type CurvePoint,
  type PlanAnswer,
  type PlanSearch,
  type SettledStretch,
  type Stretch,
} from '@uisce/core/planner';
import type { About } from '../about';
import { searchFor } from './held';

/** Parts are gathered for so long, so that drawing keeps up. */
const SEND_EVERY_MS = 120;

/** Stretches settled since the last part; rough points stand for those not settled yet. */
export interface CurvePart {
  rough: CurvePoint[];
  settled: SettledStretch[];
  /** How many stretches there are, and the spend past which more money makes nothing more, minor units: told once. */
  whole?: { stretches: number; everything: number };
}

/** Which stretches a solver takes of those that nobody has settled yet, by their low ends. */
export interface CurveShare {
  part: number;
  of: number;
  settledLows: readonly number[];
  /** One place a stretch, in memory that the solvers share; without it each takes every so-many-th. */
  claims: Int32Array | null;
}

/** Places enough for the stretches of any curve. */
export const MAX_STRETCHES = 1024;

/** What all money makes; undefined when it was stopped. */
function wholeOf(search: PlanSearch, isStale: () => boolean): PlanAnswer | undefined {
  try {
    const whole = search.solve(search.wholePrice, { shouldStop: isStale });
    return isStale() ? undefined : whole;
  } catch (error) {
    // Stopped before it had any set: nobody waits for one.
    if (error instanceof OutOfTimeError && isStale()) return undefined;
    throw error;
  }
}

/** The best set at every budget: a rough curve at once, then stretch by stretch exactly, nearest to the present money first. */
export async function drawCurve(
  about: About,
  { part, of, settledLows, claims }: CurveShare,
  catalogue: Catalogue,
  isStale: () => boolean,
  send: (part: CurvePart) => void,
): Promise<void> {
  const { search, compiled } = searchFor(about, catalogue);
  const point = (answer: PlanAnswer): CurvePoint => ({
    spend: answer.spend,
    value: answer.value,
    drinksMade: countOf(compiled, answer.drinks),
    items: answer.items,
    proven: answer.status === 'optimal',
  });
  const stretches = search.stretches(search.wholePrice);
  // The first finds out how far it goes; what it costs to know that is not spent twice.
  if (part === 0) {
    const whole = wholeOf(search, isStale);
    if (whole === undefined) return;
    if (whole.status === 'infeasible') {
      send({ rough: [], settled: [], whole: { stretches: 0, everything: 0 } });
      return;
    }
    const everything = whole.spend;
    for (const budget of waterlineBudgets(everything)) search.glance(budget);
    const rough = search.known({ low: 0, high: everything }).map(point);
    send({ rough, settled: [], whole: { stretches: stretches.length, everything } });
  }
  const here = about.brief.moneyNowMinor;
  const done = new Set(settledLows);
  const places = new Map(stretches.map(({ low }, i) => [low, i]));
  const isMine = ({ low }: Stretch) => {
    const at = places.get(low) as number;
    return claims ? claim(claims, at) : at % of === part;
  };
  let settled: SettledStretch[] = [];
  let sent = performance.now();
  for (const stretch of settleOrder(stretches, here, part)) {
    if (done.has(stretch.low) || !isMine(stretch)) continue;
    if (!search.settle(stretch, { shouldStop: isStale })) return;
    settled.push({ stretch, points: search.known(stretch).map(point) });
    if (performance.now() - sent < SEND_EVERY_MS) continue;
    send({ rough: [], settled });
    settled = [];
    sent = performance.now();
    // Let newer messages in.
    await new Promise((resolve) => setTimeout(resolve));
    if (isStale()) return;
  }
  send({ rough: [], settled });
}
