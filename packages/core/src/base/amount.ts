import { ML_PER_MEASURE, toMl, type VolumeMeasure } from './volume.js';

/** Things counted rather than poured ("1 egg white", "6 leaves"). */
export const COUNT_MEASURES = ['whole', 'leaf', 'slice', 'wedge', 'cube', 'pinch', 'sprig'] as const;
export type CountMeasure = (typeof COUNT_MEASURES)[number];

/** An amount as written: a number of a measure. */
export interface Amount {
  value: number;
  measure: VolumeMeasure | CountMeasure;
}

const WORDS: Record<string, Amount['measure']> = {
  ml: 'ml',
  millilitre: 'ml',
  milliliter: 'ml',
  cl: 'cl',
  centilitre: 'cl',
  oz: 'us-oz',
  'fl oz': 'us-oz',
  'us oz': 'us-oz',
  ounce: 'us-oz',
  'bar oz': 'bar-oz',
  'bar ounce': 'bar-oz',
  'imperial oz': 'imperial-oz',
  'uk oz': 'imperial-oz',
  tsp: 'teaspoon',
  teaspoon: 'teaspoon',
  tbsp: 'tablespoon',
  tablespoon: 'tablespoon',
  'bar spoon': 'bar-spoon',
  barspoon: 'bar-spoon',
  bsp: 'bar-spoon',
  dash: 'dash',
  drop: 'drop',
  whole: 'whole',
  leaf: 'leaf',
  leave: 'leaf',
  slice: 'slice',
  wedge: 'wedge',
  cube: 'cube',
  pinch: 'pinch',
  sprig: 'sprig',
};

/** Vulgar fractions people write on recipe cards. */
export const VULGAR_FRACTIONS: Record<string, number> = {
  '⅛': 1 / 8,
  '¼': 1 / 4,
  '⅓': 1 / 3,
  '⅜': 3 / 8,
  '½': 1 / 2,
  '⅝': 5 / 8,
  '⅔': 2 / 3,
  '¾': 3 / 4,
  '⅞': 7 / 8,
};

function parseNumber(text: string): number | undefined {
  const glyphs = Object.keys(VULGAR_FRACTIONS).join('');
  const mixed = new RegExp(`^(\\d+)?\\s*([${glyphs}])$`, 'u').exec(text);
  if (mixed) return Number(mixed[1] ?? 0) + (VULGAR_FRACTIONS[mixed[2] ?? ''] ?? 0);
  const slashed = /^(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(text);
  if (slashed) {
    const below = Number(slashed[3]);
    return below === 0 ? undefined : Number(slashed[1] ?? 0) + Number(slashed[2]) / below;
  }
  return /^\d+(?:[.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : undefined;
}

function measureOf(word: string): Amount['measure'] | undefined {
  const plain = word.toLowerCase().replace(/\./g, '').replace(/\s+/g, ' ').trim();
  const direct = WORDS[plain];
  if (direct !== undefined) return direct;
  if (plain.endsWith('s')) {
    return WORDS[plain.slice(0, -1)] ?? (plain.endsWith('es') ? WORDS[plain.slice(0, -2)] : undefined);
  }
  return undefined;
}

/**
 * Read an amount such as "22.5 ml", "¾ oz", "1 1/2 bar oz", "2 dashes".
 *
 * "oz" alone is the US fluid ounce. Returns undefined when the text is not an amount of a known
 * measure, or is not positive.
 *
 * @example parseAmount('2 dashes') // { measure: 'dash', value: 2 }
 */
export function parseAmount(text: string): Amount | undefined {
  const trimmed = text.trim();
  const word = /[\p{L}][\p{L}.\s]*$/u.exec(trimmed);
  if (word === null) return undefined;
  const value = parseNumber(trimmed.slice(0, word.index).trim());
  const measure = measureOf(word[0]);
  if (value === undefined || measure === undefined || !(value > 0)) return undefined;
  return { value, measure };
}

/**
 * Millilitres of an amount, or undefined for things that are counted.
 *
 * @example amountMl(parseAmount('1 barspoon')) // 5
 */
export function amountMl(amount: Amount): number | undefined {
  return amount.measure in ML_PER_MEASURE ? toMl(amount.value, amount.measure as VolumeMeasure) : undefined;
}
