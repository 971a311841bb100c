import type { Kind } from '../catalogue/kind.js';
import { recipeSchema, type Recipe } from '../catalogue/recipe.js';
import { NO_ALCOHOL_ABV } from '../drink/strength.js';

/** Begins the ids of what is poured by itself: a spirit neat, a glass of wine, a beer, a soft drink. */
const BY_ITSELF = 'neat-';

/** From here on it is poured as spirits are; below, as port and vermouth are, as wine, as beer. */
const SPIRIT_ABV = 0.25;
const FORTIFIED_ABV = 0.145;
const BEER_ABV = 0.09;

/** How much of a kind is usually poured by itself, and into what. */
interface Usual {
  ml: number;
  glass: string;
}

/**
 * How much of a kind is usually poured by itself, by how strong it is and whether it sparkles (common practice: 50 ml of
 * spirit, 75 of fortified wine, 150 of wine, 120 of sparkling wine, 330 of beer, 200 of a soft drink).
 */
export function usualServing({ abv, tastes }: Pick<Kind, 'abv' | 'tastes'>): Usual {
  const isFizzy = tastes.includes('fizzy');
  if (abv >= SPIRIT_ABV) return { ml: 50, glass: 'rocks' };
  if (abv >= FORTIFIED_ABV) return { ml: 75, glass: 'wine' };
  if (abv <= NO_ALCOHOL_ABV) return { ml: 200, glass: 'highball' };
  if (!isFizzy) return { ml: 150, glass: 'wine' };
  return abv < BEER_ABV ? { ml: 330, glass: 'beer' } : { ml: 120, glass: 'flute' };
}

/** Whether a kind is drunk by itself: what is bottled or canned, but bitters by the dash. */
function isDrunkByItself({ supply, abstract, silhouette, job }: Kind): boolean {
  return (
    !abstract && (supply === 'bottle' || (supply === 'mixer' && job === 'long')) && silhouette !== 'dasher'
  );
}

/**
 * One glass of a kind by itself, as a drink: as strong as it is, with nothing else in it.
 *
 * @example servingOf(bourbon).name // 'Bourbon, by itself'
 */
export function servingOf(kind: Kind, ml = usualServing(kind).ml): Recipe {
  return recipeSchema.parse({
    id: `${BY_ITSELF}${kind.id}`,
    name: `${kind.name}, by itself`.slice(0, 80),
    family: 'highball',
    method: 'build',
    strain: 'none',
    ice: 'none',
    glass: usualServing(kind).glass,
    era: 'before-1900',
    canon: 'own',
    source: 'own',
    slots: [{ kind: kind.id, amount: `${ml} ml`, role: 'base' }],
  });
}

/** What a drink of this id is, where it is a kind by itself; undefined for every other. */
export function servingById(id: string, kinds: ReadonlyMap<string, Kind>): Recipe | undefined {
  const kind = id.startsWith(BY_ITSELF) ? kinds.get(id.slice(BY_ITSELF.length)) : undefined;
  return kind && isDrunkByItself(kind) ? servingOf(kind) : undefined;
}

/** Every kind that is drunk by itself, as a drink. */
export function servings(kinds: Iterable<Kind>): Recipe[] {
  return [...kinds].filter(isDrunkByItself).map((kind) => servingOf(kind));
}
