import { drinkFigures, per100Ml } from '../drink/figures.js';
import type { Fault } from '../base/fault.js';
import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { FamilyEntry } from '../catalogue/family.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';

/** What is outside its family's band, in words; empty when all is within. */
function outOfBand(recipe: Recipe, family: FamilyEntry, kinds: ReadonlyMap<string, Kind>): string[] {
  const profile = drinkFigures(recipe, kinds);
  const percent = (fraction: number) => `${(fraction * 100).toFixed(1)} %`;
  const grams = (g: number) => `${g.toFixed(2)} g in 100 ml`;
  const figures = [
    { what: 'strength', value: profile.abv, band: family.abv, print: percent },
    { what: 'sugar', value: per100Ml(profile.sugarG, profile), band: family.sugarGPer100Ml, print: grams },
    { what: 'acid', value: per100Ml(profile.acidG, profile), band: family.acidGPer100Ml, print: grams },
  ];
  return figures
    .filter(({ value, band: [least, most] }) => value < least - 1e-9 || value > most + 1e-9)
    .map(
      ({ what, value, band: [least, most], print }) =>
        `${what} ${print(value)}, the family has ${print(least)} to ${print(most)}`,
    );
}

/** Drinks outside their family's bands without a reason, and reasons that are not needed. */
export function balanceFaults(catalogue: Catalogue): Fault[] {
  const kinds = kindIndex(catalogue.kinds);
  const families = new Map(catalogue.families.map((f) => [f.id, f]));
  return catalogue.recipes.flatMap((recipe, i) => {
    const family = families.get(recipe.family);
    if (family === undefined) {
      return [
        {
          code: 'balance',
          pointer: `/recipes/${i}/family`,
          detail: `"${recipe.family}" has no bands; add it to families.yaml`,
        },
      ];
    }
    const out = outOfBand(recipe, family, kinds);
    const explained = recipe.because?.balance !== undefined;
    if (out.length > 0 && !explained) {
      return [
        {
          code: 'balance',
          pointer: `/recipes/${i}`,
          detail: `${recipe.id}: ${out.join('; ')}; correct an amount or the family, or say why under because: balance`,
        },
      ];
    }
    if (out.length === 0 && explained) {
      return [
        {
          code: 'balance',
          pointer: `/recipes/${i}/because/balance`,
          detail: `${recipe.id} lies within its family; take the reason out`,
        },
      ];
    }
    return [];
  });
}
