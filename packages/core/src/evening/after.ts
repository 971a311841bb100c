import { addDays, daysBetween } from '../base/days.js';
import { daysOnceOpen, type Kind } from '../catalogue/kind.js';
import { fruitOf } from '../pouring/fruit.js';
import type { Pour } from '../pouring/pour.js';
import { bottleThere, isThere, type Bottle } from '../stock/bottle.js';
import { goodUntil } from '../stock/life.js';
import { peopleOf, type Evening } from './evening.js';

/** What an evening came to. */
export interface EveningCost {
  glasses: number;
  /** From what its bottles cost; null where nothing of it is known. */
  minor: number | null;
  /** For each who came. */
  eachMinor: number | null;
  currency: string | null;
}

/** Pours of an evening, as the log has them. */
export function poursOfEvening({ on }: Pick<Evening, 'on'>, pours: readonly Pour[]): Pour[] {
  return pours.filter((p) => p.on === on);
}

/** What an evening came to, and a guest's share. */
export function costOfEvening(evening: Pick<Evening, 'on' | 'guests'>, pours: readonly Pour[]): EveningCost {
  const mine = poursOfEvening(evening, pours);
  const known = mine.filter((p) => p.costMinor !== null);
  const minor = known.length === 0 ? null : known.reduce((sum, p) => sum + (p.costMinor ?? 0), 0);
  return {
    glasses: mine.reduce((sum, p) => sum + p.glasses, 0),
    minor,
    eachMinor: minor === null ? null : Math.round(minor / Math.max(1, peopleOf(evening))),
    currency: known[0]?.currency ?? null,
  };
}

/** Something pressed or opened for the evening that was not drunk. */
export interface Leftover {
  kind: string;
  ml: number;
  /** The last day it is good. */
  until: string | undefined;
}

/**
 * What should be left of what was pressed: as much as was wanted, less what the log says was poured.
 *
 * @param pressedMl by kind, as the plan had it.
 */
export function leftovers(
  { on }: Pick<Evening, 'on'>,
  pressedMl: ReadonlyMap<string, number>,
  pours: readonly Pour[],
  kinds: ReadonlyMap<string, Kind>,
): Leftover[] {
  const poured = new Map<string, number>();
  for (const { parts } of poursOfEvening({ on }, pours))
    for (const { kind, ml } of parts) poured.set(kind, (poured.get(kind) ?? 0) + ml);
  return [...pressedMl].flatMap(([kind, pressed]): Leftover[] => {
    const ml = Math.round(pressed - (poured.get(kind) ?? 0));
    const days = daysOnceOpen(kinds.get(kind) ?? {}, { homeMade: true });
    return ml > 0 ? [{ kind, ml, until: days === undefined ? undefined : addDays(on, days) }] : [];
  });
}

/** A leftover put on the shelf: a bottle of it from today, and the fruit that it came from is no longer there. */
export function shelved(
  { kind, ml }: Pick<Leftover, 'kind' | 'ml'>,
  on: string,
  bottles: readonly Bottle[],
  kinds: ReadonlyMap<string, Kind>,
  newId: () => string,
): Bottle[] {
  const kept: Bottle = {
    ...bottleThere(newId(), kind, 'fridge'),
    label: null,
    sizeMl: Math.max(10, ml),
    leftMl: ml,
    boughtOn: on,
    openedOn: on,
  };
  let fruit = fruitOf(kinds.get(kind), ml) ?? 0;
  const counted = bottles
    .filter((b) => b.kind === kind && (b.pieces ?? 0) > 0 && isThere(b))
    .sort((a, b) => ((a.boughtOn ?? '9') < (b.boughtOn ?? '9') ? -1 : 1));
  const pressed = counted.flatMap((b): Bottle[] => {
    const take = Math.min(fruit, b.pieces ?? 0);
    if (take === 0) return [];
    fruit -= take;
    const pieces = (b.pieces ?? 0) - take;
    return [{ ...b, pieces, finishedOn: pieces === 0 ? on : null }];
  });
  return [kept, ...pressed];
}

/** Within so many days of an evening what is open is used up first. */
const SOON_DAYS = 7;

/** What must be used within days, the soonest first: bottles opened, and batches. */
export function toUseSoon(
  bottles: readonly Bottle[],
  batches: readonly { kind: string; leftMl: number; until: string | null }[],
  kinds: ReadonlyMap<string, Kind>,
  today: string,
): Leftover[] {
  const open = bottles.flatMap((b): Leftover[] => {
    const kind = kinds.get(b.kind);
    const until = kind && isThere(b) && b.openedOn !== null ? goodUntil(b, kind) : undefined;
    return until === undefined ? [] : [{ kind: b.kind, ml: b.leftMl ?? 0, until }];
  });
  const made = batches.flatMap(({ kind, leftMl, until }): Leftover[] =>
    leftMl > 0 && until !== null ? [{ kind, ml: leftMl, until }] : [],
  );
  return [...open, ...made]
    .filter(({ until }) => {
      const days = daysBetween(today, until ?? today);
      return days >= 0 && days <= SOON_DAYS;
    })
    .sort((a, b) => ((a.until ?? '') < (b.until ?? '') ? -1 : 1));
}

/** Fewer glasses than one for everybody teach nothing. */
const MIN_A_HEAD = 1;
const half = (n: number) => Math.round(n * 2) / 2;

/**
 * How thirsty they were: pours a head in each hour, to the half; undefined where too little was written down.
 *
 * @param minutesAfter minutes from the first glass to a moment of the log.
 */
export function learntThirst(
  evening: Pick<Evening, 'on' | 'guests' | 'hours'>,
  pours: readonly Pour[],
  minutesAfter: (at: string) => number,
): number[] | undefined {
  const people = Math.max(1, peopleOf(evening));
  const byHour = Array.from({ length: evening.hours }, () => 0);
  for (const { at, glasses } of poursOfEvening(evening, pours)) {
    const hour = Math.min(evening.hours - 1, Math.max(0, Math.floor(minutesAfter(at) / 60)));
    byHour[hour] = (byHour[hour] ?? 0) + glasses;
  }
  const all = byHour.reduce((a, b) => a + b, 0);
  return all < MIN_A_HEAD * people ? undefined : byHour.map((n) => Math.min(5, half(n / people)));
}

/** From this on a drink stands on the next menu; up to that it does not. */
const LIKED = 4;
const NOT_AGAIN = 1;

/**
 * The next evening with the same people: what they liked stays, what they did not goes, and they are as thirsty as
 * they were.
 */
export function again(
  evening: Evening,
  pours: readonly Pour[],
  thirst: number[] | undefined,
  next: Pick<Evening, 'id' | 'on'>,
): Evening {
  const verdicts = new Map<string, number[]>();
  for (const { drink, verdict } of poursOfEvening(evening, pours))
    if (verdict !== null) verdicts.set(drink, [...(verdicts.get(drink) ?? []), verdict]);
  const mean = (all: readonly number[]) => all.reduce((a, b) => a + b, 0) / all.length;
  const of = (is: (verdict: number) => boolean) =>
    [...verdicts].filter(([, all]) => is(mean(all))).map(([drink]) => drink);
  const liked = of((v) => v >= LIKED).slice(0, Math.max(1, evening.size - 1));
  const not = of((v) => v <= NOT_AGAIN);
  return {
    ...evening,
    ...next,
    done: [],
    off: [],
    endedOn: null,
    cost: null,
    guestCard: null,
    must: [...new Set([...evening.must.filter((d) => !not.includes(d)), ...liked])].slice(0, evening.size),
    never: [...new Set([...evening.never.filter((d) => !liked.includes(d)), ...not])],
    thirst: thirst ?? evening.thirst,
  };
}
