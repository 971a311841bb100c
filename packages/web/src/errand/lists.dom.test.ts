import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import { bottleThere } from '@uisce/core/stock';
import { useErrands } from '../household/use-errands';
import { usePlans } from '../household/use-plans';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { SMALL_SHOP, smallPlan } from '../testing/small-house';
import { served } from '../testing/small-server';
import KittyPanel from './KittyPanel.vue';
import { useErrand } from './use-errand';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));
const saved = vi.hoisted(() => ({ files: [] as [name: string, type: string, text: string][] }));
vi.mock('../ui/save-file', () => ({
  saveFile: (...file: [string, string, string]) => saved.files.push(file),
}));

const ID = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
let house: InSmallHouse;
let errand: ReturnType<typeof useErrand>;
const Page = defineComponent(() => {
  errand = useErrand();
  return () => null;
});
afterEach(() => {
  house.page.unmount();
  served.shop = SMALL_SHOP;
});
const open = async (money: number, ...things: [string, string, unknown][]) => {
  house = await inHouse(Page, {}, [['plan', smallPlan(0).id, smallPlan(money)], ...things]);
  await house.settle();
};
const ids = (lines: { id: string }[]) => lines.map((l) => l.id);

describe('the list before one sets out', () => {
  it('is what the plan buys, and comes to what the plan spends', async () => {
    await open(4700);
    expect(ids(errand.preview.value)).toEqual([
      'gin-700',
      'bitter-700',
      'vermouth-750',
      'soda-200',
      'pack:sugar',
    ]);
    expect(errand.previewMinor.value).toBe(4700);
    expect(errand.preview.value.every((l) => l.why === 'plan' && l.state === 'wanted')).toBe(true);
  });

  it('takes along what is nearly empty, where that is wished and the plan does not buy it', async () => {
    const nearly: [string, string, unknown] = [
      'bottle',
      ID(1),
      { ...bottleThere(ID(1), 'bitter'), sizeMl: 700, leftMl: 20, openedOn: '2026-11-01' },
    ];
    await open(2600, nearly);
    expect(errand.restock.value).toMatchObject([{ id: 'bitter-700', why: 'restock', listedMinor: 1600 }]);
    const without = errand.previewMinor.value;
    errand.withRestock.value = true;
    expect(errand.previewMinor.value).toBe(without + 1600);
    errand.withRestock.value = false;
    // With money for it the plan buys it itself: it is not there twice.
    usePlans().edit('Money', { brief: { moneyNowMinor: 9000 } });
    await house.settle();
    expect(errand.restock.value).toEqual([]);
    expect(ids(errand.preview.value).filter((id) => id === 'bitter-700')).toHaveLength(1);
  });

  it('takes fruit for a week, by what is poured of it', async () => {
    served.shop = { ...SMALL_SHOP, fresh: [{ kind: 'lime-juice', sold: '1 lime', priceMinor: 50, ml: 25 }] };
    await open(4700);
    expect(errand.fresh.value).toMatchObject([
      { why: 'fresh', ware: { is: 'fresh', kind: 'lime-juice' }, listedMinor: 50 },
    ]);
    const limes = errand.fresh.value[0]?.count ?? 0;
    expect(limes).toBeGreaterThan(0);
    usePlans().edit('Pace', { brief: { drinksPerWeek: usePlans().briefOrEmpty.drinksPerWeek * 3 } });
    await house.settle();
    expect(errand.fresh.value[0]?.count).toBeGreaterThan(limes);
  });

  it('is this month’s step of the ladder, where that is asked for', async () => {
    await open(2600);
    usePlans().edit('A month', { brief: { moneyPerMonthMinor: 2000 } });
    errand.part.value = 'month';
    for (let i = 0; i < 3; i++) await house.settle();
    const bought = errand.ladder.value?.rungs[0]?.bought ?? expect.fail('there is a first step');
    expect(ids(errand.preview.value).every((id) => bought.includes(id))).toBe(true);
    expect(errand.previewMinor.value).toBeLessThanOrEqual(2600);
  });

  it('is the errand’s own from the moment one sets out', async () => {
    await open(4700);
    errand.setOut();
    usePlans().edit('Money', { brief: { moneyNowMinor: 0 } });
    await house.settle();
    expect(ids(errand.lines.value)).toHaveLength(5);
    expect(useErrands().open).toMatchObject({ moneyMinor: 4700, planId: smallPlan(0).id });
    expect(errand.baskets.value?.whole.wanted).toBe(5);
  });

  it('says what each thing is, as people call it', async () => {
    await open(4700);
    expect([
      errand.wareName({ is: 'bottle', kind: 'bitter', ml: 700 }),
      errand.wareName({ is: 'pantry', pantry: 'sugar', g: 500 }),
      errand.wareName({ is: 'glasses', glass: 'coupe', pieces: 2, capacityMl: 180 }),
      errand.wareName({ is: 'tool', tool: 'forgotten' }),
    ]).toEqual(['Red bitter', 'White sugar', '2 coupes', 'forgotten']);
  });
});

describe('the kitty on screen', () => {
  const entry = (
    n: number,
    on: string,
    purpose: string,
    minor: number,
    more: object = {},
  ): [string, string, unknown] => [
    'purse-entry',
    ID(n),
    { id: ID(n), on, purpose, minor, currency: 'EUR', shop: '', note: '', errandId: null, ...more },
  ];

  it('adds up by month and purpose, in the plan’s own money, and leaves out what never happened', async () => {
    house = await inHouse(KittyPanel, {}, [
      ['plan', smallPlan(0).id, smallPlan(2600)],
      entry(1, '2026-10-02', 'set-aside', 6000),
      entry(2, '2026-11-05', 'bottles', 2150),
      entry(3, '2026-11-05', 'fresh', 320),
      entry(4, '2026-11-06', 'bottles', 9999, { currency: 'USD' }),
    ]);
    const rows = house.page.findAll('tbody tr').map((r) => r.findAll('th, td').map((c) => c.text()));
    expect(house.page.findAll('thead th').map((h) => h.text())).toEqual([
      'Month',
      'Set aside',
      'Bottles',
      'Fresh',
      'Spent',
    ]);
    expect(rows).toEqual([
      ['Nov 2026', '', '€21.50', '€3.20', '€24.70'],
      ['Oct 2026', '€60.00', '', '', '€0.00'],
    ]);
    expect(said(house.page)).toContain('€26');
  });

  it('goes out as a table with every entry, other currencies too', async () => {
    house = await inHouse(KittyPanel, {}, [
      ['plan', smallPlan(0).id, smallPlan(2600)],
      entry(1, '2026-11-05', 'bottles', 2150, { shop: 'Corner' }),
      entry(2, '2026-11-06', 'bottles', 900, { currency: 'JPY' }),
    ]);
    saved.files.length = 0;
    await house.page
      .findAll('button')
      .find((b) => /CSV|table/i.test(b.text()))
      ?.trigger('click');
    const [[name, type, text] = ['', '', '']] = saved.files;
    expect([name, type]).toEqual(['kitty.csv', 'text/csv']);
    expect(text.split('\r\n').slice(1)).toEqual([
      '2026-11-05,bottles,-21.50,EUR,Corner,',
      '2026-11-06,bottles,-900,JPY,,',
    ]);
  });
});
