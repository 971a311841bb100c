import { afterEach, describe, expect, it, vi } from 'vitest';
import { bottleThere, type Bottle } from '@uisce/core/stock';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { useStock } from '../household/use-stock';
import TypedReading from '../ui/TypedReading.vue';
import AddBottle from './AddBottle.vue';
import BottleSheet from './BottleSheet.vue';
import ForecastPanel from './ForecastPanel.vue';
import ShelfView from './ShelfView.vue';
import StockTaking from './StockTaking.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const ID = '00000000-0000-4000-8000-000000000001';
const bottle = (kind: string, more: Partial<Bottle> = {}, id = ID): Bottle => ({
  ...bottleThere(id, kind),
  sizeMl: 700,
  leftMl: 700,
  ...more,
});
const opened = (component: object, bottles: Bottle[], props: object = {}) =>
  inHouse(component, props, [
    ['plan', smallPlan(0).id, smallPlan(4700)],
    ...bottles.map((b): [string, string, unknown] => ['bottle', b.id, b]),
  ]);
let house: InSmallHouse;
afterEach(() => house.page.unmount());

describe('the shelf', () => {
  it('says how many, how much, and what turns first', async () => {
    house = await opened(ShelfView, [
      bottle('vermouth', { leftMl: 600, openedOn: '2026-10-01', place: 'fridge' }),
      bottle('gin', { leftMl: 350 }, '00000000-0000-4000-8000-000000000002'),
    ]);
    // Sixty days from the first of October: 30 November, five days from the 25th.
    expect(said(house.page)).toMatch(/^2 bottles, 1 litres?: the sweet vermouth goes off in 5 days/);
  });

  it('says how to begin where nothing stands', async () => {
    house = await opened(ShelfView, []);
    expect(said(house.page)).toMatch(/^Nothing stands here yet: say below what you have/);
  });

  it('counts the days until a bottle is dry at the pace of the plan', async () => {
    house = await opened(ForecastPanel, [bottle('gin', { leftMl: 300 })]);
    expect(said(house.page)).toMatch(/Gin 300 ml, dry \d+ \w+ 20\d\d/);
  });
});

describe('stock-taking', () => {
  it('is one change of all that was clear, and opens what is not full', async () => {
    house = await opened(StockTaking, [bottle('gin')]);
    await house.page.get('textarea').setValue('gin 1/2, rum 200 ml of 70 cl, moondust');
    await house.page.get('button').trigger('click');
    await house.settle();
    expect(house.server.changes.map((c) => [c.change, c.writes.length])).toEqual([['Stock-taking', 2]]);
    const there = useStock().standing.map((b) => [b.kind, b.leftMl, b.openedOn]);
    expect(there).toEqual([
      ['gin', 350, '2026-11-25'],
      ['rum', 200, '2026-11-25'],
    ]);
    // What nobody could read waits in its words.
    expect(house.page.get('textarea').element.value).toBe('moondust');
  });

  it('keeps a line whose day is none, and counts fruit in one entry', async () => {
    house = await opened(StockTaking, [bottle('lime-juice', { sizeMl: null, leftMl: null, pieces: 2 })]);
    await house.page.get('textarea').setValue('gin opened 31 Feb, six limes');
    expect(said(house.page)).toMatch(/“31 feb” is no day that has been/);
    await house.page.get('button').trigger('click');
    await house.settle();
    expect(useStock().bottles.map((b) => [b.kind, b.pieces])).toEqual([['lime-juice', 6]]);
    expect(house.page.get('textarea').element.value).toBe('gin opened 31 Feb');
  });
});

describe('a bottle by a form', () => {
  it('is written down with what stands on its label; a price that is none stays with a reason', async () => {
    house = await opened(AddBottle, []);
    await house.page.get('button').trigger('click');
    house.page.findComponent({ name: 'VAutocomplete' }).vm.$emit('update:modelValue', 'gin');
    const field = (label: string) =>
      house.page
        .findAll('.v-text-field')
        .find((f) => f.text().includes(label))
        ?.get('input');
    await field('On the label')?.setValue('Old mill');
    await field('Paid')?.setValue('a lot');
    await house.page.get('form').trigger('submit');
    await house.settle();
    expect(useStock().bottles).toEqual([]);
    await field('Paid')?.setValue('€17.50');
    await house.page.get('form').trigger('submit');
    await house.settle();
    expect(useStock().bottles).toMatchObject([
      {
        kind: 'gin',
        label: 'Old mill',
        sizeMl: 700,
        leftMl: 700,
        priceMinor: 1750,
        currency: 'EUR',
        openedOn: null,
      },
    ]);
  });
});

describe('one bottle', () => {
  it('is weighed once while its content is known, and then tells it by weight', async () => {
    house = await opened(BottleSheet, [], { bottle: bottle('gin') });
    useStock().keep('There', bottle('gin'));
    const weigh = async (grams: string, words: string) => {
      await house.page.setProps({ bottle: useStock().standing[0] as Bottle });
      await house.page.findComponent(TypedReading).get('input').setValue(grams);
      await house.page
        .findAll('button')
        .find((b) => b.text() === words)
        ?.trigger('click');
    };
    await weigh('1120', 'With that in it');
    // 42 % of alcohol at 0.9446 g/ml: 661 g in 700 ml.
    expect(useStock().standing[0]?.emptyG).toBe(459);
    await weigh('700', 'Read what is left');
    expect(useStock().standing[0]?.leftMl).toBe(255);
    await weigh('1200', 'Read what is left');
    expect(said(house.page)).toContain('more than it holds');
    expect(useStock().standing[0]?.leftMl).toBe(255);
  });

  it('is poured over with nothing lost', async () => {
    const from = bottle('gin', { leftMl: 300 });
    house = await opened(BottleSheet, [from], { bottle: from });
    await house.page
      .findAll('button')
      .find((b) => b.text() === 'Pour it over')
      ?.trigger('click');
    await house.settle();
    expect(useStock().bottles.map((b) => [b.sizeMl, b.leftMl, b.finishedOn])).toEqual([
      [700, 0, '2026-11-25'],
      [350, 300, null],
    ]);
    expect(house.server.changes).toHaveLength(1);
  });
});
