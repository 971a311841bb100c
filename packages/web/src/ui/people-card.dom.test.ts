import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Person } from '@uisce/core/household';
import type { Pour } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import PeoplePanel from './PeoplePanel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));
// A sheet over the page, without what a browser lays it out with.
vi.mock('./AppDialog.vue', () => ({
  default: { props: ['modelValue'], template: '<div v-if="modelValue"><slot /></div>' },
}));

const ID = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const person = (n: number, name: string, more: Partial<Person> = {}): [string, string, unknown] => [
  'person',
  ID(n),
  {
    id: ID(n),
    name,
    limit: null,
    noAlcohol: false,
    drives: false,
    allergens: [],
    likes: [],
    without: [],
    dislikes: [],
    ...more,
  },
];
const pour = (n: number, who: string[], ethanolG: number): [string, string, unknown] => [
  'pour',
  ID(n),
  {
    id: ID(n),
    at: '2026-11-25T17:30:00.000Z',
    on: '2026-11-25',
    drink: 'negroni',
    name: 'negroni',
    glasses: 1,
    for: who,
    parts: [],
    servedMl: 100,
    abv: 0.2,
    ethanolG,
    costMinor: null,
    currency: null,
    verdict: null,
    tasted: [],
    note: '',
    round: null,
  } satisfies Pour,
];

let house: InSmallHouse;
afterEach(() => {
  house.page.unmount();
  document.body.innerHTML = '';
});
const open = async (...things: [string, string, unknown][]) => {
  house = await inHouse(PeoplePanel, {}, [['plan', smallPlan(0).id, smallPlan(4700)], ...things]);
};
/** In the page or in the sheet over it. */
const button = (name: RegExp) =>
  [...document.querySelectorAll('button')].find((b) => name.test(b.textContent ?? '')) ??
  expect.fail(`no button ${String(name)}`);
const press = async (name: RegExp) => {
  button(name).click();
  await flushPromises();
  await vi.dynamicImportSettled();
  await house.settle();
};
const type = async (label: RegExp, value: string) => {
  const field = [...document.querySelectorAll('.v-text-field')].find((f) => label.test(f.textContent ?? ''));
  const input = field?.querySelector('input') ?? expect.fail(`no field ${String(label)}`);
  input.value = value;
  input.dispatchEvent(new Event('input'));
  await flushPromises();
};

describe('who drinks here', () => {
  it('says what somebody cannot have, beside their name', async () => {
    await open(
      person(1, 'Bran', { noAlcohol: true }),
      person(2, 'Aoife', { allergens: ['nuts'], dislikes: ['bitter'] }),
    );
    expect(said(house.page)).toMatch(/Aoife no nuts; nothing bitter Bran no alcohol/);
  });

  it('says an evening so far calmly: water between, and water once their own limit is there', async () => {
    // A standard drink of this region is 10 g.
    await open(
      person(1, 'Aoife', { limit: 2 }),
      person(2, 'Bran'),
      pour(3, ['Aoife'], 24),
      pour(4, ['Bran'], 10),
    );
    const lines = house.page.findAll('.calm').map((p) => p.text());
    expect(lines.find((l) => l.startsWith('Bran'))).toMatch(
      /1 glass, [\d.]+ standard drinks?; water between\.$/,
    );
    expect(lines.find((l) => l.startsWith('Aoife'))).toMatch(
      /of the 2 set for an evening; that is the limit they set: water now\.$/,
    );
  });

  it('takes somebody with a name that nobody else has', async () => {
    await open(person(1, 'Aoife'));
    await press(/^Add somebody/);
    await press(/^Save/);
    expect(document.body.textContent).toContain('Give a name.');
    await type(/^Name/, ' aoife ');
    await press(/^Save/);
    expect(document.body.textContent).toContain('There is somebody of that name.');
    await type(/^Name/, ' Ciara ');
    await press(/^Save/);
    expect(useLog().people.map((p) => p.name)).toEqual(['Aoife', 'Ciara']);
    expect(house.server.changes.map((c) => c.change)).toEqual(['Ciara drinks here']);
  });

  it('changes somebody, or lets them go, and nothing is kept before that is asked', async () => {
    await open(person(1, 'Aoife'));
    await press(/^Aoife/);
    await type(/^Name/, 'Aoife Byrne');
    expect(useLog().people.map((p) => p.name)).toEqual(['Aoife']);
    await press(/^Save/);
    expect(useLog().people).toMatchObject([{ id: ID(1), name: 'Aoife Byrne' }]);
    await press(/^Aoife Byrne/);
    await press(/^They no longer drink here/);
    expect(useLog().people).toEqual([]);
  });
});
