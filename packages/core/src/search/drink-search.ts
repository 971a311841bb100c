import MiniSearch from 'minisearch';
import { kindAndAncestors, kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import { drinkTastes } from '../drink/tastes.js';

/** Words without accents, case or possessives, so that "Bees Knees" finds Bee's Knees. */
function fold(term: string): string {
  return term
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[’']s?$/u, '')
    .toLowerCase();
}

interface Entry {
  id: string;
  name: string;
  also: string;
  kinds: string;
  family: string;
  tastes: string;
}

/** Finds drinks by name, other names, what is in them and what that is called elsewhere, family and taste. */
export class DrinkSearch {
  private readonly index: MiniSearch<Entry>;

  constructor(catalogue: Catalogue) {
    const kinds = kindIndex(catalogue.kinds);
    const families = new Map(catalogue.families.map((f) => [f.id, f.name]));
    this.index = new MiniSearch<Entry>({
      fields: ['name', 'also', 'kinds', 'family', 'tastes'],
      processTerm: (term) => fold(term) || null,
      searchOptions: {
        boost: { name: 6, also: 4, family: 2 },
        prefix: (term) => term.length > 1,
        // One slip in a short word, two in a long one.
        fuzzy: (term) => (term.length > 7 ? 2 : term.length > 3 ? 1 : 0),
        combineWith: 'AND',
      },
    });
    const words = (id: string) =>
      kindAndAncestors(id, kinds).flatMap((k) => [kinds.get(k)?.name ?? '', ...(kinds.get(k)?.also ?? [])]);
    this.index.addAll(
      catalogue.recipes.map((recipe) => ({
        id: recipe.id,
        name: recipe.name,
        also: [...recipe.also, recipe.school ?? ''].join(' '),
        kinds: recipe.slots
          .flatMap((s) => [s.kind, ...s.or].flatMap((k) => (kinds.has(k) ? words(k) : [])))
          .join(' '),
        family: `${recipe.family} ${families.get(recipe.family) ?? ''} ${recipe.method}`,
        tastes: [...drinkTastes(recipe, kinds)].join(' '),
      })),
    );
  }

  /**
   * Ids of drinks for a text, best first. Every word must be found in a drink; when no drink has
   * them all, those with the most.
   */
  find(text: string): string[] {
    if (text.trim() === '') return [];
    const all = this.index.search(text);
    const hits = all.length > 0 ? all : this.index.search(text, { combineWith: 'OR' });
    return hits.map((hit) => String(hit.id));
  }
}
