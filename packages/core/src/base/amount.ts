import { COUNT_MEASURES, ENGLISH_MEASURES, type CountMeasure } from './measure-words.js';
import { readNumber } from './read-number.js';
import { ML_PER_MEASURE, toMl, type VolumeMeasure } from './volume.js';

/** An amount as written: a number of a measure. */
export interface Amount {
  value: number;
  measure: VolumeMeasure | CountMeasure;
}

const isMeasure = (name: string): name is Amount['measure'] =>
  name in ML_PER_MEASURE || (COUNT_MEASURES as readonly string[]).includes(name);

/** Measures by their English words. An ounce alone is the US fluid ounce. */
const MEASURES = new Map(
  Object.entries(ENGLISH_MEASURES).flatMap(([name, words]) => {
    const measure = name === 'ounce' ? 'us-oz' : name;
    return isMeasure(measure) ? words.split('|').map((word) => [word, measure] as const) : [];
  }),
);

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
  const value = readNumber(trimmed.slice(0, word.index));
  const measure = MEASURES.get(word[0].toLowerCase().replace(/\./g, '').replace(/\s+/g, ' ').trim());
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
