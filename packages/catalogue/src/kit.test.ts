import { beforeAll, describe, expect, it } from 'vitest';
import { kindIndex, type Catalogue, type Kind, type PriceList } from '@uisce/core/catalogue';
import { capacityMl, fitInGlass, fitsGlassType, glassServes, servedDrink } from '@uisce/core/glass';
import { compareStarterSets, coverKit, emptyKit, techniquesOf, type Kit } from '@uisce/core/kit';
import { measuredAmounts, rankJiggers } from '@uisce/core/measure';
import { compilePlan, emptyBrief } from '@uisce/core/plan';
import { PlanSearch } from '@uisce/core/planner';
import { loadCatalogue, loadPriceLists } from './load.js';

let catalogue: Catalogue;
let kinds: Map<string, Kind>;
let lantern: PriceList;
beforeAll(() => {
  ({ catalogue } = loadCatalogue());
  kinds = kindIndex(catalogue.kinds);
  lantern = loadPriceLists(catalogue).find((l) => l.id === 'lantern-store') as PriceList;
});
const recipe = (id: string) => {
  const found = catalogue.recipes.find((r) => r.id === id);
  if (!found) throw new Error(`there is no ${id}`);
  return found;
};

describe('techniques, judged by hand', () => {
  // Common practice: what a bartender would say each drink cannot be made without, beside measuring
  // and serving; judged from the drink, not from the rules.
  it.each([
    ['negroni', 'stir strain ice'],
    ['manhattan', 'stir strain ice'],
    ['dry-martini', 'stir strain ice'],
    ['martinez', 'stir strain ice'],
    ['vieux-carre', 'stir strain ice'],
    ['vesper', 'shake strain ice'],
    ['old-fashioned', 'muddle stir strain ice'],
    ['sazerac', 'muddle stir strain ice'],
    ['daiquiri', 'juice shake strain strain-clear ice'],
    ['margarita', 'juice shake strain strain-clear ice'],
    ['white-lady', 'juice shake strain strain-clear ice'],
    ['sidecar', 'juice shake strain strain-clear ice'],
    ['cosmopolitan', 'juice shake strain strain-clear ice'],
    ['gimlet', 'juice shake strain strain-clear ice'],
    ['bees-knees', 'juice shake strain strain-clear ice'],
    ['last-word', 'juice shake strain strain-clear ice'],
    ['aviation', 'juice shake strain strain-clear ice'],
    ['corpse-reviver-no-2', 'juice shake strain strain-clear ice'],
    ['espresso-martini', 'heat shake strain strain-clear ice'],
    ['whiskey-sour', 'juice dry-shake shake strain ice'],
    ['pisco-sour', 'juice dry-shake shake strain strain-clear ice'],
    ['clover-club', 'juice dry-shake shake strain strain-clear ice'],
    ['ramos-fizz', 'juice dry-shake shake strain ice'],
    ['gin-fizz', 'juice shake strain ice'],
    ['gin-collins', 'juice build ice'],
    ['brandy-alexander', 'shake strain strain-clear ice'],
    ['grasshopper', 'shake strain strain-clear ice'],
    ['white-russian', 'build layer ice'],
    ['gin-and-tonic', 'build ice'],
    ['whisky-highball', 'build ice'],
    ['cuba-libre', 'juice build ice'],
    ['moscow-mule', 'juice build ice'],
    ['americano', 'build ice'],
    ['paloma', 'juice build ice'],
    ['tequila-sunrise', 'juice build ice'],
    ['bloody-mary', 'juice build ice'],
    ['mojito', 'juice muddle build ice'],
    ['mint-julep', 'muddle build ice crush-ice'],
    ['caipirinha', 'cut muddle build ice crush-ice'],
    ['sherry-cobbler', 'cut muddle shake strain fine-strain ice crush-ice'],
    ['bramble', 'juice shake strain layer ice crush-ice'],
    ['penicillin', 'juice shake strain layer ice'],
    ['mai-tai', 'juice shake strain ice crush-ice'],
    ['zombie', 'juice shake strain ice crush-ice'],
    ['pina-colada', 'blend ice'],
    ['irish-coffee', 'heat layer'],
    ['hot-toddy', 'juice heat'],
    ['mulled-wine', 'open cut heat'],
    ['kir', 'open build'],
    ['sangria', 'open juice build ice'],
    ['mimosa', 'juice build'],
    ['bellini', 'build'],
    ['french-75', 'juice shake strain ice'],
    ['orange-spritz', 'build ice'],
    ['limeade', 'juice shake strain ice'],
  ])('%s takes %s', (id, judged) => {
    const found = techniquesOf(recipe(id), kinds)
      .filter((u) => u.needed && u.technique !== 'measure' && u.technique !== 'serve')
      .map((u) => u.technique);
    expect(found.sort()).toEqual(judged.split(' ').sort());
  });

  it.each([
    ['dry-martini', 'zest'],
    ['sazerac', 'spray zest'],
    ['brandy-alexander', 'grate'],
    ['daiquiri', 'cut syrup'],
    ['dark-rum-buck', 'cut juice'],
    ['bellini', ''],
  ])('%s is dressed with %s', (id, judged) => {
    const found = techniquesOf(recipe(id), kinds)
      .filter((u) => !u.needed)
      .map((u) => u.technique);
    expect(found.sort().join(' ')).toBe(judged);
  });
});

describe('glasses at the capacities the trade states', () => {
  it('take the drinks they are for', () => {
    for (const [id, glassId] of [
      ['daiquiri', 'coupe'],
      ['manhattan', 'tulip'],
      ['old-fashioned', 'rocks'],
      ['gin-and-tonic', 'balloon'],
      ['gin-collins', 'collins'],
      ['irish-coffee', 'toddy-mug'],
      ['french-75', 'flute'],
      ['mint-julep', 'julep-cup'],
    ] as const) {
      const glass = catalogue.glasses.find((g) => g.id === glassId);
      expect(glass && fitsGlassType(recipe(id), glass, kinds), `${id} in ${glassId}`).toBe(true);
    }
  });

  it('look short, overflow or crack where they would', () => {
    const manhattan = servedDrink(recipe('manhattan'), kinds);
    expect(fitInGlass(manhattan.servedMl, 'none', 450).verdict).toBe('short');
    const tall = servedDrink(recipe('gin-collins'), kinds);
    expect(fitInGlass(tall.servedMl, 'cubes', 180).verdict).toBe('over');
    // Hot drinks go into no ordinary glass, however well they would fill it.
    const toddy = servedDrink(recipe('hot-toddy'), kinds);
    expect(glassServes(toddy, { type: 'rocks', capacityMl: 250 }, 'kitchen')).toBe(false);
    expect(glassServes(toddy, { type: 'toddy-mug', capacityMl: 270 }, 'professional')).toBe(true);
  });

  it('are sold in sizes their type has, and no recipe spills in its own', () => {
    for (const entry of lantern.kit.filter((k) => k.glass !== undefined)) {
      const type = catalogue.glasses.find((g) => g.id === entry.glass);
      expect(entry.capacityMl, entry.id).toBeGreaterThanOrEqual(type?.minMl ?? Infinity);
      expect(entry.capacityMl, entry.id).toBeLessThanOrEqual(type?.maxMl ?? 0);
      expect(capacityMl(type?.inside ?? []), entry.id).toBeGreaterThan(0);
    }
  });
});

describe('starting a kit', () => {
  const kit = (): Kit => ({
    ...emptyKit(),
    said: true,
    kitchen: catalogue.kitchen.filter((t) => t.usual).map((t) => t.id),
  });

  it('holds two drinks in two tins and one in three pieces, as the trade says', () => {
    const sets = compareStarterSets(catalogue.recipes, kit(), lantern, catalogue, 6);
    const by = new Map(sets.map((s) => [s.set.id, s]));
    expect(by.get('two-tins')).toMatchObject({ atOnce: 2, goes: 3, priceMinor: 2200 + 850 + 1200 });
    expect(by.get('three-piece')).toMatchObject({ atOnce: 1, goes: 6 });
    expect(by.get('kitchen')).toMatchObject({ atOnce: 1, priceMinor: 0 });
    for (const s of sets) expect(s.covered.filter((d) => s.missing.includes(d))).toEqual([]);
  });

  it('covers every drink at last, and nothing it buys could be left out', () => {
    for (const attitude of ['home', 'professional'] as const) {
      const cover = coverKit(catalogue.recipes, { ...kit(), attitude, drinksWine: true }, lantern, catalogue);
      expect(cover.beyond).toEqual([]);
      expect(cover.buy.filter((b) => b.closes.length === 0)).toEqual([]);
      expect(cover.costMinor).toBe(cover.buy.reduce((sum, b) => sum + b.priceMinor, 0));
    }
  });

  it('buys nothing where the kitchen must do', () => {
    const cover = coverKit(catalogue.recipes, { ...kit(), attitude: 'kitchen' }, lantern, catalogue);
    expect(cover.buy).toEqual([]);
    expect(cover.ready.length + cover.beyond.length).toBe(cover.drinks);
  });

  it('ranks first the jigger whose lines are the amounts recipes use', () => {
    const ranked = rankJiggers(measuredAmounts(catalogue.recipes), catalogue.jiggers);
    expect(ranked[0]?.jigger.id).toBe('double-lined-5');
    expect(ranked.map((r) => r.met)).toEqual(ranked.map((r) => r.met).sort((a, b) => b - a));
  });
});

describe('the plan with tools and glasses in it', () => {
  const brief = () => ({ ...emptyBrief('EUR'), moneyNowMinor: 20_000, count: 'core' as const });
  const kit = (): Kit => ({
    ...emptyKit(),
    said: true,
    kitchen: catalogue.kitchen.filter((t) => t.usual && t.id !== 'kitchen-sieve').map((t) => t.id),
    glasses: [
      { id: 'tumblers', name: 'Tumblers', type: 'rocks', capacityMl: 290, count: 4 },
      { id: 'tall', name: 'Tall', type: 'collins', capacityMl: 350, count: 4 },
    ],
  });
  const best = (k?: Kit) => {
    const compiled = compilePlan(brief(), lantern, catalogue, k);
    return { compiled, answer: new PlanSearch(compiled.problem).solve(brief().moneyNowMinor) };
  };

  it('moves money from tools to bottles once a tool is owned', () => {
    const proper = { ...kit(), attitude: 'professional' as const };
    const before = best(proper);
    const press = lantern.kit.find((k) => k.tool === 'citrus-press');
    expect(before.answer.items).toContain(press?.id);
    const after = best({ ...proper, tools: [{ id: 'citrus-press', since: null }] });
    expect(after.answer.items).not.toContain(press?.id);
    expect(after.compiled.kit.has(press?.id ?? '')).toBe(false);
    expect(after.answer.value).toBeGreaterThanOrEqual(before.answer.value);
    const bottles = (a: typeof before) => a.answer.items.filter((id) => !a.compiled.kit.has(id));
    expect(bottles(after)).not.toEqual(bottles(before));
  });

  it('is the plan of bottles alone when nothing is lacking, or nothing is said', () => {
    const bare = best().answer;
    expect(best(emptyKit()).answer).toEqual(bare);
    expect(best({ ...kit(), inPlan: false }).answer).toEqual(bare);
    const all: Kit = {
      ...kit(),
      tools: catalogue.tools.map((t) => ({ id: t.id, since: null })),
      glasses: catalogue.glasses.map((g) => ({
        id: g.id,
        name: g.name,
        type: g.id,
        capacityMl: g.maxMl,
        count: 4,
      })),
    };
    expect(best(all).answer.value).toBe(bare.value);
    expect(best(all).answer.items).toEqual(bare.items);
  });

  it('is the same set however much money is over once everything is open', () => {
    const compiled = compilePlan(brief(), lantern, catalogue, kit());
    const search = new PlanSearch(compiled.problem);
    const whole = search.solve(search.wholePrice);
    expect(whole.status).toBe('optimal');
    for (const more of [0, 1, 3000, 8700]) {
      const answer = new PlanSearch(compiled.problem).solve(whole.spend + more);
      expect(answer, `${more} over`).toEqual(whole);
    }
    expect(new PlanSearch(compiled.problem).solve(whole.spend - 1).value).toBeLessThan(whole.value);
  });

  it('is never better for lacking something', () => {
    const bare = best().answer.value;
    const some = best(kit()).answer.value;
    const none = best({ ...kit(), kitchen: [], glasses: [] }).answer.value;
    expect(some).toBeLessThanOrEqual(bare);
    expect(none).toBeLessThan(some);
  });
});
