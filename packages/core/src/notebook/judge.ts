import type { Catalogue } from '../catalogue/catalogue.js';
import { kindIndex } from '../catalogue/catalogue.js';
import type { Allergen } from '../catalogue/kind.js';
import { drinkKey, type Family, type Recipe } from '../catalogue/recipe.js';
import { drinkFigures, per100Ml, type DrinkFigures } from '../drink/figures.js';
import { asWritten } from '../drink/in-glass.js';
import { fitInGlass, type GlassFit } from '../glass/fit.js';
import { capacityMl } from '../glass/profile.js';
import { needsOf } from '../kit/needs.js';
import { familiesLike, twinsOf, type Twin } from './likeness.js';

/** The figures a drink is placed by. */
export const COMPARED_FIGURES = ['abv', 'sugar', 'acid', 'volume'] as const;
export type ComparedFigure = (typeof COMPARED_FIGURES)[number];

/** Where a drink stands among those of its family. */
export interface FamilyPlace {
  of: ComparedFigure;
  value: number;
  /** Share of the family that has less, 0 to 1; undefined where the family is too small to tell. */
  below: number | undefined;
  /** The middle of the family. */
  median: number;
}

/** A drink judged while it is written. */
export interface DrinkJudgement {
  figures: DrinkFigures;
  places: FamilyPlace[];
  /** The families it is like, the likeliest first. */
  like: Family[];
  twins: Twin[];
  allergens: Allergen[];
  /** What it may hold beside them. */
  mayHold: Allergen[];
  /** Parts of which nobody has said what allergens they hold. */
  unknown: string[];
  needs: string[];
  fit: GlassFit | undefined;
}

/** Fewer drinks than this are no family to be placed in. */
const MIN_FAMILY = 5;

/** The figure of a drink that it is placed by: a fraction, g in 100 ml, or ml. */
export function placedValue(of: ComparedFigure, figures: DrinkFigures): number {
  if (of === 'abv') return figures.abv;
  if (of === 'volume') return figures.servedMl;
  return per100Ml(of === 'sugar' ? figures.sugarG : figures.acidG, figures);
}

/**
 * A drink judged: its figures, where it stands in its family ("sweeter than nine of ten"), what it is nearly, who must
 * not have it, and how it stands in its glass.
 *
 * @example judge(recipe, catalogue).places.find((p) => p.of === 'sugar')?.below // 0.93
 */
export function judge(recipe: Recipe, catalogue: Catalogue): DrinkJudgement {
  const kinds = kindIndex(catalogue.kinds);
  const { figures, allergens, mayHold, unknown } = asWritten(recipe, kinds);
  const family = catalogue.recipes.filter(
    (r) => r.family === recipe.family && drinkKey(r) !== drinkKey(recipe),
  );
  const theirs = family.map((r) => drinkFigures(r, kinds));
  const places = COMPARED_FIGURES.map((of): FamilyPlace => {
    const value = placedValue(of, figures);
    const values = theirs.map((f) => placedValue(of, f)).sort((a, b) => a - b);
    const less = values.filter((v) => v < value - 1e-9).length;
    return {
      of,
      value,
      median: values[Math.floor(values.length / 2)] ?? value,
      below: values.length < MIN_FAMILY ? undefined : less / values.length,
    };
  });
  const glass = catalogue.glasses.find((g) => g.id === recipe.glass);
  return {
    figures,
    places,
    like: familiesLike(recipe, catalogue.recipes, kinds),
    twins: twinsOf(recipe, catalogue.recipes),
    allergens,
    mayHold,
    unknown,
    needs: needsOf(recipe, catalogue, kinds),
    fit: glass ? fitInGlass(figures.servedMl, recipe.ice, capacityMl(glass.inside)) : undefined,
  };
}
