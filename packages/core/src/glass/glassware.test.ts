import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testRecipe } from '../testing/trade.js';
import { fitInGlass } from './fit.js';
import {
  chooseGlasses,
  fewestTypes,
  GLASS_PRIORITIES,
  glassesNeeded,
  type GlassSource,
} from './glassware.js';
import { glassSuits, type ServedDrink } from './serves.js';

const drink = (id: string, servedMl: number, ice: 'none' | 'cubes' = 'none'): ServedDrink => ({
  recipe: testRecipe([['gin', '60 ml', 'base']], { id, glass: `own-${id}`, ice }),
  servedMl,
  hot: false,
});

describe('how a drink stands in a glass', () => {
  it('fits, looks short or overflows as the trade says', () => {
    // Common practice: filled to 75 to 90 % it looks right, below 60 % short; it needs a rim.
    expect(fitInGlass(100, 'none', 125).verdict).toBe('fits');
    expect(fitInGlass(89, 'none', 150).verdict).toBe('short');
    expect(fitInGlass(90, 'none', 150).verdict).toBe('fits');
    expect(fitInGlass(149, 'none', 150).verdict).toBe('over');
    // 200 ml over cubes: 80 g at the least, so nothing under 290 ml; 200 g at the most.
    expect(fitInGlass(200, 'cubes', 280).verdict).toBe('over');
    expect(fitInGlass(200, 'cubes', 350)).toMatchObject({ verdict: 'fits', iceG: 97.5 });
    expect(fitInGlass(200, 'cubes', 700)).toMatchObject({ verdict: 'short', iceG: 200 });
  });
});

describe('glasses for an evening', () => {
  it('are at least one a guest, and fewer when they are washed', () => {
    expect(glassesNeeded(3, 6, 0)).toBe(18);
    expect(glassesNeeded(3, 6, 1)).toBe(9);
    expect(glassesNeeded(3, 6, 9)).toBe(6);
    expect(glassesNeeded(0, 6, 0)).toBe(0);
  });

  const evening = fc.record({
    drinks: fc.array(
      fc.record({ ml: fc.integer({ min: 40, max: 300 }), ice: fc.constantFrom('none', 'cubes') }),
      { minLength: 1, maxLength: 5 },
    ),
    sources: fc.array(
      fc.record({
        capacityMl: fc.integer({ min: 60, max: 500 }),
        owned: fc.integer({ min: 0, max: 12 }),
        each: fc.option(fc.integer({ min: 1, max: 9 })),
        pieces: fc.integer({ min: 1, max: 6 }),
      }),
      { minLength: 1, maxLength: 5 },
    ),
    guests: fc.integer({ min: 1, max: 6 }),
    washRounds: fc.integer({ min: 0, max: 2 }),
    first: fc.constantFrom(...GLASS_PRIORITIES),
  });

  it('are of the fewest kinds or the least money, as asked: as trying every way shows', () => {
    fc.assert(
      fc.property(evening, ({ drinks, sources, guests, washRounds, first }) => {
        const menu = drinks.map((d, i) => drink(`d${i}`, d.ml, d.ice as 'none' | 'cubes'));
        const from: GlassSource[] = sources.map((s, i) => ({
          id: `s${i}`,
          type: `t${i}`,
          capacityMl: s.capacityMl,
          owned: s.owned,
          set: s.each === null ? undefined : { pieces: s.pieces, priceMinor: s.each },
        }));
        const options = menu.map((d) =>
          from.filter((s) => (s.owned > 0 || s.set !== undefined) && glassSuits(d, s, 'home')),
        );
        const served = options.filter((o) => o.length > 0);
        // Every assignment of a glass to each drink that some glass takes.
        const ways: { kinds: number; cost: number; glasses: number }[] = [];
        const walk = (i: number, chosen: GlassSource[]): void => {
          if (i < served.length) {
            for (const s of served[i] ?? []) walk(i + 1, [...chosen, s]);
            return;
          }
          let cost = 0;
          let glasses = 0;
          const kinds = new Set(chosen);
          for (const s of kinds) {
            const needed = glassesNeeded(chosen.filter((c) => c === s).length, guests, washRounds);
            glasses += needed;
            const lacking = Math.max(0, needed - s.owned);
            cost +=
              lacking === 0
                ? 0
                : s.set === undefined
                  ? Infinity
                  : Math.ceil(lacking / s.set.pieces) * s.set.priceMinor;
          }
          if (cost === Infinity) return;
          ways.push({ kinds: kinds.size, cost, glasses });
        };
        walk(0, []);
        const order = (w: (typeof ways)[number]) =>
          first === 'kinds' ? [w.kinds, w.cost, w.glasses] : [w.cost, w.kinds, w.glasses];
        const fewest = Math.min(...ways.map((w) => w.kinds));
        const allowed = ways.filter((w) => first === 'kinds' || w.kinds <= Math.max(3, fewest));
        const [best] = allowed
          .map(order)
          .sort(
            (a, b) => (a[0] ?? 0) - (b[0] ?? 0) || (a[1] ?? 0) - (b[1] ?? 0) || (a[2] ?? 0) - (b[2] ?? 0),
          );
        const answer = chooseGlasses(menu, from, { guests, washRounds, attitude: 'home', first });
        if (best === undefined) {
          expect(answer.lots).toEqual([]);
          return;
        }
        const glasses = answer.lots.reduce((sum, l) => sum + l.needed, 0);
        expect(order({ kinds: answer.lots.length, cost: answer.costMinor, glasses })).toEqual(best);
        expect(answer.lots.flatMap((l) => l.drinks).length + answer.without.length).toBe(menu.length);
      }),
      { numRuns: 300 },
    );
  });

  it('of the fewest types take every drink that any of them takes', () => {
    const from: GlassSource[] = [110, 150, 330].map((capacityMl) => ({
      id: `g${capacityMl}`,
      type: `g${capacityMl}`,
      capacityMl,
      owned: 0,
      set: { pieces: 1, priceMinor: 1 },
    }));
    const menu = [drink('a', 95), drink('b', 125), drink('c', 250), drink('d', 900)];
    expect(fewestTypes(menu, from, 'home').map((s) => s.id)).toEqual(['g150', 'g330']);
  });
});
