import { afterEach, describe, expect, it, vi } from 'vitest';
import { ownDrinkSchema, ownKindSchema } from '@uisce/core/notebook';
import { useNotebook } from '../../household/use-notebook';
import { usePlans } from '../../household/use-plans';
import { useCatalogue } from '../../household/use-catalogue';
import { inHouse, said, type InSmallHouse } from '../../testing/in-house';
import { SMALL_CATALOGUE, smallPlan } from '../../testing/small-house';
import '../CollectionSheet.vue';
import '../../ui/DialogSheet.vue';
import OursPanels from './OursPanels.vue';

vi.mock('../../solver/solver', () => import('../../testing/small-solver'));
vi.mock('../../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../../testing/small-database'));

let house: InSmallHouse;
afterEach(() => house.page.unmount());
const cordial = ownKindSchema.parse({
  id: 'own-cordial',
  name: 'Bog cordial',
  job: 'sweet',
  supply: 'home-made',
  sugarGPerL: 500,
  sold: { ml: 500, priceMinor: 700, currency: 'EUR' },
});
const sour = SMALL_CATALOGUE.recipes.find((r) => r.id === 'gin-sour') ?? SMALL_CATALOGUE.recipes[0];
const ebb = ownDrinkSchema.parse({
  id: 'own-ebb',
  houseSpecOf: null,
  current: 0,
  from: 'p. 9',
  tags: ['winter'],
  notes: '',
  versions: [
    {
      at: '2026-11-20T20:00:00.000Z',
      why: '',
      recipe: {
        ...sour,
        id: 'own-ebb',
        name: 'Ebb',
        slots: sour?.slots.map((s) => (s.kind === 'simple-syrup' ? { ...s, kind: 'own-cordial' } : s)),
      },
    },
  ],
});
const winter = {
  id: '00000000-0000-4000-8000-0000000000c1',
  name: 'Winter',
  note: '',
  book: '',
  pages: {},
  drinks: ['own-ebb', 'negroni'],
};
const open = async (mustDrinks: string[] = []) => {
  house = await inHouse(OursPanels, {}, [
    ['plan', smallPlan(0).id, smallPlan(4700, { mustDrinks })],
    ['own-kind', cordial.id, cordial],
    ['drink', ebb.id, ebb],
    ['collection', winter.id, winter],
  ]);
  await vi.dynamicImportSettled();
  await house.settle();
};
const button = (name: RegExp) =>
  house.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text()));

describe('what is the household’s own', () => {
  it('counts wherever a shop is asked: its kind has its price, its drink stands in the library', async () => {
    await open();
    const catalogue = useCatalogue();
    expect(catalogue.prices?.bottles.find((b) => b.kind === 'own-cordial')).toMatchObject({
      ml: 500,
      priceMinor: 700,
    });
    expect(catalogue.recipes.get('own-ebb')?.canon).toBe('own');
    expect(said(house.page)).toContain('500 g sugar a litre, 50 cl for €7.00');
    expect(said(house.page)).toMatch(/Ebb p\. 9, winter 1 –/);
  });

  it('keeps a kind that a drink is made with, and lets it go with the drink', async () => {
    await open();
    expect(said(house.page)).toContain('in Ebb');
    expect(button(/^Delete Bog cordial/)).toBeUndefined();
    useNotebook().remove(ebb);
    await house.settle();
    await button(/^Delete Bog cordial/)?.trigger('click');
    await house.settle();
    expect(useNotebook().kinds).toEqual([]);
  });

  it('crosses a drink out wherever it is named, in one change', async () => {
    await open(['own-ebb', 'negroni']);
    const before = house.server.changes.length;
    useNotebook().remove(ebb);
    await house.settle();
    expect(usePlans().brief?.mustDrinks).toEqual(['negroni']);
    expect(useNotebook().collections[0]?.drinks).toEqual(['negroni']);
    expect(house.server.changes.length).toBe(before + 1);
    expect(
      house.server.changes
        .at(-1)
        ?.writes.map((w) => w.thing)
        .sort(),
    ).toEqual(['collection', 'drink', 'plan']);
  });
});
