import { upperFirst } from '../base/in-sentence.js';
import { listed } from '../base/listed.js';
import type { CompiledRound, Holds } from './compile-round.js';

/** Why each class comes when it does (common practice). */
const BECAUSE: Record<Holds, string> = {
  base: 'what waits in the glass without ice first',
  stirred: 'stirred drinks hold',
  shaken: 'shaken ones lose their chill sooner',
  foam: 'foam falls',
  last: 'ice and bubbles go in last',
};

/**
 * The order of a round, explained in a sentence; empty for a single drink.
 *
 * @param nameOf a kind within a sentence.
 * @example sayOrder(compiled, (k) => k) // 'Martini before daiquiri: stirred drinks hold, …'
 */
export function sayOrder(
  { orders, served, shared }: CompiledRound,
  nameOf: (kind: string) => string,
): string {
  if (orders.length < 2) return '';
  const names = [...new Set(served.map((s) => orders[s.order]?.drink.name ?? ''))];
  const reasons = [...new Set(served.map((s) => s.holds))].map((h) => BECAUSE[h]);
  const once =
    shared.length === 0
      ? ''
      : ` ${upperFirst(listed(shared.map(nameOf)))}: measured for both while the bottle is in hand.`;
  return `${names.join(', then ')}: ${listed(reasons)}.${once}`;
}
