import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import { defaultSettings } from '@uisce/core/household';
import { bottleThere } from '@uisce/core/stock';
import { pourStep } from '@uisce/core/pouring';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { SMALL_SHOP } from '../testing/small-house';
import { useAsSweet } from './use-as-sweet';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
afterEach(() => house.page.unmount());

const ID = '00000000-0000-4000-8000-000000000001';
const syrup = { ...bottleThere(ID, 'simple-syrup'), sizeMl: 500, leftMl: 500, sugarGPerL: 900 };
/** What is said where 15 ml of syrup go in. */
async function saidOf(ratio: number | null): Promise<string> {
  let say = '';
  const Page = defineComponent(() => {
    const { asSweet } = useAsSweet();
    const amount = { value: 15, measure: 'ml' };
    const part = { slot: 0, kind: 'simple-syrup', ml: 15, g: null, amount };
    return () => (say = asSweet(pourStep('s', 'pour', 5, { part })));
  });
  house = await inHouse(Page, {}, [
    ['settings', 'household', { ...defaultSettings(), priceListId: SMALL_SHOP.id, houseSyrupRatio: ratio }],
    ['bottle', ID, syrup],
  ]);
  await house.settle();
  return say;
}

describe('a syrup that is sweeter than the spec means', () => {
  it('says how much of it sweetens as much', async () => {
    expect(await saidOf(null)).toMatch(/^Yours is sweeter than most: 10(\.5)? ml of it sweetens as much\.$/);
  });

  it('says nothing where one syrup is kept for all: the step has its amount already', async () => {
    expect(await saidOf(2)).toBe('');
  });
});
