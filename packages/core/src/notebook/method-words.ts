import { foldText } from '../base/fold.js';
import type { Ice, Method, Recipe } from '../catalogue/recipe.js';
import { inAnyLanguage, type Language } from './languages/index.js';

/** How a drink is made, as far as a text says it. */
export interface ReadMethod {
  method: Method | undefined;
  strain: Recipe['strain'];
  /** In the glass. */
  ice: Ice | undefined;
  glass: string | undefined;
  muddles: boolean;
}

const word = (alternatives: string) => new RegExp(`(?<![\\p{L}])(?:${alternatives})`, 'u');

const said = (of: (method: Language['method']) => string | undefined) =>
  word(inAnyLanguage((l) => of(l.method)));

/** The narrower before the wider: a drink that is shaken without ice is not one that is shaken. */
const METHODS = (['dry-shake', 'blend', 'swizzle', 'shake', 'stir', 'layer', 'hot', 'build'] as const).map(
  (method): readonly [Method, RegExp] => [method, said((l) => l.methods[method])],
);
const TWICE = said((l) => l.strainTwice);
const ONCE = said((l) => l.strain);
const ICES = (['crushed', 'block', 'cubes', 'none'] as const).map((ice): readonly [Ice, RegExp] => [
  ice,
  said((l) => l.ices[ice]),
]);
/** The narrower before the wider here too. */
const GLASSES = [
  'copper-mug',
  'julep-cup',
  'double-rocks',
  'rocks',
  'highball',
  'collins',
  'coupe',
  'cocktail',
  'tulip',
  'flute',
  'hurricane',
  'wine',
  'balloon',
  'toddy-mug',
  'shot',
  'beer',
].map((glass): readonly [string, RegExp] => [glass, said((l) => l.glasses[glass])]);
const MUDDLES = said((l) => l.muddles);
const STEPS = new RegExp(`^(?:${inAnyLanguage((l) => l.text.steps)})`, 'u');

const firstOf = <T>(all: readonly (readonly [T, RegExp])[], text: string): T | undefined =>
  all.find(([, pattern]) => pattern.test(text))?.[0];

/** What is said first is what is done: "build over ice, stir once" is built. Of two in one place the narrower. */
function methodOf(text: string): Method | undefined {
  let first: { method: Method; at: number } | undefined;
  for (const [method, pattern] of METHODS) {
    const at = text.search(pattern);
    if (at >= 0 && (first === undefined || at < first.at)) first = { method, at };
  }
  return first?.method;
}

/**
 * What a text says of how a drink is made, in any of the languages.
 *
 * @example readMethod('Shake with ice and double strain into a coupe.') // shake, twice, coupe
 */
export function readMethod(text: string): ReadMethod {
  const folded = foldText(text);
  return {
    method: methodOf(folded),
    strain: TWICE.test(folded) ? 'twice' : ONCE.test(folded) ? 'once' : 'none',
    ice: firstOf(ICES, folded),
    glass: firstOf(GLASSES, folded),
    muddles: MUDDLES.test(folded),
  };
}

/** Whether a line tells how to make a drink. */
export function looksLikeMethod(text: string): boolean {
  const folded = foldText(text);
  return (
    METHODS.some(([, p]) => p.test(folded)) || ONCE.test(folded) || MUDDLES.test(folded) || STEPS.test(folded)
  );
}
