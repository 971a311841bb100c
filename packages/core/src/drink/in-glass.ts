import { NO_ALCOHOL_ABV } from './strength.js';
import { ALLERGENS, type Allergen, type Kind } from '../catalogue/kind.js';
import { kindAndAncestors } from '../catalogue/catalogue.js';
import { garnishKinds } from '../catalogue/garnish.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures, type DrinkFigures } from './figures.js';
import { garnishHolds } from './garnish-allergens.js';
import { drinkTastes, type Taste } from './tastes.js';

/** What is in one glass of a drink as it is poured. */
export interface InGlass {
  /** The drink as poured: its parts are what is really in it. */
  drink: Recipe;
  /** Kinds in it, each once, in the order of the recipe. */
  parts: string[];
  figures: DrinkFigures;
  tastes: ReadonlySet<Taste>;
  /** What it holds, or may hold: optional parts, garnish and rim included. */
  allergens: Allergen[];
  /** What it may hold beside them: a trace, or in what some makers sell of a part. */
  mayHold: Allergen[];
  /** Whatever may be in it, what that is a kind of or was made of at home, and what dresses it. */
  kinds: ReadonlySet<string>;
  /** Kinds, and words of the garnish, of which nobody has said what allergens they hold. */
  unknown: string[];
  /** At most 0.5 % vol, whichever of what may be poured is, and what stands beside it. */
  noAlcohol: boolean;
  /** Cautions of what is in it, each once. */
  cautions: string[];
}

/** What else may be poured in place of a part before the glass is full: another bottle of the kind, a stand-in. */
export interface MayBe {
  kinds: readonly string[];
  /** The drink with the strongest of them in each place. */
  strongest?: Recipe;
}

/** Kinds, what they are kinds of, and what they were made of at home, however deep. */
function madeWith(of: readonly string[], kinds: ReadonlyMap<string, Kind>): ReadonlySet<string> {
  const all = new Set<string>();
  const open = [...of];
  for (let id = open.pop(); id !== undefined; id = open.pop())
    for (const one of kindAndAncestors(id, kinds))
      if (!all.has(one)) {
        all.add(one);
        open.push(...(kinds.get(one)?.madeOf ?? []));
      }
  return all;
}

/**
 * What is in a glass: the one answer to who may have a drink, what it is called of, how strong, sweet and sour it is.
 * Whatever is shown, printed, offered or accepted asks this, of the drink as it is poured and never as it is printed.
 *
 * @param drink as poured: every slot of it goes in, the optional too.
 * @param kinds as they are in this house: real bottles, batches and own ingredients.
 * @example inGlass(withFillings(negroni, fillings), kinds).allergens // ['sulphites']
 */
export function inGlass(
  drink: Recipe,
  kinds: ReadonlyMap<string, Kind>,
  mayBe: MayBe = { kinds: [] },
): InGlass {
  const poured = { ...drink, slots: drink.slots.map((s) => ({ ...s, optional: false })) };
  const parts = [...new Set(drink.slots.map((s) => s.kind))];
  const all = [...new Set([...parts, ...mayBe.kinds])];
  const garnish = garnishHolds(drink.garnish, kinds);
  const has = new Set([...all.flatMap((id) => kinds.get(id)?.allergens ?? []), ...garnish.allergens]);
  const every = [...all, ...garnishKinds(drink.garnish)];
  const may = new Set(every.flatMap((id) => kinds.get(id)?.mayHold ?? []));
  const figures = drinkFigures(drink, kinds);
  const strongest = Math.max(figures.abv, mayBe.strongest ? drinkFigures(mayBe.strongest, kinds).abv : 0);
  const isStrongBeside = drink.slots.some((s) => s.beside && (kinds.get(s.kind)?.abv ?? 0) > NO_ALCOHOL_ABV);
  const noAlcohol = strongest <= NO_ALCOHOL_ABV && !isStrongBeside;
  const cautions = [...parts, ...garnishKinds(drink.garnish)].flatMap((id) => {
    const { caution = [], cautionForChildren = [] } = kinds.get(id) ?? {};
    return [caution, noAlcohol ? cautionForChildren : []].flat();
  });
  return {
    drink,
    parts,
    figures,
    tastes: drinkTastes(poured, kinds),
    allergens: ALLERGENS.filter((a) => has.has(a)),
    mayHold: ALLERGENS.filter((a) => may.has(a) && !has.has(a)),
    kinds: madeWith(every, kinds),
    unknown: [...all.filter((id) => kinds.get(id)?.allergensStated !== true), ...garnish.unknown],
    noAlcohol,
    cautions: [...new Set(cautions)],
  };
}

/**
 * What is in a glass made just as a recipe is written: every part that it names, the equal ones too. For a recipe on
 * paper, in a book or being written, where nobody can know which bottle is poured.
 */
export function asWritten(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): InGlass {
  return inGlass(recipe, kinds, { kinds: recipe.slots.flatMap((s) => s.or) });
}
