import type { Kind } from '../catalogue/kind.js';

/** Schools of how long what is made of wine keeps once it is open: a month, between the two, or two to three. */
export const FRESHNESS = ['strict', 'between', 'easy'] as const;
export type Freshness = (typeof FRESHNESS)[number];

/**
 * Kinds as a school of freshness has them: where schools disagree (opened vermouth a month, or two to three: common
 * practice), the days of the one that is chosen.
 */
export function inSchool(kinds: readonly Kind[], school: Freshness): Kind[] {
  if (school === 'between') return [...kinds];
  return kinds.map((kind) => {
    const [strict, easy] = kind.openDaysBetween ?? [];
    const days = school === 'strict' ? strict : easy;
    return days === undefined ? kind : { ...kind, openDays: days };
  });
}
