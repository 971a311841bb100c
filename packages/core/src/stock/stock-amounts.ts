import { VULGAR_FRACTIONS } from '../base/read-number.js';
import { valueOf, WORDED_NUMBER } from './number-words.js';
import { take } from './stock-dates.js';

/** What is left of something: a share of the bottle, ml, grams of it, or pieces and bunches that are counted. */
export type Left =
  { share: number } | { ml: number } | { g: number } | { pieces: number } | { bunches: number };

/** The amounts of one line. */
export interface Amounts {
  rest: string;
  left: Left | undefined;
  sizeMl: number | undefined;
  /** ml of which the words do not say whether it is the bottle or what is left in it. */
  eitherMl: number | undefined;
  /** Bottles, cans and jars, the one that is described among them. */
  count: number | undefined;
  /** The strength on its label, a fraction. */
  abv: number | undefined;
}

const N = `(\\d+(?:\\.\\d+)?|${WORDED_NUMBER}|an|a)`;
const WORDED: readonly (readonly [RegExp, number])[] = [
  [/\b(?:three|3) ?quarters?\b/, 0.75],
  [/\btwo thirds?\b/, 2 / 3],
  [/\b(?:more|better) than half\b/, 0.6],
  [/\bless than half\b/, 0.4],
  [/\b(?:half(?! a dozen)|halfway|half way)(?: (?:a|the) (?:bottle|jar))?\b/, 0.5],
  [/\b(?:a|one)? ?third\b/, 1 / 3],
  [/\b(?:a|one)? ?quarter\b/, 0.25],
  [/\b(?:nearly|almost|as good as) (?:empty|out|gone|finished|done)\b/, 0.05],
  [/\b(?:a drop|a splash|dregs|the last|hardly any|a little|bit)\b/, 0.05],
  [/\b(?:nearly|almost) full\b/, 0.9],
  [/\b(?:full|new|unopened|sealed|not opened|untouched)\b/, 1],
  [/^ ?no (?:more )?(?!alcohol)/, 0],
  [/\b(?:empty|out|gone|finished|none|no more|used up|all gone|done)\b/, 0],
];
/** Words that say again that a share is one. */
const LEVEL_WORDS = /\b(?:full|left|remaining|remains|empty|of it|to go)\b/;

const ML_OF: Readonly<Record<string, number>> = {
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  oz: 29.5735,
  g: 1,
  kg: 1000,
};
const UNIT = '(ml|millilit(?:re|er)s?|cl|dl|l|lit(?:re|er)s?|fl\\.? ?oz|ounces?|oz|kg|kilos?|g|grams?)';
function unitOf(said: string): keyof typeof ML_OF {
  if (/^(?:fl|o)/.test(said)) return 'oz';
  if (/^k/.test(said)) return 'kg';
  if (/^g/.test(said)) return 'g';
  if (/^mi|^ml/.test(said)) return 'ml';
  return said.startsWith('l') ? 'l' : said;
}

/** Figures as they are read from here on: points, no glyphs, a nought before them, no hyphens between words. */
export function plainFigures(text: string): string {
  const glyphs = Object.keys(VULGAR_FRACTIONS).join('');
  return text
    .replace(/(?<=\p{L})-(?=\p{L})/gu, ' ')
    .replace(new RegExp(`(\\d*) ?([${glyphs}])`, 'gu'), (_, whole: string, glyph: string) => {
      const part = VULGAR_FRACTIONS[glyph] ?? 0;
      return ` ${String(Number((Number(whole || 0) + part).toFixed(4)))} `;
    })
    .replace(/(?<![\d])[.,](?=\d)/g, ' 0.')
    .replace(/(?<=\d),(?=\d)/g, '.')
    .replace(/\s+/g, ' ');
}

interface Volume {
  value: number;
  unit: string;
  is: 'size' | 'left' | undefined;
}

/** Takes every volume and weight out of a text, each with what the words beside it make of it. */
function takeVolumes(text: string): { rest: string; volumes: Volume[] } {
  const volumes: Volume[] = [];
  let rest = text;
  // "470/500 ml", "200 of 700 ml": what is left, and the bottle.
  const pair = take(
    rest,
    new RegExp(`(\\d+(?:\\.\\d+)?) ?(?:${UNIT} ?)?(?:/|of|out of) ?(\\d+(?:\\.\\d+)?) ?${UNIT}(?![a-z])`),
  );
  if (pair.found && Number(pair.found[1]) >= 10) {
    const unit = unitOf(pair.found[4] ?? '');
    volumes.push(
      { value: Number(pair.found[1]), unit: pair.found[2] ? unitOf(pair.found[2]) : unit, is: 'left' },
      { value: Number(pair.found[3]), unit, is: 'size' },
    );
    rest = pair.rest;
  }
  for (;;) {
    const one = take(
      rest,
      new RegExp(
        `(?<![\\d/])(\\d+(?:\\.\\d+)?) ?${UNIT}(?![a-z])(?: ?(left|remaining|bottle|bottles|can|jar|tin|carton)\\b)?`,
      ),
    );
    if (!one.found) return { rest, volumes };
    const [, value, unit = '', word] = one.found;
    const is = word === undefined ? undefined : /left|remaining/.test(word) ? 'left' : 'size';
    volumes.push({ value: Number(value), unit: unitOf(unit), is });
    rest = one.rest;
  }
}

const mlOf = ({ value, unit }: Volume) => Math.round(value * (ML_OF[unit] ?? 1));
const isWeight = ({ unit }: Volume) => unit === 'g' || unit === 'kg';

/** What the volumes of a line say: of two the larger is the bottle, in cl and litres it is, too. */
function sortVolumes(volumes: readonly Volume[]): Pick<Amounts, 'left' | 'sizeMl' | 'eitherMl'> {
  const weight = volumes.find(isWeight);
  const left: Left | undefined = weight
    ? { g: Math.round(weight.value * (ML_OF[weight.unit] ?? 1)) }
    : undefined;
  const all = volumes.filter((v) => !isWeight(v));
  const [first, second] = all;
  if (first === undefined) return { left, sizeMl: undefined, eitherMl: undefined };
  if (second !== undefined) {
    const [small, large] = mlOf(first) <= mlOf(second) ? [first, second] : [second, first];
    return { left: { ml: mlOf(small) }, sizeMl: mlOf(large), eitherMl: undefined };
  }
  if (first.is === 'left') return { left: { ml: mlOf(first) }, sizeMl: undefined, eitherMl: undefined };
  const isSize = first.is === 'size' || first.unit === 'cl' || first.unit === 'l' || first.unit === 'dl';
  return isSize
    ? { left, sizeMl: mlOf(first), eitherMl: undefined }
    : { left, sizeMl: undefined, eitherMl: mlOf(first) };
}

/** Bottles and cans by count: "two bottles of", "a case of 12 cans", "6 x", "a bottle and a half". */
function takeCount(text: string): { rest: string; count: number | undefined; last: number | undefined } {
  const half = take(
    text,
    /\b(?:a|one|1) (?:bottle|jar|can) and a half(?: of)?\b|\b(?:one|1) and a half (?:bottles|jars|cans)(?: of)?\b/,
  );
  if (half.found) return { rest: half.rest, count: 2, last: 0.5 };
  const halves = take(text, /\b(\d+)\.5 (?:bottles|jars|cans)(?: of)?\b/);
  if (halves.found) return { rest: halves.rest, count: Number(halves.found[1]) + 1, last: 0.5 };
  const cased = take(
    text,
    new RegExp(
      `\\b(?:a |one )?(?:case|pack|box|crate|tray|sixpack)(?: of)? ${N} (?:bottles?|cans?|tins?)?(?: of)?`,
    ),
  );
  if (cased.found) return { rest: cased.rest, count: valueOf(cased.found[1]), last: undefined };
  const times = take(text, /\b(\d{1,2}) ?[x×](?= )|\b(\d{1,2}) ?[x×](?=\d)/u);
  if (times.found)
    return { rest: times.rest, count: Number(times.found[1] ?? times.found[2]), last: undefined };
  const counted = take(
    text,
    new RegExp(
      `(?<!half )(?<!half of )\\b${N} (?:small |large |big |new |full |sealed )?(?:bottles?|cans?|tins?|jars?|cartons?)\\b(?: of)?`,
    ),
  );
  if (!counted.found) return { rest: text, count: undefined, last: undefined };
  const isFull = /small|large|big/.test(counted.found[0])
    ? undefined
    : /new|full|sealed/.test(counted.found[0])
      ? 1
      : undefined;
  return { rest: counted.rest, count: valueOf(counted.found[1]), last: isFull };
}

/** A strength that is said to be one. */
function takeAbv(text: string): { rest: string; abv: number | undefined } {
  const said = take(
    text,
    /\b(\d{1,2}(?:\.\d+)?) ?(?:%|percent)? ?(?:abv|vol|alc|alcohol)\b\.?|\babv:? ?(\d{1,2}(?:\.\d+)?) ?%?/,
  );
  if (said.found) return { rest: said.rest, abv: Number(said.found[1] ?? said.found[2]) / 100 };
  const proof = take(text, /\b(\d{2,3}) ?proof\b/);
  return proof.found
    ? { rest: proof.rest, abv: Number(proof.found[1]) / 200 }
    : { rest: text, abv: undefined };
}

/** A share in words or as a fraction. */
function takeShare(text: string): { rest: string; share: number | undefined } {
  const level = take(text, /\b(\d{1,3}(?:\.\d+)?) ?(?:%|percent) (?:full|left|remaining)\b/);
  if (level.found) return { rest: level.rest, share: Number(level.found[1]) / 100 };
  const fraction = take(text, /(?<![\d.])(\d{1,2}) ?[/⁄] ?(\d{1,2})(?:rds?|ths?)?\b(?![/\d])/);
  const [over, under] = [Number(fraction.found?.[1]), Number(fraction.found?.[2])];
  if (fraction.found && under > 0 && under >= over) return { rest: fraction.rest, share: over / under };
  const decimal = take(text, /(?<![\d.])0\.\d+\b/);
  if (decimal.found) return { rest: decimal.rest, share: Number(decimal.found[0]) };
  for (const [pattern, share] of WORDED) {
    const worded = take(text, pattern);
    if (worded.found) return { rest: worded.rest, share };
  }
  return { rest: text, share: undefined };
}

/**
 * What of a line is amounts: the bottle's size, what is left, how many, how strong.
 *
 * @param text folded, its figures plain.
 * @example readAmounts('bourbon 57% 2/3') // strength 0.57, left two thirds
 */
export function readAmounts(text: string): Amounts {
  const strength = takeAbv(text);
  const counted = takeCount(strength.rest);
  const measured = takeVolumes(counted.rest);
  const volumes = sortVolumes(measured.volumes);
  let { abv } = strength;
  const bunched = take(measured.rest, new RegExp(`\\b${N} (?:bunch|bunches|pots?|handfuls?)(?: of)?\\b`));
  const shared = takeShare(bunched.rest);
  const percents: number[] = [];
  let { rest } = shared;
  for (
    let p = take(rest, /\b(\d{1,3}(?:\.\d+)?) ?(?:%|percent\b)/);
    p.found;
    p = take(rest, /\b(\d{1,3}(?:\.\d+)?) ?(?:%|percent\b)/)
  ) {
    percents.push(Number(p.found[1]) / 100);
    ({ rest } = p);
  }
  let share = shared.share ?? counted.last;
  // Beside another level a percentage is the strength; alone it is the level.
  const [first, second] = percents;
  if (
    first !== undefined &&
    abv === undefined &&
    (second !== undefined || share !== undefined || volumes.left !== undefined)
  ) {
    abv = first;
    share ??= second;
  } else share ??= first;
  const pieces = take(rest, new RegExp(`(?:^|\\s)(\\d{1,3}(?:\\.\\d+)?|${WORDED_NUMBER})(?=\\s|$)`));
  const left: Left | undefined =
    bunched.found !== null
      ? { bunches: valueOf(bunched.found[1]) }
      : (volumes.left ??
        (share !== undefined
          ? { share: Math.min(1, share) }
          : pieces.found && counted.count === undefined
            ? { pieces: valueOf(pieces.found[1]) }
            : undefined));
  const isPieces = left !== undefined && 'pieces' in left;
  return {
    rest: (isPieces ? pieces.rest : rest).replace(new RegExp(LEVEL_WORDS, 'g'), ' '),
    ...volumes,
    left,
    count: counted.count,
    abv,
  };
}
