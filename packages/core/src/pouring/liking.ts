import { daysBetween } from '../base/days.js';
import { amountMl } from '../base/amount.js';
import type { AtHand } from '../stock/at-hand.js';
import type { Pour } from './pour.js';
import type { PourNow } from './pouring-now.js';

/** What a household knows of a drink from pouring it. */
export interface DrinkRecord {
  times: number;
  verdicts: number;
  /** Mean of the verdicts, 0 to 5; undefined where there is none. */
  mean: number | undefined;
  lastOn: string;
}

/** What the log says of each drink. */
export function recordsOf(pours: readonly Pour[]): Map<string, DrinkRecord> {
  const found = new Map<string, DrinkRecord & { sum: number }>();
  for (const { drink, on, verdict, glasses } of pours) {
    if (glasses === 0) continue;
    const was = found.get(drink) ?? { times: 0, verdicts: 0, mean: undefined, lastOn: on, sum: 0 };
    const sum = was.sum + (verdict ?? 0);
    const verdicts = was.verdicts + (verdict === null ? 0 : 1);
    found.set(drink, {
      times: was.times + 1,
      verdicts,
      sum,
      mean: verdicts === 0 ? undefined : sum / verdicts,
      lastOn: on > was.lastOn ? on : was.lastOn,
    });
  }
  return found;
}

/** How often each drink was poured, by id; what was given up half made is none. */
export function timesPoured(pours: readonly Pour[]): ReadonlyMap<string, number> {
  return new Map([...recordsOf(pours)].map(([id, { times }]) => [id, times]));
}

/** A verdict that nobody gave counts as so many of the family's mean. */
const PRIOR_WEIGHT = 2;
/** Where nothing was rated yet. */
const MIDDLE = 3;

/** How much a household is expected to like a drink, 0 to 5: its own verdicts, leaning on its family's and on all. */
function likingOf(
  records: ReadonlyMap<string, DrinkRecord>,
  familyOf: (drink: string) => string | undefined,
) {
  const sums = new Map<string, { sum: number; n: number }>();
  let sum = 0;
  let n = 0;
  for (const [drink, { mean, verdicts }] of records) {
    if (mean === undefined) continue;
    const family = familyOf(drink) ?? '';
    const was = sums.get(family) ?? { sum: 0, n: 0 };
    sums.set(family, { sum: was.sum + mean * verdicts, n: was.n + verdicts });
    sum += mean * verdicts;
    n += verdicts;
  }
  const leaning = (of: { sum: number; n: number } | undefined, prior: number) =>
    ((of?.sum ?? 0) + prior * PRIOR_WEIGHT) / ((of?.n ?? 0) + PRIOR_WEIGHT);
  const all = leaning({ sum, n }, MIDDLE);
  return (drink: string, family: string): number => {
    const record = records.get(drink);
    const prior = leaning(sums.get(family), all);
    return leaning(
      record?.mean === undefined ? undefined : { sum: record.mean * record.verdicts, n: record.verdicts },
      prior,
    );
  };
}

/** Days before its last one from which a kind asks to be used. */
const ASKS_WITHIN_DAYS = 14;
/** Less than this of a kind does not use it up. */
const USES_ML = 10;
/** What counts how much beside the verdicts, in points of them. */
const POINTS = { turning: 1.5, never: 0.3, justHad: -1, longSince: 0.5, standIn: 2, liked: 0.5 };
const JUST_HAD_DAYS = 2;
const LONG_SINCE_DAYS = 60;

/** Why a drink stands where it does. */
export interface Ranked {
  now: PourNow;
  score: number;
  record: DrinkRecord | undefined;
  /** What it uses that turns soon, and in how many days. */
  turning: { kind: string; days: number } | undefined;
}

/**
 * Drinks in the order in which this household would want them: as written before those with a stand-in, then how it
 * likes them, what turns soon in them, and how long since the last. The same log and stock always give the same order.
 *
 * @param liked how many of a drink's tastes the brief likes.
 */
export function ranked(
  drinks: readonly PourNow[],
  pours: readonly Pour[],
  there: ReadonlyMap<string, AtHand>,
  today: string,
  liked: (now: PourNow) => number = () => 0,
): Ranked[] {
  const records = recordsOf(pours);
  const families = new Map(drinks.map((d) => [d.pourable.recipe.id, d.pourable.recipe.family]));
  const liking = likingOf(records, (drink) => families.get(drink));
  return drinks
    .map((now): Ranked => {
      const { recipe } = now.pourable;
      const record = records.get(recipe.id);
      const turning = turningIn(now, there, today);
      const since = record ? daysBetween(record.lastOn, today) : undefined;
      const score =
        liking(recipe.id, recipe.family) +
        (turning ? POINTS.turning * (1 - turning.days / ASKS_WITHIN_DAYS / 2) : 0) +
        (since === undefined
          ? POINTS.never
          : since <= JUST_HAD_DAYS
            ? POINTS.justHad
            : POINTS.longSince * Math.min(1, since / LONG_SINCE_DAYS)) +
        POINTS.liked * Math.min(2, liked(now)) -
        POINTS.standIn * (1 - now.match);
      return { now, score, record, turning };
    })
    .sort(
      (a, b) =>
        Number(b.now.match === 1) - Number(a.now.match === 1) ||
        b.score - a.score ||
        (a.now.pourable.recipe.id < b.now.pourable.recipe.id ? -1 : 1),
    );
}

/** What asks to be used, the soonest first, and how many of these drinks use it. */
export function asksToBeUsed(drinks: readonly Ranked[]): { kind: string; days: number; drinks: number }[] {
  const found = new Map<string, { kind: string; days: number; drinks: number }>();
  for (const { turning } of drinks)
    if (turning) {
      const was = found.get(turning.kind) ?? { ...turning, drinks: 0 };
      found.set(turning.kind, { ...was, drinks: was.drinks + 1 });
    }
  return [...found.values()].sort((a, b) => a.days - b.days || b.drinks - a.drinks);
}

/** What of a drink turns first, within the days in which it asks to be used. */
function turningIn(
  { fillings, pourable }: PourNow,
  there: ReadonlyMap<string, AtHand>,
  today: string,
): Ranked['turning'] {
  let first: Ranked['turning'];
  for (const [place, filling] of fillings.entries())
    for (const kind of filling?.kinds ?? []) {
      const until = there.get(kind)?.until;
      const slot = pourable.recipe.slots[place];
      if (until === undefined || slot === undefined || (amountMl(slot.amount) ?? 0) < USES_ML) continue;
      const days = daysBetween(today, until);
      if (days <= ASKS_WITHIN_DAYS && days < (first?.days ?? Infinity))
        first = { kind, days: Math.max(0, days) };
    }
  return first;
}
