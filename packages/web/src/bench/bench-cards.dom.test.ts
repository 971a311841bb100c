import { afterEach, describe, expect, it, vi } from 'vitest';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { useBatches } from '../household/use-batches';
import BenchPanels from './BenchPanels.vue';
import BenchView from './BenchView.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));
vi.mock('./ActivityChart.vue', () => ({ __esModule: true, default: { render: () => null } }));

let house: InSmallHouse | undefined;
afterEach(() => house?.page.unmount());
const press = async (name: string | RegExp) => {
  const button = house?.page
    .findAll('button')
    .find((b) => (typeof name === 'string' ? b.text() === name : name.test(b.text())));
  if (!button) throw new Error(`there is no button ${String(name)}`);
  await button.trigger('click');
  await house?.settle();
};

describe('the bench', () => {
  it('says first what to put together, what it fills and until when it keeps', async () => {
    house = await inHouse(BenchView);
    expect(house.page.get('h1').text()).toMatch(
      /^301 g White sugar and 301 g hot Water: 490 ml, fills your 500 ml bottle$/i,
    );
    expect(said(house.page)).toMatch(/Simple syrup 1:1 · 50 °Brix · keep it cold, use by \d+ December 2026/);
  });

  it('begins a batch at the scale with its own copy of the recipe, and gives it up again', async () => {
    house = await inHouse(BenchPanels);
    await press('Begin at the scale');
    const begun = useBatches().onBench;
    expect(begun).toMatchObject({ recipeId: 'simple', bottleMl: 500, inG: [0, 0], recipe: { id: 'simple' } });
    expect(house.server.changes.at(-1)?.change).toBe('Begin Simple syrup 1:1');
    expect(said(house.page)).toContain('Simple syrup 1:1 at the scale');
    await press('Cancel it');
    expect(useBatches().onBench).toBeUndefined();
  });
});
