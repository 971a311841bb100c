import { addDays, daysBetween } from '../base/days.js';
import type { HomeMade } from '../catalogue/home-made.js';
import { actsOf } from './acts.js';
import type { Keeping } from './keeping.js';

/** Something to have ready on days. */
export interface ToMake {
  id: string;
  /** From beginning to bottle. */
  leadMinutes: number;
  /** Days it is good after the day it is made: use by that day, as on its label. */
  keepsDays: number;
  /** ISO days it is poured on. */
  days: readonly string[];
}

/** One batch to make: when to begin, and the days it serves. */
export interface BatchMaking {
  id: string;
  /** ISO day to begin. */
  begin: string;
  ready: string;
  useBy: string;
  serves: string[];
}

/** What takes longer than this is begun the day before; the hands' part of a day's wait fits into the same day. */
const SAME_DAY_MINUTES = 180;
const MINUTES_A_DAY = 1440;

/**
 * Days before it is needed that a making must begin: what steeps a day is begun the evening before.
 *
 * @example leadDays(1470) // 1
 */
export function leadDays(minutes: number): number {
  if (minutes <= SAME_DAY_MINUTES) return 0;
  return Math.max(1, Math.ceil((minutes - SAME_DAY_MINUTES) / MINUTES_A_DAY));
}

/**
 * The fewest makings that have everything ready and fresh: each is ready as late as may be, on the
 * first day that nothing serves yet, and serves every later day within its life (for intervals of
 * one length this greedy is optimal). In order of beginning.
 *
 * @example schedule([{ id: 'gum', leadMinutes: 720, keepsDays: 30, days: ['2026-03-01'] }])
 */
export function schedule(wanted: readonly ToMake[]): BatchMaking[] {
  const makings = wanted.flatMap(({ id, leadMinutes, keepsDays, days }) => {
    const out: BatchMaking[] = [];
    for (const day of [...new Set(days)].sort()) {
      const last = out.at(-1);
      if (last && daysBetween(last.ready, day) <= keepsDays) last.serves.push(day);
      else {
        const begin = addDays(day, -leadDays(leadMinutes));
        out.push({ id, begin, ready: day, useBy: addDays(day, keepsDays), serves: [day] });
      }
    }
    return out;
  });
  return makings.sort((a, b) => (a.begin < b.begin ? -1 : a.begin > b.begin ? 1 : a.id < b.id ? -1 : 1));
}

/** Stirring and bottling take so long beside the waits (common practice). */
const HANDS_MINUTES = 30;

/** Minutes that a batch waits by itself. */
export function waitMinutesOf(recipe: Pick<HomeMade, 'acts' | 'from' | 'heated'>): number {
  return actsOf(recipe).reduce((sum, a) => sum + (a.minutes ?? 0), 0);
}

/** From beginning to bottle: the hands' part and every wait, minutes. */
export function leadMinutesOf(recipe: Pick<HomeMade, 'acts' | 'from' | 'heated'>): number {
  return HANDS_MINUTES + waitMinutesOf(recipe);
}

/** Days on which something has to be made for: from today on, those that nothing on the shelf still serves. */
export function daysToMakeFor(
  days: readonly string[],
  today: string,
  there: readonly { useBy: string | null; remainingMl: number }[],
): string[] {
  const served = (day: string) => there.some((b) => b.remainingMl > 0 && (b.useBy ?? '') >= day);
  return days.filter((day) => day >= today && !served(day));
}

/** Days that a making serves from the freezer, thawed the day before: those past its life in the fridge. */
export function thawedDays({ ready, serves }: BatchMaking, { days }: Pick<Keeping, 'days'>): string[] {
  return serves.filter((day) => daysBetween(ready, day) >= days);
}
