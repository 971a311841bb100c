import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';

/** Garnishes by which a drink is told from another, by the word that names them. */
const MAKING_GARNISHES: readonly [word: RegExp, kind: string][] = [
  [/\bonion\b/i, 'cocktail-onion'],
  [/\bolives?\b/i, 'olive'],
  [/\bcherr(y|ies)\b/i, 'cocktail-cherry'],
];

/** Drinks named for a garnish that is no part of them: without it they are another drink. */
export function garnishFaults(catalogue: Catalogue): Fault[] {
  return catalogue.recipes.flatMap((recipe, i) =>
    MAKING_GARNISHES.flatMap(([word, kind]): Fault[] =>
      word.test(`${recipe.name} ${recipe.variant ?? ''}`) &&
      catalogue.kinds.some((k) => k.id === kind) &&
      !recipe.slots.some((s) => s.kind === kind || s.or.includes(kind))
        ? [
            {
              code: 'method',
              pointer: `/recipes/${i}/slots`,
              detail: `${recipe.id} is named for its garnish; give it a slot of ${kind} with the role garnish`,
            },
          ]
        : [],
    ),
  );
}
