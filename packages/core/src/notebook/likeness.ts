import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import { drinkKey, type Family, type Recipe } from '../catalogue/recipe.js';
import { drinkFigures, isDrunk, per100Ml, slotMl } from '../drink/figures.js';

/** What a drink is like: shares of its volume by what does which job, its figures, and how it is made. */
type Traits = Map<string, number>;

/** How much each trait tells two drinks apart (set by hand: a hot drink is no sour, whatever is in it). */
const WEIGHT: Record<string, number> = {
  method: 0.35, ice: 0.1, fizzy: 0.8, egg: 0.7, creamy: 0.7, coffee: 0.6, mint: 0.5, hot: 1, strong: 1.2, sugar: 0.6, acid: 1,
}; // prettier-ignore

function traitsOf(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): Traits {
  const traits: Traits = new Map();
  const add = (name: string, by: number) => traits.set(name, (traits.get(name) ?? 0) + by);
  const figures = drinkFigures(recipe, kinds);
  for (const slot of recipe.slots) {
    const kind = kinds.get(slot.kind);
    if (kind === undefined || !isDrunk(slot) || slot.optional) continue;
    const ml = slotMl(slot, kind);
    const share = figures.mixMl === 0 ? 0 : ml / figures.mixMl;
    const isSour = kind.supply === 'fresh' && kind.acidGPerL > 20;
    add(`job.${isSour ? 'sour' : kind.abv > 0.3 ? 'base' : kind.job}`, share);
    // A dash of bitters is small and tells much.
    if (amountMl(slot.amount) !== undefined && slot.role === 'seasoning') add('seasoned', 0.3);
    for (const taste of kind.tastes) traits.set(taste, WEIGHT[taste] ?? 0.3);
  }
  traits.set('strong', figures.abv * (WEIGHT.strong ?? 1) * 3);
  traits.set('sugar', (per100Ml(figures.sugarG, figures) / 20) * (WEIGHT.sugar ?? 1));
  traits.set('acid', (per100Ml(figures.acidG, figures) / 1.5) * (WEIGHT.acid ?? 1));
  traits.set(`method.${recipe.method}`, recipe.method === 'hot' ? (WEIGHT.hot ?? 1) : (WEIGHT.method ?? 0));
  traits.set(`ice.${recipe.ice}`, WEIGHT.ice ?? 0);
  traits.set('long', Math.min(1, figures.servedMl / 250));
  if (figures.abv < 0.005) traits.set('without', 1);
  return traits;
}

function apart(a: Traits, b: Traits): number {
  let sum = 0;
  for (const name of new Set([...a.keys(), ...b.keys()])) sum += ((a.get(name) ?? 0) - (b.get(name) ?? 0)) ** 2;
  return Math.sqrt(sum);
} // prettier-ignore

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
  const votes = new Map<Family, number>();
  library
    .filter((r) => r.id !== recipe.id)
    .map((r) => ({ family: r.family, far: apart(mine, traitsOf(r, kinds)) }))
    .sort((a, b) => a.far - b.far)
    .slice(0, NEIGHBOURS)
    .forEach(({ family, far }) => votes.set(family, (votes.get(family) ?? 0) + 1 / (0.05 + far)));
  return [...votes].sort((a, b) => b[1] - a[1]).map(([family]) => family);
}

/** A drink that is nearly another, and how nearly, 0 to 1. */
export interface Twin {
  id: string;
  likeness: number;
}

/** From here on two drinks are one under two names. */
const TWIN = 0.9;
const MOST_TWINS = 3;

/** Shares of what is measured, by kind; what is counted or dashed as a small share. */
function substance(recipe: Recipe): Map<string, number> {
  const slots = recipe.slots.filter((s) => !s.optional && s.role !== 'garnish');
  const total = slots.reduce((sum, s) => sum + (amountMl(s.amount) ?? 0), 0);
  return new Map(slots.map((s) => [s.kind, total === 0 ? 0 : Math.max(0.03, (amountMl(s.amount) ?? 0) / total)])); // prettier-ignore
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
    .slice(0, MOST_TWINS);
}
const sum = (shares: ReadonlyMap<string, number>) => [...shares.values()].reduce((a, b) => a + b, 0);
