import { addDays, daysBetween } from '../base/days.js';
import type { Bottle } from '../stock/bottle.js';
import { isThere } from '../stock/bottle.js';
import { recordsOf, type DrinkRecord } from './liking.js';
import type { Pour } from './pour.js';

/** A drink of the log and what is known of it. */
export interface Favourite extends DrinkRecord {
  drink: string;
  name: string;
}

/** Drinks that were rated, the best liked first; of equals the oftener poured. */
export function favourites(pours: readonly Pour[]): Favourite[] {
  const names = new Map(pours.map((p) => [p.drink, p.name]));
  return [...recordsOf(pours)]
    .map(([drink, record]) => ({ drink, name: names.get(drink) ?? drink, ...record }))
    .sort((a, b) => (b.mean ?? -1) - (a.mean ?? -1) || b.times - a.times || (a.drink < b.drink ? -1 : 1));
}

/** A month of the log. */
export interface MonthPoured {
  /** As 2026-11. */
  month: string;
  glasses: number;
  costMinor: number;
  currency: string | null;
}

/** What each month poured and cost, the newest first; money of other currencies than the newest is left out. */
export function monthsPoured(pours: readonly Pour[]): MonthPoured[] {
  const newest = [...pours].sort((a, b) => (a.at < b.at ? 1 : -1)).find((p) => p.currency !== null);
  const currency = newest?.currency ?? null;
  const months = new Map<string, MonthPoured>();
  for (const { on, glasses, costMinor, currency: paid } of pours) {
    const month = on.slice(0, 7);
    const was = months.get(month) ?? { month, glasses: 0, costMinor: 0, currency };
    months.set(month, {
      ...was,
      glasses: was.glasses + glasses,
      costMinor: was.costMinor + (paid === currency ? (costMinor ?? 0) : 0),
    });
  }
  return [...months.values()].sort((a, b) => (a.month < b.month ? 1 : -1));
}

/** Glasses by evening. */
export function eveningsPoured(pours: readonly Pour[]): Map<string, number> {
  const days = new Map<string, number>();
  for (const { on, glasses } of pours) if (glasses > 0) days.set(on, (days.get(on) ?? 0) + glasses);
  return days;
}

/** Glasses of a week, from its first day on. */
export interface WeekPoured {
  from: string;
  glasses: number;
}

/** Glasses of each of the last weeks, the oldest first; the last ends today. */
export function weeksPoured(pours: readonly Pour[], today: string, weeks: number): WeekPoured[] {
  const counts = Array.from({ length: weeks }, () => 0);
  for (const { on, glasses } of pours) {
    const ago = Math.floor(daysBetween(on, today) / 7);
    if (ago >= 0 && ago < weeks) counts[weeks - 1 - ago] = (counts[weeks - 1 - ago] ?? 0) + glasses;
  }
  return counts.map((glasses, i) => ({ from: addDays(today, -7 * (weeks - i) + 1), glasses }));
}

/** A kind that stands there and has long opened nothing. */
export interface Idle {
  kind: string;
  days: number;
}

/**
 * Kinds that were bought or opened and have poured nothing for long: since their last pour, or since they came.
 *
 * @param leastDays from which on it is worth saying.
 */
export function idleKinds(
  bottles: readonly Bottle[],
  pours: readonly Pour[],
  today: string,
  leastDays: number,
): Idle[] {
  const last = new Map<string, string>();
  for (const { on, parts } of pours)
    for (const { kind } of parts) if (on > (last.get(kind) ?? '')) last.set(kind, on);
  const since = new Map<string, string>();
  for (const b of bottles) {
    const came = b.boughtOn ?? b.openedOn;
    if (!isThere(b) || b.sipping || b.pieces !== null || came === null) continue;
    const was = since.get(b.kind);
    if (was === undefined || came < was) since.set(b.kind, came);
  }
  return [...since]
    .map(([kind, came]) => ({ kind, days: daysBetween(last.get(kind) ?? came, today) }))
    .filter(({ days }) => days >= leastDays)
    .sort((a, b) => b.days - a.days || (a.kind < b.kind ? -1 : 1));
}
