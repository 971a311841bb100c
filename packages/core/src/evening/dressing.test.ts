import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { testKinds, testRecipe, testShop } from '../testing/trade.js';
import { allToBuy, dressingOf } from './dressing.js';
import { quantitiesOf } from './quantities.js';

const kinds = testKinds(
  ['gin', { abv: 0.4 }],
  ['lemon-juice', { supply: 'fresh', juiceMl: 40 }],
  [
    'lemon-whole',
    { supply: 'fresh', one: 'lemon', whole: { kind: 'lemon-juice', pieces: 8 }, each: { ml: 3 } },
  ],
  ['mint', { supply: 'fresh', herb: true, one: 'mint', each: { ml: 0 } }],
  ['aromatic-bitters', { one: 'aromatic bitters' }],
);
const prices = testShop({
  fresh: [
    { kind: 'lemon-juice', sold: '1 lemon', priceMinor: 50, ml: 40 },
    { kind: 'lemon-whole', sold: '1 lemon in 8 pieces', priceMinor: 50, pieces: 8 },
    { kind: 'mint', sold: '1 bunch', priceMinor: 160, pieces: 60 },
  ],
});
const house = { kinds, prices, there: new Map(), freshPieces: new Map<string, number>() };
const drink = (garnish: string, slots: Parameters<typeof testRecipe>[0] = []) =>
  testRecipe([['gin', '60 ml', 'base'], ...slots], { garnish });
const dressed = (glasses: number, of: ReturnType<typeof drink>) => {
  const pours = [{ drink: of, glasses, mixed: 0, brimMl: 180 }];
  const { wanted, dressing, garnishes } = quantitiesOf(pours, house);
  expect(dressingOf(pours, wanted, house)).toEqual(dressing);
  return { wanted, dressing, garnishes };
};
const JUICE: Parameters<typeof testRecipe>[0][number] = ['lemon-juice', '20 ml', 'sour'];

describe('what dresses an evening', () => {
  // Eight twists or wheels to a lemon, six leaves to a sprig: common practice.
  it('is bought by the fruit and the bunch: wheels eight to a lemon, slices sixteen, sprigs ten to a bunch', () => {
    expect(dressed(9, drink('lemon wheel')).dressing).toMatchObject([{ wanted: 9, buy: { count: 2 } }]);
    expect(dressed(16, drink('lemon slice')).dressing).toMatchObject([{ wanted: 8, buy: { count: 1 } }]);
    expect(dressed(11, drink('mint')).dressing).toMatchObject([{ wanted: 66, buy: { count: 2 } }]);
    expect(dressed(3, drink('lemon twist')).garnishes).toEqual([{ garnish: 'lemon twist', glasses: 3 }]);
  });

  it('takes the peel of what is pressed, and what the bunch for the glass has left', () => {
    expect(dressed(8, drink('lemon twist')).dressing).toHaveLength(1);
    expect(dressed(8, drink('lemon twist', [JUICE])).dressing).toEqual([]);
    expect(dressed(2, drink('lemon wheel', [JUICE])).dressing).toHaveLength(1);
    const julep = drink('mint', [['mint', '8 leaves', 'aromatic', { muddle: true }]]);
    const { wanted, dressing } = dressed(4, julep);
    // 32 leaves in four cups and 24 on them are one bunch of 60.
    expect(wanted.find((w) => w.kind === 'mint')?.buy?.count).toBe(1);
    expect(dressing).toMatchObject([{ kind: 'mint', wanted: 24, short: 0 }]);
  });

  it('is nothing for what is left to taste, and for a few drops out of a bottle', () => {
    const drops = drink('three drops of aromatic bitters');
    expect(dressed(6, drops).dressing).toEqual([]);
    const optional = {
      ...drops,
      garnish: [{ kind: 'mint', form: 'sprig', count: 1, where: 'in', or: [], optional: true }],
    };
    expect(dressed(6, optional as typeof drops).dressing).toEqual([]);
  });

  it('never costs less for more glasses, and goes onto an errand once a thing', () => {
    const money = (glasses: number) =>
      allToBuy([], dressed(glasses, drink('mint, lemon wheel', [JUICE])).dressing).reduce(
        (sum, item) => sum + item.priceMinor,
        0,
      );
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 0, max: 20 }), (glasses, more) => {
        expect(money(glasses + more)).toBeGreaterThanOrEqual(money(glasses));
      }),
    );
    const { dressing } = dressed(20, drink('mint'));
    const [bunch] = allToBuy([], dressing);
    expect(allToBuy(bunch ? [bunch] : [], dressing)).toMatchObject([
      { kind: 'mint', count: 4, priceMinor: 640 },
    ]);
  });
});
