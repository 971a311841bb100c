import { daysBetween } from '../base/days.js';
import type { Pour } from './pour.js';

/** After so many days a pour counts half for what is poured in a week (an assumption: a month's habits). */
const HALF_LIFE_DAYS = 28;
/** A log says nothing of a pace before it is this long, and holds so many pours. */
const MIN_DAYS = 14;
const MIN_POURS = 8;

/** What is poured in a week, by the log. */
export interface Pace {
  glassesPerWeek: number;
  mlPerWeek: ReadonlyMap<string, number>;
  /** Days that the log spans. */
  days: number;
}

/**
 * The pace of a log: what was poured lately counts more, by half every four weeks, over the time that the log spans.
 * Undefined where it is too short to say.
 *
 * @example paceOf(pours, '2026-11-26')?.mlPerWeek.get('dry-gin')
 */
export function paceOf(
  pours: readonly Pour[],
  today: string,
  halfLifeDays = HALF_LIFE_DAYS,
): Pace | undefined {
  const past = pours.filter((p) => p.on <= today);
  // Many pours are of one day: its age is worked out once.
  const ages = new Map<string, number>();
  const ageOf = (on: string) => {
    const known = ages.get(on) ?? daysBetween(on, today);
    ages.set(on, known);
    return known;
  };
  const first = past.reduce((least, p) => (p.on < least ? p.on : least), today);
  const days = daysBetween(first, today) + 1;
  if (days < MIN_DAYS || past.length < MIN_POURS) return undefined;
  // All days of the span, each weighing half as much as one four weeks later.
  const weightOf = (age: number) => 2 ** (-age / halfLifeDays);
  const step = weightOf(1);
  const span = (1 - step ** days) / (1 - step);
  let glasses = 0;
  const ml = new Map<string, number>();
  for (const pour of past) {
    const weight = weightOf(ageOf(pour.on));
    glasses += pour.glasses * weight;
    for (const part of pour.parts) ml.set(part.kind, (ml.get(part.kind) ?? 0) + part.ml * weight);
  }
  return {
    glassesPerWeek: (glasses * 7) / span,
    mlPerWeek: new Map([...ml].map(([kind, sum]) => [kind, (sum * 7) / span])),
    days,
  };
}
