import { afterEach, describe, expect, it, vi } from 'vitest';
import { useNotebook } from '../../household/use-notebook';
import { useCatalogue } from '../../household/use-catalogue';
import { useAnswer } from '../../solver/use-answer';
import { inHouse, said, type InSmallHouse } from '../../testing/in-house';
import { useWriting } from './use-writing';
import WriteView from './WriteView.vue';
import './WritePanels.vue';

vi.mock('../../solver/solver', () => import('../../testing/small-solver'));
vi.mock('../../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../../testing/small-database'));

let house: InSmallHouse;
afterEach(() => {
  useWriting().clear();
  house.page.unmount();
});
const open = async () => {
  house = await inHouse(WriteView);
  await vi.dynamicImportSettled();
  await house.settle();
};
const write = async (text: string) => {
  useWriting().text.value = text;
  await house.settle();
};
const button = (name: RegExp) => {
  const found = house.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text()));
  return found ?? expect.fail(`no button ${String(name)}: ${said(house.page)}`);
};

describe('writing a drink down', () => {
  it('says what was understood, asks what is not known, and keeps nothing before that is settled', async () => {
    await open();
    expect(said(house.page)).toMatch(/^Write a drink down, or paste it: it is read as you go/);
    await write('Slip\n2 oz gin\n3/4 oz lime juice\n3/4 oz moon simple syrup\nShake.');
    expect(said(house.page)).toMatch(/^Slip: 1 line to settle/);
    expect(said(house.page)).toContain('Which ounce does it mean?');
    expect(button(/^Save as our own drink/).attributes('disabled')).toBeDefined();
    await button(/^Yes, Simple syrup/).trigger('click');
    await house.settle();
    expect(said(house.page)).toMatch(/^Slip: \d+\.\d% vol, \d+ ml/);
    await button(/^Save as our own drink/).trigger('click');
    await house.settle();
    const [own] = useNotebook().drinks;
    expect(own?.versions[0]?.recipe.slots.map((s) => s.kind)).toEqual(['gin', 'lime-juice', 'simple-syrup']);
    // It stands in the library, and the plan is worked out with it.
    expect(useCatalogue().recipes.get('own-slip')?.name).toBe('Slip');
    expect(useAnswer().result?.answer.drinks.length).toBeGreaterThan(0);
    expect(house.router.currentRoute.value.path).toBe('/notebook/own-slip');
  });

  it('finds less sweet in measurable steps, and a house spec stands in the place of the printed one', async () => {
    await open();
    useWriting().begin('daiquiri');
    await house.settle();
    await button(/^Less sweet/).trigger('click');
    await house.settle();
    expect(said(house.page)).toMatch(/simple syrup 1:1 instead of 20 ml/);
    await button(/^Write it so/).trigger('click');
    await house.settle();
    await button(/^Save as our daiquiri/).trigger('click');
    await house.settle();
    const { recipes } = useCatalogue();
    expect(recipes.get('daiquiri')?.slots[2]?.amount.value).toBeLessThan(20);
    const [own] = useNotebook().drinks;
    if (own) useNotebook().remove(own);
    await house.settle();
    expect(useCatalogue().recipes.get('daiquiri')?.slots[2]?.amount.value).toBe(20);
  });
});
