import { readFileSync } from 'node:fs';
import { parseIngredient } from 'parse-ingredient';
import { describe, expect, it } from 'vitest';
import { KindMatcher, readLine } from '@uisce/core/notebook';
import { loadCatalogue } from '../load.js';

const matcher = new KindMatcher(loadCatalogue().catalogue.kinds);
const lines = readFileSync(new URL('../../src/reading/lines.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((l) => l !== '' && !l.startsWith('#'))
  .map((l) => (l.split('|')[0] ?? '').trim());
/** Units that both call by a name of their own. */
const UNITS: Record<string, string> = {
  milliliter: 'ml',
  ounce: 'us-oz',
  dash: 'dash',
  drop: 'drop',
  teaspoon: 'teaspoon',
  tablespoon: 'tablespoon',
  pinch: 'pinch',
  sprig: 'sprig',
  slice: 'slice',
};

describe('amounts, beside another reader of ingredients', () => {
  it('are the same wherever both read one in a unit that both know', () => {
    const both = lines.flatMap((line) => {
      const [theirs] = parseIngredient(line);
      const ours = readLine(line, matcher, 'us-oz');
      const unit = UNITS[theirs?.unitOfMeasureID ?? ''];
      // Where a line says both ounces and ml, each takes the other one: that is known, and ours is said.
      if (!theirs?.quantity || unit === undefined || !ours.amount || ours.notes.includes('both')) return [];
      return [{ line, theirs: [theirs.quantity, theirs.quantity2, unit], ours }];
    });
    expect(both.length).toBeGreaterThanOrEqual(50);
    for (const {
      line,
      theirs: [least, most, unit],
      ours,
    } of both) {
      const middle = most ? (Number(least) + Number(most)) / 2 : Number(least);
      expect(ours.amount?.measure, line).toBe(unit);
      expect(ours.amount?.value, line).toBeCloseTo(middle, 2);
    }
  });
});
