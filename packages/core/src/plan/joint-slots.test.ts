import { describe, expect, it } from 'vitest';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { priceListSchema } from '../catalogue/price-list.js';
import { PreparedProblem } from '../planner/prepared.js';
import { emptyBrief, type Attitude } from './brief.js';
import { compilePlan } from './compile.js';
import { pouredWith } from './poured-with.js';

const RUMS = ['aged-rum', 'dark-rum', 'white-rum'];
const catalogue = testCatalogue({
  kinds: [
    kindInput('rum', { abstract: true }),
    ...RUMS.map((id) => kindInput(id, { parent: 'rum', abv: 0.4 })),
  ],
  standIns: [
    { for: 'aged-rum', with: ['dark-rum'], match: 0.8, changes: 'Heavier.' },
    { for: 'white-rum', with: ['aged-rum'], match: 0.9, changes: 'Rounder.' },
  ],
  oneForTwo: 0.6,
  recipes: [
    drink('two-rums', 'aged-rum', 'dark-rum'),
    drink('three-rums', 'white-rum', 'aged-rum', 'dark-rum'),
    drink('any-and-aged', 'rum', 'aged-rum'),
    drink('twice', 'dark-rum', 'dark-rum'),
  ],
});
function drink(id: string, ...kinds: string[]) {
  return recipeInput(
    kinds.map((kind, i) => ({ kind, amount: '30 ml', role: i === 0 ? 'base' : 'long' })),
    { id },
  );
}
const shop = priceListSchema.parse({
  format: 'uisce-prices/1',
  id: 'corner',
  name: 'Corner',
  currency: 'EUR',
  provenance: 'for the tests',
  bottles: RUMS.map((id) => ({
    id,
    kind: id,
    label: id,
    ml: 700,
    priceMinor: 100,
    widthMm: 70,
    heightMm: 300,
  })),
});

/** How well each drink is open with these bottles, worked out by the planner. */
function fits(have: string[], attitude: Attitude = 'pinch'): Record<string, number> {
  const brief = { ...emptyBrief('EUR'), attitude, lasts: 'taste' as const };
  const { problem } = compilePlan(brief, shop, catalogue);
  return Object.fromEntries(new PreparedProblem(problem).answerOf(have).drinks.map((d) => [d.id, d.fit]));
}

describe('two things of one family, poured from one bottle', () => {
  it('are a simpler drink, which fits less', () => {
    expect(fits(['dark-rum'])).toEqual({ 'two-rums': 0.6, 'any-and-aged': 0.6, twice: 1 });
    expect(fits(['dark-rum', 'aged-rum'])).toEqual({
      'two-rums': 1,
      'three-rums': 0.6,
      twice: 1,
      // Any rum and an aged one: the dark one and the aged one.
      'any-and-aged': 1,
    });
    expect(fits(RUMS)).toEqual({ 'two-rums': 1, 'three-rums': 1, 'any-and-aged': 1, twice: 1 });
    // Below what the attitude accepts, the drink is not open at all.
    expect(fits(['dark-rum'], 'house')).toEqual({ twice: 1 });
  });

  it('are said beside the part that stands in', () => {
    const [two] = catalogue.recipes;
    if (!two) throw new Error('no drink');
    const poured = pouredWith(two, catalogue, new Set(['dark-rum', 'rum']), 0.5);
    expect(poured.map((p) => [p.kinds, p.match, p.changes])).toEqual([
      [['dark-rum'], 0.6, 'Heavier. Simpler: one bottle is poured instead of two.'],
      [['dark-rum'], 1, undefined],
    ]);
  });
});
