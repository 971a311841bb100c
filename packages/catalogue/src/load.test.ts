import { beforeAll, describe, expect, it } from 'vitest';
import {
  ATTITUDE_MIN_FIT,
  compilePlan,
  drinkProfile,
  emptyBrief,
  kindIndex,
  type Catalogue,
  type PriceList,
} from '@uisce/core';
import { loadCatalogue, loadPriceLists } from './load.js';

let catalogue: Catalogue;
let prices: PriceList[];
beforeAll(() => {
  ({ catalogue } = loadCatalogue());
  prices = loadPriceLists(catalogue);
});

const ml = (recipeId: string, kind: string) =>
  catalogue.recipes.find((r) => r.id === recipeId)?.slots.find((s) => s.kind === kind)?.amount.value;

describe('the shipped catalogue', () => {
  it('is as large as promised and sound', () => {
    expect(catalogue.recipes.length).toBeGreaterThanOrEqual(100);
    expect(catalogue.kinds.length).toBeGreaterThanOrEqual(60);
    expect(prices.length).toBeGreaterThan(0);
  });

  it('asks for every kind it lists, and prices every kind that is sold', () => {
    const asked = new Set(catalogue.recipes.flatMap((r) => r.slots.flatMap((s) => [s.kind, ...s.or])));
    const unused = catalogue.kinds.filter((k) => !k.abstract && !asked.has(k.id));
    expect(unused).toEqual([]);
    const priced = new Set(prices.flatMap((l) => l.bottles.map((b) => b.kind)));
    const unpriced = catalogue.kinds.filter((k) => !k.abstract && k.supply !== 'fresh' && !priced.has(k.id));
    expect(unpriced).toEqual([]);
  });

  // International Bartenders Association, official cocktail list (from memory).
  it.each([
    ['negroni', 'dry-gin', 30],
    ['negroni', 'red-bitter', 30],
    ['sidecar', 'cognac', 50],
    ['margarita', 'triple-sec', 20],
    ['white-lady', 'lemon-juice', 20],
    ['manhattan', 'rye', 50],
    ['moscow-mule', 'ginger-beer', 120],
    ['french-75', 'sparkling-wine', 60],
    ['mojito', 'white-rum', 45],
    ['espresso-martini', 'coffee-liqueur', 30],
  ])('gives %s as published: %s %d ml', (recipe, kind, amount) => {
    expect(ml(recipe, kind)).toBe(amount);
  });

  it('follows the shake and stir rule (common practice)', () => {
    const kinds = kindIndex(catalogue.kinds);
    const SHAKEN_FOR = /juice|egg|cream|puree/;
    const wrong = catalogue.recipes.filter((r) => {
      const cloudy = r.slots.some((s) => SHAKEN_FOR.test(s.kind) && kinds.get(s.kind)?.supply === 'fresh');
      const shakesFizz = r.slots.some(
        (s) => s.role !== 'long' && kinds.get(s.kind)?.tastes.includes('fizzy'),
      );
      return (r.method === 'stir' && cloudy) || (r.method.includes('shake') && shakesFizz);
    });
    expect(wrong.map((r) => r.id)).toEqual([]);
  });

  it('pours drinks that their glass can hold, ice left aside', () => {
    const kinds = kindIndex(catalogue.kinds);
    const glasses = new Map(catalogue.glasses.map((g) => [g.id, g]));
    const spilt = catalogue.recipes.filter(
      (r) => drinkProfile(r, kinds).servedMl > (glasses.get(r.glass)?.maxMl ?? 0),
    );
    expect(spilt.map((r) => r.id)).toEqual([]);
  });

  // Common practice: bourbon for rye 0.85, rye for bourbon 0.75; direction matters.
  it('keeps stand-ins directional', () => {
    const fit = (wanted: string, poured: string) =>
      catalogue.standIns.find((s) => s.for === wanted && s.with.join() === poured)?.fit;
    expect(fit('rye', 'bourbon')).toBe(0.85);
    expect(fit('bourbon', 'rye')).toBe(0.75);
    expect(fit('old-tom-gin', 'dry-gin,simple-syrup')).toBe(0.8);
  });
});

describe('a brief compiled with the shipped prices', () => {
  const compile = (change: object) =>
    compilePlan(
      { ...emptyBrief('EUR'), moneyNowMinor: 24_000, ...change },
      prices[0] as PriceList,
      catalogue,
    );
  const bottle = (id: string) => prices[0]?.bottles.find((b) => b.id === id);

  it('takes perishables small and spirits at the best price a litre', () => {
    const { items } = compile({});
    expect(items.has('sweet-vermouth-37')).toBe(true);
    expect(items.has('sweet-vermouth-75')).toBe(false);
    expect(items.has('dry-gin-70')).toBe(true);
    expect(compile({ sizes: 'small' }).items.has('dry-gin-35')).toBe(true);
  });

  it('lets a dry gin serve as a gin, and charges nothing for what is owned', () => {
    const { problem } = compile({ ownedKinds: ['dry-gin'] });
    const item = problem.items.find((i) => i.id === 'owned:dry-gin');
    expect(item).toMatchObject({ provides: ['dry-gin', 'gin'], price: 0 });
    expect(problem.owned).toEqual(['owned:dry-gin']);
  });

  it('drops disliked drinks, keeps must-haves, and weighs what is liked', () => {
    const { problem, dropped } = compile({
      tastes: { bitter: 'no', smoky: 'like' },
      mustDrinks: ['negroni'],
    });
    const ids = problem.drinks.map((d) => d.id);
    expect(ids).toContain('negroni');
    expect(ids).not.toContain('americano');
    expect(dropped.map((d) => d.recipe.id)).toContain('americano');
    expect(problem.drinks.find((d) => d.id === 'mezcal-margarita')?.weight).toBe(1.5);
    expect(problem.drinks.find((d) => d.id === 'daiquiri')?.weight).toBe(1);
  });

  it('carries attitude and limits into the problem', () => {
    const { problem } = compile({
      attitude: 'purist',
      limits: { bottles: 7, liquorMl: 5000 },
      place: { spot: 'shelf', lengthMm: 920, keepTo: true },
    });
    expect(problem).toMatchObject({
      minFit: ATTITUDE_MIN_FIT.purist,
      maxCounted: 7,
      maxLiquorMl: 5000,
      maxWidthMm: 920,
    });
    const gin = problem.items.find((i) => i.id === 'dry-gin-70');
    expect(gin?.widthMm).toBe((bottle('dry-gin-70')?.widthMm ?? 0) + 4);
    expect(gin?.liquorMl).toBe(700);
  });

  it('refuses prices in another currency', () => {
    expect(() => compile({ currency: 'USD' })).toThrow(/USD.*EUR/);
  });
});
