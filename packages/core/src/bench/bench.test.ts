import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { abvOf, brixOf, massG, NOTHING, times, together, volumeMl, type Composition } from './composition.js';
import { abvOfMassFraction, ETHANOL_G_PER_ML, ethanolWaterGPerMl, massFractionOfAbv } from './ethanol.js';
import { metG, rebalance, waterLostG } from './overshoot.js';
import { saturation, sucroseSolubilityBrix } from './solubility.js';
import { brixOfRatio } from './solution.js';
import { activityOf, waterActivity } from './water-activity.js';

describe('water activity', () => {
  // Norrish 1966 with K = 6.47, as worked out by hand for the trade (from memory).
  it.each([
    [50, 0.94],
    [60, 0.9],
    [66.7, 0.85],
    [71, 0.81],
  ])('at %d °Brix is about %d', (brix, activity) => {
    expect(Math.abs(waterActivity(brix) - activity)).toBeLessThan(0.007);
  });

  it('is 1 for water and falls with every degree', () => {
    expect(waterActivity(0)).toBe(1);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 80, noNaN: true }), (brix) => {
        expect(waterActivity(brix + 1)).toBeLessThan(waterActivity(brix));
      }),
    );
  });
});

describe('water activity of other things', () => {
  it.each([
    // Honey of 18 % water has about 0.5 to 0.6 (published tables, from memory).
    ['honey', { invert: 82 }, 18, 0.55],
    // Salt in water, by grams in 100 g: Chirife and Resnik 1984 (from memory); saturated, 0.753.
    ['salt, 10 %', { salt: 10 }, 90, 0.935],
    ['salt, 20 %', { salt: 20 }, 80, 0.839],
    ['salt, as much as there can be', { salt: 26.4 }, 73.6, 0.757],
    // Gum is far too large a molecule to hold much water.
    ['gum', { gum: 40 }, 60, 1],
  ])('%s', (_, dissolved, water, activity) => {
    expect(Math.abs(activityOf(dissolved, water) - activity)).toBeLessThan(0.01);
  });

  it('falls with whatever is dissolved beside it', () => {
    const g = fc.double({ min: 0, max: 60, noNaN: true });
    fc.assert(
      fc.property(g, g, fc.double({ min: 0, max: 20, noNaN: true }), (sucrose, invert, salt) => {
        expect(activityOf({ sucrose, invert, salt }, 100)).toBeLessThanOrEqual(activityOf({ sucrose }, 100));
      }),
    );
  });
});

describe('solubility', () => {
  // Charles 1960 (from memory); 66.6 at 20 °C is what every sugar handbook says.
  it.each([
    [0, 64.4],
    [20, 66.6],
    [50, 72.0],
  ])('at %d °C is %d g in 100 g', (celsius, brix) => {
    expect(Math.abs(sucroseSolubilityBrix(celsius) - brix)).toBeLessThan(0.15);
  });

  it('says that 71 °Brix crystallises at room temperature and 2:1 stands at its limit', () => {
    expect(saturation(71, 20)).toBeGreaterThan(1.2);
    expect(saturation(brixOfRatio(2), 20)).toBeCloseTo(1, 1);
    expect(saturation(brixOfRatio(1.75), 4)).toBeLessThan(1);
    expect(saturation(brixOfRatio(1), 4)).toBeLessThan(0.6);
  });
});

describe('alcohol', () => {
  it.each([
    // OIML R 22, density at 20 °C by % vol, kg/m³ (from memory; the official alcoholometric tables).
    [0.1, 984.71],
    [0.2, 973.56],
    [0.4, 948.05],
    [0.5, 930.14],
    [0.7, 885.56],
    [0.9, 829.18],
  ])('at %d by volume weighs %d g a litre', (abv, density) => {
    expect(ethanolWaterGPerMl(massFractionOfAbv(abv)) * 1000).toBeCloseTo(density, 1);
  });

  it('comes back from its share of the mass', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.97, noNaN: true }), (abv) => {
        expect(abvOfMassFraction(massFractionOfAbv(abv))).toBeCloseTo(abv, 5);
      }),
    );
  });

  it('shrinks as it mixes: equal volumes of 96 % and water are stronger than 48 %, and no more than 50', () => {
    // Half a litre of each: the tables give 963 ml or so of 49.8 % (contraction 3.6 %).
    const spirit = massFractionOfAbv(0.96);
    const mass = 500 * ethanolWaterGPerMl(spirit);
    const mix: Composition = {
      ...NOTHING,
      ethanolG: mass * spirit,
      waterG: mass * (1 - spirit) + 500 * 0.9982,
    };
    expect(volumeMl(mix)).toBeGreaterThan(955);
    expect(volumeMl(mix)).toBeLessThan(970);
    expect(abvOf(mix)).toBeCloseTo((480 * ETHANOL_G_PER_ML) / ETHANOL_G_PER_ML / volumeMl(mix), 9);
    expect(abvOf(mix)).toBeGreaterThan(0.495);
    expect(abvOf(mix)).toBeLessThan(0.503);
  });
});

const amount = fc.double({ min: 0, max: 900, noNaN: true });
const liquid = fc.record({
  sugarG: amount,
  waterG: fc.double({ min: 100, max: 900, noNaN: true }),
  acidG: fc.double({ min: 0, max: 20, noNaN: true }),
  ethanolG: fc.constantFrom(0, 80, 300),
  saltG: fc.constantFrom(0, 5),
  otherG: fc.constantFrom(0, 12),
});

describe('liquids', () => {
  it('add up by mass, scale alike, and keep their strength whatever the size', () => {
    fc.assert(
      fc.property(liquid, liquid, fc.double({ min: 0.1, max: 9, noNaN: true }), (a, b, k) => {
        expect(massG(together(a, b))).toBeCloseTo(massG(a) + massG(b), 6);
        expect(brixOf(times(a, k))).toBeCloseTo(brixOf(a), 9);
        expect(volumeMl(times(a, k))).toBeCloseTo(volumeMl(a) * k, 5);
        expect(abvOf(times(a, k))).toBeCloseTo(abvOf(a), 9);
      }),
    );
  });

  it('fill what the trade’s batch fills: 700 g sugar and 400 g water, about 840 ml', () => {
    const syrup = { ...NOTHING, sugarG: 700, waterG: 400 };
    expect(brixOf(syrup)).toBeCloseTo(63.6, 1);
    expect(volumeMl(syrup)).toBeGreaterThan(838);
    expect(volumeMl(syrup)).toBeLessThan(843);
  });
});

describe('overshooting', () => {
  const batch = fc
    .array(
      fc.tuple(fc.double({ min: 1, max: 800, noNaN: true }), fc.double({ min: 0, max: 2, noNaN: true })),
      { minLength: 1, maxLength: 6 },
    )
    .map((parts) => ({ planned: parts.map(([g]) => g), inG: parts.map(([g, share]) => g * share) }));

  it('ends in exact proportion, asks for nothing negative, and never to take out', () => {
    fc.assert(
      fc.property(batch, ({ planned, inG }) => {
        const { factor, partsG, toAddG } = rebalance(planned, inG);
        expect(factor).toBeGreaterThanOrEqual(1);
        planned.forEach((g, i) => {
          expect((partsG[i] ?? NaN) / g).toBeCloseTo(factor, 9);
          expect(toAddG[i]).toBeGreaterThanOrEqual(0);
          expect((inG[i] ?? 0) + (toAddG[i] ?? 0)).toBeCloseTo(partsG[i] ?? NaN, 6);
        });
      }),
    );
  });

  it('is no larger than it must be: some part needs nothing more, or the plan stands', () => {
    fc.assert(
      fc.property(batch, ({ planned, inG }) => {
        const { factor, toAddG } = rebalance(planned, inG);
        if (factor > 1) expect(Math.min(...toAddG)).toBeCloseTo(0, 6);
        else
          expect(toAddG.every((g, i) => Math.abs(g - ((planned[i] ?? 0) - (inG[i] ?? 0))) < 1e-9)).toBe(true);
      }),
    );
  });

  it('takes what a scale cannot tell from the mark as the mark', () => {
    expect(metG(301, 300.6, 1)).toBe(300.6);
    expect(metG(300, 300.6, 1)).toBe(300.6);
    expect(metG(302, 300.6, 1)).toBe(302);
    expect(metG(2.2, 2.3, 0.1)).toBe(2.2);
  });

  it('puts in proportion, and gives back what boiled off', () => {
    expect(rebalance([700, 400], [706, 0]).toAddG[1]).toBeCloseTo((400 * 706) / 700, 9);
    expect(waterLostG(1100, 1062)).toBe(38);
    expect(waterLostG(1100, 1104)).toBe(0);
  });
});
