import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import { drinkKey, type Family, type Recipe } from '../catalogue/recipe.js';
import { drinkFigures, isDrunk, per100Ml, slotMl } from '../drink/figures.js';

/** What a drink is like: shares of its volume by what does which job, its figures, and how it is made. */
type Traits = Map<string, number>;

/** How much each trait tells two drinks apart (set by hand: a hot drink is no sour, whatever is in it). */
const WEIGHT: Record<string, number> = {
  method: 0.35,
  ice: 0.1,
  fizzy: 0.8,
  egg: 0.7,
  creamy: 0.7,
  coffee: 0.6,
  mint: 0.5,
  hot: 1,
  strong: 1.2,
  sugar: 0.6,
  acid: 1,
};

const weight = (name: string, usual = 0) => WEIGHT[name] ?? usual;

/** What the parts of a drink bring to its traits: each by its share of the mix. */
function addParts(traits: Traits, recipe: Recipe, kinds: ReadonlyMap<string, Kind>, mixMl: number): void {
  const add = (name: string, by: number) => traits.set(name, (traits.get(name) ?? 0) + by);
  for (const slot of recipe.slots) {
    const kind = kinds.get(slot.kind);
    if (kind === undefined || !isDrunk(slot) || slot.optional) continue;
    const isSour = kind.supply === 'fresh' && kind.acidGPerL > 20;
    const job = isSour ? 'sour' : kind.abv > 0.3 ? 'base' : kind.job;
    add(`job.${job}`, mixMl === 0 ? 0 : slotMl(slot, kind) / mixMl);
    // A dash of bitters is small and tells much.
    if (amountMl(slot.amount) !== undefined && slot.role === 'seasoning') add('seasoned', 0.3);
    for (const taste of kind.tastes) traits.set(taste, weight(taste, 0.3));
  }
}

function traitsOf(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): Traits {
  const traits: Traits = new Map();
  const figures = drinkFigures(recipe, kinds);
  addParts(traits, recipe, kinds, figures.mixMl);
  traits.set('strong', figures.abv * weight('strong', 1) * 3);
  traits.set('sugar', (per100Ml(figures.sugarG, figures) / 20) * weight('sugar', 1));
  traits.set('acid', (per100Ml(figures.acidG, figures) / 1.5) * weight('acid', 1));
  traits.set(`method.${recipe.method}`, recipe.method === 'hot' ? weight('hot', 1) : weight('method'));
  traits.set(`ice.${recipe.ice}`, weight('ice'));
  traits.set('long', Math.min(1, figures.servedMl / 250));
  if (figures.abv < 0.005) traits.set('without', 1);
  return traits;
}

/** Traits of a drink of a library, and how far they are from nothing at all. */
interface Known {
  recipe: Recipe;
  traits: Traits;
  length2: number;
}
const length2 = (traits: Traits) => [...traits.values()].reduce((sum, v) => sum + v * v, 0);

/** A library's traits are worked out once: thousands of drinks are held against it one after the other. */
const known = new WeakMap<readonly Recipe[], { kinds: ReadonlyMap<string, Kind>; all: Known[] }>();
function traitsOfAll(library: readonly Recipe[], kinds: ReadonlyMap<string, Kind>): Known[] {
  const before = known.get(library);
  if (before?.kinds === kinds) return before.all;
  const all = library.map((recipe): Known => {
    const traits = traitsOf(recipe, kinds);
    return { recipe, traits, length2: length2(traits) };
  });
  known.set(library, { kinds, all });
  return all;
}

/** How far two drinks are apart: |a − b|, by way of |a|² + |b|² − 2ab, so that only shared traits are looked at. */
function apart(mine: Traits, mine2: number, other: Known): number {
  let shared = 0;
  for (const [name, value] of mine) shared += value * (other.traits.get(name) ?? 0);
  return Math.sqrt(Math.max(0, mine2 + other.length2 - 2 * shared));
}

/** So many neighbours have a say in what family a drink is of. */
const NEIGHBOURS = 7;

/**
 * The family that a drink is most like: its nearest neighbours in the library vote, the nearer the louder.
 *
 * @returns families, the likeliest first.
 */
export function familiesLike(
  recipe: Recipe,
  library: readonly Recipe[],
  kinds: ReadonlyMap<string, Kind>,
): Family[] {
  const mine = traitsOf(recipe, kinds);
  const mine2 = length2(mine);
  // Only the nearest are kept in order: a book of recipes asks this thousands of times.
  const nearest: { family: Family; far: number }[] = [];
  for (const k of traitsOfAll(library, kinds)) {
    if (k.recipe.id === recipe.id) continue;
    const far = apart(mine, mine2, k);
    if (nearest.length === NEIGHBOURS && far >= (nearest.at(-1)?.far ?? 0)) continue;
    const at = nearest.findIndex((n) => n.far > far);
    nearest.splice(at < 0 ? nearest.length : at, 0, { family: k.recipe.family, far });
    nearest.length = Math.min(nearest.length, NEIGHBOURS);
  }
  const votes = new Map<Family, number>();
  for (const { family, far } of nearest) votes.set(family, (votes.get(family) ?? 0) + 1 / (0.05 + far));
  return [...votes].sort((a, b) => b[1] - a[1]).map(([family]) => family);
}

/** A drink that is nearly another, and how nearly, 0 to 1. */
export interface Twin {
  id: string;
  likeness: number;
}

/** From here on two drinks are one under two names. */
const TWIN = 0.9;
const MAX_TWINS = 3;

/** Shares of what is measured, by kind; what is counted or dashed as a small share. */
function substance(recipe: Recipe): Map<string, number> {
  const slots = recipe.slots.filter((s) => !s.optional);
  const total = slots.reduce((sum, s) => sum + (amountMl(s.amount) ?? 0), 0);
  return new Map(
    slots.map((s) => [s.kind, total === 0 ? 0 : Math.max(0.03, (amountMl(s.amount) ?? 0) / total)]),
  );
}

/** The drinks of a library that a drink is nearly: by the shares of what is in them, the same ice. */
export function twinsOf(recipe: Recipe, library: readonly Recipe[]): Twin[] {
  const mine = substance(recipe);
  return library
    .filter((r) => r.id !== recipe.id && drinkKey(r) !== drinkKey(recipe))
    .flatMap((r): Twin[] => {
      const other = substance(r);
      let shared = 0;
      for (const [kind, share] of mine) {
        const also = [kind, ...r.slots.flatMap((s) => (s.or.includes(kind) ? [s.kind] : []))];
        shared += Math.min(share, Math.max(...also.map((k) => other.get(k) ?? 0)));
      }
      const likeness = shared / Math.max(sum(mine), sum(other));
      return likeness >= TWIN ? [{ id: r.id, likeness }] : [];
    })
    .sort((a, b) => b.likeness - a.likeness || (a.id < b.id ? -1 : 1))
    .slice(0, MAX_TWINS);
}
const sum = (shares: ReadonlyMap<string, number>) => [...shares.values()].reduce((a, b) => a + b, 0);
