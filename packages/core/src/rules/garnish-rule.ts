import type { Fault } from '../base/fault.js';
import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import { isRead, type GarnishForm } from '../catalogue/garnish.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { techniquesOf } from '../kit/techniques-of.js';

/** Garnishes by which a drink is told from another, by the word that names them. */
const MAKING_GARNISHES: readonly [word: RegExp, kind: string][] = [
  [/\bonion\b/i, 'cocktail-onion'],
  [/\bolives?\b/i, 'olive'],
  [/\bcherr(y|ies)\b/i, 'cocktail-cherry'],
];

const isCitrus = (kind: Kind) => (kind.whole?.pieces ?? 0) > 1;
const isHerb = (kind: Kind) => kind.herb === true;
/** What a form can be cut or made of. */
const FITS: Readonly<Partial<Record<GarnishForm, (kind: Kind) => boolean>>> = {
  twist: isCitrus,
  flame: isCitrus,
  peel: isCitrus,
  'half-wheel': isCitrus,
  sprig: isHerb,
  drops: (kind) => kind.supply !== 'fresh',
  crust: (kind) => kind.keepsAs === 'plain' || kind.keepsAs === 'spice',
};

function formFaults(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): string[] {
  return recipe.garnish.flatMap((g) => {
    if (!isRead(g)) return [`${recipe.id}: "${g.words}" is a sentence; say its kind, form, count and place`];
    return [g, ...g.or].flatMap(({ kind: id, form }) => {
      const kind = kinds.get(id);
      if (kind === undefined) return [`${recipe.id}: there is no kind "${id}" to garnish with`];
      if (kind.one === undefined) return [`${recipe.id}: "${id}" has no word for one of it`];
      return FITS[form]?.(kind) === false ? [`${recipe.id}: ${kind.name} gives no ${form}`] : [];
    });
  });
}

/** Garnishes that cannot be: of no known kind, cut as it is not cut, with work that the kit does not know. */
function workFaults(recipe: Recipe, catalogue: Catalogue, kinds: ReadonlyMap<string, Kind>): string[] {
  const known = new Set(catalogue.techniques.map((t) => t.id));
  return techniquesOf({ ...recipe, slots: [], method: 'build', ice: 'none', strain: 'none' }, kinds)
    .filter(({ technique }) => technique !== 'build' && technique !== 'serve' && !known.has(technique))
    .map(({ technique }) => `${recipe.id}: its garnish asks for "${technique}", which the kit does not know`);
}

/** Drinks named for a garnish that they do not have: without it they are another drink. */
function nameFaults(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): string[] {
  const has = new Set([
    ...recipe.slots.flatMap((s) => [s.kind, ...s.or]),
    ...recipe.garnish.filter(isRead).map((g) => g.kind),
  ]);
  return MAKING_GARNISHES.filter(
    ([word, kind]) =>
      word.test(`${recipe.name} ${recipe.variant ?? ''}`) && kinds.has(kind) && !has.has(kind),
  ).map(([, kind]) => `${recipe.id} is named for its garnish; give it one of ${kind}`);
}

/** What is wrong with the garnishes of a catalogue: sentences, impossible cuts, names that they do not keep. */
export function garnishFaults(catalogue: Catalogue): Fault[] {
  const kinds = kindIndex(catalogue.kinds);
  return catalogue.recipes.flatMap((recipe, i) =>
    [...formFaults(recipe, kinds), ...workFaults(recipe, catalogue, kinds), ...nameFaults(recipe, kinds)].map(
      (detail): Fault => ({ code: 'method', pointer: `/recipes/${i}/garnish`, detail }),
    ),
  );
}
