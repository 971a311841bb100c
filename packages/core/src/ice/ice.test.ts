import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kindInput, testCatalogue, testKinds, testRecipe } from '../testing/trade.js';
import { iceLeft } from './ice-left.js';
import { fillsADay, iceKit, iceOf, pieceG, type DrinkIce } from './ice-kit.js';

const kinds = testKinds(['gin', { abv: 0.4 }], ['tonic', { job: 'long', supply: 'mixer' }]);
const tray = (makes: 'cubes' | 'block', edgeMm: number, pieces: number, hours: number, count = 1) => ({
  mould: { id: makes, name: makes, makes, edgeMm, pieces, hours, caution: undefined },
  count,
});
type Tray = Parameters<typeof iceKit>[2][number];
const trays = (...some: object[]) => some as Tray[];

describe('a piece of ice', () => {
  // Ice is 0.917 g/ml at 0 °C (CRC Handbook of Chemistry and Physics, from memory).
  it.each([
    [32, 30],
    [25, 14.3],
    [50, 114.6],
  ])('of %d mm weighs about %d g', (edgeMm, g) => {
    expect(pieceG({ edgeMm })).toBeCloseTo(g, 0);
  });

  it('tray is filled once at least, and no more often than somebody is awake for', () => {
    expect([24, 16, 8, 5, 1].map((hours) => fillsADay({ hours }))).toEqual([1, 1, 2, 3, 3]);
  });
});

describe('the ice of one drink', () => {
  const drink = (method: string, ice: string) =>
    testRecipe(
      [
        ['gin', '50 ml', 'base'],
        ['tonic', '100 ml', 'long'],
      ],
      { method, ice, glass: 'highball' },
    );

  it('is in the shaker, in the glass, or in both', () => {
    const shakenUp = iceOf(drink('shake', 'none'), 180, kinds);
    expect([shakenUp.makingG > 0, shakenUp.servedG]).toEqual([true, 0]);
    const built = iceOf(drink('build', 'cubes'), 350, kinds);
    expect([built.makingG, built.servedG > 50]).toEqual([0, true]);
    const shakenOver = iceOf(drink('shake', 'cubes'), 350, kinds);
    expect([shakenOver.makingG, shakenOver.servedG > 50]).toEqual([shakenUp.makingG, true]);
  });

  it('asks for one large piece only where it is served on one', () => {
    expect(iceOf(drink('stir', 'block'), 300, kinds).blockG).toBeGreaterThan(100);
    expect(iceOf(drink('stir', 'cubes'), 300, kinds).blockG).toBe(0);
  });
});

describe('ice for an evening', () => {
  const sour: DrinkIce = { makingG: 150, servedG: 0, blockG: 0 };
  const oldFashioned: DrinkIce = { makingG: 150, servedG: 120, blockG: 120 };

  it('is worked out by hand: six guests, a shaken drink and one over a large piece', () => {
    const menu = [sour, oldFashioned, sour, oldFashioned];
    const kit = iceKit(menu, 6, trays(tray('cubes', 32, 14, 5, 2), tray('block', 50, 4, 24)));
    // Six times four drinks, half of each kind: 24 × (150 + 270) / 2 = 5,040 g, and 15 % for what is dropped and melts.
    expect(kit.neededG).toBeCloseTo(5_040 * 1.15, 6);
    expect(kit.blocks).toBe(12);
    expect([kit.cubesADay, kit.blocksADay]).toEqual([2 * 14 * 3, 4]);
    // Twelve large pieces at four a day take three days; the cubes alone would take two.
    expect(kit.daysAhead).toBe(3);
  });

  it('grows with guests, never falls short of what is needed, and says nothing of days without trays', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 4 }), (guests, count) => {
        const made = trays(tray('cubes', 32, 14, 5, count));
        const kit = iceKit([sour, sour], guests, made);
        const more = iceKit([sour, sour], guests + 1, made);
        expect(more.neededG).toBeGreaterThan(kit.neededG);
        expect(kit.neededG).toBeGreaterThanOrEqual(guests * 2 * sour.makingG);
        expect((kit.daysAhead ?? 0) * kit.gramsADay).toBeGreaterThanOrEqual(kit.neededG - 1e-6);
      }),
    );
    expect(iceKit([sour], 4, []).daysAhead).toBeUndefined();
    expect(iceKit([], 4, []).neededG).toBe(0);
  });
});

describe('ice that is left', () => {
  const sour = testRecipe([['gin', '60 ml', 'base']], { id: 'sour', method: 'shake', ice: 'none' });
  const highball = testRecipe([['gin', '60 ml', 'base']], {
    id: 'highball',
    method: 'build',
    ice: 'cubes',
  });
  const library = testCatalogue({ kinds: [kindInput('gin', { abv: 0.4 })], recipes: [] });
  const all = { recipes: [sour, highball], glasses: library.glasses };
  const counted = { ownG: 1000, boughtG: 400, countedAt: '2026-11-26T18:00:00.000Z' };
  const pour = (drink: string, glasses: number, at = '2026-11-26T20:00:00.000Z') => ({ drink, glasses, at });
  const left = (...pours: ReturnType<typeof pour>[]) => iceLeft(counted, pours, all, kinds);

  it('is what was counted, less 150 g a shaken drink of the bought, then of one’s own (common practice)', () => {
    expect(left(pour('sour', 2))).toMatchObject({ ownG: 1000, boughtG: 100 });
    expect(left(pour('sour', 4))).toMatchObject({ ownG: 800, boughtG: 0 });
    expect(left(pour('sour', 99))).toMatchObject({ ownG: 0, boughtG: 0 });
  });

  it('is one’s own in the glass; what was poured before somebody looked took none of it', () => {
    const { ownG, boughtG } = left(pour('highball', 1));
    expect([ownG < 1000, boughtG]).toEqual([true, 400]);
    expect(left(pour('sour', 2, '2026-11-26T17:00:00.000Z'))).toEqual(counted);
    expect(iceLeft({ ...counted, countedAt: null }, [pour('sour', 2)], all, kinds).boughtG).toBe(400);
  });
});
