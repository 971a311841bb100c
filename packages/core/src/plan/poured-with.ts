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
  fit: number;
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
  catalogue: Pick<Catalogue, 'kinds' | 'standIns'>,
  have: ReadonlySet<string>,
  minFit: number,
): PouredSlot[] {
  const fresh = new Set(catalogue.kinds.filter((k) => k.supply === 'fresh').map((k) => k.id));
  const held = (id: string) => have.has(id) || fresh.has(id);
  return recipe.slots.map((slot) => {
    const exact = [slot.kind, ...slot.or].find(held);
    if (exact !== undefined) return { slot, kinds: [exact], parts: [1], fit: 1 };
    const standIn = standInsOf(recipe, slot, catalogue)
      .filter((s) => s.fit >= minFit && s.with.every(held))
      .sort((a, b) => b.fit - a.fit)[0];
    if (standIn === undefined) return { slot, kinds: [], parts: [], fit: 0 };
    const { parts = standIn.with.map(() => 1) } = standIn;
    return { slot, kinds: standIn.with, parts, fit: standIn.fit, changes: standIn.changes };
  });
}
