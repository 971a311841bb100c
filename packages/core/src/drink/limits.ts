import { foldText } from '../base/fold.js';
import { listed } from '../base/listed.js';
import { ALLERGENS, type Allergen } from '../catalogue/kind.js';
import type { InGlass } from './in-glass.js';

/** What somebody cannot have. Tastes they dislike are another matter: those are never dangerous. */
export interface Limits {
  allergens: readonly Allergen[];
  /** Ingredients that they cannot have, by kind: pineapple, whatever is no allergen of the list. */
  without?: readonly string[];
  noAlcohol: boolean;
  /** Who drives drinks nothing with alcohol: there is no amount that is safe. */
  drives: boolean;
}

/** Why somebody cannot have a glass. */
export interface Refusal {
  /** What is in it that they cannot have. */
  allergens: Allergen[];
  /** What may be in it that they cannot have, of some makers or as a trace. */
  mayHold: Allergen[];
  /** Kinds in it that they cannot have. */
  kinds: string[];
  /** Parts of which nobody knows, where they cannot have something: unknown is not "none". */
  unknown: string[];
  alcohol: boolean;
}

type Judged = Pick<InGlass, 'allergens' | 'mayHold' | 'kinds' | 'unknown' | 'noAlcohol'>;

/**
 * Why somebody cannot have a glass; undefined where nothing speaks against it. What nobody knows counts as what they
 * cannot have.
 *
 * @example refusalOf({ allergens: ['nuts'], noAlcohol: false, drives: false }, glass)?.allergens // ['nuts']
 */
export function refusalOf(
  { allergens, without = [], noAlcohol, drives }: Limits,
  glass: Judged,
): Refusal | undefined {
  const held = glass.allergens.filter((a) => allergens.includes(a));
  const mayHold = glass.mayHold.filter((a) => allergens.includes(a));
  const kinds = without.filter((kind) => glass.kinds.has(kind));
  const unknown = allergens.length + without.length > 0 ? glass.unknown : [];
  const alcohol = (noAlcohol || drives) && !glass.noAlcohol;
  const isRefused = held.length + mayHold.length + kinds.length + unknown.length > 0 || alcohol;
  return isRefused ? { allergens: held, mayHold, kinds, unknown, alcohol } : undefined;
}

/** Whether somebody may have a glass at all. */
export function mayHave(limits: Limits, glass: Judged): boolean {
  return refusalOf(limits, glass) === undefined;
}

/** No limits at all: of somebody of whom nothing was said. */
export const NO_LIMITS: Limits = { allergens: [], without: [], noAlcohol: false, drives: false };

/** What several people cannot have between them, or one of whom several things were said. */
export function limitsTogether(all: readonly Limits[]): Limits {
  return {
    allergens: ALLERGENS.filter((a) => all.some((l) => l.allergens.includes(a))),
    without: [...new Set(all.flatMap((l) => l.without ?? []))],
    noAlcohol: all.some((l) => l.noAlcohol),
    drives: all.some((l) => l.drives),
  };
}

/**
 * What a name cannot have: all that was ever said of somebody of that name, in the household's book, of a guest, by
 * themselves. Capitals, accents and blanks make no other name.
 */
export function limitsByName(said: readonly (Limits & { name: string })[]): (name: string) => Limits {
  const byName = new Map<string, Limits[]>();
  const key = (name: string) => foldText(name).trim().replace(/\s+/g, ' ');
  for (const { name, ...limits } of said) byName.set(key(name), [...(byName.get(key(name)) ?? []), limits]);
  return (name) => limitsTogether(byName.get(key(name)) ?? []);
}

/** Why not, in words for whoever asks; what is called how is the caller's. */
export function sayRefusal(
  { allergens, mayHold, kinds, unknown, alcohol }: Refusal,
  nameOf: (part: string) => string = (part) => part,
): string {
  return [
    ...(allergens.length > 0 ? [`it contains ${listed(allergens)}`] : []),
    ...(mayHold.length > 0 ? [`it may hold ${listed(mayHold)}`] : []),
    ...(kinds.length > 0 ? [`there is ${listed(kinds.map(nameOf))} in it`] : []),
    ...(unknown.length > 0 ? [`nobody has said what is in the ${listed(unknown.map(nameOf))}`] : []),
    ...(alcohol ? ['there is alcohol in it'] : []),
  ].join('; ');
}
