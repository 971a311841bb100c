import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import type { Evening, Guest } from '@uisce/core/evening';
import { bottleThere } from '@uisce/core/stock';
import { useErrands } from '../household/use-errands';
import { useEvenings } from '../household/use-evenings';
import { inHouse, said, type InHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import EveningCards from './EveningCards.vue';
import EveningView from './EveningView.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const ID = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const guest = (n: number, name: string, more: Partial<Guest> = {}): Guest => ({
  ...{ id: ID(n), name, count: 1, likes: [], dislikes: [], allergens: [], noAlcohol: false, drives: false },
  ...more,
});
const evening = (more: Partial<Evening> = {}): [string, string, unknown] => [
  'evening',
  ID(9),
  {
    ...{
      id: ID(9),
      name: 'Saturday',
      on: '2026-11-28',
      from: '20:00',
      hours: 2,
      size: 2,
      must: [],
      never: [],
    },
    ...{ guests: [guest(7, 'Ann'), guest(8, 'Bo', { dislikes: ['bitter'] })] },
    ...{ atWork: false, freezerLitres: null, done: [], endedOn: null, ...more },
  },
];
const bottle = (n: number, kind: string): [string, string, unknown] => [
  'bottle',
  ID(n),
  { ...bottleThere(ID(n), kind), sizeMl: 700, leftMl: 700 },
];
const Both = defineComponent(() => () => [h(EveningView), h(EveningCards)]);
let house: InHouse;
afterEach(() => house.page.unmount());
const open = async (...things: [string, string, unknown][]) => {
  house = await inHouse(Both, {}, [['plan', smallPlan(0).id, smallPlan(4700)], ...things]);
  await house.settle();
  await vi.dynamicImportSettled();
  await house.settle();
};
const button = (name: RegExp) => {
  const found = house.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text()));
  return found ?? expect.fail(`no button ${String(name)}: ${said(house.page)}`);
};

describe('an evening', () => {
  it('says how to begin, and begins', async () => {
    await open();
    expect(said(house.page)).toMatch(/^Nobody is asked yet: say who comes and when/);
    await button(/^Ask somebody round/).trigger('click');
    await house.settle();
    expect(useEvenings().next?.guests).toEqual([]);
    expect(said(house.page)).toMatch(/^29 November 2026 from 20:00: who comes\?/);
  });

  it('finds the card that everyone finds two on, and puts what is missing on the errand', async () => {
    await open(evening(), bottle(1, 'gin'), bottle(2, 'rum'), bottle(3, 'simple-syrup'));
    // Bo will have nothing bitter: gin sour and daiquiri, six pours of two hours for two; the fruit is not sold here.
    expect(said(house.page)).toMatch(
      /^Two guests on Sat 28 from 20:00: 2 on the card, 6 pours; nothing is missing/,
    );
    expect(said(house.page)).toContain('Everyone finds at least two they like · proven best');
    await button(/^Another instead of daiquiri/).trigger('click');
    await house.settle();
    await house.settle();
    // Whatever stands there instead, Bo has but one.
    expect(said(house.page)).toContain('1 drink short of two for everyone');
    expect(useEvenings().next?.never).toEqual(['daiquiri']);
    await button(/^Put \d+ things? on the errand/).trigger('click');
    await house.settle();
    expect(useErrands().open?.lines.every((l) => l.id.startsWith('evening-'))).toBe(true);
    expect(house.server.changes.map((c) => c.change)).toEqual(['Not daiquiri', 'What the evening lacks']);
  });
});
