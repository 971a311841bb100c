import { oncePer } from '../base/once-per.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import type { Need } from '../catalogue/tool.js';
import type { Kit } from './kit.js';
import { techniquesOf } from './techniques-of.js';

/** Capability under which a need goes into a plan problem. */
export function needCapability(needId: string): string {
  return `need:${needId}`;
}

// Asked for every drink.
const needsById = oncePer(
  (techniques: Catalogue['techniques']): ReadonlyMap<string, Need> =>
    new Map(techniques.flatMap((t) => t.needs.map((need) => [need.id, need] as const))),
);
const techniquesById = oncePer(
  (techniques: Catalogue['techniques']) => new Map(techniques.map((t) => [t.id, t])),
);

/** Every need of the catalogue's techniques, by id. */
export function needIndex({ techniques }: Pick<Catalogue, 'techniques'>): ReadonlyMap<string, Need> {
  return needsById(techniques);
}

/** Needs of a drink, by id: those it cannot be made without, or all that it asks for. */
export function needsOf(
  recipe: Recipe,
  catalogue: Pick<Catalogue, 'techniques'>,
  kinds: ReadonlyMap<string, Kind>,
  which: 'needed' | 'all' = 'needed',
): string[] {
  const byId = techniquesById(catalogue.techniques);
  const uses = techniquesOf(recipe, kinds).filter((u) => which === 'all' || u.needed);
  return [...new Set(uses.flatMap((u) => byId.get(u.technique)?.needs.map((n) => n.id) ?? []))];
}

/** What covers a need: a thing of the household's, or its hands and whatever is about. */
export type CoveredBy = { by: 'tool' | 'kitchen' | 'vessel'; id: string } | { by: 'hands' };

/**
 * What the household has for a need: a tool, a thing from the kitchen where the attitude allows it, or for measuring
 * any vessel with known lines; at home hands, where they will do. Undefined when it has nothing.
 *
 * @example coveredBy(need, kit)?.by // 'tool', 'kitchen', 'vessel', 'hands' or undefined
 */
export function coveredBy(need: Need, kit: Kit): CoveredBy | undefined {
  const owned = new Set(kit.tools.map((t) => t.id));
  const tool = need.tools.find((id) => owned.has(id));
  if (tool !== undefined) return { by: 'tool', id: tool };
  const [vessel] = kit.vessels;
  if (need.id === 'measure' && vessel) return { by: 'vessel', id: vessel.id };
  if (kit.attitude === 'professional') return undefined;
  const thing = need.kitchen.find((id) => kit.kitchen.includes(id));
  if (thing !== undefined) return { by: 'kitchen', id: thing };
  return need.hands && kit.attitude === 'home' ? { by: 'hands' } : undefined;
}

/** Needs that nothing at home covers. */
export function uncovered(needs: readonly string[], index: ReadonlyMap<string, Need>, kit: Kit): string[] {
  return needs.filter((id) => {
    const need = index.get(id);
    return need !== undefined && coveredBy(need, kit) === undefined;
  });
}
