import { z } from 'zod';
import { foldText } from '../base/fold.js';
import {
  garnishSchema,
  saidGarnishSchema,
  type Garnish,
  type GarnishForm,
  type SaidGarnish,
} from './garnish.js';

/** What a word of a garnish names, and how it is put on where nothing else is said (common practice). */
const NAMED: readonly [word: RegExp, kind: string, form: GarnishForm][] = [
  [/^lemons?$/, 'lemon-whole', 'wheel'],
  [/^limes?$/, 'lime-whole', 'wedge'],
  [/^oranges?$/, 'orange-slice', 'half-wheel'],
  [/^grapefruits?$/, 'grapefruit-whole', 'half-wheel'],
  [/^(mint|spearmint)$/, 'mint', 'sprig'],
  [/^basil$/, 'basil', 'leaf'],
  [/^rosemary$/, 'rosemary', 'sprig'],
  [/^(coriander|cilantro)$/, 'coriander', 'sprig'],
  [/^nutmeg$/, 'nutmeg', 'grated'],
  [/^chocolate$/, 'chocolate', 'grated'],
  [/^cinnamon$/, 'cinnamon-stick', 'stick'],
  [/^cloves?$/, 'cloves', 'bean'],
  [/^anise$/, 'star-anise', 'berry'],
  [/^coffee$/, 'coffee-beans', 'bean'],
  [/^cherr(y|ies)$/, 'cocktail-cherry', 'cherry'],
  [/^olives?$/, 'olive', 'olive'],
  [/^onions?$/, 'cocktail-onion', 'berry'],
  [/^raspberr(y|ies)$/, 'raspberry', 'berry'],
  [/^blackberr(y|ies)$/, 'blackberries', 'berry'],
  [/^strawberr(y|ies)$/, 'strawberry', 'slice'],
  [/^(lychees?|litchis?)$/, 'lychee', 'berry'],
  [/^passion$/, 'passion-fruit-whole', 'shell'],
  [/^pineapples?$/, 'pineapple', 'wedge'],
  [/^apples?$/, 'apple', 'slice'],
  [/^pears?$/, 'pear', 'slice'],
  [/^peach(es)?$/, 'peach', 'slice'],
  [/^bananas?$/, 'banana', 'slice'],
  [/^cucumbers?$/, 'cucumber', 'slice'],
  [/^celery$/, 'celery', 'stick'],
  [/^(chillis?|chillies|chile|jalapenos?)$/, 'chilli', 'slice'],
  [/^ginger$/, 'ginger-root', 'slice'],
  [/^sugar$/, 'sugar', 'crust'],
  [/^salt$/, 'salt', 'crust'],
  [/^bitters$/, 'aromatic-bitters', 'drops'],
  [/^(flowers?|petals?)$/, 'edible-flower', 'berry'],
];

/** What is called by two words. */
const TWO_WORDS: Readonly<Record<string, [kind: string, form: GarnishForm]>> = {
  'candied ginger': ['candied-ginger', 'slice'],
  'celery salt': ['celery-salt', 'crust'],
  'chilli salt': ['chilli-salt', 'crust'],
  'black pepper': ['black-pepper', 'grated'],
  'ground pepper': ['black-pepper', 'grated'],
};

/** Words that say how it is cut or put on. */
const FORMED: readonly [word: RegExp, form: GarnishForm][] = [
  [/^flamed$/, 'flame'],
  [/^(twists?|zests?)$/, 'twist'],
  [/^(peels?|spirals?|discs?|coins?)$/, 'peel'],
  [/^wheels?$/, 'wheel'],
  [/^slices?$/, 'slice'],
  [/^wedges?$/, 'wedge'],
  [/^sprigs?$/, 'sprig'],
  [/^(leaf|leaves)$/, 'leaf'],
  [/^ribbons?$/, 'ribbon'],
  [/^sticks?$/, 'stick'],
  [/^(shell|half)$/, 'shell'],
  [/^beans?$/, 'bean'],
  [/^(grated|shavings?|dust|dusting)$/, 'grated'],
  [/^drops?$/, 'drops'],
  [/^rim(med)?$/, 'crust'],
];

/** Words that say nothing of what it is. */
const SAYS_NOTHING =
  /^(of|the|edible|an?|on|in|with|and|fruit|star|fresh|long|thin|some|foam|top|green|cocktail|one|aromatic|dark|pick|beside|it)$/;
const COUNTS: Readonly<Record<string, number>> = { two: 2, three: 3 };
/** What is named in the plural without a number, and small, is three of it. */
const SMALL: ReadonlySet<GarnishForm> = new Set(['berry', 'cherry', 'olive', 'bean']);
const FEW = 3;
const CITRUS: ReadonlySet<string> = new Set([
  'lemon-whole',
  'lime-whole',
  'orange-slice',
  'grapefruit-whole',
]);

/** On the rim sits what is cut of a fruit; on the drink what is grated or dropped; on a pick what is small and round. */
function placeOf(form: GarnishForm): Garnish['where'] {
  switch (form) {
    case 'wheel':
    case 'half-wheel':
    case 'wedge':
    case 'slice':
    case 'crust':
      return 'rim';
    case 'grated':
    case 'drops':
    case 'bean':
    case 'shell':
    case 'flame':
      return 'on';
    case 'cherry':
    case 'olive':
      return 'pick';
    default:
      return 'in';
  }
}

/** What the words of one thing name, how it is cut, and how many; undefined where a word of it is not known. */
function readWords(words: readonly string[]) {
  let named: readonly [kind: string, form: GarnishForm] | undefined;
  let [form, count]: [GarnishForm | undefined, number | undefined] = [undefined, undefined];
  for (const word of words) {
    const [thing, cut] = [NAMED.find(([of]) => of.test(word)), FORMED.find(([of]) => of.test(word))];
    if (thing && named === undefined) named = [thing[1], thing[2]];
    else if (cut) form ??= cut[1];
    else if (/^\d+$/.test(word) || word in COUNTS) count = COUNTS[word] ?? Number(word);
    else if (thing || !SAYS_NOTHING.test(word)) return undefined;
  }
  return { named, form, count };
}

/** One thing of a garnish; undefined where a word of it is not known. */
function readPiece(text: string): Garnish | undefined {
  const words = foldText(text).match(/[a-z]+|\d+/g) ?? [];
  const pair = Object.entries(TWO_WORDS).find(([two]) => words.join(' ').includes(two));
  const left = pair ? words.filter((w) => !pair[0].split(' ').includes(w)) : words;
  const read = readWords(left);
  const named = pair?.[1] ?? read?.named;
  if (read === undefined || named === undefined) return undefined;
  const [kind, usualForm] = named;
  const form = read.form === 'slice' && CITRUS.has(kind) ? 'half-wheel' : (read.form ?? usualForm);
  const usual = SMALL.has(form) && left.some((w) => w.endsWith('s') && w !== 'bitters') ? FEW : 1;
  const count = Math.min(12, Math.max(1, read.count ?? usual));
  return { kind, form, count, where: placeOf(form), or: [], optional: false };
}

/**
 * A garnish as people write it, read; what of it nobody knows stays in its words.
 *
 * @example readGarnish('lemon twist or olive') // [{ kind: 'lemon-whole', form: 'twist', … or: [{ kind: 'olive', … }] }]
 */
export function readGarnish(text: string): (Garnish | SaidGarnish)[] {
  return text
    .slice(0, 120)
    .split(/,|;|&|\band\b|\+/)
    .map((t) => t.trim())
    .filter((t) => t !== '' && foldText(t) !== 'none')
    .slice(0, 8)
    .map((words): Garnish | SaidGarnish => {
      const [first, ...others] = words.split(/\s+or\s+/).map(readPiece);
      if (first === undefined || others.includes(undefined)) return { words };
      return { ...first, or: others.flatMap((o) => (o ? [{ kind: o.kind, form: o.form }] : [])).slice(0, 3) };
    });
}

/** The garnishes of a drink, in the order in which they are put on; a text of an earlier release is read. */
export const garnishesSchema = z.preprocess(
  (garnish) => (typeof garnish === 'string' ? readGarnish(garnish) : garnish),
  z.array(z.union([garnishSchema, saidGarnishSchema])).max(8),
);
