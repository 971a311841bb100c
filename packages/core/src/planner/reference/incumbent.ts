import type { SetJudgement } from '../prepared.js';

/** The best set known so far, as judged by the letter of the problem. */
export interface Incumbent {
  items: Set<number>;
  judgement: SetJudgement;
}

/** Whether two sets hold the same items. */
export function sameSet(a: ReadonlySet<number>, b: ReadonlySet<number>): boolean {
  return a.size === b.size && [...a].every((i) => b.has(i));
}

/** More value, then less spend, then fewer items. */
export function better(a: Incumbent, b: Incumbent): boolean {
  if (a.judgement.steps !== b.judgement.steps) return a.judgement.steps > b.judgement.steps;
  if (a.judgement.spend !== b.judgement.spend) return a.judgement.spend < b.judgement.spend;
  return a.items.size < b.items.size;
}
