import { describe, expect, it } from 'vitest';
import { isRead, kindIndex, readGarnish, type Recipe } from '@uisce/core/catalogue';
import { sayGarnish } from '@uisce/core/drink';
import { familiesLike, judge, KindMatcher, readRecipes, recipeFrom } from '@uisce/core/notebook';
import { loadCatalogue } from '../load.js';

const { catalogue } = loadCatalogue();
const kinds = kindIndex(catalogue.kinds);
const matcher = new KindMatcher(catalogue.kinds);

describe('the family that a drink is most like', () => {
  it('is its own for most of the library, each drink asked of all the others', () => {
    const asked = catalogue.recipes.filter((_, i) => i % 5 === 0);
    const right = asked.filter((r) => familiesLike(r, catalogue.recipes, kinds)[0] === r.family);
    const near = asked.filter((r) =>
      familiesLike(r, catalogue.recipes, kinds).slice(0, 3).includes(r.family),
    );
    expect(right.length / asked.length).toBeGreaterThan(0.65);
    expect(near.length / asked.length).toBeGreaterThan(0.85);
  });
});

describe('a text that became a drink', () => {
  it('is poured and judged like any other: a daiquiri under another name is a daiquiri', () => {
    const [read] = readRecipes(
      'Harbour light\n60 ml white rum\n22.5 ml fresh lime juice\n20 ml simple syrup\nShake, double strain into a coupe.\nGarnish: lime wheel',
      ...[matcher, 'us-oz' as const],
    );
    const recipe = read && recipeFrom(read, 'own-harbour-light', catalogue.recipes, kinds);
    expect(recipe).toMatchObject({
      family: 'sour',
      method: 'shake',
      strain: 'twice',
      ice: 'none',
      glass: 'coupe',
      garnish: [{ kind: 'lime-whole', form: 'wheel', where: 'rim' }],
    });
    expect(recipe?.slots.map((s) => s.role)).toEqual(['base', 'sour', 'sweet']);
    const judged = recipe && judge(recipe, catalogue);
    expect(judged?.twins[0]?.id).toBe('daiquiri');
    expect(judged?.places.find((p) => p.of === 'abv')?.value).toBeCloseTo(0.17, 1);
    expect(judged?.needs.length).toBeGreaterThan(0);
  });
});

it('every garnish of the library is read again as it is said', () => {
  const substance = (garnish: Recipe['garnish']) =>
    garnish.map((g) => (isRead(g) ? [g.kind, g.form, g.count, g.or] : g.words));
  for (const { id, garnish } of catalogue.recipes)
    expect(substance(readGarnish(sayGarnish(garnish, kinds))), id).toEqual(substance(garnish));
});
