import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import type { PlanResult } from './answer.js';
import type { Brief } from './brief.js';
import { poursOfSet } from './pours-of-set.js';
import { meanUses, type Uses } from './uses.js';

/** Use of the kinds of a set, by the drinks that it makes: equal kinds and stand-ins counted. */
export function usesOfSet(
  result: Pick<PlanResult, 'answer' | 'inUse' | 'items'>,
  catalogue: Pick<Catalogue, 'kinds' | 'standIns' | 'oneForTwo'>,
  recipes: ReadonlyMap<string, Recipe>,
  kinds: ReadonlyMap<string, Kind>,
  brief: Pick<Brief, 'attitude' | 'keepsWine'>,
): Uses {
  const { items, pours } = poursOfSet(result, catalogue, recipes, kinds, brief);
  const kindOf = new Map(items.map((i) => [i.id, i.kindId]));
  return meanUses(pours.map((drink) => new Map([...drink].map(([id, ml]) => [kindOf.get(id) ?? id, ml]))));
}
