import { withArticle } from '../base/article.js';
import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { Brief } from './brief.js';

type Known = Pick<Catalogue, 'kinds' | 'recipes' | 'pantry'>;

/** Lists of a brief that name things of the catalogue; a bottle to keep belongs to a shop, which may change. */
const NAMING = {
  mustDrinks: 'drink',
  ownedPantry: 'pantry thing',
  neverKinds: 'kind',
} as const;

function knownIds({ kinds, recipes, pantry }: Known) {
  const ids = (things: readonly { id: string }[]) => new Set(things.map((t) => t.id));
  return { drink: ids(recipes), kind: ids(kinds), 'pantry thing': ids(pantry) };
}

/** What a brief names that the catalogue does not know, by where it stands. */
export function strangersInBrief(brief: Brief, catalogue: Known): Fault[] {
  const known = knownIds(catalogue);
  return (Object.keys(NAMING) as (keyof typeof NAMING)[]).flatMap((list) =>
    brief[list].flatMap((id, i): Fault[] =>
      known[NAMING[list]].has(id)
        ? []
        : [
            {
              code: 'unknown',
              pointer: `/brief/${list}/${i}`,
              detail: `"${id}" is not ${withArticle(NAMING[list])} we know`,
            },
          ],
    ),
  );
}

/** A brief without what the catalogue has let go of since it was written. */
export function withoutStrangers(brief: Brief, catalogue: Known): Brief {
  const known = knownIds(catalogue);
  const kept = (Object.keys(NAMING) as (keyof typeof NAMING)[]).map((list) => [
    list,
    brief[list].filter((id) => known[NAMING[list]].has(id)),
  ]);
  return { ...brief, ...(Object.fromEntries(kept) as Pick<Brief, keyof typeof NAMING>) };
}
