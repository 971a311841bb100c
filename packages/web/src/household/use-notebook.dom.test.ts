import { beforeEach, describe, expect, it, vi } from 'vitest';
import { eveningSchema } from '@uisce/core/evening';
import { keptEvening } from '@uisce/core/kept';
import { OWN, type Collection } from '@uisce/core/notebook';
import { useKeeper } from '../kept/use-keeper';
import { SMALL_CATALOGUE, smallPlan } from '../testing/small-house';
import { openPage, SmallServer } from '../testing/small-server';
import { useNotebook } from './use-notebook';
import { usePlans } from './use-plans';
import { useCatalogue } from './use-catalogue';

vi.mock('idb-keyval', () => import('../testing/small-database'));

const ID = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const evening = eveningSchema.parse({
  id: ID(9),
  name: 'Saturday',
  on: '2026-11-28',
  from: '20:00',
  hours: 2,
  size: 2,
  guests: [],
  must: [`${OWN}gin-sour`, 'negroni'],
  never: [],
  atWork: false,
  freezerLitres: null,
  done: [],
  endedOn: null,
});
const collection = (drinks: string[], pages: Collection['pages'] = {}): Collection => ({
  id: ID(8),
  name: 'Of ours',
  note: '',
  book: '',
  pages,
  drinks,
});
const sour = () =>
  SMALL_CATALOGUE.recipes.find((r) => r.id === 'gin-sour') ?? expect.fail('the small house has a gin sour');
/** The same with so much lime. */
const withLime = (ml: number) => ({
  ...sour(),
  slots: sour().slots.map((s) =>
    s.kind === 'lime-juice' ? { ...s, amount: { ...s.amount, value: ml } } : s,
  ),
});

let server: SmallServer;
beforeEach(async () => {
  vi.useFakeTimers();
  localStorage.clear();
  server = new SmallServer([
    ['plan', smallPlan(0).id, smallPlan(4500)],
    ['evening', ID(9), evening],
  ]);
  await openPage();
});
const sent = async () => {
  await vi.advanceTimersByTimeAsync(3000);
  return server.changes;
};

describe('drinks of our own', () => {
  it('take an id from their name, without accents, and another where that is taken', () => {
    const notebook = useNotebook();
    const ids = ['Crème de Minuit!', 'Creme de minuit', '!!!'].map((name) =>
      notebook.write({ ...sour(), name }, '', null),
    );
    expect(ids).toEqual([`${OWN}creme-de-minuit`, `${OWN}creme-de-minuit-2`, `${OWN}drink`]);
    expect(notebook.drinks.map((d) => d.versions[0]?.recipe.id)).toEqual(ids);
  });

  it('are free of each other when many are written at once', () => {
    const notebook = useNotebook();
    const written = notebook.newDrinks([sour(), sour(), sour()], 'From a file', 'file.txt');
    expect(new Set(written.map((d) => d.id)).size).toBe(3);
    expect(written.every((d) => d.from === 'file.txt' && d.versions[0]?.why === 'From a file')).toBe(true);
    // Nothing is kept before it is wished.
    expect(notebook.drinks).toEqual([]);
  });

  it('stand in the library at once, and count like any other', () => {
    const catalogue = useCatalogue();
    const before = catalogue.drinkCount;
    const id = useNotebook().write({ ...sour(), name: 'Late sour' }, '', null);
    expect(catalogue.recipes.get(id)).toMatchObject({ name: 'Late sour', canon: 'own' });
    expect(catalogue.drinkCount).toBe(before + 1);
  });

  it('a house spec is poured in place of the printed one, which stays as it is', () => {
    const catalogue = useCatalogue();
    const notebook = useNotebook();
    expect(notebook.write(withLime(30), 'sourer', 'gin-sour')).toBe('gin-sour');
    const lime = (recipes: typeof catalogue.recipes) =>
      recipes.get('gin-sour')?.slots.find((s) => s.kind === 'lime-juice')?.amount;
    expect(lime(catalogue.recipes)).toMatchObject({ value: 30 });
    expect(lime(catalogue.printed)).toMatchObject({ value: 25 });
    expect(notebook.ownOf('gin-sour')?.houseSpecOf).toBe('gin-sour');
  });

  it('keep every version: the newest is poured until another is chosen', async () => {
    const notebook = useNotebook();
    const id = notebook.write(sour(), '', null);
    const own = () => notebook.ownOf(id) ?? expect.fail('it was written');
    notebook.rewrite(own(), withLime(20), 'less sour');
    // What follows at once is one change with it.
    await sent();
    notebook.rewrite(own(), withLime(30), 'too sweet');
    expect([own().versions.length, own().current]).toEqual([3, 2]);
    notebook.choose(own(), 0);
    expect(useCatalogue().recipes.get(id)?.slots[1]?.amount).toMatchObject({ value: 25 });
    expect(own().versions.map((v) => v.why)).toEqual(['', 'less sour', 'too sweet']);
    expect((await sent()).map((c) => c.change)).toEqual([
      'Wrote gin sour',
      'gin sour, another version',
      'gin sour, another version',
      'Version 1 of gin sour',
    ]);
  });

  it('crossed out, one leaves plans, evenings and collections with it, in one change', async () => {
    const notebook = useNotebook();
    const id = notebook.write({ ...sour(), name: 'Gin sour' }, '', null);
    expect(id).toBe(`${OWN}gin-sour`);
    usePlans().edit('Must', { brief: { mustDrinks: [id, 'negroni'] } });
    notebook.collect(collection([id, 'negroni'], { [id]: '12', negroni: '40' }), 'Begins');
    await sent();
    server.changes.length = 0;
    notebook.remove(notebook.ownOf(id) ?? expect.fail('it was written'));
    expect(usePlans().brief?.mustDrinks).toEqual(['negroni']);
    expect(useKeeper().all(keptEvening)[0]?.must).toEqual(['negroni']);
    expect(notebook.collections).toMatchObject([{ drinks: ['negroni'], pages: { negroni: '40' } }]);
    const [change, ...more] = await sent();
    expect(more).toEqual([]);
    expect(change?.change).toBe('Crossed out Gin sour');
    expect(change?.writes.map((w) => [w.thing, w.value === null])).toEqual([
      ['drink', true],
      ['plan', false],
      ['evening', false],
      ['collection', false],
    ]);
  });

  it('a house spec that goes takes nothing along: the printed drink is still there', async () => {
    const notebook = useNotebook();
    notebook.write(withLime(30), '', 'negroni');
    await sent();
    server.changes.length = 0;
    notebook.remove(notebook.ownOf('negroni') ?? expect.fail('it was written'));
    expect((await sent())[0]?.writes.map((w) => w.thing)).toEqual(['drink']);
    expect(useCatalogue().recipes.has('negroni')).toBe(true);
  });
});

describe('kinds of our own', () => {
  it('say which of our drinks are made with them, in any version, or with them in place of another', () => {
    const notebook = useNotebook();
    const id = notebook.write(sour(), '', null);
    const own = notebook.ownOf(id) ?? expect.fail('it was written');
    const [first, ...rest] = sour().slots;
    if (!first) expect.fail('it has slots');
    notebook.rewrite(own, { ...sour(), name: 'Rum or gin', slots: [{ ...first, or: ['rum'] }, ...rest] }, '');
    expect(notebook.madeWith('rum')).toEqual(['Rum or gin']);
    expect(notebook.madeWith('bitter')).toEqual([]);
  });
});
