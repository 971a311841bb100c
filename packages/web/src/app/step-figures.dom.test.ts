import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import type { ComputedRef } from 'vue';
import { eveningSchema } from '@uisce/core/evening';
import { bottleThere } from '@uisce/core/stock';
import { useAnswer } from '../solver/use-answer';
import { useErrands } from '../household/use-errands';
import { useLog } from '../household/use-log';
import { usePlans } from '../household/use-plans';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { SMALL_CATALOGUE, smallPlan } from '../testing/small-house';
import { useStepFigures } from './use-step-figures';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const ID = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
let house: InSmallHouse;
let figures: ComputedRef<Record<string, string>>;
const Page = defineComponent(() => {
  figures = useStepFigures();
  return () => null;
});
afterEach(() => house.page.unmount());
const open = async (...things: [string, string, unknown][]) => {
  house = await inHouse(Page, {}, [['plan', smallPlan(0).id, smallPlan(4700)], ...things]);
  await house.settle();
};
const bottle = (n: number, kind: string): [string, string, unknown] => [
  'bottle',
  ID(n),
  { ...bottleThere(ID(n), kind), sizeMl: 700, leftMl: 700 },
];

describe('the figure of each step', () => {
  it('says the money, what it makes and what is to be bought, and nothing of what is empty', async () => {
    await open();
    expect(figures.value).toMatchObject({
      Brief: '€47',
      Plan: '3 drinks',
      Errand: '5 to buy',
      Notebook: '4',
      Bench: '',
      Evening: '',
      Shelf: '',
      Practice: '',
    });
    expect(figures.value.Plan).toBe(`${useAnswer().result?.drinksMade} drinks`);
  });

  it('follows the money', async () => {
    await open();
    usePlans().edit('Money now', { brief: { moneyNowMinor: 2600 } });
    await house.settle();
    expect(figures.value).toMatchObject({ Brief: '€26', Plan: '1 drink' });
  });

  it('counts the bottles that stand there and the drinks that they pour', async () => {
    await open(bottle(1, 'gin'), bottle(2, 'bitter'), bottle(3, 'vermouth'));
    // Negroni alone: the americano waits for soda.
    expect(figures.value).toMatchObject({ Shelf: '3 bottles', Pour: '1 now' });
  });

  it('says how much of an errand is in the basket', async () => {
    await open();
    const line = (id: string, state: 'basket' | 'wanted' | 'missing') => ({
      id,
      shop: 'corner',
      ware: { is: 'bottle' as const, kind: 'gin', ml: 700 },
      label: id,
      count: 1,
      listedMinor: 2000,
      foundMinor: null,
      onOffer: false,
      state,
      why: 'plan' as const,
    });
    useErrands().begin([line('a', 'basket'), line('b', 'wanted'), line('c', 'missing')], 4700, 0);
    expect(figures.value.Errand).toBe('1 of 2');
  });

  it('says that a round is half made, and the day of the evening to come', async () => {
    await open(bottle(1, 'gin'), [
      'evening',
      ID(9),
      eveningSchema.parse({
        id: ID(9),
        name: 'Saturday',
        on: '2026-11-28',
        from: '20:00',
        hours: 2,
        size: 2,
        guests: [],
        must: [],
        never: [],
        atWork: false,
        freezerLitres: null,
        done: [],
        endedOn: null,
      }),
    ]);
    const [drink] = SMALL_CATALOGUE.recipes;
    if (!drink) expect.fail('there are drinks');
    useLog().begin(
      [{ drink, of: drink.id, count: 1, for: [], cannot: [], without: [], from: [] }],
      'measure',
    );
    expect(figures.value).toMatchObject({ Pour: 'half made', Evening: 'Sat 28' });
  });
});
