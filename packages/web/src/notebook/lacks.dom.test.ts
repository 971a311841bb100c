import { afterEach, describe, expect, it, vi } from 'vitest';
import { computed, defineComponent, ref } from 'vue';
import type { Collection } from '@uisce/core/notebook';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { smallBottles, smallPlan } from '../testing/small-house';
import { standingOf } from './collection-needs';
import { useCollectionNeeds } from './use-collection-needs';
import { useLacks } from './use-lacks';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const id = ref('negroni');
const collection = ref<Collection>();
let house: InSmallHouse;
let lacks: ReturnType<typeof useLacks>;
let needs: ReturnType<typeof useCollectionNeeds>;
const Page = defineComponent(() => {
  const catalogue = useCatalogue();
  lacks = useLacks(computed(() => catalogue.recipes.get(id.value) ?? expect.fail(`no ${id.value}`)));
  needs = useCollectionNeeds(collection);
  return () => null;
});
afterEach(() => house.page.unmount());
const open = async (...owned: string[]) => {
  house = await inHouse(Page, {}, [['plan', smallPlan(0).id, smallPlan(4700)], ...smallBottles(...owned)]);
};
const of = (...drinks: string[]): Collection => ({
  id: '00000000-0000-4000-8000-000000000008',
  name: 'Ours',
  note: '',
  book: '',
  pages: {},
  drinks,
});

describe('what a drink lacks', () => {
  it('is named with its price, from what is owned and from what the plan buys', async () => {
    await open('gin');
    id.value = 'negroni';
    // Gin is there; the shop asks 16 for the bitter and 9 for the vermouth.
    expect(lacks.fromOwned.value).toMatch(/^lacks (red bitter|sweet vermouth) .* and .*, together €25\.00$/);
    expect(lacks.fromOwned.value).toContain('red bitter (€16.00)');
    // With 47.00 and the gin all four drinks are bought.
    expect(lacks.fromPlan.value).toBe('nothing is lacking');
  });

  it('is nothing where all of it stands there, and says so where nobody sells it', async () => {
    await open('gin', 'bitter', 'vermouth');
    expect(lacks.fromOwned.value).toBe('nothing is lacking');
    const catalogue = useCatalogue();
    id.value = 'daiquiri';
    usePlans().edit('Never', { brief: { neverKinds: ['rum'] } });
    await house.settle();
    expect(lacks.fromOwned.value).toBe('nothing on sale makes it at this attitude to stand-ins');
    expect(catalogue.recipes.has('daiquiri')).toBe(true);
  });
});

describe('what a collection needs', () => {
  it('is the fewest bottles for all of it, with what they cost', async () => {
    await open('gin');
    collection.value = of('negroni', 'americano');
    expect(needs.fromOwned.value).toBe(
      '2 more bottles (red bitter and sweet vermouth), and soda water; €26.00',
    );
    collection.value = of('negroni');
    expect(needs.fromPlan.value).toBe('nothing is lacking');
  });

  it('is nothing where there is no collection', async () => {
    await open();
    collection.value = undefined;
    expect([needs.fromOwned.value, needs.fromPlan.value]).toEqual(['', '']);
  });

  it('stands to the plan by what it makes, and what it is not told to make yet', () => {
    const opened = new Map([
      ['a', 1],
      ['b', 0.8],
    ]);
    expect(standingOf(['a', 'b', 'c'], opened, ['b', 'z'])).toEqual({ open: 2, notWanted: ['a', 'c'] });
    expect(standingOf([], opened, [])).toEqual({ open: 0, notWanted: [] });
  });
});
