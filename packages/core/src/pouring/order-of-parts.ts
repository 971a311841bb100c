import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Slot } from '../catalogue/recipe.js';

/** What goes in before what: an egg first, since a bad one then spoils nothing; sugar under its bitters; the spirit last. */
const RANK = { egg: 0, cube: 0.5, drops: 1, syrup: 2, juice: 3, body: 4, liqueur: 5, base: 6 } as const;

function rankOf(slot: Slot, kind: Kind | undefined): number {
  if (kind?.tastes.includes('egg')) return RANK.egg;
  if (slot.amount.measure === 'cube') return RANK.cube;
  if (slot.role === 'seasoning' || slot.amount.measure === 'dash' || slot.amount.measure === 'drop')
    return RANK.drops;
  if (slot.role === 'base') return RANK.base;
  if (kind === undefined) return RANK.liqueur;
  if (kind.supply === 'bottle' && kind.abv > 0) return RANK.liqueur;
  if (kind.supply === 'home-made' || slot.role === 'sweet') return RANK.syrup;
  return slot.role === 'sour' ? RANK.juice : RANK.body;
}

/**
 * Parts in the order they go into the tin: cheap and small first, costly last, so that a slip costs little
 * (common practice): egg, sugar cube, dashes, syrup, juice, cream and the like, liqueurs and wines, the spirit.
 */
export function inPouringOrder(slots: readonly Slot[], kinds: ReadonlyMap<string, Kind>): Slot[] {
  const key = (slot: Slot) => [rankOf(slot, kinds.get(slot.kind)), amountMl(slot.amount) ?? 0] as const;
  return [...slots].sort((a, b) => {
    const [x, y] = [key(a), key(b)];
    return x[0] - y[0] || x[1] - y[1];
  });
}

/** The place of a slot in that order, for parts of several drinks poured together. */
export function pouringRank(slot: Slot, kinds: ReadonlyMap<string, Kind>): number {
  return rankOf(slot, kinds.get(slot.kind));
}
