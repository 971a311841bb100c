import type { Fault } from '../base/fault.js';
import { foldText } from '../base/fold.js';
import type { Catalogue } from '../catalogue/catalogue.js';

/** Names that lead to two kinds, or two drinks: a price table or a search could not tell which is meant. */
export function synonymFaults(catalogue: Catalogue): Fault[] {
  const twice = (list: 'kinds' | 'recipes'): Fault[] => {
    const first = new Map<string, string>();
    return catalogue[list].flatMap((entry, i) =>
      [entry.name, ...entry.also].flatMap((name, n): Fault[] => {
        const known = first.get(foldText(name));
        first.set(foldText(name), known ?? entry.id);
        // Variants of one drink may share its name.
        return known === undefined || known === entry.id || sameDrink(catalogue, known, entry.id)
          ? []
          : [
              {
                code: 'name',
                pointer: `/${list}/${i}/${n === 0 ? 'name' : `also/${n - 1}`}`,
                detail: `“${name}” leads to ${known} and to ${entry.id}; let it lead to one`,
              },
            ];
      }),
    );
  };
  return [...twice('kinds'), ...twice('recipes')];
}

function sameDrink({ recipes }: Catalogue, a: string, b: string): boolean {
  const group = (id: string) => recipes.find((r) => r.id === id)?.group;
  return group(a) !== undefined && group(a) === group(b);
}
