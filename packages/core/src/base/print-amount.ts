import { amountMl, type Amount } from './amount.js';
import { VULGAR_FRACTIONS } from './read-number.js';
import { fromMl, ML_PER_DASH, type ReaderMeasure } from './volume.js';

/** Largest relative error we accept to print an ounce as a tidy fraction (common practice: 5 %). */
const FRACTION_TOLERANCE = 0.05;

const UNIT_WORD: Record<ReaderMeasure, string> = { ml: 'ml', cl: 'cl', 'us-oz': 'oz', 'bar-oz': 'oz' };

const PLURAL: Partial<Record<Amount['measure'], [one: string, many: string]>> = {
  dash: ['dash', 'dashes'],
  drop: ['drop', 'drops'],
  teaspoon: ['teaspoon', 'teaspoons'],
  tablespoon: ['tablespoon', 'tablespoons'],
  'bar-spoon': ['bar spoon', 'bar spoons'],
  leaf: ['leaf', 'leaves'],
  slice: ['slice', 'slices'],
  wedge: ['wedge', 'wedges'],
  cube: ['cube', 'cubes'],
  pinch: ['pinch', 'pinches'],
  sprig: ['sprig', 'sprigs'],
};

function decimal(value: number, digits: number, locale: string): string {
  return new Intl.NumberFormat(locale, { maximumFractionDigits: digits }).format(value);
}

/** `value` as a whole number and a vulgar fraction, or undefined when none is near enough. */
function asFraction(value: number): string | undefined {
  const whole = Math.floor(value);
  const candidates: [number, string][] = [
    [whole, whole > 0 ? String(whole) : ''],
    [whole + 1, String(whole + 1)],
  ];
  for (const [glyph, part] of Object.entries(VULGAR_FRACTIONS)) {
    candidates.push([whole + part, `${whole > 0 ? whole : ''}${glyph}`]);
  }
  const [nearest, text] = candidates.reduce((best, next) =>
    Math.abs(next[0] - value) < Math.abs(best[0] - value) ? next : best,
  );
  return nearest > 0 && Math.abs(nearest - value) / value <= FRACTION_TOLERANCE ? text : undefined;
}

/**
 * A volume in the reader's measure: "22.5 ml", "2.25 cl", "¾ oz".
 *
 * Ounces print as the nearest eighth or third when that is within 5 %, else with decimals.
 *
 * @example printVolume(60, 'ml', 'en-IE') // '60 ml'
 */
export function printVolume(ml: number, measure: ReaderMeasure, locale: string): string {
  const value = fromMl(ml, measure);
  if (measure === 'ml') return `${decimal(value, ml < 10 ? 1 : ml % 1 === 0 ? 0 : 1, locale)} ml`;
  if (measure === 'cl') return `${decimal(value, 2, locale)} cl`;
  return `${asFraction(value) ?? decimal(value, value < 0.1 ? 3 : 2, locale)} ${UNIT_WORD[measure]}`;
}

/**
 * An amount for the reader. Poured measures convert; dashes, drops, spoons and counted things keep
 * their own word, since nobody measures a dash in ounces.
 *
 * @example printAmount(parseAmount('22.5 ml'), 'us-oz', 'en-US') // '¾ oz'
 */
export function printAmount(amount: Amount, measure: ReaderMeasure, locale: string): string {
  const words = PLURAL[amount.measure];
  if (words) {
    const count = asFraction(amount.value) ?? decimal(amount.value, 2, locale);
    return `${count} ${amount.value > 1 ? words[1] : words[0]}`;
  }
  const ml = amountMl(amount);
  if (ml === undefined) return decimal(amount.value, 2, locale);
  if (ml < ML_PER_DASH) return `${decimal(ml, 2, locale)} ml`;
  return printVolume(ml, measure, locale);
}
