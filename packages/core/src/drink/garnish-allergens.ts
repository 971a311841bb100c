import { garnishKinds, isRead, type Garnish, type SaidGarnish } from '../catalogue/garnish.js';
import type { Allergen, Kind } from '../catalogue/kind.js';

/** What a garnish in somebody's own words may bring, by the beginning of a word (common practice, on the safe side). */
const BRINGS: readonly [word: RegExp, allergens: Allergen[]][] = [
  [/^celery/, ['celery']],
  [/^chocolate/, ['milk', 'soya']],
  [/^(almond|hazelnut|walnut|pecan|pistachio|cashew|nuts?$)/, ['nuts']],
  [/^peanut/, ['peanuts']],
  [/^(cherr|olive|onion|candied|dried|raisin|apricot)/, ['sulphites']],
  [/^(biscuit|wafer|cake|bread|pretzel|cracker)/, ['gluten', 'egg', 'milk']],
  [/^(anchov|bacon)/, ['fish']],
  [/^(prawn|shrimp|crab|lobster)/, ['crustaceans']],
  [/^(oyster|clam|mussel)/, ['molluscs']],
  [/^(cream|butter|cheese|yoghurt|ice-cream)/, ['milk']],
  [/^sesame/, ['sesame']],
  [/^mustard/, ['mustard']],
];

/** Fruit, herbs, spices and flowers that bring none of the fourteen, and the words by which a garnish is cut and placed. */
const BRINGS_NOTHING = new Set(
  `lemon lime orange grapefruit apple pineapple pear peach mango banana kiwi grape melon watermelon lychee fig plum
  passion fruit strawberry raspberry blackberry blueberry berry currant blackcurrant redcurrant cranberry pomegranate
  coconut cucumber carrot tomato chilli pepper ginger mint basil rosemary thyme sage coriander lavender verbena dill
  rose flower petal violet hibiscus elderflower nutmeg cinnamon clove star anise vanilla cardamom juniper allspice
  coffee bean sugar salt cube bitters foam
  twist peel zest slice wheel wedge half rim shell leaf sprig ribbon stick disc spear crown frond stem skin fan shaving
  drop dust pod seed spiral coin
  grated ground flamed fresh long thin thick small large crushed powdered spanked pressed toasted torn whole expressed
  discarded studded smoked frozen pickled
  of the a an on in with and or for to over from top one two three few some none`.split(/\s+/),
);

const singular = (word: string): string[] => [
  word,
  word.replace(/ies$/, 'y'),
  word.replace(/ves$/, 'f'),
  word.replace(/s$/, ''),
  word.replace(/es$/, ''),
];

/** What a garnish brings. */
export interface GarnishHolds {
  allergens: Allergen[];
  /** Kinds and words of it of which we do not know what they bring. */
  unknown: string[];
}

/**
 * What a garnish in words brings: what a word is known to bring, and the words that we do not know.
 *
 * @example wordsHold('peanut brittle') // { allergens: ['peanuts'], unknown: ['brittle'] }
 */
export function wordsHold(garnish: string): GarnishHolds {
  const words = garnish.toLowerCase().match(/\p{L}+/gu) ?? [];
  const brought = words.map((word) => BRINGS.find(([pattern]) => pattern.test(word))?.[1]);
  return {
    allergens: [...new Set(brought.flatMap((b) => b ?? []))],
    unknown: words.filter(
      (word, i) => brought[i] === undefined && !singular(word).some((w) => BRINGS_NOTHING.has(w)),
    ),
  };
}

/** What may come with the garnishes and the rim of a drink: of each whatever may be taken in its place, too. */
export function garnishHolds(
  garnish: readonly (Garnish | SaidGarnish)[],
  kinds: ReadonlyMap<string, Kind>,
): GarnishHolds {
  const all = garnish.map((g): GarnishHolds => {
    if (!isRead(g)) return wordsHold(g.words);
    const of = garnishKinds([g]);
    return {
      allergens: of.flatMap((id) => kinds.get(id)?.allergens ?? []),
      unknown: of.filter((id) => kinds.get(id)?.allergensStated !== true),
    };
  });
  return { allergens: all.flatMap((h) => h.allergens), unknown: all.flatMap((h) => h.unknown) };
}
