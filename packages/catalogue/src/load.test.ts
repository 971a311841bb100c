import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { beforeAll, describe, expect, it } from 'vitest';
import wordListPath from 'word-list';
import { drinkKey, FAMILIES, type Catalogue, type PriceList } from '@uisce/core/catalogue';
import { ATTITUDE_MIN_MATCH, compilePlan, countDrinks, emptyBrief } from '@uisce/core/plan';
import { coverage } from '@uisce/core/rules';
import { checkCatalogue } from './check/check.js';
import { loadCatalogue, loadGlossary, loadPriceLists, loadPublished } from './load.js';
import { DATA } from './place.js';
import { buildShipped, loadShipped } from './shipped.js';

let catalogue: Catalogue;
let prices: PriceList[];
beforeAll(() => {
  ({ catalogue } = loadCatalogue());
  prices = loadPriceLists(catalogue);
});

const lantern = () => prices.find((l) => l.id === 'lantern-store') as PriceList;

describe('what the build leaves for servers', () => {
  it('is what the data say, and only while they say it', () => {
    const work = mkdtempSync(join(tmpdir(), 'uisce-built-'));
    const folder = join(work, 'data');
    const built = join(work, 'shipped.json');
    cpSync(DATA, folder, { recursive: true });
    const shipped = { catalogue, shops: prices, glossary: loadGlossary() };
    expect(loadShipped(folder, built)).toEqual(shipped);
    buildShipped(folder, built);
    expect(loadShipped(folder, built)).toEqual(shipped);
    const file = join(folder, 'moulds.yaml');
    writeFileSync(file, `${readFileSync(file, 'utf8')}\n- nonsense`);
    expect(() => loadShipped(folder, built)).toThrow(/moulds\.yaml/);
    rmSync(work, { recursive: true });
  });
});

describe('the shipped catalogue', () => {
  it('is as large as promised', () => {
    const figures = coverage(catalogue);
    expect(figures.recipes).toBeGreaterThanOrEqual(320);
    expect(figures.withoutAlcohol).toBeGreaterThanOrEqual(30);
    expect(figures.kinds).toBeGreaterThanOrEqual(130);
    expect(new Set(figures.perFamily.map(([family]) => family))).toEqual(new Set(FAMILIES));
    expect(new Set(prices.map((l) => l.currency))).toEqual(new Set(['EUR', 'GBP', 'USD', 'INR', 'AUD']));
    expect(loadPublished()[0]?.list.specs.length).toBeGreaterThanOrEqual(60);
    const packed = gzipSync(JSON.stringify(catalogue)).length;
    expect(packed).toBeLessThan(120 * 1024);
  });

  it('passes every check of its own', () => {
    const words = new Set(readFileSync(wordListPath, 'utf8').split('\n'));
    for (const { name, faults } of checkCatalogue((word) => words.has(word)))
      expect(faults, name).toEqual([]);
  });

  // Common practice: bourbon for rye 0.85, rye for bourbon 0.75; direction matters.
  it('keeps stand-ins directional, and composites with their parts', () => {
    const standIn = (wanted: string, poured: string) =>
      catalogue.standIns.find((s) => s.for === wanted && s.with.join() === poured);
    expect(standIn('rye', 'bourbon')?.match).toBe(0.85);
    expect(standIn('bourbon', 'rye')?.match).toBe(0.75);
    expect(standIn('old-tom-gin', 'dry-gin,simple-syrup')?.match).toBe(0.8);
    expect(standIn('spiced-rum', 'white-rum,spiced-syrup')).toBeDefined();
    expect(standIn('raspberry-liqueur', 'raspberry-syrup,vodka')).toMatchObject({
      match: 0.6,
      parts: [0.5, 0.5],
    });
  });

  it('counts the variants of one drink once', () => {
    const martinis = catalogue.recipes.filter((r) => drinkKey(r) === 'dry-martini');
    expect(martinis.length).toBeGreaterThan(1);
    const recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));
    expect(countDrinks([...martinis.map((r) => r.id), 'negroni'], recipes)).toBe(2);
    expect(martinis.every((r) => r.variant !== undefined)).toBe(true);
  });
});

describe('a mistake in a file', () => {
  const broken = (file: string, from: string | RegExp, to: string): string => {
    const folder = mkdtempSync(join(tmpdir(), 'uisce-catalogue-'));
    cpSync(fileURLToPath(new URL('../data', import.meta.url)), folder, { recursive: true });
    const text = readFileSync(join(folder, file), 'utf8');
    expect(text).toMatch(from);
    writeFileSync(join(folder, file), text.replace(from, to));
    try {
      loadCatalogue(folder);
      return '';
    } catch (error) {
      return (error as Error).message;
    } finally {
      rmSync(folder, { recursive: true });
    }
  };

  it.each([
    [
      'amount: 60 ml',
      'amount: a glug',
      /sours.yaml \/recipes\/0\/slots\/0\/amount: "a glug" is not an amount; write/,
    ],
    ['method: shake', 'method: shaken', /sours.yaml \/recipes\/0\/method: .*"shake".*docs\/catalogue.md/],
    [
      'kind: white-rum',
      'kind: moon-rum',
      /sours.yaml \/recipes\/0\/slots\/0\/kind: "moon-rum" is not a kind; correct/,
    ],
    ['canon: core', 'canon: core\n    colour: red', /sours.yaml \/recipes\/0: Unrecognized key: "colour"/],
    ['    slots:', '  slots:', /sours.yaml: not YAML/],
  ])('%s made %s is told with file, path and remedy', (from, to, message) => {
    expect(broken('recipes/sours.yaml', from, to)).toMatch(message);
  });
});

describe('a brief compiled with the shipped prices', () => {
  const compile = (change: object) =>
    compilePlan({ ...emptyBrief('EUR'), moneyNowMinor: 24_000, ...change }, lantern(), catalogue);
  const bottle = (id: string) => lantern().bottles.find((b) => b.id === id);

  it('offers every size that pours so many glasses, one of each, whatever the money', () => {
    const gins = (change: object) =>
      [...compile(change).items.keys()].filter((id) => id.startsWith('dry-gin-'));
    // Half a bottle pours 7 glasses of 45 ml, a whole one 15; of a litre and a half none is sold.
    expect(gins({ howBig: 'taste' }).sort()).toEqual(['dry-gin-35', 'dry-gin-70']);
    expect(gins({ howBig: 'small' }).sort()).toEqual(['dry-gin-35', 'dry-gin-70']);
    expect(gins({ howBig: 'full', moneyNowMinor: 3_000 })).toEqual(['dry-gin-70']);
  });

  it('lets a dry gin serve as a gin, and charges nothing for what is owned', () => {
    const { problem, items } = compile({ ownedKinds: ['dry-gin'] });
    const item = problem.items.find((i) => i.id === 'owned:dry-gin');
    expect(item).toMatchObject({ provides: ['dry-gin', 'gin'], price: 0 });
    // What can be made at home is there as well, once its packs are.
    expect(problem.owned.filter((id) => !items.get(id)?.made)).toEqual(['owned:dry-gin']);
  });

  it('drops disliked drinks, keeps must-haves, and weighs what is liked', () => {
    const { problem, dropped } = compile({
      tastes: { bitter: 'no', smoky: 'like' },
      likedMore: true,
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
      minFit: ATTITUDE_MIN_MATCH.purist,
      maxCounted: 7,
      maxLiquorMl: 5000,
      maxWidthMm: 920,
    });
    const gin = problem.items.find((i) => i.id === 'dry-gin-70');
    expect(gin?.widthMm).toBe((bottle('dry-gin-70')?.widthMm ?? 0) + 4);
    expect(gin?.liquorMl).toBe(700);
  });

  it('counts everything, or only what is as established as asked, and the must-haves', () => {
    const canonOf = (count: string, more: object = {}) =>
      new Set([...compile({ count, ...more }).recipes.values()].map((r) => r.canon));
    expect(canonOf('all')).toEqual(new Set(['core', 'well-known', 'specialist']));
    expect(canonOf('well-known')).toEqual(new Set(['core', 'well-known']));
    expect(canonOf('core')).toEqual(new Set(['core']));
    const { problem, dropped } = compile({ count: 'core', mustDrinks: ['bijou'] });
    expect(problem.drinks.map((d) => d.id)).toContain('bijou');
    expect(dropped.find((d) => d.recipe.id === 'obituary')?.uncounted).toBe(true);
  });

  it('refuses prices in another currency', () => {
    expect(() => compile({ currency: 'USD' })).toThrow(/USD.*EUR/);
  });
});
