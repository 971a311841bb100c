import { amountMl } from '../base/amount.js';
import { median } from '../base/numbers.js';
import { kindAndAncestors, kindIndex, type Catalogue } from '../catalogue/catalogue.js';

type Library = Pick<Catalogue, 'kinds' | 'recipes' | 'standIns'>;

/** ml that the library's drinks ask for, by the kind they name: each needed part that is poured, and its equals. */
function poursByKind(recipes: Library['recipes']): Map<string, number[]> {
  const pours = new Map<string, number[]>();
  for (const { slots } of recipes)
    for (const { kind, or, amount, optional } of slots) {
      const ml = amountMl(amount) ?? 0;
      if (optional || ml <= 0) continue;
      for (const id of [kind, ...or]) pours.set(id, [...(pours.get(id) ?? []), ml]);
    }
  return pours;
}

/**
 * What one glass takes of each kind, ml: the median over the library's drinks that ask for it; where none does, over
 * those that ask for what it is a kind of; where none does that either, for what it stands in for. A kind that is
 * in nothing is not there.
 *
 * @example typicalPours(catalogue).get('dry-gin') // 45
 */
export function typicalPours({ kinds, recipes, standIns }: Library): ReadonlyMap<string, number> {
  const index = kindIndex(kinds);
  const pours = poursByKind(recipes);
  const asked = (id: string) => kindAndAncestors(id, index).find((above) => pours.has(above));
  return new Map(
    kinds.flatMap(({ id }) => {
      const own = asked(id);
      const as =
        own === undefined ? standIns.filter((s) => s.with.includes(id)).map((s) => asked(s.for)) : [own];
      const ml = median(as.flatMap((above) => pours.get(above ?? '') ?? []));
      return ml === undefined ? [] : [[id, ml] as const];
    }),
  );
}
