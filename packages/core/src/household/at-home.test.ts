import { describe, expect, it } from 'vitest';
import { emptyKit } from '../kit/kit.js';
import { beginBatch, bottleBatch } from '../bench/batch-life.js';
import type { BatchRecord } from '../bench/batch-record.js';
import { scaledBatch } from '../bench/batch.js';
import { bottleThere, type Bottle } from '../stock/bottle.js';
import { kindInput, testCatalogue, testRecipe } from '../testing/trade.js';
import { kindIndex } from '../catalogue/catalogue.js';
import { drinkFigures } from '../drink/figures.js';
import { atHome } from './at-home.js';
import { logOrders } from '../pouring/log-round.js';
import { pourNeat } from '../pouring/pour-neat.js';

const ID = (n: number) => `7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c${String(n).padStart(3, '0')}`;
const TODAY = '2026-11-26';
const catalogue = testCatalogue({
  kinds: [
    kindInput('whiskey', { abstract: true }),
    kindInput('bourbon', { abv: 0.4, parent: 'whiskey' }),
    kindInput('orgeat', { supply: 'home-made', allergens: ['nuts'], keepsAs: 'nuts' }),
    kindInput('syrup', { supply: 'home-made', sugarGPerL: 615, keepsAs: 'plain' }),
    kindInput('own-nut-milk', { supply: 'fresh', allergens: ['peanuts'], keepsAs: 'nuts' }),
    kindInput('own-whatever', { parent: 'orgeat', allergensStated: false }),
    kindInput('no-alcohol-bitter', { supply: 'mixer', abv: 0, keepsAs: 'plain' }),
  ],
  pantry: [
    { id: 'sugar', name: 'sugar', sugar: 1, keepsAs: 'plain' },
    { id: 'water', name: 'water', water: 1, keepsAs: 'plain' },
  ],
  homeMade: [
    {
      id: 'syrup',
      makes: 'syrup',
      effort: 1,
      how: 'Stir it until it is clear.',
      keepsDays: 14,
      from: [
        { pantry: 'sugar', g: 100 },
        { pantry: 'water', g: 100 },
      ],
    },
    {
      id: 'rich',
      makes: 'syrup',
      way: 'rich',
      effort: 1,
      how: 'Stir it until it is clear.',
      keepsDays: 14,
      from: [
        { pantry: 'sugar', g: 200 },
        { pantry: 'water', g: 100 },
      ],
    },
    {
      id: 'nutty',
      makes: 'syrup',
      way: 'nutty',
      effort: 1,
      how: 'Stir it until it is clear.',
      keepsDays: 14,
      from: [
        { pantry: 'sugar', g: 200 },
        { kind: 'own-nut-milk', g: 100 },
      ],
    },
    {
      id: 'strange',
      makes: 'syrup',
      way: 'strange',
      effort: 1,
      how: 'Stir it until it is clear.',
      keepsDays: 14,
      from: [
        { pantry: 'sugar', g: 200 },
        { kind: 'own-whatever', g: 100 },
      ],
    },
  ],
});
const library = kindIndex(catalogue.kinds);
function batch(n: number, way: string, more: Partial<BatchRecord> = {}): BatchRecord {
  const recipe = catalogue.homeMade.find((h) => h.id === way) ?? expect.fail(way);
  const made = scaledBatch(recipe, 1, catalogue, library);
  const begun = { ...beginBatch(ID(n), made, `${TODAY}T10:00:00.000Z`), inG: recipe.from.map((p) => p.g) };
  return { ...bottleBatch(begun, made, TODAY, catalogue), ...more };
}
const bottle = (n: number, kind: string, more: Partial<Bottle> = {}): Bottle => ({
  ...bottleThere(ID(n), kind),
  sizeMl: 700,
  leftMl: 700,
  ...more,
});
const here = (bottles: Bottle[], batches: BatchRecord[] = []) =>
  atHome({ catalogue, bottles, batches, kit: emptyKit(), houseSyrupRatio: null, today: TODAY });

describe('kinds as they are in this house', () => {
  it('are as strong as the bottle that is poured first, where its label says so', () => {
    const open = bottle(1, 'bourbon', { abv: 0.57, openedOn: '2026-11-01' });
    expect(here([bottle(2, 'bourbon'), open]).kinds.get('bourbon')?.abv).toBe(0.57);
    expect(here([bottle(2, 'bourbon', { openedOn: '2026-10-01' }), open]).kinds.get('bourbon')?.abv).toBe(
      0.4,
    );
    // The syrup may be made with something of one's own; the bourbon is kept for sipping.
    expect(here([bottle(1, 'bourbon', { abv: 0.57, sipping: true })]).changed.map((k) => k.id)).toEqual([
      'syrup',
      'own-whatever',
    ]);
    // Without alcohol is what is so in every bottle.
    const bitters = [
      bottle(1, 'no-alcohol-bitter', { openedOn: '2026-11-01' }),
      bottle(2, 'no-alcohol-bitter', { abv: 0.11 }),
    ];
    expect(here(bitters).kinds.get('no-alcohol-bitter')?.abv).toBe(0.11);
    // As sweet as the label of the bottle that is poured first; one read by nobody is as sweet as its kind.
    const sweet = bottle(3, 'syrup', { sugarGPerL: 912, openedOn: '2026-11-01' });
    expect(here([bottle(4, 'syrup'), sweet]).kinds.get('syrup')?.sugarGPerL).toBe(912);
    expect(here([bottle(4, 'syrup', { openedOn: '2026-10-01' }), sweet]).kinds.get('syrup')?.sugarGPerL).toBe(
      615,
    );
  });

  it('hold what went into any batch that is left, and are as sweet as the one poured first', () => {
    const sugar = (batches: BatchRecord[]) => here([], batches).kinds.get('syrup')?.sugarGPerL ?? NaN;
    // 1:1 holds about 615 g a litre, 2:1 about 880 (NBS Circular 440, from memory).
    expect(Math.round(sugar([batch(1, 'syrup')]) / 10)).toBe(61);
    expect(Math.round(sugar([batch(1, 'rich')]) / 10)).toBe(88);
    expect(
      sugar([batch(1, 'syrup', { useBy: '2026-12-20' }), batch(2, 'rich', { useBy: '2026-12-01' })]),
    ).toBeGreaterThan(850);
    // A refractometer's reading is the truth.
    expect(Math.round(sugar([batch(1, 'syrup', { measuredBrix: 55 })]))).toBe(692);
    const nutty = here([], [batch(1, 'syrup'), batch(2, 'nutty')]).kinds.get('syrup');
    expect(nutty?.allergens).toEqual(['peanuts']);
    expect(
      here([], [batch(1, 'syrup'), batch(2, 'nutty', { remainingMl: 0 })]).kinds.get('syrup')?.allergens,
    ).toEqual([]);
  });

  it('are unknown with what is unknown in them, and may hold what their parents do', () => {
    const { kinds } = here([], [batch(1, 'strange')]);
    expect(kinds.get('syrup')).toMatchObject({ allergensStated: false, allergens: ['nuts'] });
    expect(kinds.get('own-whatever')).toMatchObject({ allergensStated: false, allergens: ['nuts'] });
  });
});

describe('standard drinks', () => {
  const sour = testRecipe([['bourbon', '60 ml', 'base']], { id: 'sour', name: 'Sour' });
  const order = { drink: sour, of: 'sour', count: 2, for: ['Ann'], cannot: [], without: [], from: [] };
  const stock = (bottles: Bottle[]) => ({
    bottles,
    batches: [],
    minorPerMl: () => undefined,
    currency: null,
    kinds: here(bottles).kinds,
  });
  const written = { at: `${TODAY}T20:00:00.000Z`, on: TODAY, newId: () => ID(99) };

  it('are of the bottles that were drawn, each at its own strength', () => {
    // 60 ml of each for two glasses of 60: half at 57, half at 40 % vol; ethanol 0.789 g/ml.
    const bottles = [
      bottle(1, 'bourbon', { abv: 0.57, leftMl: 60, openedOn: '2026-11-01' }),
      bottle(2, 'bourbon', { abv: 0.4 }),
    ];
    const [pour] = logOrders([order], stock(bottles), written).pours;
    expect(pour?.ethanolG).toBeCloseTo(60 * 0.485 * 0.78924, 6);
  });

  it('are of what is poured by itself, too: that bottle, kept for sipping or not', () => {
    const sipping = bottle(1, 'bourbon', { abv: 0.57, sipping: true });
    const of = { ml: 50, glasses: 2, for: ['Ann', 'Bo'] };
    const logged = pourNeat(sipping, of, { ...stock([sipping]), kinds: library }, written);
    expect(logged?.pours[0]).toMatchObject({ drink: 'neat-bourbon', glasses: 2, servedMl: 50 });
    expect(logged?.pours[0]?.ethanolG).toBeCloseTo(50 * 0.57 * 0.78924, 6);
    expect(logged?.bottles[0]).toMatchObject({ leftMl: 600, sipping: true });
    expect(pourNeat({ ...sipping, leftMl: 60 }, of, stock([sipping]), written)).toBeUndefined();
    expect(drinkFigures(sour, library).ethanolG).toBeGreaterThan(0);
  });
});
