import { afterEach, expect, it, vi } from 'vitest';
import { usePacks } from '../household/use-packs';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import PackPanel from './PackPanel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
afterEach(() => house.page.unmount());

it('shows what is in packs by weight; what somebody weighs stands there, and nothing left is used up', async () => {
  house = await inHouse(PackPanel);
  usePacks().add('sugar', 1000);
  await house.settle();
  expect(said(house.page)).toContain('White sugar of 1,000 g');
  const field = house.page.findAll('input').find((i) => i.element.value === '1000');
  await field?.setValue('420');
  await field?.trigger('change');
  await house.settle();
  expect(usePacks().grams.get('sugar')).toBe(420);
  expect(house.server.changes.at(-1)?.change).toBe('Weighed white sugar');
  await field?.setValue('0');
  await field?.trigger('change');
  await house.settle();
  expect(usePacks().there).toEqual([]);
});
