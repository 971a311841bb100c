import { afterEach, describe, expect, it, vi } from 'vitest';
import { ownDrinkSchema, withAmounts } from '@uisce/core/notebook';
import { useNotebook } from '../household/use-notebook';
import { useCatalogue } from '../household/use-catalogue';
import { useVerdicts } from '../household/use-verdicts';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { SMALL_CATALOGUE, smallPlan } from '../testing/small-house';
import { defineComponent, h } from 'vue';
import TastingPanel from './TastingPanel.vue';
import VersionsPanel from './VersionsPanel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse;
afterEach(() => house.page.unmount());
const sour = SMALL_CATALOGUE.recipes.find((r) => r.id === 'gin-sour') ?? expect.fail('the drink is there');
const version = (day: number, why: string, syrupMl: number) => ({
  at: `2026-11-${day}T20:00:00.000Z`,
  why,
  recipe: withAmounts(sour, [{ slot: 2, toMl: syrupMl }]),
});
const spec = ownDrinkSchema.parse({
  id: 'own-gin-sour',
  houseSpecOf: 'gin-sour',
  current: 1,
  from: '',
  tags: [],
  notes: '',
  versions: [version(10, 'drier', 15), version(15, 'too dry', 17.5)],
});
const Page = defineComponent(() => {
  const catalogue = useCatalogue();
  return () => {
    const recipe = catalogue.recipes.get('gin-sour');
    return recipe ? h('div', [h(TastingPanel, { recipe }), h(VersionsPanel, { recipe })]) : null;
  };
});
const open = async () => {
  house = await inHouse(Page, {}, [
    ['plan', smallPlan(0).id, smallPlan(4700)],
    ['drink', spec.id, spec],
  ]);
  await house.settle();
};
const button = (name: RegExp) => {
  const found = house.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text()));
  return found ?? expect.fail(`no button ${String(name)}: ${said(house.page)}`);
};

describe('the versions of a house spec', () => {
  it('stand beside the printed one in amounts and figures, each with how it was liked', async () => {
    await open();
    expect(said(house.page)).toContain('1 10 Nov 2026 · 15 ml simple syrup 1:1, not 20 ml · “drier”');
    await house.page.find('input[type=checkbox]').setValue(true);
    await house.settle();
    const rows = house.page.findAll('tbody tr').map((r) => r.findAll('th, td').map((c) => c.text()));
    expect(rows.find((r) => r[0] === 'Simple syrup 1:1')).toEqual([
      'Simple syrup 1:1',
      '20 ml',
      '15 ml',
      '17.5 ml',
    ]);
    // 20, 15 and 17.5 ml of syrup of 615 g a litre beside 25 ml of juice of 15: sugar over what is served.
    const sugar =
      rows
        .find((r) => r[0] === 'Sugar in 100 ml')
        ?.slice(1)
        .map((t) => parseFloat(t)) ?? [];
    expect(sugar[0]).toBeGreaterThan(sugar[2] ?? 0);
    expect(sugar[2]).toBeGreaterThan(sugar[1] ?? 0);
  });

  it('keep what is thought of the one that is poured now, and go back to any', async () => {
    await open();
    await button(/^4 of 5, very good/).trigger('click');
    await button(/^Write it down/).trigger('click');
    await house.settle();
    expect(useVerdicts().tastings[0]).toMatchObject({
      drink: 'gin-sour',
      verdict: 4,
      version: spec.versions[1]?.at,
    });
    expect(said(house.page)).toMatch(/2 15 Nov 2026 · .* · “too dry” · 4 of 5, once poured now/);
    await button(/^Pour version 1 again/).trigger('click');
    await house.settle();
    expect(useCatalogue().recipes.get('gin-sour')?.slots[2]?.amount.value).toBe(15);
    expect(useCatalogue().printed.get('gin-sour')?.slots[2]?.amount.value).toBe(20);
    expect(useNotebook().drinks[0]?.chosen.map((c) => c.version)).toEqual([0]);
    await button(/^Delete what was thought/).trigger('click');
    await house.settle();
    expect(useVerdicts().tastings).toEqual([]);
  });
});
