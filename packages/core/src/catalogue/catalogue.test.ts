import { describe, expect, it } from 'vitest';
import { pouredWith } from '../plan/poured-with.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { kindAndAncestors, kindIndex } from './catalogue.js';
import { catalogueFaults, priceListFaults } from '../rules/references.js';
import { priceListSchema } from './price-list.js';
import { recipeFileSchema } from './recipe.js';

const catalogue = (change: object = {}) =>
  testCatalogue({
    kinds: [
      kindInput('gin', { abstract: true }),
      kindInput('dry-gin', { parent: 'gin' }),
      kindInput('old-tom-gin', { parent: 'gin' }),
      kindInput('simple-syrup', { supply: 'home-made' }),
      kindInput('lemon-juice', { supply: 'fresh' }),
    ],
    standIns: [{ for: 'old-tom-gin', with: ['dry-gin', 'simple-syrup'], match: 0.8, changes: 'sharper' }],
    recipes: [
      recipeInput([
        { kind: 'old-tom-gin', amount: '45 ml', role: 'base' },
        { kind: 'lemon-juice', amount: '¾ oz', role: 'sour' },
      ]),
    ],
    ...change,
  });

describe('a catalogue', () => {
  it('finds what a kind is a kind of, nearest first', () => {
    expect(kindAndAncestors('dry-gin', kindIndex(catalogue().kinds))).toEqual(['dry-gin', 'gin']);
    const ring = kindIndex(
      catalogue({ kinds: [kindInput('a', { parent: 'b' }), kindInput('b', { parent: 'a' })] }).kinds,
    );
    expect(() => kindAndAncestors('a', ring)).toThrow('a → b → a');
  });

  it('names every dangling reference by its path', () => {
    const faults = catalogueFaults(
      catalogue({
        recipes: [
          recipeInput([{ kind: 'nectar', amount: '1 oz', role: 'sweet' }], { glass: 'boot' }),
          recipeInput([{ kind: 'dry-gin', amount: '1 oz', role: 'base' }]),
        ],
        standIns: [{ for: 'ambrosia', with: ['dry-gin'], match: 0.5, changes: 'all' }],
      }),
    );
    expect(faults.map((f) => f.pointer)).toEqual([
      '/recipes/1/id',
      '/recipes/0/slots/0/kind',
      '/standIns/0/for',
      '/recipes/0/glass',
    ]);
    expect(faults[1]?.detail).toBe('"nectar" is not a kind; correct the id, or add it to kinds/');
    expect(catalogueFaults(catalogue())).toEqual([]);
  });

  it('says which amount cannot be read and how to write it', () => {
    const result = recipeFileSchema.safeParse({
      provenance: 'a test, in our own words',
      recipes: [recipeInput([{ kind: 'dry-gin', amount: 'a glug', role: 'base' }])],
    });
    expect(result.error?.issues[0]).toMatchObject({ path: ['recipes', 0, 'slots', 0, 'amount'] });
    expect(result.error?.issues[0]?.message).toContain('such as 22.5 ml');
  });

  it('refuses prices for kinds unknown or too broad', () => {
    const bottle = (id: string, of: string) => ({
      id,
      kind: of,
      label: id,
      ml: 700,
      priceMinor: 1,
      widthMm: 70,
      heightMm: 300,
    });
    const list = priceListSchema.parse({
      format: 'uisce-prices/1',
      id: 'l',
      name: 'L',
      currency: 'EUR',
      provenance: 'test',
      bottles: [bottle('a', 'dry-gin'), bottle('b', 'gin'), bottle('c', 'nectar'), bottle('a', 'dry-gin')],
    });
    const faults = priceListFaults(list, kindIndex(catalogue().kinds));
    expect(faults.map((f) => f.pointer)).toEqual(['/bottles/3/id', '/bottles/1/kind', '/bottles/2/kind']);
  });
});

describe('pouring with what is at hand', () => {
  const pour = (have: string[], minMatch: number) => {
    const c = catalogue();
    return pouredWith(c.recipes[0] as (typeof c.recipes)[number], c, new Set(have), minMatch);
  };

  it('takes the real thing, then a stand-in with all of its parts, then nothing', () => {
    expect(pour(['old-tom-gin', 'gin'], 1)[0]).toMatchObject({ kinds: ['old-tom-gin'], match: 1 });
    expect(pour(['dry-gin', 'gin', 'simple-syrup'], 0.75)[0]).toMatchObject({
      kinds: ['dry-gin', 'simple-syrup'],
      match: 0.8,
      changes: 'sharper',
    });
    expect(pour(['dry-gin', 'gin'], 0.75)[0]).toMatchObject({ kinds: [], match: 0 });
    expect(pour(['dry-gin', 'gin', 'simple-syrup'], 1)[0]).toMatchObject({ kinds: [], match: 0 });
  });

  it('always has what is fresh', () => {
    expect(pour([], 1)[1]).toMatchObject({ kinds: ['lemon-juice'], match: 1 });
  });
});
