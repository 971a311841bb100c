import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { emptyKit } from '@uisce/core/kit';
import { smallPlan } from '../testing/small-house';
import { kept } from '../testing/small-database';
import { openPage, SmallServer } from '../testing/small-server';
import { asked } from '../testing/small-solver';
import { useKit } from '../household/use-kit';
import { useAnswer } from '../solver/use-answer';
import { useKitSentence } from './kit-sentence';
import { useKitReport } from './use-kit-report';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

function never(): never {
  throw new Error('the page has been left');
}

/** What a page uses, until it is left. */
let page = effectScope();
afterEach(() => page.stop());

beforeEach(async () => {
  page = effectScope();
  vi.useFakeTimers();
  kept.clear();
  Object.assign(asked, { answers: [], topics: [], gate: Promise.resolve() });
  new SmallServer([
    ['plan', smallPlan(0).id, smallPlan(4700)],
    ['kit', 'household', { ...emptyKit(), said: true }],
  ]);
  await openPage();
});

describe('the judgement on the kit', () => {
  it('asks once the plan is proven, about the drinks it makes', async () => {
    let open: () => void = () => undefined;
    asked.gate = new Promise((resolve) => (open = resolve));
    await useAnswer().start();
    const { drinks, certainty } = page.run(useKitSentence) ?? never();
    await vi.advanceTimersByTimeAsync(50);
    expect([asked.topics, certainty.value]).toEqual([[], 'Working it out']);
    open();
    await vi.advanceTimersByTimeAsync(50);
    expect(asked.topics).toEqual(['kit']);
    expect(drinks.value).toBe(useAnswer().result?.drinksMade);
  });

  it('is kept for the next page, and asked again when the kit changes', async () => {
    await useAnswer().start();
    page.run(useKitReport);
    await vi.advanceTimersByTimeAsync(2000);
    expect(kept.has('kit')).toBe(true);
    asked.topics = [];
    useKit().edit('More people', { people: 6 });
    await vi.advanceTimersByTimeAsync(2000);
    expect(asked.topics.length).toBeGreaterThan(0);
  });
});
