import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Recipe } from '@uisce/core/catalogue';
import { inHouse, said, type InSmallHouse } from '../../testing/in-house';
import { SMALL_CATALOGUE, smallPlan } from '../../testing/small-house';
import { useSettings } from '../../household/use-settings';
import SpecTable from './SpecTable.vue';

vi.mock('../../solver/solver', () => import('../../testing/small-solver'));
vi.mock('../../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../../testing/small-database'));

let house: InSmallHouse | undefined;
afterEach(() => house?.page.unmount());
const recipe = (id: string) => SMALL_CATALOGUE.recipes.find((r) => r.id === id) as Recipe;
const rows = () => house?.page.findAll('tr').map(said);

describe('what goes in', () => {
  it('is written in the reader’s measure, for as many as drink', async () => {
    house = await inHouse(SpecTable, { recipe: recipe('negroni'), servings: 2 });
    expect(rows()).toEqual(['60 ml Gin', '60 ml Red bitter', '60 ml Sweet vermouth']);
    useSettings().change({ measure: 'us-oz' });
    await house.settle();
    expect(rows()?.[0]).toBe('2 oz Gin');
  });

  it('costs what each part costs, and the parts add up to the drink', async () => {
    house = await inHouse(SpecTable, { recipe: recipe('negroni'), costs: true });
    // 30 ml of 700 ml at 20.00, of 700 ml at 16.00, of 750 ml at 9.00.
    expect(rows()).toEqual(['30 ml Gin €0.86', '30 ml Red bitter €0.69', '30 ml Sweet vermouth €0.36']);
  });

  it('says what is lacking, and says nothing of it before there is a plan to compare with', async () => {
    house = await inHouse(SpecTable, { recipe: recipe('daiquiri') });
    expect(rows()?.[0]).toBe('60 ml Rum lacking');
    house.page.unmount();
    house = await inHouse(SpecTable, { recipe: recipe('daiquiri') }, []);
    expect(said(house.page)).not.toContain('lacking');
  });

  it('says how a part joins: pressed, floated, sinking, beside', async () => {
    const slots = recipe('americano').slots.map((slot, i) => ({
      ...slot,
      muddle: i === 0,
      float: i === 1,
      sink: i === 2,
    }));
    house = await inHouse(SpecTable, { recipe: { ...recipe('americano'), slots } }, [
      ['plan', smallPlan(0).id, smallPlan(9000)],
    ]);
    expect(rows()?.map((r) => r.split(', ').slice(1).join(', '))).toEqual([
      'muddled',
      'floated',
      'last, sinking',
    ]);
  });
});
