import { beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, ref } from 'vue';
import { kept } from '../testing/small-database';
import { openPage, SmallServer } from '../testing/small-server';
import { smallPlan } from '../testing/small-house';
import { asked } from '../testing/small-solver';
import { usePlans } from '../household/use-plans';
import { CHECK_AFTER_MS } from './remembered';
import { useAnswer } from './use-answer';
import { useQuestion } from './use-question';
import { useCurve } from './use-curve';

vi.mock('./solver', () => import('../testing/small-solver'));
vi.mock('./solver.worker?worker&url', () => ({ default: 'solver-of-this-release' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let server: SmallServer;

beforeEach(() => {
  vi.useFakeTimers();
  kept.clear();
  Object.assign(asked, { answers: [], curves: [], topics: [], gate: Promise.resolve(), drawsLittle: false });
  server = new SmallServer([['plan', smallPlan(0).id, smallPlan(4500)]]);
});

/** A page with the plan answered, as far as it comes by itself. */
async function opened() {
  await openPage();
  const answers = useAnswer();
  await answers.start();
  return answers;
}
const settled = () => vi.advanceTimersByTimeAsync(50);

describe('the answer', () => {
  it('is the best set for the money, as worked out by hand', async () => {
    const answers = await opened();
    await settled();
    // Gin, bitter and vermouth (45.00) open the negroni alone; bitter, vermouth and soda the americano;
    // gin, rum and a syrup (sugar for 0.46, in the shop's steps of a euro) open two.
    expect(answers.result?.answer.items).toEqual(['gin-700', 'made-syrup', 'pack:sugar', 'rum-700']);
    expect([answers.result?.drinksMade, answers.result?.answer.spend, answers.proven]).toEqual([
      2,
      3900,
      true,
    ]);
  });

  it('follows the money, and what was asked before and comes late is left alone', async () => {
    const answers = await opened();
    await settled();
    let open: () => void = () => undefined;
    asked.gate = new Promise((resolve) => (open = resolve));
    usePlans().edit('Money now', { brief: { moneyNowMinor: 2600 } });
    await settled();
    expect([answers.current, answers.solving]).toEqual([false, true]);
    usePlans().edit('Money now', { brief: { moneyNowMinor: 9000 } });
    await settled();
    open();
    await settled();
    expect([answers.result?.budget, answers.result?.drinksMade, answers.solving]).toEqual([9000, 4, false]);
  });

  it('of last time is shown before any solver answers, and is checked once the page is there', async () => {
    await opened();
    await settled();
    asked.answers = [];
    let open: () => void = () => undefined;
    asked.gate = new Promise((resolve) => (open = resolve));
    const again = await opened();
    expect([again.result?.drinksMade, again.proven, asked.answers.length]).toEqual([2, true, 0]);
    await vi.advanceTimersByTimeAsync(CHECK_AFTER_MS + 50);
    // A check searches anew: what is checked is no evidence.
    expect(asked.answers).toMatchObject([{ from: null }]);
    expect(again.proven).toBe(true);
    open();
    await settled();
    expect([again.result?.drinksMade, again.solving]).toEqual([2, false]);
  });

  it('of last time gives way to what the check finds', async () => {
    await opened();
    await settled();
    const found = kept.get('answer') as { answer: { drinksMade: number } };
    found.answer.drinksMade = 99;
    const again = await opened();
    expect(again.result?.drinksMade).toBe(99);
    await vi.advanceTimersByTimeAsync(CHECK_AFTER_MS + 50);
    expect(again.result?.drinksMade).toBe(2);
  });

  it.each([
    [
      'other money',
      () =>
        server.entries.set('plan/x', {
          thing: 'plan',
          id: smallPlan(0).id,
          version: 90,
          value: smallPlan(9000),
        }),
    ],
    ['another catalogue', () => (server.catalogueTag = '"two"')],
  ])('of last time does not answer %s', async (_what, change) => {
    await opened();
    await settled();
    server.entries.delete(`plan/${smallPlan(0).id}`);
    server.entries.set('plan/x', { thing: 'plan', id: smallPlan(0).id, version: 90, value: smallPlan(4500) });
    change();
    asked.gate = new Promise(() => undefined);
    const again = await opened();
    expect(again.result).toBeUndefined();
    await settled();
    expect(asked.answers.length).toBeGreaterThan(1);
  });
});

describe('the curve', () => {
  /** The page with the plan looked at. */
  async function lookedAt() {
    const answers = await opened();
    const curve = useCurve();
    await settled();
    expect(asked.curves).toEqual([]);
    curve.lookedAt = true;
    await vi.advanceTimersByTimeAsync(2000);
    return { answers, curve };
  }

  it('is drawn once somebody looks, through the answer, to where nothing more is opened', async () => {
    const { answers, curve } = await lookedAt();
    expect(curve.whole).toBe(true);
    expect(curve.everything).toBe(6500);
    expect(curve.points.map((p) => [p.spend, p.drinksMade])).toEqual([
      [0, 0],
      [1900, 1],
      [3900, 2],
      [4700, 3],
      [6500, 4],
    ]);
    const here = curve.points.filter((p) => p.spend <= 4500).at(-1);
    expect(here?.items).toEqual(answers.result?.answer.items);
  });

  it('goes on where it was when somebody looks again', async () => {
    asked.drawsLittle = true;
    const { curve } = await lookedAt();
    expect([curve.drawing, curve.settledCount]).toEqual([true, 1]);
    curve.lookedAt = false;
    await settled();
    expect(curve.drawing).toBe(false);
    asked.drawsLittle = false;
    curve.lookedAt = true;
    await vi.advanceTimersByTimeAsync(2000);
    expect(asked.curves.map((c) => c.share.settledLows.length)).toEqual([0, 1]);
    expect(curve.whole).toBe(true);
  });

  it('goes on after the answer to other money, which the same solver was asked for', async () => {
    asked.drawsLittle = true;
    const { answers, curve } = await lookedAt();
    asked.drawsLittle = false;
    usePlans().edit('Money now', { brief: { moneyNowMinor: 9000 } });
    await vi.advanceTimersByTimeAsync(2000);
    expect([answers.result?.budget, answers.proven, curve.whole, curve.drawing]).toEqual([
      9000,
      true,
      true,
      false,
    ]);
    expect(asked.curves.map((c) => c.share.settledLows.length)).toEqual([0, 1]);
  });

  it('of last time is not drawn again, unless it differs from the answer', async () => {
    await lookedAt();
    const drawn = kept.get('curve') as { answer: { settled: { points: { value: number }[] }[] } };
    asked.curves = [];
    const again = await lookedAt();
    expect([again.curve.whole, asked.curves.length]).toEqual([true, 0]);

    drawn.answer.settled.forEach((s) => s.points.forEach((p) => (p.value += 1)));
    kept.set('curve', drawn);
    const third = await lookedAt();
    expect(asked.curves.length).toBeGreaterThan(0);
    expect(third.curve.points.at(-1)?.drinksMade).toBe(4);
  });

  it('is forgotten when the brief says something else than money, and kept when only money moves', async () => {
    const { curve } = await lookedAt();
    usePlans().edit('Money now', { brief: { moneyNowMinor: 9000 } });
    await settled();
    expect(curve.whole).toBe(true);
    usePlans().edit('Never', { brief: { neverKinds: ['rum'] } });
    await vi.advanceTimersByTimeAsync(2000);
    expect(curve.points.at(-1)?.drinksMade).toBe(3);
  });
});

describe('a question', () => {
  it('that is on screen keeps its answer, however many others are asked meanwhile', async () => {
    await opened();
    await settled();
    const brief = usePlans().briefOrEmpty;
    const other = ref(0);
    const scope = effectScope();
    const shown = scope.run(() => useQuestion('best', () => ({ of: {}, brief })));
    scope.run(() =>
      useQuestion('best', () => ({ of: {}, brief: { ...brief, moneyNowMinor: 1000 + other.value } })),
    );
    for (let i = 0; i < 70; i++) {
      other.value += 1;
      await settled();
    }
    expect(shown?.found.value?.drinksMade).toBe(2);
    scope.stop();
  });
});
