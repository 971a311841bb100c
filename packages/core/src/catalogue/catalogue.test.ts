import { describe, expect, it } from 'vitest';
import { pouredWith } from '../planning/poured-with.js';
import { catalogueSchema, kindAndAncestors, kindIndex } from './catalogue.js';
import { catalogueFaults, priceListFaults } from './references.js';
import { priceListSchema } from './price-list.js';
import { recipeFileSchema } from './recipe.js';

const kind = (id: string, more: object = {}) => ({ id, name: id, job: 'base', supply: 'bottle', ...more });
const recipe = (slots: object[], more: object = {}) => ({
  id: 'x', name: 'X', family: 'sour', method: 'shake', strain: 'once', ice: 'none', glass: 'coupe', canon: 'core',
  slots, ...more,
}); // prettier-ignore
const catalogue = (change: object = {}) =>
  catalogueSchema.parse({
    kinds: [
      kind('gin', { abstract: true }),
      kind('dry-gin', { parent: 'gin' }),
      kind('old-tom-gin', { parent: 'gin' }),
      kind('simple-syrup', { supply: 'home-made' }),
      kind('lemon-juice', { supply: 'fresh' }),
    ],
    glasses: [{ id: 'coupe', name: 'Coupe', minMl: 150, maxMl: 210 }],
    standIns: [{ for: 'old-tom-gin', with: ['dry-gin', 'simple-syrup'], fit: 0.8, changes: 'sharper' }],
    recipes: [
      recipe([
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
      catalogue({ kinds: [kind('a', { parent: 'b' }), kind('b', { parent: 'a' })] }).kinds,
    );
    expect(() => kindAndAncestors('a', ring)).toThrow('a → b → a');
  });

  it('names every dangling reference by its path', () => {
    const faults = catalogueFaults(
      catalogue({
        recipes: [
          recipe([{ kind: 'nectar', amount: '1 oz', role: 'sweet' }], { glass: 'boot' }),
          recipe([{ kind: 'dry-gin', amount: '1 oz', role: 'base' }]),
        ],
        standIns: [{ for: 'ambrosia', with: ['dry-gin'], fit: 0.5, changes: 'all' }],
      }),
    );
    expect(faults.map((f) => f.path)).toEqual([
      '/recipes/1/id',
      '/recipes/0/slots/0',
      '/recipes/0/glass',
      '/standIns/0',
    ]);
    expect(catalogueFaults(catalogue())).toEqual([]);
  });

  it('says which amount cannot be read and how to write it', () => {
    const result = recipeFileSchema.safeParse({
      provenance: 'a test, in our own words',
      recipes: [recipe([{ kind: 'dry-gin', amount: 'a glug', role: 'base' }])],
    });
    expect(result.error?.issues[0]).toMatchObject({ path: ['recipes', 0, 'slots', 0, 'amount'] });
    expect(result.error?.issues[0]?.message).toContain('such as 22.5 ml');
  });

  it('refuses prices for kinds unknown or too broad', () => {
    const bottle = (id: string, of: string) => ({
      id, kind: of, label: id, ml: 700, priceMinor: 1, widthMm: 70, heightMm: 300,
    }); // prettier-ignore
    const list = priceListSchema.parse({
      format: 'uisce-prices/1', id: 'l', name: 'L', currency: 'EUR', provenance: 'test',
      bottles: [bottle('a', 'dry-gin'), bottle('b', 'gin'), bottle('c', 'nectar'), bottle('a', 'dry-gin')],
    }); // prettier-ignore
    const faults = priceListFaults(list, kindIndex(catalogue().kinds));
    expect(faults.map((f) => f.path)).toEqual(['/bottles/3/id', '/bottles/1/kind', '/bottles/2/kind']);
  });
});

describe('pouring with what is at hand', () => {
  const pour = (have: string[], minFit: number) => {
    const c = catalogue();
    return pouredWith(c.recipes[0] as (typeof c.recipes)[number], c, new Set(have), minFit);
  };

  it('takes the real thing, then a stand-in with all of its parts, then nothing', () => {
    expect(pour(['old-tom-gin', 'gin'], 1)[0]).toMatchObject({ kinds: ['old-tom-gin'], fit: 1 });
    expect(pour(['dry-gin', 'gin', 'simple-syrup'], 0.75)[0]).toMatchObject({
      kinds: ['dry-gin', 'simple-syrup'],
      fit: 0.8,
      changes: 'sharper',
    });
    expect(pour(['dry-gin', 'gin'], 0.75)[0]).toMatchObject({ kinds: [], fit: 0 });
    expect(pour(['dry-gin', 'gin', 'simple-syrup'], 1)[0]).toMatchObject({ kinds: [], fit: 0 });
  });

  it('always has what is fresh', () => {
    expect(pour([], 1)[1]).toMatchObject({ kinds: ['lemon-juice'], fit: 1 });
  });
});
