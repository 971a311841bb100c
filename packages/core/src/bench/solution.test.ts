import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { brixOfRatio, sucroseDensityGPerMl, sugarGPerLOfBrix } from './solution.js';

describe('sugar solutions', () => {
  // NBS Circular 440, density at 20 °C (from memory): strengths that the curve was not drawn through.
  it.each([
    [10, 1.0381],
    [30, 1.127],
    [50, 1.2296],
    [65, 1.3163],
  ])('at %d °Brix weigh %d g/ml to within 0.1 %%', (brix, density) => {
    expect(Math.abs(sucroseDensityGPerMl(brix) / density - 1)).toBeLessThan(0.001);
  });

  it('grow denser with every degree', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 74, noNaN: true }), (brix) => {
        expect(sucroseDensityGPerMl(brix + 1)).toBeGreaterThan(sucroseDensityGPerMl(brix));
      }),
    );
  });

  // The trade's worked batch: 700 g sugar and 400 g water are 63.6 °Brix and fill about 840 ml.
  it('fill what a worked batch fills, and sweeten as the trade knows', () => {
    const brix = brixOfRatio(700 / 400);
    expect(brix).toBeCloseTo(63.6, 1);
    expect(1100 / sucroseDensityGPerMl(brix)).toBeCloseTo(841, 0);
    // 15 ml of 1:1 hold 9.2 g, as 10.4 ml of 2:1 do.
    expect((15 * sugarGPerLOfBrix(brixOfRatio(1))) / 1000).toBeCloseTo(9.2, 1);
    expect((10.4 * sugarGPerLOfBrix(brixOfRatio(2))) / 1000).toBeCloseTo(9.2, 1);
  });
});
