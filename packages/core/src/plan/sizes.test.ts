import { describe, expect, it } from 'vitest';
import type { PricedBottle } from '../catalogue/price-list.js';
import { sizesByUse } from './sizes.js';

const bottle = (ml: number, priceMinor: number): PricedBottle => ({
  id: `v-${ml}`,
  kind: 'sweet-vermouth',
  label: 'a bottle',
  ml,
  priceMinor,
  widthMm: 75,
  heightMm: 300,
  homeMade: false,
  tier: 'mixing',
});
const half = bottle(375, 850);
const large = bottle(750, 1300);

describe('which size', () => {
  // Opened vermouth keeps about two months (common practice): 60 days are 8.57 weeks.
  it('is the half bottle when only so much is poured before it spoils', () => {
    const [best, other] = sizesByUse([large, half], { openDays: 60 }, 25);
    expect(best?.bottle).toBe(half);
    expect(best?.usedMl).toBeCloseTo(214.3, 1);
    expect(best?.perUsedMl).toBeCloseTo(850 / 214.3, 2);
    expect(other?.usedMl).toBe(best?.usedMl);
  });

  it('is the large one when it is finished in time, or keeps for years', () => {
    expect(sizesByUse([half, large], { openDays: 60 }, 80)[0]?.bottle).toBe(large);
    expect(sizesByUse([half, large], {}, 25)[0]?.bottle).toBe(large);
  });

  it('turns where both come to the same: 850 for all of it, 1300 for what is poured', () => {
    const turning = (375 * 1300) / 850 / (60 / 7);
    expect(sizesByUse([half, large], { openDays: 60 }, turning - 0.1)[0]?.bottle).toBe(half);
    expect(sizesByUse([half, large], { openDays: 60 }, turning + 0.1)[0]?.bottle).toBe(large);
  });

  it('is the least outlay when nothing pours it', () => {
    expect(sizesByUse([large, half], { openDays: 60 }, 0)[0]).toMatchObject({
      bottle: half,
      perUsedMl: Infinity,
    });
  });
});
