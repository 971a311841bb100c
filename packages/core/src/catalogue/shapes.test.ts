import { describe, expect, it } from 'vitest';
import type { z } from 'zod';
import { kindInput, recipeInput } from '../testing/trade.js';
import { familySchema } from './family.js';
import { glassSchema } from './glass.js';
import { homeMadeSchema, pantrySchema } from './home-made.js';
import { cupSchema } from './jigger.js';
import { daysOnceOpen, kindSchema } from './kind.js';
import { pricedKitSchema, priceListSchema, pricedFreshSchema } from './price-list.js';
import { drinkKey, iceInMaking, METHODS, recipeSchema } from './recipe.js';
import { standInSchema } from './stand-in.js';

/** Where a schema finds fault with a value that is good but for one part. */
function refused(schema: z.ZodType, good: object, part: object): string[] {
  const read = schema.safeParse({ ...good, ...part });
  return read.success ? [] : read.error.issues.map((issue) => issue.path.join('/'));
}

const SLOT = { kind: 'gin', amount: '50 ml', role: 'base' };
const RECIPE = recipeInput([SLOT]);
const COUPE = {
  id: 'coupe',
  name: 'Coupe',
  minMl: 150,
  maxMl: 210,
  inside: [
    [0, 0],
    [60, 45],
  ],
  footMm: 70,
};
const BOTTLE = {
  id: 'gin-70',
  kind: 'gin',
  label: 'Gin',
  ml: 700,
  priceMinor: 1750,
  widthMm: 74,
  heightMm: 300,
};
const LIST = {
  format: 'uisce-prices/1',
  id: 'corner',
  name: 'Corner',
  currency: 'EUR',
  provenance: 'for the tests',
  bottles: [BOTTLE],
};
const MADE = {
  id: 'simple',
  makes: 'syrup',
  effort: 1,
  how: 'Stir it until it is clear.',
  keepsDays: 20,
  from: [{ pantry: 'sugar', g: 100 }],
};
const STAND_IN = { for: 'rye', with: ['bourbon'], match: 0.85, changes: 'Sweeter.' };

describe('what data may hold', () => {
  it('is read as it is written, with what is left out filled in', () => {
    expect(recipeSchema.parse(RECIPE).slots[0]).toEqual({
      kind: 'gin',
      or: [],
      amount: { value: 50, measure: 'ml' },
      role: 'base',
      optional: false,
      muddle: false,
      float: false,
      sink: false,
      beside: false,
    });
    expect(priceListSchema.parse(LIST).bottles[0]).toMatchObject({ tier: 'mixing', homeMade: false });
    expect(kindSchema.parse(kindInput('gin'))).toMatchObject({ abv: 0, storage: 'shelf', sizes: [] });
  });

  it.each<[what: string, schema: z.ZodType, good: object, part: object, at: string]>([
    ['a recipe of nothing', recipeSchema, RECIPE, { slots: [] }, 'slots'],
    ['a glug', recipeSchema, RECIPE, { slots: [{ ...SLOT, amount: 'a glug' }] }, 'slots/0/amount'],
    ['a role nobody plays', recipeSchema, RECIPE, { slots: [{ ...SLOT, role: 'magic' }] }, 'slots/0/role'],
    ['an unknown method', recipeSchema, RECIPE, { method: 'juggle' }, 'method'],
    ['a reason of two words', recipeSchema, RECIPE, { because: { method: 'it is' } }, 'because/method'],
    ['a field nobody knows', recipeSchema, RECIPE, { stars: 5 }, ''],
    ['a glass that narrows to nothing', glassSchema, COUPE, { inside: [[0, 30]] }, 'inside'],
    [
      'a glass drawn from the top down',
      glassSchema,
      COUPE,
      {
        inside: [
          [60, 45],
          [0, 0],
        ],
      },
      'inside',
    ],
    [
      'a measure whose lines fall',
      cupSchema,
      { name: 'cup' },
      {
        lines: [
          { ml: 50, diameterMm: 40 },
          { ml: 25, diameterMm: 40 },
        ],
      },
      'lines',
    ],
    ['a spirit stronger than any', kindSchema, kindInput('gin'), { abv: 0.97 }, 'abv'],
    ['sugar beyond what dissolves', kindSchema, kindInput('syrup'), { sugarGPerL: 1200 }, 'sugarGPerL'],
    ['a strength in words', kindSchema, kindInput('syrup'), { strength: 'rich' }, 'strength'],
    [
      'a price below nothing',
      priceListSchema,
      LIST,
      { bottles: [{ ...BOTTLE, priceMinor: -1 }] },
      'bottles/0/priceMinor',
    ],
    [
      'half a cent',
      priceListSchema,
      LIST,
      { bottles: [{ ...BOTTLE, priceMinor: 17.5 }] },
      'bottles/0/priceMinor',
    ],
    ['a currency in words', priceListSchema, LIST, { currency: 'euro' }, 'currency'],
    ['a shop that sells nothing', priceListSchema, LIST, { bottles: [] }, 'bottles'],
    [
      'a lime for less than nothing',
      pricedFreshSchema,
      { kind: 'lime', sold: '1 lime', priceMinor: 40 },
      { ml: 0 },
      'ml',
    ],
    ['a batch of nothing', homeMadeSchema, MADE, { from: [] }, 'from'],
    [
      'a part that is two things',
      homeMadeSchema,
      MADE,
      { from: [{ pantry: 'sugar', kind: 'gin', g: 1 }] },
      'from/0',
    ],
    ['a part that is none', homeMadeSchema, MADE, { from: [{ g: 1 }] }, 'from/0'],
    ['an afternoon of four', homeMadeSchema, MADE, { effort: 4 }, 'effort'],
    [
      'a spirit beyond the azeotrope',
      homeMadeSchema,
      MADE,
      { from: [{ pantry: 'spirit', g: 1, spiritAbv: 0.99 }] },
      'from/0/spiritAbv',
    ],
    ['more sugar than a gram of it', pantrySchema, { id: 'sugar', name: 'sugar' }, { sugar: 1.1 }, 'sugar'],
    ['a stand-in better than the real thing', standInSchema, STAND_IN, { match: 1.2 }, 'match'],
    ['a stand-in that is none', standInSchema, STAND_IN, { match: 0 }, 'match'],
    ['amounts for other parts than there are', standInSchema, STAND_IN, { parts: [0.5, 0.5] }, 'parts'],
    [
      'a family without a name',
      familySchema,
      {
        id: 'sour',
        name: 'Sours',
        idea: 'strong, sour, sweet',
        abv: [0.1, 0.3],
        sugarGPer100Ml: [0, 15],
        acidGPer100Ml: [0, 2],
      },
      { name: '' },
      'name',
    ],
  ])('is not %s', (_, schema, good, part, at) => {
    expect(refused(schema, good, part)).toContain(at);
  });

  it('is of one tool, one glass or one tray where it is sold by the piece', () => {
    const jigger = { id: 'j', label: 'Jigger', tool: 'jigger', priceMinor: 800 };
    expect(pricedKitSchema.safeParse(jigger).success).toBe(true);
    expect(pricedKitSchema.safeParse({ ...jigger, glass: 'coupe' }).success).toBe(false);
    const { tool: _, ...nothing } = jigger;
    expect(pricedKitSchema.safeParse(nothing).success).toBe(false);
  });
});

describe('a drink', () => {
  const recipe = (more: object) => recipeSchema.parse(recipeInput([SLOT], more));

  it('is counted by its group, or by itself', () => {
    expect(drinkKey(recipe({ id: 'wet', group: 'martini' }))).toBe('martini');
    expect(drinkKey(recipe({ id: 'gimlet' }))).toBe('gimlet');
  });

  // Common practice: what is shaken or stirred is made on cubes, what is blended on crushed ice.
  it('is made on the ice that its method takes, unless it says otherwise', () => {
    const made = Object.fromEntries(
      METHODS.map((method) => [method, iceInMaking(recipe({ method, ice: 'block' }))]),
    );
    expect(made).toEqual({
      build: 'block',
      swizzle: 'block',
      stir: 'cubes',
      shake: 'cubes',
      'dry-shake': 'cubes',
      blend: 'crushed',
      layer: 'none',
      hot: 'none',
    });
    expect(iceInMaking(recipe({ method: 'shake', making: 'none' }))).toBe('none');
  });
});

describe('a bottle once open', () => {
  it('keeps as the shop preserved it, or as it is made at home', () => {
    const syrup = { openDays: 21, boughtOpenDays: 120 };
    expect(daysOnceOpen(syrup)).toBe(21);
    expect(daysOnceOpen(syrup, { homeMade: true })).toBe(21);
    expect(daysOnceOpen(syrup, { homeMade: false })).toBe(120);
    expect(daysOnceOpen({ openDays: 60, boughtOpenDays: undefined }, { homeMade: false })).toBe(60);
    expect(daysOnceOpen({ openDays: undefined, boughtOpenDays: undefined })).toBeUndefined();
  });
});
