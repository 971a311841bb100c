import pluralize from 'pluralize';
import type { Amount } from '../base/amount.js';
import { listed } from '../base/listed.js';
import { isRead, type Garnish, type SaidGarnish } from '../catalogue/garnish.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';

type Kinds = ReadonlyMap<string, Kind>;
type Piece = Pick<Garnish, 'kind' | 'form'>;

/** Rims are put on before anything is poured, all else at the end. */
export function rimsOf({ garnish }: Pick<Recipe, 'garnish'>): Garnish[] {
  return garnish.filter(isRead).filter((g) => g.form === 'crust');
}

/** What dresses a drink at the end. */
export function dressingOf({ garnish }: Pick<Recipe, 'garnish'>): (Garnish | SaidGarnish)[] {
  return garnish.filter((g) => !isRead(g) || g.form !== 'crust');
}

/** What a rim is dipped in, in words: "salt", "sugar and cinnamon"; empty where none is. */
export function sayRims(recipe: Pick<Recipe, 'garnish'>, kinds: Kinds): string {
  return listed(rimsOf(recipe).map((g) => oneOf(g.kind, kinds)));
}

/** Pieces of a fruit as a part: "lime wedges"; undefined for what is called by its name. */
export function sayPieces({ value, measure }: Amount, kind: Kind): string | undefined {
  return kind.one !== undefined && (measure === 'wedge' || measure === 'slice')
    ? pluralize(`${kind.one} ${measure}`, value)
    : undefined;
}

/** One of it, as a garnish is called. */
function oneOf(kind: string, kinds: Kinds): string {
  const known = kinds.get(kind);
  return known?.one ?? known?.name.toLowerCase() ?? kind;
}

/** A piece in words: "lemon twist", "3 coffee beans", "grated nutmeg". */
function sayPiece({ kind, form }: Piece, count: number, kinds: Kinds): string {
  const one = oneOf(kind, kinds);
  const many = (words: string) => (count === 1 ? words : pluralize(words, count, true));
  switch (form) {
    case 'berry':
    case 'cherry':
    case 'olive':
    case 'bean':
      return many(one);
    case 'half-wheel':
      return many(`${one} slice`);
    case 'peel':
      return many(`long ${one} peel`);
    case 'flame':
      return many(`flamed ${one} twist`);
    case 'shell':
      return many(`${one} shell`);
    case 'grated':
      return `grated ${one}`;
    case 'drops':
      return `${pluralize('drop', count, true)} of ${one}`;
    case 'crust':
      return `${one} rim`;
    default:
      return many(`${one} ${form}`);
  }
}

const PLACES: Readonly<Record<Garnish['where'], string>> = {
  rim: '',
  in: '',
  on: ' on top',
  pick: ' on a pick',
  beside: ' beside it',
};

/** One garnish in words: "lemon twist or olive", "2 cherries on a pick, if you like". */
function sayOne(garnish: Garnish | SaidGarnish, kinds: Kinds): string {
  if (!isRead(garnish)) return garnish.words;
  const said = [garnish, ...garnish.or].map((p) => sayPiece(p, garnish.count, kinds)).join(' or ');
  const where = garnish.form === 'drops' ? PLACES.on : garnish.count > 1 ? PLACES[garnish.where] : '';
  return `${said}${where}${garnish.optional ? ', if you like' : ''}`;
}

/**
 * Garnishes in words, all of one drink or some of them; empty where there are none.
 *
 * @example sayGarnish(margarita.garnish, kinds) // 'salt rim and lime wheel'
 */
export function sayGarnish(garnish: readonly (Garnish | SaidGarnish)[], kinds: Kinds): string {
  return listed(garnish.map((g) => sayOne(g, kinds)));
}
