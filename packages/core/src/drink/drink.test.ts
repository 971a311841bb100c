import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { testKinds, testRecipe } from '../testing/trade.js';
import { drinkCost } from './cost.js';
import { dilution, drinkFigures } from './figures.js';
import { inGlass } from './in-glass.js';
import { standardDrink } from './standard-drink.js';
import { strengthOf } from './strength.js';
import { drinkTastes } from './tastes.js';
import { asSweetMl } from './as-sweet.js';

const kinds = testKinds(
  ['spirit', { abv: 0.4 }],
  ['lime-juice', { supply: 'fresh', acidGPerL: 60, sugarGPerL: 15 }],
  ['simple-syrup', { supply: 'home-made', sugarGPerL: 615 }],
  ['amaro', { abv: 0.3, sugarGPerL: 240, tastes: ['bitter'] }],
  ['absinthe', { abv: 0.65, tastes: ['anise'], caution: 'High proof.' }],
  ['soda', { supply: 'mixer', tastes: ['fizzy'] }],
  ['egg-white', { supply: 'fresh', tastes: ['egg'], allergens: ['egg'], each: { ml: 30, kcal: 17 } }],
  ['cream', { supply: 'fresh', allergens: ['milk'], tastes: ['creamy'], otherKcalPerL: 3200 }],
);
const drink = (method: string, slots: Parameters<typeof testRecipe>[0], more: object = {}) =>
  testRecipe(slots, { method, ...more });

const SOUR = drink('shake', [
  ['spirit', '60 ml', 'base'],
  ['lime-juice', '22.5 ml', 'sour'],
  ['simple-syrup', '22.5 ml', 'sweet'],
]);

describe('a bottle sweeter than its kind', () => {
  it('sweetens as much with less: the same grams of sugar', () => {
    // Warm grenadine of 912 g/l where a spec means 650: 15 ml become 10.5 or 11 (as measured of one batch).
    expect(asSweetMl(15, { sugarGPerL: 650 }, { sugarGPerL: 912 })).toBe(10.5);
    expect(asSweetMl(15, { sugarGPerL: 250 }, { sugarGPerL: 167 })).toBe(22.5);
    expect(asSweetMl(15, { sugarGPerL: 615 }, { sugarGPerL: 640 })).toBeUndefined();
    expect(asSweetMl(50, { sugarGPerL: 0 }, { sugarGPerL: 30 })).toBeUndefined();
  });
});

describe('dilution', () => {
  // Arnold, Liquid Intelligence, 2014 (from memory): a mix of 0.30 stirred gains 0.41 of its volume.
  it('of a 0.30 mix stirred is 0.41, and shaking adds more', () => {
    expect(dilution(0.3, 'stir', 'none')).toBeCloseTo(0.41, 2);
    expect(dilution(0.3, 'shake', 'none')).toBeGreaterThan(dilution(0.3, 'stir', 'none'));
  });
});

describe('a classic sour', () => {
  // Arnold 2014 (from memory): shaken sours are served at about 15 to 20 % with 0.75 to 0.95 g acid per 100 ml.
  it('comes out at the strength and sourness the trade knows', () => {
    const profile = drinkFigures(SOUR, kinds);
    expect(profile.mixMl).toBe(105);
    expect(profile.abv).toBeGreaterThan(0.14);
    expect(profile.abv).toBeLessThan(0.2);
    const acidPer100 = (profile.acidG / profile.servedMl) * 100;
    expect(acidPer100).toBeGreaterThan(0.75);
    expect(acidPer100).toBeLessThan(0.95);
    // 22.5 ml of 1:1 at 0.615 g/ml is 13.8 g, and the lime brings a little of its own.
    expect(profile.sugarG).toBeCloseTo(22.5 * 0.615 + 22.5 * 0.015, 6);
  });

  it('tastes sour, not sweet or strong', () => {
    expect([...drinkTastes(SOUR, kinds)]).toEqual(['sour']);
  });
});

describe('tastes', () => {
  it('count a dash of anise and not a dash of bitterness', () => {
    const seasoned = drink('stir', [
      ['spirit', '60 ml', 'base'],
      ['amaro', '2 dashes', 'seasoning'],
      ['absinthe', '1 dash', 'rinse'],
    ]);
    expect(drinkTastes(seasoned, kinds)).toEqual(new Set(['anise', 'strong']));
  });

  it('find bitterness and fizz where they are poured', () => {
    const long = drink('build', [
      ['amaro', '30 ml', 'bitter'],
      ['soda', '90 ml', 'long'],
    ]);
    expect(drinkTastes(long, kinds)).toEqual(new Set(['bitter', 'fizzy']));
  });
});

describe('what joins after the ice', () => {
  it('takes no melt with it: soda on a collins, cream on a coffee, but not pineapple in the shaker', () => {
    const mixed = drink('shake', [['spirit', '60 ml', 'base']]);
    const topped = drink('shake', [
      ['spirit', '60 ml', 'base'],
      ['soda', '60 ml', 'long'],
    ]);
    expect(drinkFigures(topped, kinds).waterMl).toBeCloseTo(drinkFigures(mixed, kinds).waterMl, 9);
    const shaken = drink('shake', [
      ['spirit', '60 ml', 'base'],
      ['lime-juice', '60 ml', 'long'],
    ]);
    expect(drinkFigures(shaken, kinds).waterMl).toBeCloseTo(120 * dilution(0.2, 'shake', 'none'), 9);
  });
});

describe('figures of a drink', () => {
  // 45 ml at 40 % hold 18 ml of ethanol; at 0.78924 g/ml (OIML R 22, from memory) that is 14.2 g, which is
  // why 1.5 US fluid ounces of spirit are one US standard drink of 14 g.
  it('are one US standard drink, and about 1.8 UK units, for a 45 ml measure of spirit', () => {
    const { ethanolG } = drinkFigures(drink('build', [['spirit', '45 ml', 'base']]), kinds);
    expect(ethanolG / standardDrink('en-US').g).toBeCloseTo(1, 1);
    expect(ethanolG / standardDrink('en-GB').g).toBeCloseTo(1.8, 1);
  });

  it('count what stands beside it in a glass of its own as drunk, and not as mixed in', () => {
    const recipe = drink('build', [
      ['spirit', '30 ml', 'base'],
      ['spirit', '15 ml', 'long'],
    ]);
    const [base, other] = recipe.slots;
    if (!base || !other) throw new Error('two parts');
    const chased = { ...recipe, slots: [base, { ...other, beside: true }] };
    const alone = drinkFigures({ ...recipe, slots: [base] }, kinds);
    expect(drinkFigures(chased, kinds).abv).toBe(alone.abv);
    expect(drinkFigures(chased, kinds).ethanolG).toBeCloseTo(alone.ethanolG * 1.5, 6);
    const soft = { ...recipe, slots: [{ ...other, beside: true }] };
    expect(inGlass(soft, kinds).noAlcohol).toBe(false);
  });

  // From memory of national guidance.
  it.each([
    ['en-US', 14],
    ['en-GB', 8],
    ['en-IE', 10],
    ['en-AU', 10],
    ['en-CA', 13.45],
    ['it-IT', 12],
    ['de-DE', 10],
  ])('count a standard drink in %s as %d g', (locale, g) => {
    expect(standardDrink(locale).g).toBe(g);
  });

  // Regulation (EU) No 1169/2011, annex XIV (from memory): 7 kcal a gram of alcohol, 4 of sugar.
  it('hold the energy of their alcohol, sugar, and whatever fat comes with them', () => {
    const spirit = drinkFigures(drink('build', [['spirit', '45 ml', 'base']]), kinds);
    expect(spirit.kcal).toBeCloseTo(14.206 * 7, 1);
    const syrup = drinkFigures(drink('build', [['simple-syrup', '20 ml', 'sweet']]), kinds);
    expect(syrup.kcal).toBeCloseTo(20 * 0.615 * 4, 6);
    const rich = drinkFigures(
      drink('shake', [
        ['cream', '30 ml', 'body'],
        ['egg-white', '1 whole', 'body'],
      ]),
      kinds,
    );
    expect(rich.kcal).toBeCloseTo(96 + 17, 6);
    expect(rich.mixMl).toBe(60);
  });

  it('warn of every allergen and caution once, equals and optional parts included', () => {
    const sour = drink('dry-shake', [
      ['spirit', '45 ml', 'base', { or: ['absinthe'] }],
      ['egg-white', '1 whole', 'body', { optional: true }],
      ['absinthe', '1 dash', 'rinse'],
    ]);
    expect(inGlass(sour, kinds)).toMatchObject({
      allergens: ['egg'],
      cautions: ['High proof.'],
      unknown: [],
    });
  });
});

describe('what a drink costs', () => {
  const bottle = (id: string, kind: string, ml: number, priceMinor: number, tier = 'mixing') => ({
    id,
    kind,
    label: id,
    ml,
    priceMinor,
    widthMm: 70,
    heightMm: 300,
    tier,
  });
  const prices = priceListSchema.parse({
    format: 'uisce-prices/1',
    id: 'l',
    name: 'L',
    currency: 'EUR',
    provenance: 'test',
    bottles: [
      bottle('small', 'spirit', 350, 1400),
      bottle('large', 'spirit', 700, 2100),
      bottle('finer', 'spirit', 700, 700, 'finer'),
      bottle('made-simple', 'simple-syrup', 500, 100),
    ],
    fresh: [
      { kind: 'lime-juice', sold: '1 lime', priceMinor: 40, ml: 25 },
      { kind: 'egg-white', sold: '1 egg', priceMinor: 35, pieces: 1 },
    ],
  });

  it('is each part’s share of the cheapest mixing bottle and of what is fresh', () => {
    const sour = drink('dry-shake', [
      ['spirit', '70 ml', 'base'],
      ['lime-juice', '25 ml', 'sour'],
      ['simple-syrup', '20 ml', 'sweet'],
      ['egg-white', '1 whole', 'body'],
      ['amaro', '10 ml', 'bitter'],
      ['absinthe', '1 dash', 'rinse', { optional: true }],
    ]);
    const cost = drinkCost(sour, prices, kinds);
    expect(cost.minor).toBe(210 + 40 + 4 + 35);
    expect(cost.unpriced).toEqual(['amaro']);
  });
});

describe('how strong a drink is', () => {
  it('is the same for whoever filters by it and for whoever will not have it strong', () => {
    // Common practice: a highball is light, a sour middling, what is stirred of spirits alone is strong.
    expect([0, 0.005, 0.09, 0.12, 0.17, 0.22, 0.29].map(strengthOf)).toEqual([
      'none',
      'none',
      'light',
      'middling',
      'middling',
      'strong',
      'strong',
    ]);
    for (let sodaMl = 5; sodaMl <= 100; sodaMl += 5) {
      const long = drink('build', [
        ['spirit', '60 ml', 'base'],
        ['soda', `${sodaMl} ml`, 'long'],
      ]);
      const isStrong = strengthOf(drinkFigures(long, kinds).abv) === 'strong';
      expect(drinkTastes(long, kinds).has('strong'), `${sodaMl} ml`).toBe(isStrong);
    }
  });
});
