import type { Catalogue } from '../catalogue/catalogue.js';
import type { Recipe, Slot } from '../catalogue/recipe.js';
import { standInsOf } from './stand-ins.js';

/** What goes into the glass for one slot of a recipe, from what is at hand. */
export interface PouredSlot {
  slot: Slot;
  /** Kinds poured; more than one for a composite stand-in. Empty when nothing at hand will do. */
  kinds: string[];
  /** How much of each for one part of the slot's amount. */
  parts: number[];
  match: number;
  /** What a stand-in changes in the glass. */
  changes?: string;
}

/**
 * How a drink is poured from the capabilities at hand: each slot's best holding alternative, first
 * in the catalogue's order among equals. Fresh kinds are always at hand.
 *
 * @param have kinds at hand, with everything they are a kind of.
 */
export function pouredWith(
  recipe: Recipe,
  catalogue: Pick<Catalogue, 'kinds' | 'standIns' | 'oneForTwo'>,
  have: ReadonlySet<string>,
  minMatch: number,
): PouredSlot[] {
  const fresh = new Set(catalogue.kinds.filter((k) => k.supply === 'fresh').map((k) => k.id));
  const held = (id: string) => have.has(id) || fresh.has(id);
  const poured = recipe.slots.map((slot): PouredSlot => {
    const exact = [slot.kind, ...slot.or].find(held);
    if (exact !== undefined) return { slot, kinds: [exact], parts: [1], match: 1 };
    const standIn = standInsOf(recipe, slot, catalogue)
      .filter((s) => s.match >= minMatch && s.with.every(held))
      .sort((a, b) => b.match - a.match)[0];
    if (standIn === undefined) return { slot, kinds: [], parts: [], match: 0 };
    const { parts = standIn.with.map(() => 1) } = standIn;
    return { slot, kinds: standIn.with, parts, match: standIn.match, changes: standIn.changes };
  });
  return poured.map((mine) => simplerWhereOne(mine, poured, fresh, catalogue.oneForTwo));
}

/** A part that is poured from the bottle of another, which asked for something else, makes a simpler drink. */
function simplerWhereOne(
  mine: PouredSlot,
  all: readonly PouredSlot[],
  fresh: ReadonlySet<string>,
  oneForTwo: number,
): PouredSlot {
  const { slot, kinds, match, changes = '' } = mine;
  const isTwin = (other: PouredSlot) =>
    !other.slot.optional &&
    other.slot.kind !== slot.kind &&
    other.kinds.some((kind) => kinds.includes(kind) && !fresh.has(kind));
  // It is said where the stand-in is, not beside what was asked for.
  if (slot.optional || match === 1 || !all.some(isTwin)) return mine;
  const simpler = `${changes} Simpler: one bottle is poured instead of two.`.trim();
  return { ...mine, match: Math.min(match, oneForTwo), changes: simpler };
}
