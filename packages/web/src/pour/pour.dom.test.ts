import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, type Component } from 'vue';
import type { Pour } from '@uisce/core/pouring';
import { bottleThere } from '@uisce/core/stock';
import { useLog } from '../household/use-log';
import { useStock } from '../household/use-stock';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import ChoosePour from './ChoosePour.vue';
import MakeRound from './MakeRound.vue';
import PourLog from './PourLog.vue';
import PourView from './PourView.vue';
import ServedRound from './ServedRound.vue';

// Parts that come later are there already when they are asked for.
import './DrinkList.vue';
import './OneShort.vue';
import '../ui/PeoplePanel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));
// What is drawn on a canvas is looked at in pictures.
vi.mock('vue-echarts', () => ({ default: { render: () => null } }));

const ID = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const bottle = (n: number, kind: string, leftMl: number, more: object = {}): [string, string, unknown] => [
  'bottle',
  ID(n),
  { ...bottleThere(ID(n), kind), sizeMl: 700, leftMl, openedOn: '2026-11-20', ...more },
];
const STOCK: [string, string, unknown][] = [
  ['plan', smallPlan(0).id, smallPlan(4700)],
  bottle(1, 'gin', 200, { priceMinor: 1400, currency: 'EUR' }),
  bottle(2, 'vermouth', 300, { openedOn: '2026-10-01' }),
  bottle(3, 'bitter', 300),
  [
    'person',
    ID(8),
    { id: ID(8), name: 'Ann', limit: 2, noAlcohol: false, allergens: [], without: [], dislikes: ['bitter'] },
  ],
];

let house: InSmallHouse;
beforeEach(() => localStorage.clear());
afterEach(() => house.page.unmount());
/** Parts of the step; the sentence by itself where none are named. */
const open = async (things: [string, string, unknown][] = STOCK, ...parts: Component[]) => {
  const shown = parts.length > 0 ? parts : [PourView];
  house = await inHouse(
    defineComponent(() => () => shown.map((part) => h(part))),
    {},
    things,
  );
  house.router.addRoute({ path: '/pour/:part?/:round?', component: { template: '<i />' } });
  // What comes below the sentence is fetched once that is painted: on a busy machine that takes its time.
  await house.settle();
  await vi.dynamicImportSettled();
  await house.settle();
};
const button = (name: RegExp) => {
  const found = house.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text()));
  return found ?? expect.fail(`no button ${String(name)}: ${said(house.page)}`);
};
const press = async (key: string) => {
  window.dispatchEvent(new KeyboardEvent('keydown', { key }));
  await house.settle();
};
const go = async (path: string) => {
  await house.router.push(path);
  await house.settle();
};
const poured = (more: Partial<Pour>): [string, string, unknown] => {
  const id = more.id ?? ID(9);
  return [
    'pour',
    id,
    {
      id,
      at: `${more.on ?? '2026-11-20'}T20:00:00.000Z`,
      on: '2026-11-20',
      drink: 'negroni',
      name: 'negroni',
      glasses: 1,
      for: [],
      parts: [],
      servedMl: 110,
      abv: 0.24,
      ethanolG: 20,
      costMinor: 90,
      currency: 'EUR',
      verdict: 4,
      tasted: [],
      note: '',
      round: null,
      ...more,
    },
  ];
};

describe('choosing', () => {
  it('says what pours now and what asks to be used, and how many of each', async () => {
    await open();
    // Vermouth opened on 1 October is good for 60 days: to 30 November, in 5 days.
    expect(said(house.page)).toMatch(/^1 drink now; the sweet vermouth asks to be used in 1 of them/);
    expect(said(house.page)).toContain('it goes off in 5 days');
    house.page.unmount();
    await open(STOCK, ChoosePour);
    // 200 ml of gin are six of 30 ml.
    expect(said(house.page)).toContain('6, then no gin');
    // Without soda no americano, without syrup no sour: each one thing short.
    expect(said(house.page)).toMatch(/soda water adds 1 drink: americano/);
    expect(said(house.page)).toMatch(/simple syrup 1:1 adds 1 drink: gin sour/);
  });

  it('leaves out what somebody will not touch', async () => {
    await open(STOCK, ChoosePour);
    const ann = house.page.findAll('.v-checkbox').find((c) => c.text().includes('For Ann'));
    await ann?.find('input').setValue(true);
    await house.settle();
    expect(said(house.page)).toContain('Nothing that is here answers to all of that');
  });
});

describe('a round', () => {
  const begin = async (count = 1, ...parts: Component[]) => {
    await open(STOCK, ChoosePour, MakeRound, ...parts);
    await button(/^Pour negroni/).trigger('click');
    for (let i = 1; i < count; i++) await button(/^One negroni more/).trigger('click');
    await button(/^Make it/).trigger('click');
    await go('/pour/round');
  };

  it('goes step by step with any key that goes on, and back; nothing has fallen yet', async () => {
    await begin(2);
    // Chill is first: two glasses served up.
    expect(said(house.page)).toContain('Chill 2 glasses');
    await press(' ');
    expect(said(house.page)).toMatch(/60 ml \w+( \w+)? into the mixing glass/);
    await press('Enter');
    await press('PageDown');
    const before = said(house.page);
    await press('PageUp');
    expect(said(house.page)).not.toBe(before);
    expect(useStock().bottles.map((b) => b.leftMl)).toEqual([200, 300, 300]);
    expect(useLog().round?.orders[0]?.count).toBe(2);
  });

  it('served, levels fall by what went in and the log has it; one tap rates it; all of it is one change', async () => {
    await begin(1, ServedRound);
    const first = () => useLog().round;
    for (let i = 0; i < 30 && first() !== null; i++) await press(' ');
    expect(useStock().bottles.map((b) => b.leftMl)).toEqual([170, 270, 270]);
    const [pour] = useLog().pours;
    expect(pour).toMatchObject({ drink: 'negroni', glasses: 1, verdict: null, costMinor: 60 });
    const served = house.server.changes.find((c) => c.change === 'Poured negroni');
    expect(served?.writes.map((w) => w.thing).sort()).toEqual([
      'bottle',
      'bottle',
      'bottle',
      'pour',
      'round',
    ]);
    await go(`/pour/served/${pour?.round ?? ''}`);
    await button(/^5 of 5/).trigger('click');
    await house.settle();
    expect(useLog().pours[0]?.verdict).toBe(5);
    expect(said(house.page)).toContain('170 ml left');
  });

  it('given up, what is in comes off the bottles and counts as no drink', async () => {
    await begin();
    for (let i = 0; i < 3; i++) await press(' ');
    await button(/^Cancel it/).trigger('click');
    await house.settle();
    await button(/^Cancel it/).trigger('click');
    await house.settle();
    expect(useLog().round).toBeNull();
    expect(useLog().pours).toEqual([]);
    const left = useStock().bottles.reduce((sum, b) => sum + (b.leftMl ?? 0), 0);
    expect(left).toBe(800 - 60);
  });

  it('written down without its steps, and taken back again from the log', async () => {
    await open(STOCK, ChoosePour, PourLog);
    await button(/^Pour negroni/).trigger('click');
    await button(/^Write it down/).trigger('click');
    await house.settle();
    expect(useStock().bottles[0]?.leftMl).toBe(170);
    expect(said(house.page)).toContain('negroni');
    useLog().takeBack(useLog().pours[0]?.id ?? '');
    await house.settle();
    expect(useStock().bottles.map((b) => b.leftMl)).toEqual([200, 300, 300]);
    expect(useLog().pours).toEqual([]);
  });
});

describe('the log', () => {
  it('tells favourites and the month, and asks about a taste it never changes by itself', async () => {
    const log = [1, 2, 1, 2].map((verdict, i) =>
      poured({ id: `10000000-0000-4000-8000-00000000000${i}`, verdict }),
    );
    const sours = [5, 4, 5, 4].map((verdict, i) =>
      poured({ id: `20000000-0000-4000-8000-00000000000${i}`, verdict, drink: 'gin-sour', name: 'gin sour' }),
    );
    await open([...STOCK, ...log, ...sours], PourLog);
    expect(said(house.page)).toMatch(/Liked best .* gin sour 4.5 4/);
    expect(said(house.page)).toContain('You rate bitter drinks 1.5 of 5, others 4.5');
    expect(house.server.changes).toEqual([]);
    await button(/^Leave them out in the Brief/).trigger('click');
    await house.settle();
    expect(house.server.changes.at(-1)?.change).toBe('Taste: bitter');
  });
});
