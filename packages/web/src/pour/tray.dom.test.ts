import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import { pourStep, type PourStep } from '@uisce/core/pouring';
import { bottleThere } from '@uisce/core/stock';
import { emptyKit } from '@uisce/core/kit';
import { usePouring } from '../household/use-pouring';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { useFilters } from './use-filters';
import { useOrder } from '../household/use-order';
import { useStepWords } from './use-step-words';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
let order: ReturnType<typeof useOrder>;
let filters: ReturnType<typeof useFilters>;
let words: ReturnType<typeof useStepWords>;
const Page = defineComponent(() => {
  usePouring().begin();
  [order, filters, words] = [useOrder(), useFilters(), useStepWords()];
  return () => null;
});
const bottle = (n: number, kind: string, leftMl: number): [string, string, unknown] => {
  const id = `00000000-0000-4000-8000-00000000000${n}`;
  return ['bottle', id, { ...bottleThere(id, kind), sizeMl: 700, leftMl }];
};
const open = async (...more: [string, string, unknown][]) => {
  house = await inHouse(Page, {}, [
    ['plan', smallPlan(0).id, smallPlan(4700)],
    bottle(1, 'gin', 700),
    bottle(2, 'vermouth', 90),
    bottle(3, 'bitter', 700),
    bottle(4, 'soda', 700),
    ...more,
  ]);
  await house.settle();
};
beforeEach(() => localStorage.clear());
afterEach(() => house.page.unmount());

describe('the tray', () => {
  it('takes twelve glasses and no more, and as many of a drink as there are people for it', async () => {
    await open();
    order.add('negroni');
    order.setFor('negroni', ['Ann', 'Bo']);
    expect(order.lines.value.map((l) => [l.drink, l.count])).toEqual([['negroni', 2]]);
    order.setCount('negroni', 40);
    expect(order.glasses.value).toBe(12);
    order.add('americano');
    expect(order.lines.value.map((l) => l.drink)).toEqual(['negroni']);
    order.setCount('negroni', 0);
    expect(order.lines.value).toEqual([]);
    // What is on it is poured from the bottles in hand.
    order.add('americano');
    expect(order.orders.value[0]?.drink.slots.map((s) => s.kind)).toEqual(['bitter', 'vermouth', 'soda']);
  });
});

describe('what is wanted', () => {
  it('narrows at once: how many, how strong, how soon', async () => {
    await open();
    const ids = () => filters.shown.value.map((d) => d.now.pourable.recipe.id).sort();
    expect(ids()).toEqual(['americano', 'negroni']);
    // 90 ml of vermouth are three of either.
    filters.glasses.value = 4;
    expect(ids()).toEqual([]);
    filters.glasses.value = 3;
    filters.strength.value = 'light';
    expect(ids()).toEqual(['americano']);
    // Three equal parts of 42, 25 and 16 %, stirred: just under 20 % in the glass.
    filters.strength.value = 'middling';
    expect(ids()).toEqual(['negroni']);
    filters.strength.value = 'any';
    filters.minutes.value = 1;
    expect(ids()).toEqual(['americano']);
    filters.glasses.value = 1;
    filters.minutes.value = null;
  });
});

describe('a step in words', () => {
  const step = (act: PourStep['act'], more: Partial<PourStep> = {}) =>
    words.say(pourStep('s', act, 12, more));
  const part = (kind: string, value: number, measure = 'ml') => ({
    part: { slot: 0, kind, ml: measure === 'ml' ? value : null, g: null, amount: { value, measure } },
  });

  it('says how much of what, and into what', async () => {
    await open(['kit', 'household', { ...emptyKit(), said: true }]);
    expect(step('pour', { ...part('gin', 45), into: 'shaker' })).toEqual({
      figure: '45 ml',
      name: 'gin',
      where: 'into the tin',
    });
    expect(step('top', { ...part('soda', 90), into: 'glass', ice: 'cubes', vessels: 3 }).where).toBe(
      'into each of 3 glasses, after the ice',
    );
    expect(step('pour', { ...part('bitter', 2, 'dash'), into: 'mixing-glass' }).figure).toBe('2 dashes');
    expect(step('squeeze', { ...part('lime-juice', 45), pieces: 2 })).toMatchObject({
      figure: '2 limes',
      name: 'squeezed',
    });
    expect(step('strain', { vessels: 2, twice: true })).toMatchObject({
      figure: 'Strain twice',
      name: 'into 2 glasses',
    });
    expect(words.line(pourStep('s', 'shake', 12, { ice: 'cubes', into: 'shaker' }))).toBe('shake hard 12 s');
    // Nothing is said to stand in where the catalogue knows no technique.
    expect(words.standIn(pourStep('s', 'shake', 12, { technique: 'shake' }))).toBeUndefined();
  });
});
