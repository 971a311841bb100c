import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Errand } from '@uisce/core/errand';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { useErrands } from '../household/use-errands';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import ErrandPanels from './ErrandPanels.vue';
import ErrandView from './ErrandView.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
afterEach(() => house.page.unmount());
const button = (name: RegExp) => {
  const found = house.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text()));
  return found ?? expect.fail(`no button ${String(name)}: ${said(house.page)}`);
};
const errand = (): Errand => useErrands().open ?? expect.fail('no errand is under way');
const states = () => errand().lines.map((l) => [l.id, l.state]);

describe('the errand', () => {
  it('says what there is to buy and what it makes, as the plan does', async () => {
    house = await inHouse(ErrandView);
    // €47 of the small shop by hand: gin 20, bitter 16, vermouth 9, soda and sugar 1 each.
    expect(said(house.page)).toMatch(/^5 things to buy at Corner for €47: they make 3 drinks/);
  });

  it('is set out on, ticked, and swapped when the shop is not as its list said', async () => {
    house = await inHouse(ErrandPanels);
    await button(/^Set out/).trigger('click');
    await house.settle();
    expect(states()).toEqual([
      ['gin-700', 'wanted'],
      ['bitter-700', 'wanted'],
      ['vermouth-750', 'wanted'],
      ['soda-200', 'wanted'],
      ['pack:sugar', 'wanted'],
    ]);
    await button(/^Sweet vermouth vermouth-750/).trigger('click');
    await house.settle();
    expect(said(house.page)).not.toContain('Better now');
    // No gin today: rum and syrup, and the bitter with vermouth and soda.
    await button(/^Gin, .*what was found/).trigger('click');
    await button(/^Not there/).trigger('click');
    await house.settle();
    expect(said(house.page)).toMatch(/Better now .*Take rum \(70 cl, €\d+.* at Corner\)/);
    await button(/^Take the swap/).trigger('click');
    await house.settle();
    expect(states()).toContainEqual(['rum-700', 'wanted']);
    expect(said(house.page)).not.toContain('Better now');
    expect(house.server.changes.map((c) => c.change)).toEqual([
      'Set out on an errand',
      'Took sweet vermouth',
      'Gin was not there',
      'Took the swap',
    ]);
  });

  it('is put away as one change: bottles, prices, kitty and what is left', async () => {
    house = await inHouse(ErrandPanels);
    await button(/^Set out/).trigger('click');
    await house.settle();
    await button(/^Gin gin-700/).trigger('click');
    await button(/^Gin, .*what was found/).trigger('click');
    await button(/^€0.50 more/).trigger('click');
    await house.settle();
    useErrands().typeReceipt('corner', 2100);
    await house.settle();
    expect(said(house.page)).toContain('€0.50 more than what was ticked');
    await button(/^Put it away/).trigger('click');
    await house.settle();
    const last = house.server.changes.at(-1);
    expect(last?.writes.map((w) => w.thing).sort()).toEqual([
      'bottle',
      'errand',
      'paid-price',
      'plan',
      'purse-entry',
      'purse-entry',
    ]);
    expect(useErrands().open).toBeUndefined();
    expect(useStock().standing).toMatchObject([
      { kind: 'gin', priceMinor: 2050, leftMl: 700, shop: 'Corner' },
    ]);
    // €47 less the €21 of the receipt; and gin costs €20.50 there from now on.
    expect(usePlans().brief?.moneyNowMinor).toBe(2600);
    expect(useCatalogue().prices?.bottles[0]?.priceMinor).toBe(2050);
    expect(said(house.page)).toContain('€47.00 put in, €21.00 spent, €26.00 left');
  });
});
