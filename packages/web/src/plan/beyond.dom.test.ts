import { afterEach, describe, expect, it, vi } from 'vitest';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { SMALL_SHOP, smallPlan } from '../testing/small-house';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import CurrencyMismatch from '../ui/CurrencyMismatch.vue';
import PlanSwitcher from '../ui/PlanSwitcher.vue';
import ComparePlans from './ComparePlans.vue';
import GuestBottles from './GuestBottles.vue';
import WhyThis from './WhyThis.vue';
import LadderReading from './waterline/LadderReading.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
afterEach(() => house.page.unmount());
const OTHER = '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c002';
type Thing = [thing: string, id: string, value: unknown];
const first: Thing = ['plan', smallPlan(0).id, smallPlan(4700)];

describe('two plans side by side', () => {
  const second = (money: number): Thing => [
    'plan',
    OTHER,
    { ...smallPlan(money), id: OTHER, name: 'All of it' },
  ];

  it('asks for another where there is none', async () => {
    house = await inHouse(ComparePlans, {}, [first]);
    expect(said(house.page)).toMatch(/^Duplicate this plan under “Plans”/);
  });

  it('says what the other makes and costs more, and what only one of them has', async () => {
    house = await inHouse(ComparePlans, {}, [first, second(9000)]);
    // Rum for 18.00 is what the larger one adds: the daiquiri.
    expect(said(house.page)).toMatch(
      /“All of it” makes 1 drink more for €18\.00 more\. Only there: 1 drink\s?\./,
    );
    expect(said(house.page)).toMatch(/Corner bar · €47\.00, 3 drinks/);
    expect(said(house.page)).toMatch(/All of it · €65\.00, 4 drinks/);
    expect(said(house.page)).toMatch(/cupboard, only here: nothing; only there: nothing/);
  });

  it('says the same of the lesser one the other way round', async () => {
    house = await inHouse(ComparePlans, {}, [first, second(2100)]);
    // Rum and sugar for 19.00 make the daiquiri; gin, bitter, vermouth and soda are gone.
    expect(said(house.page)).toMatch(
      /“All of it” makes 2 drinks fewer for €28\.00 less\. Only there: 1 drink\s?\. Only here: 3 drinks/,
    );
    expect(said(house.page)).toMatch(
      /only here: (soda water and sweet vermouth|sweet vermouth and soda water); only there: nothing/,
    );
  });
});

describe('bottles to ask guests for', () => {
  it('are those that widen the menu most, and say how much', async () => {
    house = await inHouse(GuestBottles, {}, [first]);
    expect(said(house.page)).toMatch(
      /Ask for rum: 1 bottle that adds 1 drink more, the most that 3 guests can\./,
    );
    expect(said(house.page)).toContain('nobody drives');
  });

  it('are none where nothing is lacking', async () => {
    house = await inHouse(GuestBottles, {}, [['plan', smallPlan(0).id, smallPlan(9000)]]);
    expect(said(house.page)).toContain('No bottle widens your menu from here.');
  });
});

describe('month by month', () => {
  it('asks what there is a month where nothing was said', async () => {
    house = await inHouse(LadderReading, { asTable: true }, [first]);
    expect(said(house.page)).toMatch(/^Say on the Brief what you can spend each month/);
  });

  it('keeps what it bought, spends no more than there is, and says how near it comes to the best', async () => {
    house = await inHouse(LadderReading, { asTable: true }, [
      ['plan', smallPlan(0).id, smallPlan(2100, { moneyPerMonthMinor: 1500 })],
    ]);
    for (let i = 0; i < 3; i++) await house.settle();
    expect(said(house.page)).toMatch(/after 6 months 4 drinks, as many as the best set at that money\./);
    const rows = house.page
      .findAll('tbody tr')
      .map((row) => row.findAll('td').map((cell) => said(cell as never)));
    expect(rows.map((cells) => cells[0])).toEqual(['now', '1', '2', '3', '4', '5', '6']);
    expect(rows.map((cells) => cells[1])).toEqual(
      [21, 36, 51, 66, 81, 96, 111].map((money) => `€${money}.00`),
    );
    expect(rows[0]?.[2]).toMatch(/gin/i);
    const open = rows.map((cells) => Number(cells[4]));
    open.forEach((n, i) => {
      expect(n).toBeGreaterThanOrEqual(open[i - 1] ?? 0);
      expect(n).toBeLessThanOrEqual(Number(rows[i]?.[5]));
    });
    expect(rows.at(-1)?.[2]).toBe('nothing: save');
  }, 30_000);
});

describe('why a thing is in the set or not', () => {
  it('says that what is owned, kept or must be is there for that', async () => {
    const things: Thing[] = [['plan', smallPlan(0).id, smallPlan(4700, { keepBottles: ['rum-700'] })]];
    house = await inHouse(WhyThis, { itemId: 'rum-700' }, things);
    expect(said(house.page)).toContain('It is here because you keep it always.');
    house.page.unmount();
    house = await inHouse(WhyThis, { itemId: 'gin-700' }, [
      ['plan', smallPlan(0).id, smallPlan(4700, { mustDrinks: ['gin-sour'] })],
    ]);
    expect(said(house.page)).toMatch(
      /gin sour cannot be made without it\. No set that meets what you ask for does without it\./,
    );
  });

  it('solves without what is made here, which nobody owns', async () => {
    house = await inHouse(WhyThis, { itemId: 'made-syrup' }, [first]);
    expect(said(house.page)).not.toContain('because you own it');
    expect(said(house.page)).toMatch(/The best set without it makes 1 drink fewer: it loses 1 drink/);
  });

  it('says what is lost to make room for what is not in it', async () => {
    house = await inHouse(WhyThis, { itemId: 'rum-700' }, [first]);
    expect(said(house.page)).toMatch(/Why not this one The best set with it makes 1 drink fewer/);
  });
});

describe('a plan in another currency than its prices', () => {
  it('says so, and counts in the shop’s once asked to', async () => {
    house = await inHouse(CurrencyMismatch, {}, [
      ['plan', smallPlan(0).id, smallPlan(4700, { currency: 'GBP' })],
    ]);
    expect(said(house.page)).toMatch(
      /This plan is in GBP, the prices of Corner are in EUR\. Uisce does not convert money\./,
    );
    await house.page.get('button').trigger('click');
    await house.settle();
    expect(usePlans().brief?.currency).toBe(SMALL_SHOP.currency);
    expect(said(house.page)).toBe('');
    expect(useCatalogue().prices?.currency).toBe('EUR');
  });
});

describe('undo and plans', () => {
  it('name what they would do, and rest where there is nothing to do', async () => {
    house = await inHouse(PlanSwitcher, {}, [first]);
    const buttons = () => house.page.findAll('button').map((b) => b.attributes('aria-label') ?? b.text());
    expect(buttons()).toEqual(['Nothing to undo', 'Nothing to do again', 'Plans']);
    expect(house.page.findAll('button')[0]?.attributes('disabled')).toBeDefined();
    for (const moneyNowMinor of [5000, 5100]) {
      usePlans().edit('Money now', { brief: { moneyNowMinor } });
      await house.settle();
    }
    expect(buttons()[0]).toBe('Undo: Money now');
    expect(house.page.findAll('button')[0]?.attributes('disabled')).toBeUndefined();
  });
});
