import { differenceCiede2000, converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { kindIndex } from '@uisce/core/catalogue';
import { absorbanceOf, colourOf, drinkAbsorbance, lightOf, seenThrough } from '@uisce/core/picture';
import { loadCatalogue } from './load.js';

const { catalogue } = loadCatalogue();
const kinds = kindIndex(catalogue.kinds);
const WHITE = lightOf('#ffffff');
const apart = differenceCiede2000();
const lch = converter('lch');

/** A drink as it is seen through a glass of 6 cm before white. */
function colourOfDrink(id: string): string {
  const recipe = catalogue.recipes.find((r) => r.id === id) ?? expect.fail(`there is no ${id}`);
  return colourOf(seenThrough(drinkAbsorbance(recipe, kinds), 6, WHITE));
}
function seen(id: string) {
  const { l = 0, c = 0, h = 0 } = lch(colourOfDrink(id)) ?? {};
  return { l, c, h };
}

describe('the tint of every ingredient', () => {
  it('is written, and is what is seen through 3 cm of it before white', () => {
    for (const kind of catalogue.kinds) {
      const tint = kind.tint ?? expect.fail(`${kind.id} has no tint`);
      const through = colourOf(seenThrough(absorbanceOf(tint), 3, WHITE));
      // A cloud can throw back no less than it does: the palest creams come out a little paler than written.
      expect(apart(through, tint.seen), `${kind.id}: ${through} for ${tint.seen}`).toBeLessThan(4);
    }
  });
});

describe('what a drink looks like', () => {
  // By eye, common practice: hues are degrees of CIE LCh, red about 20 to 45, yellow 85 to 105, green 130 to 180, blue 250 to 300.
  it.each([
    ['red-bitter-and-soda', 'red to orange', { l: [25, 60], c: [60, 140], h: [25, 60] }],
    ['negroni', 'deep red', { l: [5, 40], c: [30, 110], h: [20, 50] }],
    ['cosmopolitan', 'pink to red', { l: [35, 85], c: [20, 90], h: [0, 45] }],
    ['bloody-mary', 'tomato red', { l: [20, 50], c: [40, 110], h: [25, 50] }],
    ['screwdriver', 'orange', { l: [60, 85], c: [55, 110], h: [60, 85] }],
    ['grasshopper', 'pale green', { l: [60, 99], c: [8, 60], h: [120, 185] }],
    ['blue-lagoon', 'blue', { l: [30, 85], c: [15, 90], h: [230, 300] }],
    ['espresso-martini', 'nearly black', { l: [0, 15], c: [0, 30], h: [0, 360] }],
    ['manhattan', 'amber to red-brown', { l: [10, 55], c: [40, 110], h: [30, 70] }],
    ['whisky-highball', 'gold', { l: [70, 99], c: [10, 70], h: [65, 105] }],
    ['white-russian', 'coffee with cream', { l: [25, 85], c: [5, 50], h: [40, 95] }],
  ] as const)('%s is %s', (id, _, { l, c, h }) => {
    const found = seen(id);
    for (const [of, [least, most]] of Object.entries({ l, c, h }) as [
      keyof typeof found,
      readonly [number, number],
    ][]) {
      expect(found[of], `${id} ${of} ${colourOfDrink(id)}`).toBeGreaterThanOrEqual(least);
      expect(found[of], `${id} ${of} ${colourOfDrink(id)}`).toBeLessThanOrEqual(most);
    }
  });

  it('is nearly clear of gin and dry vermouth, pale of blanco and grapefruit', () => {
    expect(apart(colourOfDrink('dry-martini'), '#ffffff')).toBeLessThan(9);
    const paloma = seen('paloma');
    expect(paloma.l).toBeGreaterThan(70);
    expect(paloma.c).toBeLessThan(35);
  });
});
