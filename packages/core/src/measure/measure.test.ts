import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { volumeToMl } from '../glass/profile.js';
import { FINE_SCALE, KITCHEN_SCALE, SimulatedScale } from '../devices/simulated-scale.js';
import { waterDensityGPerMl, waterMlFromReading } from './water-density.js';
import { calibrateByPours, calibrateByWater } from './calibrate.js';
import { cupInside } from './cup-shape.js';
import { measuringLines, measuringPlan, SPEC_TOLERANCE } from './measuring-plan.js';

/** A small linear congruential generator (Numerical Recipes' constants): the same chance every time. */
function chance(seed: number): () => number {
  let state = seed >>> 0;
  return () => (state = (state * 1664525 + 1013904223) >>> 0) / 2 ** 32;
}

describe('water', () => {
  it.each([
    // CRC Handbook of Chemistry and Physics, density of water at 0.1 MPa, g/ml (from memory).
    [4, 0.999975],
    [10, 0.9997],
    [15, 0.9991],
    [20, 0.998207],
    [25, 0.997048],
    [30, 0.99565],
    [40, 0.99222],
    [60, 0.9832],
    [80, 0.97182],
    [100, 0.9584],
  ])('weighs at %d °C what the table says', (celsius, density) => {
    expect(waterDensityGPerMl(celsius)).toBeCloseTo(density, 4);
  });

  it.each([
    // Z factors of ISO 8655-6 at 1013 hPa, ml/g (from memory).
    [15, 1.002],
    [20, 1.0029],
    [25, 1.004],
  ])('at %d °C fills its factor for each gram read in air', (celsius, z) => {
    expect(waterMlFromReading(1, celsius)).toBeCloseTo(z, 3);
  });

  it('is densest near 4 °C, and is not weighed as ice or steam', () => {
    expect(waterDensityGPerMl(4)).toBeGreaterThan(waterDensityGPerMl(0));
    expect(waterDensityGPerMl(4)).toBeGreaterThan(waterDensityGPerMl(9));
    expect(() => waterDensityGPerMl(-1)).toThrow(RangeError);
    expect(() => waterDensityGPerMl(101)).toThrow(RangeError);
  });
});

describe('the simulated scale', () => {
  const settled = (traits: typeof KITCHEN_SCALE, g: number, seed = 1) => {
    const scale = new SimulatedScale(traits, chance(seed));
    scale.put(g);
    for (let i = 0; i < 60; i++) scale.pass(100);
    return scale;
  };

  it('scatters by its noise and no more, around the truth', () => {
    const scale = settled({ ...FINE_SCALE, stepG: 0.001, driftGPerMinute: 0 }, 41.3);
    const seen = Array.from({ length: 4000 }, () => {
      scale.pass(100);
      return scale.read().g ?? NaN;
    });
    const mean = seen.reduce((sum, g) => sum + g, 0) / seen.length;
    const sd = Math.sqrt(seen.reduce((sum, g) => sum + (g - mean) ** 2, 0) / seen.length);
    expect(mean).toBeCloseTo(41.3, 2);
    expect(sd / FINE_SCALE.noiseG).toBeGreaterThan(0.95);
    expect(sd / FINE_SCALE.noiseG).toBeLessThan(1.05);
  });

  it('lags, comes to rest, tares, shows overload, and never has less than nothing on it', () => {
    const scale = new SimulatedScale({ ...KITCHEN_SCALE, noiseG: 0, driftGPerMinute: 0 }, chance(2));
    scale.put(535);
    scale.pass(100);
    expect(scale.read().stable).toBe(false);
    expect(scale.read().g).toBeLessThan(535);
    for (let i = 0; i < 60; i++) scale.pass(100);
    expect(scale.read()).toEqual({ g: 535, stable: true });
    scale.tare();
    expect(scale.read().g).toBe(0);
    scale.put(2600);
    for (let i = 0; i < 60; i++) scale.pass(100);
    expect(scale.read()).toEqual({ g: undefined, stable: false });
    scale.put(-9999);
    expect(scale.load).toBe(0);
    for (let i = 0; i < 60; i++) scale.pass(100);
    expect(scale.read().g).toBe(-535);
  });

  it('wanders a little as it stands, until it is tared again', () => {
    const scale = settled({ ...FINE_SCALE, noiseG: 0, driftGPerMinute: 0.3 }, 100);
    scale.tare();
    for (let i = 0; i < 600; i++) scale.pass(100);
    expect(scale.read().g).toBeCloseTo(0.3, 1);
    scale.tare();
    expect(scale.read().g).toBe(0);
  });

  it('gives back what a vessel holds, within what calibrating says it may be off', () => {
    let inside = 0;
    for (let seed = 1; seed <= 200; seed++) {
      const random = chance(seed);
      const truthMl = 20 + 40 * random();
      const scale = settled(FINE_SCALE, 96, seed);
      scale.tare();
      scale.put(truthMl / waterMlFromReading(1, 22));
      const readings = [1, 2, 3].map(() => {
        for (let i = 0; i < 60; i++) scale.pass(100);
        return scale.read().g ?? 0;
      });
      const { ml, errorMl } = calibrateByWater(readings, 22, FINE_SCALE.stepG);
      if (Math.abs(ml - truthMl) <= 2 * errorMl) inside += 1;
    }
    // Two standard deviations hold 95 in 100 at least; fills here are perfect, so more.
    expect(inside).toBeGreaterThanOrEqual(190);
  });
});

describe('calibrating', () => {
  it('takes the mean, is surer for each weighing, and refuses nothing at all', () => {
    const once = calibrateByWater([40], 20, 1);
    const thrice = calibrateByWater([40, 40, 40], 20, 1);
    expect(once.ml).toBeCloseTo(40 * 1.0029, 2);
    expect(thrice.errorMl).toBeCloseTo(once.errorMl / Math.sqrt(3), 6);
    expect(() => calibrateByWater([], 20, 1)).toThrow(/at least once/);
    expect(() => calibrateByWater([40, 0], 20, 1)).toThrow(/tare/);
  });

  it('by pours adds up fills and their errors', () => {
    const poured = calibrateByPours({ ml: 25, errorMl: 0.3 }, 4, 0.5);
    expect(poured.ml).toBeCloseTo(112.5, 9);
    expect(poured.errorMl).toBeGreaterThan(0.3 * Math.sqrt(4.5));
  });
});

const vessel = fc
  .array(
    fc.record({
      ml: fc.integer({ min: 1, max: 24 }).map((n) => n * 2.5),
      diameterMm: fc.integer({ min: 18, max: 60 }),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((lines) => {
    const rising = [...new Map(lines.map((l) => [l.ml, l])).values()].sort((a, b) => a.ml - b.ml);
    return { cups: [{ name: 'cup', lines: rising }] };
  });
const vessels = fc
  .array(vessel, { minLength: 1, maxLength: 2 })
  .map((all) => all.map((v, i) => ({ ...v, id: `v${i}`, name: `v${i}` })));

describe('measuring with what is there', () => {
  it('is the easiest way there is: as trying every set of fills shows', () => {
    fc.assert(
      fc.property(vessels, fc.integer({ min: 2, max: 36 }), (own, steps) => {
        const target = steps * 2.5;
        const lines = measuringLines(own);
        const judged: { count: number; errorMl: number }[] = [];
        const walk = (from: number, sum: number, variance: number, count: number): void => {
          if (count > 0) judged.push({ count, errorMl: Math.abs(sum - target) + Math.sqrt(variance) });
          if (count === 6) return;
          for (let i = from; i < lines.length; i++)
            walk(i, sum + (lines[i]?.ml ?? 0), variance + (lines[i]?.errorMl ?? 0) ** 2, count + 1);
        };
        walk(0, 0, 0, 0);
        const met = judged.filter((j) => j.errorMl / target <= SPEC_TOLERANCE);
        const fewest = Math.min(...met.map((j) => j.count));
        const pool = met.length > 0 ? met.filter((j) => j.count === fewest) : judged;
        const best = Math.min(...pool.map((j) => j.errorMl));
        const plan = measuringPlan(target, lines);
        expect(plan?.meets).toBe(met.length > 0);
        expect(plan?.errorMl).toBeCloseTo(best, 9);
        if (met.length > 0) expect(plan?.fills).toHaveLength(fewest);
      }),
      { numRuns: 250 },
    );
  });

  it('is surer in a tall narrow cup than in a wide one, by the area at the line', () => {
    // dV = A·dh: twice as wide is four times the error.
    const cup = (diameterMm: number) => [
      {
        id: 'v',
        name: 'v',
        cups: [
          {
            name: 'c',
            lines: [
              { ml: 30, diameterMm },
              { ml: 60, diameterMm },
            ],
          },
        ],
      },
    ];
    const [narrow] = measuringLines(cup(25));
    const [wide] = measuringLines(cup(50));
    expect((wide?.errorMl ?? 0) / (narrow?.errorMl ?? 1)).toBeCloseTo(4, 9);
    expect(narrow?.errorMl).toBeCloseTo(((Math.PI / 4) * 25 ** 2 * 0.5) / 1000, 9);
  });

  it('says so where 25 and 50 ml cups cannot come near 22.5 ml', () => {
    const lines = measuringLines([
      {
        id: 'j',
        name: 'jigger',
        cups: [
          { name: 'large', lines: [{ ml: 50, diameterMm: 40 }] },
          { name: 'small', lines: [{ ml: 25, diameterMm: 34 }] },
        ],
      },
    ]);
    expect(measuringPlan(22.5, lines)).toMatchObject({ ml: 25, meets: false });
    expect(measuringPlan(75, lines)?.fills.map((f) => f.ml)).toEqual([50, 25]);
    expect(measuringPlan(50, lines)?.fills).toHaveLength(1);
    expect(measuringPlan(30, [])).toBeUndefined();
  });

  it('takes the nearest it has found where a cupboard of lines is too large to try them all', () => {
    const lines = measuringLines(
      Array.from({ length: 50 }, (_, v) => ({
        id: `v${v}`,
        name: `v${v}`,
        cups: [
          {
            name: 'c',
            lines: Array.from({ length: 8 }, (_, l) => ({ ml: 5 + v * 0.7 + l * 3.3, diameterMm: 90 })),
          },
        ],
      })),
    );
    const plan = measuringPlan(61, lines);
    const nearestOne = Math.min(...lines.map((l) => Math.abs(l.ml - 61) + l.errorMl));
    expect(plan?.errorMl).toBeLessThanOrEqual(nearestOne);
  });

  it('draws each line where its volume is', () => {
    fc.assert(
      fc.property(vessel, ({ cups: [cup] }) => {
        if (!cup) throw new Error('a vessel has a cup');
        const inside = cupInside(cup);
        cup.lines.forEach((line, i) =>
          expect(volumeToMl(inside, inside[i + 1]?.[0] ?? 0)).toBeCloseTo(line.ml, 6),
        );
      }),
    );
  });
});
