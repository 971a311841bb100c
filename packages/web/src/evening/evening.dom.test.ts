import { afterEach, describe, expect, it, vi } from 'vitest';
import { eveningSchema, newGuest, type Evening, type Guest } from '@uisce/core/evening';
import { bottleThere } from '@uisce/core/stock';
import { useBatches } from '../household/use-batches';
import { useErrands } from '../household/use-errands';
import { useEvenings } from '../household/use-evenings';
import { useLog } from '../household/use-log';
import { useCatalogue } from '../household/use-catalogue';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import './EveningPanels.vue';
import EveningView from './EveningView.vue';
import './NightPanels.vue';
import './PastPanels.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const ID = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const guest = (n: number, name: string, more: Partial<Guest> = {}) => newGuest({ id: ID(n), name, ...more });
const evening = (more: Partial<Evening> = {}): [string, string, unknown] => [
  'evening',
  ID(9),
  eveningSchema.parse({
    id: ID(9),
    name: 'Saturday',
    on: '2026-11-28',
    from: '20:00',
    hours: 2,
    size: 2,
    must: [],
    never: [],
    guests: [guest(7, 'Ann'), guest(8, 'Bo', { dislikes: ['bitter'] })],
    atWork: false,
    freezerLitres: null,
    done: [],
    endedOn: null,
    ...more,
  }),
];
const bottle = (n: number, kind: string): [string, string, unknown] => [
  'bottle',
  ID(n),
  { ...bottleThere(ID(n), kind), sizeMl: 700, leftMl: 700 },
];
let house: InSmallHouse;
afterEach(() => house.page.unmount());
const open = async (...things: [string, string, unknown][]) => {
  house = await inHouse(EveningView, {}, [['plan', smallPlan(0).id, smallPlan(4700)], ...things]);
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

  it('is called what it is called, and keeps its name where none is typed', async () => {
    await open(evening());
    const field = house.page.findAll('label').find((l) => l.text() === 'Called');
    const input = house.page.find(`#${field?.attributes('for')}`);
    for (const typed of ['  Harvest supper ', '   ']) {
      await input.setValue(typed);
      await input.trigger('change');
      await house.settle();
      expect(useEvenings().next?.name).toBe('Harvest supper');
    }
    expect(house.server.changes.map((c) => c.change)).toEqual(['The evening is called “Harvest supper”']);
  });

  it('finds the menu that everyone finds two on, and puts what is missing on the errand', async () => {
    await open(evening(), bottle(1, 'gin'), bottle(2, 'rum'), bottle(3, 'simple-syrup'));
    // Bo will have nothing bitter: gin sour and daiquiri, six pours of two hours for two; the fruit is not sold here.
    expect(said(house.page)).toMatch(
      /^Two guests on Sat 28 from 20:00: 2 on the menu, 6 pours; nothing is missing/,
    );
    expect(said(house.page)).toContain(
      'Everyone finds at least two they like, but nothing without alcohol stands on it · proven best',
    );
    await button(/^Another instead of daiquiri/).trigger('click');
    await house.settle();
    await house.settle();
    // Whatever stands there instead, Bo has but one.
    expect(said(house.page)).toContain('Bo finds one on it and nothing without alcohol stands on it');
    expect(useEvenings().next?.never).toEqual(['daiquiri']);
    await button(/^Put \d+ things? on the errand/).trigger('click');
    await house.settle();
    expect(useErrands().open?.lines.every((l) => l.id.startsWith('evening-'))).toBe(true);
    expect(house.server.changes.map((c) => c.change)).toEqual(['Not daiquiri', 'What the evening lacks']);
  });

  it('weighs what is mixed ahead on the bench, with the water of its ice', async () => {
    await open(
      evening({ must: ['negroni'], size: 1, guests: [guest(7, 'Ann')] }),
      bottle(1, 'gin'),
      bottle(2, 'bitter'),
      bottle(3, 'vermouth'),
    );
    expect(said(house.page)).toContain('negroni 3 pours all there mixed ahead:');
    await button(/^Mix negroni/).trigger('click');
    await house.settle();
    const begun = useBatches().onBench;
    expect(begun?.recipe?.makes).toBe('mixed-negroni');
    expect(begun?.recipe?.from.map((p) => p.kind ?? p.pantry).at(-1)).toBe('water');
    expect(useCatalogue().kindName('mixed-negroni')).toBe('negroni, mixed ahead');
    expect(house.router.currentRoute.value.path).toBe('/bench');
  });
});

describe('the night', () => {
  const settled = { must: ['gin-sour', 'daiquiri'], on: '2026-11-25', from: '17:00' };

  it('settles the menu, takes orders by guest, and writes down what is served', async () => {
    await open(evening({ on: '2026-11-25' }), bottle(1, 'gin'), bottle(2, 'rum'), bottle(3, 'simple-syrup'));
    // What it waits for comes with the timers that are moved next.
    void house.router.push('/evening/night');
    await house.settle();
    await button(/^Settle the menu/).trigger('click');
    await house.settle();
    expect(useEvenings().next?.must).toHaveLength(2);
    await button(/^Ann/).trigger('click');
    await house.settle();
    await button(/^gin sour for Ann/).trigger('click');
    await house.settle();
    expect(said(house.page)).toContain('asked for gin sour');
    await button(/^It is served/).trigger('click');
    await house.settle();
    expect(useLog().pours.map((p) => [p.drink, p.for, p.on])).toEqual([['gin-sour', ['Ann'], '2026-11-25']]);
    expect(said(house.page)).toMatch(/Ann 1 glass, [\d.]+ standard drinks; water between/);
    expect(said(house.page)).toMatch(/1 of about 6 poured/);
  });

  it('hears what guests ask for from their telephones, and puts it on the round or not', async () => {
    const ask = (n: number, name: string, drink: string, at: string): [string, string, unknown] => [
      'ask',
      ID(n),
      {
        id: ID(n),
        evening: ID(9),
        at,
        name,
        cannot: ['nuts'],
        without: [],
        noAlcohol: false,
        drink,
        state: 'waiting',
      },
    ];
    await open(
      evening(settled),
      ...[bottle(1, 'gin'), bottle(2, 'rum'), bottle(3, 'simple-syrup')],
      ...[
        ask(5, 'Niamh', 'gin-sour', '2026-11-25T17:40:00.000Z'),
        ask(6, 'Rory', 'daiquiri', '2026-11-25T17:20:00.000Z'),
      ],
      // Of an evening that is over: nobody waits for it.
      [
        'ask',
        ID(4),
        { ...(ask(4, 'Late', 'gin-sour', '2026-11-20T17:20:00.000Z')[2] as object), evening: ID(3) },
      ],
    );
    void house.router.push('/evening/night');
    await house.settle();
    expect(said(house.page)).toMatch(
      /Asked from their telephones Rory: daiquiri .* no nuts .*Niamh: gin sour/,
    );
    expect(said(house.page)).not.toContain('Late');
    await button(/^Put gin sour for Niamh on the round/).trigger('click');
    await button(/^Not now: daiquiri for Rory/).trigger('click');
    await house.settle();
    expect(said(house.page)).not.toContain('Asked from their telephones');
    expect(said(house.page)).toMatch(/This round · 1 glass 1 × gin sour Niamh/);
    expect(
      house.server.changes.map((c) => c.writes.map((w) => (w.value as { state: string }).state)),
    ).toEqual([['taken'], ['declined']]);
  });

  it('offers nobody what they cannot have, and ends with what it came to', async () => {
    await open(
      evening({ ...settled, guests: [guest(7, 'Ann', { drives: true })] }),
      ...[bottle(1, 'gin'), bottle(2, 'rum'), bottle(3, 'simple-syrup')],
    );
    // What it waits for comes with the timers that are moved next.
    void house.router.push('/evening/night');
    await house.settle();
    await button(/^Ann, driving/).trigger('click');
    await house.settle();
    expect(button(/^gin sour for Ann/).attributes('disabled')).toBeDefined();
    await button(/^The evening is over/).trigger('click');
    await house.settle();
    await vi.dynamicImportSettled();
    await house.settle();
    expect(useEvenings().past[0]).toMatchObject({ endedOn: '2026-11-25', cost: { glasses: 0, minor: null } });
    await button(/^Saturday again/).trigger('click');
    await house.settle();
    expect(useEvenings().next).toMatchObject({
      on: '2026-12-02',
      endedOn: null,
      must: ['gin-sour', 'daiquiri'],
    });
  });

  it('keeps a guest in the book, and has them forgotten where all of it is kept', async () => {
    await open(evening(settled));
    useEvenings().keepInBook(guest(7, 'Ann', { likes: ['sour'] }));
    await house.settle();
    expect(useLog().people).toMatchObject([{ name: 'Ann', likes: ['sour'] }]);
    house.server.also.set('POST /people/forget', () => ({ changed: 1 }));
    await useEvenings().forget('Ann');
    expect(house.server.asked).toEqual([['POST /people/forget', { name: 'Ann', backups: 'keep' }]]);
  });
});
