import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import { notebookFile, OWN, sayRecipes } from '@uisce/core/notebook';
import { kindIndex, type Recipe } from '@uisce/core/catalogue';
import { useNotebook } from '../../household/use-notebook';
import { inHouse, type InSmallHouse } from '../../testing/in-house';
import { SMALL_CATALOGUE } from '../../testing/small-house';
import { FileReader, type ToRead } from './reading';
import { useImport } from './use-import';

vi.mock('../../solver/solver', () => import('../../testing/small-solver'));
vi.mock('../../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../../testing/small-database'));
vi.mock('./reading.worker?worker&url', () => ({ default: 'reading' }));
// The reader of the background, on the page: what is asked of it is copied, as a worker's would be.
vi.mock('comlink', () => {
  let reader: FileReader | undefined;
  const copy = <T>(value: T): T => structuredClone(value);
  return {
    proxy: <T>(value: T): T => value,
    wrap: () => ({
      read: (ask: ToRead, tell: (share: number) => void) => {
        reader = new FileReader(copy(ask));
        return Promise.resolve(copy(reader.read(tell)));
      },
      settle: (said: Record<string, string>, tell: (share: number) => void) =>
        Promise.resolve(copy(reader?.settle(copy(said), tell))),
    }),
  };
});

let house: InSmallHouse;
let incoming: ReturnType<typeof useImport>;
const Page = defineComponent(() => {
  incoming = useImport();
  return () => null;
});
const open = async () => {
  vi.stubGlobal(
    'Worker',
    class {
      terminate = () => undefined;
    },
  );
  house = await inHouse(Page);
};
afterEach(() => {
  house.page.unmount();
  vi.unstubAllGlobals();
});
const take = async (text: string, name = 'bar.txt') => {
  await incoming.open(new File([text], name));
  await house.settle();
};
const kinds = kindIndex(SMALL_CATALOGUE.kinds);
const shipped = (id: string): Recipe =>
  SMALL_CATALOGUE.recipes.find((r) => r.id === id) ?? expect.fail(`no ${id} in the small house`);
const named = (name: string, id = 'gin-sour'): Recipe => ({ ...shipped(id), name });
/** With so much of its first part. */
const stronger = (recipe: Recipe, value: number): Recipe => ({
  ...recipe,
  slots: recipe.slots.map((s, i) =>
    i === 0 ? { ...s, amount: { ...s.amount, value } as typeof s.amount } : s,
  ),
});
const text = (...recipes: Recipe[]) => sayRecipes(recipes, kinds);
const names = (of: { name: string }[]) => of.map((d) => d.name);
const mine = () =>
  useNotebook().drinks.map((d) => [d.id, d.versions.length, d.versions[d.current]?.recipe.name]);

describe('a file of recipes', () => {
  it('is sorted into what is new, the same, otherwise, and not understood', async () => {
    await open();
    await take(
      `${text(named('Harbour light'), shipped('gin-sour'), stronger(shipped('daiquiri'), 75))}\n\n\nFog\n60 ml gin\n15 ml bog syrup`,
    );
    const { fresh, same, changed, open: unread } = incoming.groups.value;
    expect([names(fresh), names(same), names(changed), names(unread)]).toEqual([
      ['Harbour light'],
      ['gin sour'],
      ['daiquiri'],
      ['Fog'],
    ]);
    expect(incoming.progress.value).toBeUndefined();
    // Nothing is kept by looking.
    expect(house.server.changes).toEqual([]);
  });

  it('has a word said once for all its lines, and the drink is whole then', async () => {
    await open();
    await take('Fog\n60 ml gin\n15 ml bog syrup\n\n\nMist\n50 ml rum\n10 ml bog syrup');
    await incoming.say('bog syrup', 'simple-syrup');
    expect(names(incoming.groups.value.fresh)).toEqual(['Fog', 'Mist']);
    expect(incoming.groups.value.open).toEqual([]);
  });

  it('is kept as one change, and forgotten once it is', async () => {
    await open();
    await take(text(named('Harbour light'), named('Harbour wall', 'negroni')));
    await incoming.takeDrinks(incoming.groups.value.fresh, [], 'leave');
    expect(mine()).toEqual([
      [`${OWN}harbour-light`, 1, 'Harbour light'],
      [`${OWN}harbour-wall`, 1, 'Harbour wall'],
    ]);
    expect(house.server.changes.map((c) => c.change)).toEqual(['2 drinks from bar.txt']);
    expect([incoming.done.value, incoming.found.value]).toEqual(['2 saved.', undefined]);
  });

  it.each([
    ['left as they are', 'leave', []],
    ['another version of them', 'version', [[`${OWN}daiquiri`, 1, 'daiquiri']]],
    ['drinks beside them', 'beside', [[`${OWN}daiquiri`, 1, 'daiquiri']]],
  ] as const)('with drinks that are otherwise here: %s', async (_what, as, kept) => {
    await open();
    await take(text(stronger(shipped('daiquiri'), 75)));
    await incoming.takeDrinks([], incoming.groups.value.changed, as);
    expect(mine()).toEqual(kept);
    // A version is a spec of the house for the printed drink; what stands beside it is a drink of its own.
    expect(useNotebook().drinks[0]?.houseSpecOf ?? null).toBe(as === 'version' ? 'daiquiri' : null);
  });

  it('with one drink twice makes two versions of it, in their order', async () => {
    await open();
    await take(text(named('Harbour light')));
    await incoming.takeDrinks(incoming.groups.value.fresh, [], 'leave');
    await take(text(stronger(named('Harbour light'), 45), stronger(named('Harbour light'), 75)));
    await incoming.takeDrinks([], incoming.groups.value.changed, 'version');
    const [drink, ...others] = useNotebook().drinks;
    expect(others).toEqual([]);
    expect(drink?.versions.map((v) => v.recipe.slots[0]?.amount.value)).toEqual([60, 45, 75]);
    expect(drink?.current).toBe(2);
  });

  it('given up leaves nothing of it', async () => {
    await open();
    await take(text(named('Harbour light')));
    incoming.forget();
    expect([incoming.found.value, incoming.name.value, mine()]).toEqual([undefined, '', []]);
  });
});

describe('a notebook file', () => {
  const file = (...drinks: Parameters<typeof notebookFile>[0][number][]) =>
    JSON.stringify(notebookFile(drinks, [], [], []));

  it('comes in whole, and what is otherwise only where that is wished', async () => {
    await open();
    const notebook = useNotebook();
    const [light, wall] = notebook.newDrinks([named('Harbour light'), named('Harbour wall')], '');
    if (!light || !wall) expect.fail('two were written');
    await take(file(light, wall), 'mine.json');
    expect(incoming.file.value?.drinks.fresh).toHaveLength(2);
    await incoming.takeFile(false);
    expect(mine()).toHaveLength(2);

    await take(file({ ...light, notes: 'Salt it' }, wall), 'mine.json');
    expect([incoming.file.value?.drinks.same.length, incoming.file.value?.drinks.changed.length]).toEqual([
      1, 1,
    ]);
    await incoming.takeFile(false);
    expect(notebook.ownOf(light.id)?.notes).toBe('');
    await take(file({ ...light, notes: 'Salt it' }, wall), 'mine.json');
    await incoming.takeFile(true);
    expect(notebook.ownOf(light.id)?.notes).toBe('Salt it');
  });
});
