import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, nextTick } from 'vue';
import { usePractice } from '../household/use-practice';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { useFirstWeek } from './use-first-week';
import { useTraining } from './use-training';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
let training: ReturnType<typeof useTraining>;
let week: ReturnType<typeof useFirstWeek>;
const Page = defineComponent(() => {
  [training, week] = [useTraining(), useFirstWeek()];
  return () => null;
});
let frames: FrameRequestCallback[] = [];
beforeEach(async () => {
  localStorage.clear();
  house = await inHouse(Page, {}, [['plan', smallPlan(0).id, smallPlan(4700)]]);
  frames = [];
  vi.stubGlobal('requestAnimationFrame', (f: FrameRequestCallback) => frames.push(f));
});
afterEach(() => {
  house.page.unmount();
  vi.unstubAllGlobals();
});
const pass = async (ms: number) => {
  for (let t = 0; t < ms; t += 50) {
    await vi.advanceTimersByTimeAsync(50);
    for (const f of frames.splice(0)) f(performance.now());
  }
  await nextTick();
};
/** Hold the bottle for so long, and wait until the last drop fell and the scale is at rest. */
const pour = async (ms: number) => {
  training.hold();
  await pass(ms);
  training.letGo();
  await pass(9000);
};

describe('training by count', () => {
  it('pours a drink part by part, and says what was made of it', async () => {
    training.drink.value = 'gin-sour';
    await nextTick();
    expect(training.parts.value.map((p) => [p.kind, p.ml])).toEqual([
      ['gin', 60],
      ['lime-juice', 25],
      ['simple-syrup', 20],
    ]);
    const targets: number[] = [];
    for (const ms of [2000, 800, 600]) {
      targets.push(training.targetMl.value);
      expect(training.made.value).toBeUndefined();
      await pour(ms);
    }
    expect(targets).toEqual([60, 25, 20]);
    const made = training.made.value?.slots.map((s) => s.amount.value) ?? [];
    expect(made).toHaveLength(3);
    made.forEach((ml, i) => expect(ml).toBeCloseTo(training.poured.value[i] ?? 0, 6));
    expect(usePractice().trials.map((t) => [t.targetMl, t.kind])).toEqual([
      [60, 'gin'],
      [25, 'lime-juice'],
      [20, 'simple-syrup'],
    ]);
    // Once it is made, the next pour begins it anew.
    await pour(2000);
    expect([training.at.value, training.poured.value.length]).toEqual([1, 1]);
  });

  it('begins anew with another drink', async () => {
    training.drink.value = 'gin-sour';
    await nextTick();
    await pour(2000);
    training.drink.value = 'negroni';
    await nextTick();
    expect([training.at.value, training.poured.value, training.lastMl.value]).toEqual([0, [], undefined]);
  });

  it('with water on the scale takes what the scale reads, to its step', async () => {
    training.onScale.value = true;
    await pour(1000);
    const [trial] = usePractice().trials;
    expect(trial).toMatchObject({ way: 'scale', kind: null, targetMl: 30 });
    expect(training.taken.value?.stable).toBe(true);
    expect(trial?.pouredMl).toBe(training.taken.value?.g);
    expect(Number.isInteger((trial?.pouredMl ?? 0.5) / training.scale.stepG())).toBe(true);
    // Water runs thinner than spirit, about 30 ml a second.
    expect(trial?.pouredMl).toBeGreaterThan(25);
    expect(trial?.pouredMl).toBeLessThan(42);
    // The second begins at nothing again.
    await pour(1000);
    expect(usePractice().trials).toHaveLength(2);
    expect(usePractice().trials.every((t) => t.pouredMl < 45)).toBe(true);
  });

  it('does not begin another pour while the scale comes to rest', async () => {
    training.onScale.value = true;
    training.hold();
    await pass(800);
    training.letGo();
    await pass(1200);
    if (training.isWeighing.value) {
      training.hold();
      expect(training.held.value).toBe(false);
    }
    await pass(9000);
    expect(usePractice().trials).toHaveLength(1);
  });

  it('offers what is known of everywhere where nothing was poured yet, of more than one part', () => {
    expect(training.drinks.value.map((d) => d.id)).toEqual(['daiquiri', 'negroni']);
  });

  it('ticks the first week by what was done, and by nothing else', async () => {
    const done = () => week.steps.value.filter((s) => s.done).map((s) => s.step);
    expect(done()).toEqual(['brief']);
    for (let i = 0; i < 10; i++) await pour(300);
    expect(done()).toEqual(['brief', 'pours']);
  });
});
