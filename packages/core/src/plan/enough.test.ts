import { describe, expect, it } from 'vitest';
import { kindIndex } from '../catalogue/catalogue.js';
import { priceListSchema } from '../catalogue/price-list.js';
import { PlanSearch } from '../planner/plan-search.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { answerPlan } from './answer.js';
import { emptyBrief } from './brief.js';
import { compilePlan } from './compile.js';
import { enoughOf } from './enough.js';

const SIZES = [{ ml: 700, widthMm: 72, heightMm: 300 }];
const catalogue = testCatalogue({
  kinds: [
    kindInput('gin', { abv: 0.4, sizes: SIZES }),
    kindInput('vermouth', { job: 'aromatic', abv: 0.16, sizes: SIZES }),
    kindInput('old-tom', { abv: 0.4, sizes: SIZES }),
    kindInput('tonic', { job: 'long', supply: 'mixer', sizes: SIZES }),
    kindInput('lime', { job: 'fresh', supply: 'fresh' }),
  ],
  standIns: [{ for: 'old-tom', with: ['gin', 'vermouth'], parts: [0.5, 0.5], match: 0.8, changes: 'Drier.' }],
  recipes: [
    drink('martini', ['gin', '60 ml'], ['vermouth', '10 ml']),
    // A variant of the same drink: counted once, as the one that matches best.
    drink('wet', ['gin', '40 ml'], ['vermouth', '40 ml'], ['old-tom', '5 ml']),
    drink('gimlet', ['gin', '50 ml'], ['lime', '20 ml']),
    drink('long', ['gin', '50 ml'], ['tonic', '150 ml']),
    drink('tom', ['old-tom', '60 ml'], ['lime', '20 ml']),
  ],
});
function drink(id: string, ...slots: [kind: string, amount: string][]) {
  const of = slots.map(([kind, amount], i) => ({ kind, amount, role: i === 0 ? 'base' : 'long' }));
  return recipeInput(of, { id, ...(id === 'wet' || id === 'martini' ? { group: 'martini' } : {}) });
}
const bottle = (id: string, ml: number, priceMinor: number) => ({
  id,
  kind: id,
  label: id,
  ml,
  priceMinor,
  widthMm: 72,
  heightMm: 300,
});
const shop = priceListSchema.parse({
  format: 'uisce-prices/1',
  id: 'corner',
  name: 'Corner',
  currency: 'EUR',
  provenance: 'for the tests',
  bottles: [bottle('gin', 700, 2100), bottle('vermouth', 50, 100), bottle('tonic', 200, 80)],
  fresh: [{ kind: 'lime', sold: '1 lime', priceMinor: 40, ml: 20 }],
});
const recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));
const brief = { ...emptyBrief('EUR'), howBig: 'taste' as const, moneyNowMinor: 5000 };
const compiled = compilePlan(brief, shop, catalogue);
const result = answerPlan(compiled, new PlanSearch(compiled.problem), 5000);
if (result === undefined) throw new Error('not stopped by anybody');
const enough = enoughOf(result, catalogue, recipes, kindIndex(catalogue.kinds), shop, brief);

describe('what a set pours', () => {
  it('is worked out by hand: four drinks from gin, vermouth and tonic', () => {
    expect(enough.drinks).toBe(4);
    // Gin: 60, 50, 50 and half of 60: 190 ml a round of four. Vermouth: 10 and half of 60, 40 ml. Tonic: 150 ml.
    const by = Object.fromEntries(enough.bottles.map((b) => [b.itemId, b]));
    expect(by['gin']?.untilEmpty).toBeCloseTo(700 / (190 / 4), 9);
    expect(by['gin']?.drinksIn).toBeCloseTo(700 / (190 / 4), 9);
    expect(by['vermouth']?.untilEmpty).toBeCloseTo(50 / (40 / 4), 9);
    expect(by['vermouth']?.drinksIn).toBeCloseTo(50 / 20, 9);
    expect(by['tonic']?.untilEmpty).toBeCloseTo(200 / (150 / 4), 9);
  });

  it('names the first bottle to be out, mixers apart, and pours each drink once where there is enough', () => {
    expect(enough.bottles.map((b) => b.itemId)).toEqual(['vermouth', 'tonic', 'gin']);
    expect(enough.first?.itemId).toBe('vermouth');
    expect(enough.onceEach).toBe(4);
    // Gimlet and tom take 80 of 120 ml of gin; the others ask for 50 and 60.
    const items = result.items.map((i) =>
      i.id === 'gin' && i.bottle ? { ...i, bottle: { ...i.bottle, ml: 120 } } : i,
    );
    const scant = enoughOf({ ...result, items }, catalogue, recipes, kindIndex(catalogue.kinds), shop, brief);
    expect(scant.onceEach).toBe(2);
  });

  it('comes to the average of its glasses, what is fresh apart', () => {
    // Gin is 3 a ml, vermouth 2, tonic 0.4, lime 2; half gin and half vermouth stand in for old tom.
    const glasses = [60 * 3 + 10 * 2, 50 * 3 + 20 * 2, 50 * 3 + 150 * 0.4, 30 * 3 + 30 * 2 + 20 * 2];
    expect(enough.glassMinor).toBeCloseTo(glasses.reduce((a, b) => a + b) / 4, 9);
    expect(enough.freshMinor).toBeCloseTo((40 + 40) / 4, 9);
  });
});
