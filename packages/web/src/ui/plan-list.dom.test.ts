import { afterEach, describe, expect, it, vi } from 'vitest';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { usePlans } from '../household/use-plans';
import PlanList from './PlanList.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse | undefined;
afterEach(() => house?.page.unmount());

const SECOND = {
  ...smallPlan(9000),
  id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c002',
  name: 'All of it',
  createdAt: '2026-11-25T19:00:00.000Z',
};
const open = () =>
  inHouse(PlanList, {}, [
    ['plan', smallPlan(0).id, smallPlan(4700)],
    ['plan', SECOND.id, SECOND],
  ]);
const button = (name: string) =>
  house?.page.findAll('button').find((b) => (b.attributes('aria-label') ?? b.text()) === name);

describe('the list of plans', () => {
  it('compares them by their sentences', async () => {
    house = await open();
    expect(said(house.page)).toMatch(
      /Corner bar €47 makes 3 drinks with 3 bottles, 1 syrup and 1 mixer, proven best/,
    );
    expect(said(house.page)).toMatch(
      /All of it €90 makes 4 drinks with 4 bottles, 1 syrup and 1 mixer, proven best/,
    );
  });

  it('opens, copies and deletes them', async () => {
    house = await open();
    await button('Open')?.trigger('click');
    expect([usePlans().current?.name, house.page.emitted('close')]).toEqual(['All of it', [[]]]);
    await button('Duplicate All of it')?.trigger('click');
    expect(usePlans().plans.map((p) => p.name)).toContain('All of it, again');
    await button('Delete Corner bar')?.trigger('click');
    await house.settle();
    expect(house.server.changes.at(-1)?.change).toBe('Delete “Corner bar”');
  });

  it('keeps a name that is being typed while the list is drawn anew', async () => {
    house = await open();
    await button('Rename All of it')?.trigger('click');
    const field = house.page.get<HTMLInputElement>('li input');
    field.element.value = 'Summer';
    await field.trigger('input');
    usePlans().edit('Rename to “Corner”', { name: 'Corner' });
    await house.settle();
    expect(said(house.page)).toContain('Corner €47');
    expect(field.element.value).toBe('Summer');
    await field.trigger('keydown', { key: 'Enter' });
    expect(usePlans().current?.name).toBe('Summer');
    await house.settle();
  });

  it('wants a name for a new one, and says so beside the field', async () => {
    house = await open();
    await house.page.get('form').trigger('submit');
    expect(house.page.get('[role=alert]').text()).toBe('a plan needs a name');
    await house.page.get('form input').setValue('Summer');
    await house.page.get('form').trigger('submit');
    expect(usePlans().current?.name).toBe('Summer');
    await house.settle();
  });
});
