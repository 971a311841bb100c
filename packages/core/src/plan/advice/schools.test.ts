import { describe, expect, it } from 'vitest';
import { emptyBrief, type HouseholdBrief } from '../brief.js';
import { priceListSchema } from '../../catalogue/price-list.js';
import { kindInput, recipeInput, testCatalogue } from '../../testing/trade.js';
import { compilePlan } from '../compile.js';
import { solvePlan } from '../../planner/solve.js';
import { followBase, followDrinks, followSchool, SCHOOL_BASICS, SCHOOLS } from './schools.js';

const KINDS = [...SCHOOL_BASICS, 'rye', 'bourbon', 'dry-gin', 'sweet-vermouth', 'red-bitter', 'lime'];
const slot = (kind: string) => ({ kind, amount: '30 ml', role: 'base' });
const drink = (id: string, kinds: string[], more: object = {}) =>
  recipeInput(kinds.map(slot), { id, name: id, ...more });
const catalogue = testCatalogue({
  kinds: KINDS.map((id) => kindInput(id, id === 'lime' ? { supply: 'fresh', job: 'fresh' } : {})),
  recipes: [
    drink('rye-sour', ['rye', 'simple-syrup', 'lime']),
    drink('rye-thirds', ['rye', 'sweet-vermouth', 'red-bitter'], { family: 'manhattan' }),
    drink('bourbon-sour', ['bourbon', 'simple-syrup', 'lime']),
    drink('gin-thirds', ['dry-gin', 'sweet-vermouth', 'red-bitter'], { family: 'manhattan' }),
    drink('gin-and-it', ['dry-gin', 'sweet-vermouth'], { family: 'manhattan' }),
  ],
});
const PRICES: Record<string, number> = {
  'simple-syrup': 50,
  'soda-water': 300,
  rye: 2700,
  bourbon: 2400,
  'dry-gin': 1750,
  'sweet-vermouth': 850,
  'red-bitter': 1800,
};
const prices = priceListSchema.parse({
  format: 'uisce-prices/1',
  id: 'shop',
  name: 'Shop',
  currency: 'EUR',
  provenance: 'a test',
  bottles: Object.entries(PRICES).map(([kind, priceMinor]) => ({
    id: `${kind}-x`,
    kind,
    label: kind,
    ml: 700,
    priceMinor,
    widthMm: 75,
    heightMm: 300,
  })),
});
const compiled = (change: Partial<HouseholdBrief> = {}) =>
  compilePlan({ ...emptyBrief('EUR'), howBig: 'taste', ...change }, prices, catalogue);
const bought = (steps: { itemId: string }[]) => steps.map((s) => s.itemId.replace('-x', ''));
const school = (id: string) => SCHOOLS.find((s) => s.id === id) as (typeof SCHOOLS)[number];

describe('a school', () => {
  it('buys its list in order after the basics, and leaves out what is not sold', () => {
    const steps = followSchool(compiled(), school('one-of-each'), 100_000);
    expect(bought(steps)).toEqual([
      ...SCHOOL_BASICS,
      'rye',
      'bourbon',
      'dry-gin',
      'sweet-vermouth',
      'red-bitter',
    ]);
    expect(steps.at(-1)?.spend).toBe(Object.values(PRICES).reduce((a, b) => a + b, 0));
    expect(steps.map((s) => s.drinks.length)).toEqual([0, 0, 1, 2, 2, 3, 5]);
  });

  it('waits for the next thing rather than passing it over for a cheaper one', () => {
    // 50 + 300 + 2700 leave too little for bourbon; gin could still be had.
    expect(bought(followSchool(compiled(), school('one-of-each'), 5000))).toEqual([...SCHOOL_BASICS, 'rye']);
  });

  it('starts from what is owned, and buys nothing that is ruled out', () => {
    const own = compiled({ ownedKinds: ['rye'], neverKinds: ['bourbon'] });
    const steps = followSchool(own, school('one-of-each'), 100_000);
    expect(bought(steps)).not.toContain('rye');
    expect(bought(steps)).not.toContain('bourbon');
    expect(steps[0]?.drinks.map((d) => d.id)).toEqual(['rye-sour']);
  });

  it('one bottle deep buys the base and what its own drinks lack, cheapest first', () => {
    expect(bought(followBase(compiled(), 'dry-gin', 100_000))).toEqual([
      ...SCHOOL_BASICS,
      'dry-gin',
      'sweet-vermouth',
      'red-bitter',
    ]);
  });

  it('drink by drink buys only what the next drink still lacks', () => {
    const steps = followDrinks(compiled(), ['gin-and-it', 'rye-thirds'], 100_000);
    expect(bought(steps.slice(0, 2)).sort()).toEqual(['dry-gin', 'sweet-vermouth']);
    expect(bought(steps.slice(2)).sort()).toEqual(['red-bitter', 'rye']);
  });
});

describe('the lenses of a brief', () => {
  it('become terms of the problem: what is like another, of one family on one spirit, counts half', () => {
    const { problem } = compiled({ variety: true });
    expect(problem.drinks.map((d) => d.family)).toEqual([
      'sour/rye',
      'manhattan/rye',
      'sour/bourbon',
      'manhattan/dry-gin',
      'manhattan/dry-gin',
    ]);
    // All five are made: the second of the two on gin counts half.
    expect(solvePlan({ ...problem, budget: 100_000 }).value).toBe(4.5);
  });

  it('become terms of the problem: a share of a taste caps the whole', () => {
    const { problem } = compiled({ shares: [{ taste: 'sour', oneIn: 2 }] });
    expect(problem.shares).toEqual([{ tag: 'sour', oneIn: 2 }]);
    const tagged = problem.drinks.filter((d) => d.tags?.includes('sour')).length;
    expect(solvePlan({ ...problem, budget: 100_000 }).value).toBe(Math.min(5, 2 * tagged));
  });
});
