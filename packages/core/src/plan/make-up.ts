import type { Kind } from '../catalogue/kind.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';
import type { PlanResult } from './answer.js';

/** What a set is made up of. Whoever shows one of these counts takes it from here. */
export interface MakeUp {
  /** Bottles the money buys, and bottles that are owned already and stay in the set. */
  bought: number;
  owned: number;
  /** Syrups and the like, made here or bottled: what the money buys of them, or of what they are made from. */
  syrups: number;
  /** What drinks are lengthened with; hot sauce, brine and the like are seasonings. */
  mixers: number;
  seasonings: number;
  tools: number;
  /** Glasses, one by one. */
  glasses: number;
}

/** What a bought thing is counted among. */
function shelfOf(kind: Kind | undefined): 'syrups' | 'mixers' | 'seasonings' | 'bought' {
  if (kind?.supply === 'home-made') return 'syrups';
  if (kind?.supply !== 'mixer') return 'bought';
  return kind.job === 'sweet' ? 'syrups' : kind.job === 'long' ? 'mixers' : 'seasonings';
}

/** Count what a set is made up of; nothing while there is none. */
export function makeUpOf(result: PlanResult | undefined, kinds: ReadonlyMap<string, Kind>): MakeUp {
  const up = { bought: 0, owned: 0, syrups: 0, mixers: 0, seasonings: 0, tools: 0, glasses: 0 };
  if (result === undefined) return up;
  const items = new Map(result.items.map((i) => [i.id, i]));
  const kit = new Map(result.kit.map((i) => [i.id, i]));
  const packs = new Set(result.packs.map((p) => p.id));
  for (const id of result.inUse) {
    if (packs.has(id)) continue;
    const piece = kit.get(id);
    if (piece) {
      if (piece.glassId === undefined) up.tools += 1;
      else up.glasses += piece.pieces;
      continue;
    }
    const item = items.get(id);
    const kind = kinds.get(item?.kindId ?? '');
    const shelf = shelfOf(kind);
    if (!item?.owned) up[shelf === 'bought' && item?.made ? 'syrups' : shelf] += 1;
    else if (kind?.supply === 'bottle') up.owned += 1;
  }
  return up;
}

/** The drinks a set makes, variants of one drink counted once. */
export interface OpenCounts {
  all: number;
  /** Some variant of it is poured just as it is written. */
  asWritten: number;
  /** Every way to it that is open takes a stand-in. */
  withStandIn: number;
  /** Of all of them, those without alcohol. */
  withoutAlcohol: number;
}

/** Count the drinks of an answer by how they are open. */
export function openCounts(
  drinks: readonly { id: string; fit: number }[],
  recipes: ReadonlyMap<string, Recipe>,
): OpenCounts {
  const best = new Map<string, { fit: number; soft: boolean }>();
  for (const { id, fit } of drinks) {
    const recipe = recipes.get(id);
    const key = drinkKey(recipe ?? { id, group: undefined });
    best.set(key, { fit: Math.max(fit, best.get(key)?.fit ?? 0), soft: recipe?.family === 'no-alcohol' });
  }
  const counted = [...best.values()];
  const asWritten = counted.filter((d) => d.fit >= 1).length;
  return {
    all: counted.length,
    asWritten,
    withStandIn: counted.length - asWritten,
    withoutAlcohol: counted.filter((d) => d.soft).length,
  };
}
