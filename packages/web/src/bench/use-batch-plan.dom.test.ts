import { beforeEach, describe, expect, it, vi } from 'vitest';
import { smallPlan } from '../testing/small-house';
import { openPage, SmallServer } from '../testing/small-server';
import { useAnswer } from '../solver/use-answer';
import { useBatchPlan } from './use-batch-plan';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

beforeEach(async () => {
  vi.useFakeTimers({ now: new Date('2026-11-25T18:00:00') });
  new SmallServer([['plan', smallPlan(0).id, smallPlan(4500, { drinksPerWeek: 7 })]]);
  await openPage();
  await useAnswer().start();
  await vi.advanceTimersByTimeAsync(100);
});

describe('a batch that is thought about', () => {
  it('fills the bottle to its neck, half sugar and half water by weight, and keeps its weeks', () => {
    const { batch, bottleMl, sizedBy, useBy } = useBatchPlan();
    sizedBy.value = 'bottle';
    bottleMl.value = 500;
    // Density at 50 °Brix is 1.2296 g/ml (NBS Circular 440, from memory).
    const [sugar = 0, water = 0] = batch.value?.partsG ?? [];
    expect(sugar).toBeCloseTo(water, 6);
    expect((sugar + water) / (batch.value?.volumeMl ?? 1)).toBeCloseTo(1.2296, 3);
    expect(batch.value?.volumeMl).toBeLessThan(500);
    expect(batch.value?.volumeMl).toBeGreaterThan(480);
    expect(useBy.value > '2026-12-01').toBe(true);
  });

  it('uses up what is there: 200 g of sugar take 200 g of water', () => {
    const { batch, sizedBy, part, partG } = useBatchPlan();
    Object.assign(sizedBy, { value: 'use-up' });
    part.value = 0;
    partG.value = 200;
    expect(batch.value?.partsG.map((g) => Math.round(g))).toEqual([200, 200]);
    // A part that this recipe does not have is its last.
    part.value = 9;
    partG.value = 80;
    expect(batch.value?.partsG.map((g) => Math.round(g))).toEqual([80, 80]);
  });

  it('makes no more than is poured before it spoils, and never less than a sip', () => {
    const { batch, sizedBy, neededMl, keeps } = useBatchPlan();
    Object.assign(sizedBy, { value: 'need' });
    // Both open drinks take 20 ml: at one drink a day that is 20 ml for each day that it keeps.
    expect(neededMl.value).toBeCloseTo(20 * (keeps.value?.days ?? 0), 6);
    expect(batch.value?.volumeMl).toBeCloseTo(Math.max(50, neededMl.value), 6);
  });

  it('falls back on the first recipe when the one thought about is gone', () => {
    const { recipe, recipeId } = useBatchPlan();
    recipeId.value = 'given-up';
    expect(recipe.value?.id).toBe('simple');
  });
});
