import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kindSchema, type Kind } from '../catalogue/kind.js';
import type { PricedBottle } from '../catalogue/price-list.js';
import { kindInput } from '../testing/trade.js';
import { LASTS_DAYS, neededMl, offersThatLast, type Lasts } from './lasting.js';

const kind = (more: object = {}): Kind => kindSchema.parse(kindInput('gin', { abv: 0.4, ...more }));
const bottle = (ml: number): PricedBottle => ({
  id: `gin-${ml}`, kind: 'gin', label: 'Gin', ml, priceMinor: ml, widthMm: 70, heightMm: 300, tier: 'mixing', homeMade: false,
}); // prettier-ignore
const [half, whole, litre] = [bottle(350), bottle(700), bottle(1000)];
const said = (of: PricedBottle[], k: Kind, lasts: Lasts, mlPerDrink: number, onlyOne = false) =>
  offersThatLast(of, k, lasts, { use: { mlPerDrink, mostMl: 60 }, drinksPerWeek: 6 }, onlyOne).map(
    (o) => `${o.count} ${o.bottle.ml}`,
  );

describe('how long it should last', () => {
  // Worked by hand: 12 ml a drink, 6 a week, 91 days = 13 weeks: 12 × 78 = 936 ml. A month: 12 × 6 × 30/7 = 308.6 ml.
  it('takes the sizes that cover what is poured in that time, one bottle or two', () => {
    const all = [half, whole, litre];
    expect(said(all, kind(), 'month', 12)).toEqual(['1 350', '1 700', '1 1000']);
    expect(said(all, kind(), 'quarter', 12)).toEqual(['2 700', '1 1000']);
    // 1872 ml: two litres; were there none, what goes farthest.
    expect(said(all, kind(), 'half-year', 12)).toEqual(['2 1000']);
    expect(said([half, whole], kind(), 'half-year', 12)).toEqual(['2 700']);
    expect(said(all, kind(), 'quarter', 12, true)).toEqual(['1 1000']);
  });

  it('asks one drink of a taste, and of what turns only what is poured before', () => {
    expect(said([half, whole], kind(), 'taste', 12)).toEqual(['1 350', '1 700']);
    // 30 days open: as much as in a month, however long it should last.
    expect(said([half, whole], kind({ openDays: 30 }), 'half-year', 12)).toEqual(['1 350', '1 700']);
    // A mixer is bought again after a week: 72 ml of it, and no second bottle.
    const tonic = kind({ supply: 'mixer', job: 'long', abv: 0 });
    expect(said([bottle(50), bottle(200)], tonic, 'half-year', 12)).toEqual(['1 200']);
  });

  it('every offer covers its need or none does, and to last longer never takes less', () => {
    const periods = Object.keys(LASTS_DAYS) as Lasts[];
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 40, max: 1000 }), { minLength: 1, maxLength: 4 }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.option(fc.integer({ min: 2, max: 400 }), { nil: undefined }),
        (sizes, mlPerDrink, openDays) => {
          const gin = kind(openDays === undefined ? {} : { openDays });
          const pace = { use: { mlPerDrink, mostMl: 30 }, drinksPerWeek: 6 };
          const least = periods.map((lasts) => {
            const offers = offersThatLast(sizes.map(bottle), gin, lasts, pace, false);
            const covers = offers.map(
              (o) => o.count * o.bottle.ml >= neededMl(gin, o.bottle, lasts, pace) - 1e-3,
            );
            expect(covers.every((c) => c === covers[0])).toBe(true);
            if (covers[0] === false) expect(offers.every((o) => o.count === 2)).toBe(true);
            return Math.min(...offers.map((o) => o.count * o.bottle.ml));
          });
          expect(least).toEqual([...least].sort((a, b) => a - b));
        },
      ),
    );
  });
});
