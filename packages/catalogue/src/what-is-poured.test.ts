import { describe, expect, it } from 'vitest';
import { cannotServe, guestDrinks, menuHere, settledMenu } from '@uisce/core/evening';
import { withOwn } from '@uisce/core/notebook';
import { testBottle, menuFor, testEvening, guestOf, householdOf, own, shipped } from './testing/household.js';

describe('what is judged is what is poured', () => {
  it('a red bitter filled by half sweet vermouth is not for somebody who cannot have sulphites', () => {
    // Seven drinks were offered: their red bitter was judged, and another amaro and sweet vermouth were poured.
    const standIn = shipped.standIns.find((s) => s.for === 'red-bitter' && s.with.includes('sweet-vermouth'));
    expect(standIn?.with.length).toBe(2);
    const stock = shipped.kinds.filter((k) => !k.abstract && k.supply !== 'fresh' && k.id !== 'red-bitter');
    const house = householdOf(
      shipped,
      stock.map((k, n) => testBottle(n, k.id)),
      [],
      0.5,
    );
    const { candidates, poured } = menuFor(house, guestOf({ allergens: ['sulphites'] }));
    const filled = candidates.filter(({ id }) => {
      const { pourable, glass } = poured.get(id) ?? expect.fail(id);
      return (
        pourable.recipe.slots.some((s) => s.kind === 'red-bitter') && glass.parts.includes('sweet-vermouth')
      );
    });
    expect(filled.length).toBeGreaterThan(6);
    expect(filled.filter((c) => c.finds[0]).map((c) => c.id)).toEqual([]);
  });

  it('a hazelnut gin, the only gin here, is in every gin and tonic', () => {
    const catalogue = withOwn(
      shipped,
      [],
      [own('hazelnut-gin', 'dry-gin', { allergens: ['nuts'], allergensStated: true })],
    );
    const house = householdOf(
      catalogue,
      [testBottle(1, 'own-hazelnut-gin'), testBottle(2, 'tonic-water')],
      [],
      0.75,
    );
    const guest = guestOf({ allergens: ['nuts'] });
    const menu = menuHere(testEvening([guest], ['gin-and-tonic']), house);
    expect(settledMenu(testEvening([guest], ['gin-and-tonic']), menu).map((d) => d.seats)).toEqual([['not']]);
    const [page] = guestDrinks({ off: [] }, menu, (kind) => house.kinds.get(kind)?.name ?? kind);
    expect(page).toMatchObject({ parts: ['hazelnut-gin', 'Tonic water'], allergens: ['nuts'] });
    expect(page && cannotServe({ cannot: ['nuts'], without: [], noAlcohol: false }, page, (k) => k)).toMatch(
      /it contains nuts/,
    );
  });

  it('a menu on paper and the guests’ page are one answer: parts, strength, what it holds', () => {
    const stock = shipped.kinds
      .filter((k) => !k.abstract && k.supply !== 'fresh')
      .filter((_, i) => i % 2 === 0);
    const house = householdOf(
      shipped,
      stock.map((k, n) => testBottle(n, k.id)),
      [],
      0.5,
    );
    const must = ['negroni', 'daiquiri', 'whiskey-sour', 'margarita'];
    const menu = menuHere(testEvening([guestOf({})], must), house);
    const page = guestDrinks({ off: [] }, menu, (kind) => kind);
    expect(page).toHaveLength(4);
    for (const { id, glass } of menu) {
      const read = page.find((d) => d.id === id);
      expect(read).toMatchObject({ parts: glass.parts, abv: glass.figures.abv, allergens: glass.allergens });
    }
  });
});
