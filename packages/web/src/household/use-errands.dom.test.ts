import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { ErrandLine } from '@uisce/core/errand';
import type { MissingItem } from '@uisce/core/evening';
import { smallPlan } from '../testing/small-house';
import { openPage, SmallServer } from '../testing/small-server';
import { useErrands } from './use-errands';
import { useEvenings } from './use-evenings';
import { usePlans } from './use-plans';
import { useStock } from './use-stock';

vi.mock('idb-keyval', () => import('../testing/small-database'));

const line = (id: string, kind: string, listedMinor: number, more: Partial<ErrandLine> = {}): ErrandLine => ({
  id,
  shop: 'corner',
  ware: { is: 'bottle', kind, ml: 700 },
  label: id,
  count: 1,
  listedMinor,
  foundMinor: null,
  onOffer: false,
  state: 'wanted',
  why: 'plan',
  ...more,
});
const NOTHING_KEPT = 0;

let server: SmallServer;
beforeEach(async () => {
  vi.useFakeTimers({ now: new Date('2026-11-25T18:00:00') });
  localStorage.clear();
  server = new SmallServer([['plan', smallPlan(0).id, smallPlan(4500)]]);
  await openPage();
});
const sent = async () => {
  await vi.advanceTimersByTimeAsync(3000);
  return server.changes;
};
const money = () => usePlans().brief?.moneyNowMinor;

describe('the kitty', () => {
  it('takes money set aside and the plan’s money grows by it, as one change', async () => {
    const errands = useErrands();
    errands.setAside(1500);
    expect(money()).toBe(6000);
    expect(errands.entries).toMatchObject([
      { purpose: 'set-aside', minor: 1500, currency: 'EUR', on: '2026-11-25', errandId: null },
    ]);
    expect(await sent()).toMatchObject([
      { change: 'Set money aside', writes: [{ thing: 'purse-entry' }, { thing: 'plan' }] },
    ]);
  });

  it.each([0, -300])('takes nothing for %i', async (minor) => {
    useErrands().setAside(minor);
    expect(money()).toBe(4500);
    expect(await sent()).toEqual([]);
  });
});

describe('an errand', () => {
  it('has one receipt a shop: the last that was typed, or none', () => {
    const errands = useErrands();
    errands.begin([line('gin-700', 'gin', 2000)], 4500, NOTHING_KEPT);
    errands.typeReceipt('corner', 2100);
    errands.typeReceipt('harbour', 700);
    errands.typeReceipt('corner', 2050);
    expect(errands.open?.receipts).toEqual([
      { shop: 'harbour', totalMinor: 700 },
      { shop: 'corner', totalMinor: 2050 },
    ]);
    errands.typeReceipt('harbour', null);
    expect(errands.open?.receipts.map((r) => r.shop)).toEqual(['corner']);
  });

  it('pays out of the plan that it was begun for, though another is open by now', () => {
    const errands = useErrands();
    const plans = usePlans();
    errands.begin([line('gin-700', 'gin', 2000, { state: 'basket' })], 4500, NOTHING_KEPT);
    plans.create('Another');
    plans.edit('Money', { brief: { moneyNowMinor: 9000 } });
    errands.finish();
    expect(money()).toBe(9000);
    plans.open(smallPlan(0).id);
    expect(money()).toBe(2500);
    expect(useStock().standing.map((b) => [b.kind, b.priceMinor])).toEqual([['gin', 2000]]);
    expect([errands.open, errands.past.map((e) => e.endedOn)]).toEqual([undefined, ['2026-11-25']]);
  });

  it('that cost more than there was leaves no money, and owes none', () => {
    const errands = useErrands();
    errands.begin([line('gin-700', 'gin', 5000, { state: 'basket' })], 4500, NOTHING_KEPT);
    errands.finish();
    expect(money()).toBe(0);
  });

  it('given up leaves bottles, money and kitty as they were', () => {
    const errands = useErrands();
    errands.begin([line('gin-700', 'gin', 2000, { state: 'basket' })], 4500, NOTHING_KEPT);
    errands.giveUp();
    expect([errands.open, errands.past, errands.entries, useStock().standing, money()]).toEqual([
      ...[undefined, [], [], [], 4500],
    ]);
  });

  it('is changed line by line, and the others stay', () => {
    const errands = useErrands();
    errands.begin([line('gin-700', 'gin', 2000), line('rum-700', 'rum', 1800)], 4500, NOTHING_KEPT);
    errands.editLine('rum-700', 'Dearer', { foundMinor: 1900 });
    expect(errands.open?.lines.map((l) => l.foundMinor)).toEqual([null, 1900]);
  });
});

describe('what an evening lacks', () => {
  /** Two bottles of rum for 36 euro, and syrup that is made at home. */
  const missing: MissingItem[] = [
    {
      kind: 'rum',
      label: '2 of 700 ml',
      count: 2,
      priceMinor: 3600,
      holds: 700,
      ware: { is: 'bottle', id: 'rum-700', ml: 700 },
    },
    { kind: 'simple-syrup', label: 'Syrup', count: 1, priceMinor: 50, holds: 500, ware: { is: 'made' } },
  ];

  it('goes onto the errand under way once, beside what stands there', () => {
    const errands = useErrands();
    errands.begin([line('gin-700', 'gin', 2000)], 4500, NOTHING_KEPT);
    useEvenings().toErrand(missing, '2026-11-28');
    useEvenings().toErrand(missing, '2026-11-28');
    expect(errands.open?.lines.map((l) => [l.id, l.count, l.listedMinor, l.by])).toEqual([
      ['gin-700', 1, 2000, undefined],
      ['evening-rum-700', 2, 1800, '2026-11-28'],
    ]);
    expect(errands.open?.moneyMinor).toBe(4500);
  });

  it('begins an errand of its own where none is under way, with the money that it takes', () => {
    useEvenings().toErrand(missing);
    expect(useErrands().open).toMatchObject({
      planId: smallPlan(0).id,
      moneyMinor: 3600,
      currency: 'EUR',
      startedOn: '2026-11-25',
      lines: [{ id: 'evening-rum-700', shop: 'corner', state: 'wanted' }],
    });
  });
});
