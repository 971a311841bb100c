import type { GarnishForm } from '../catalogue/garnish.js';
import { isRead } from '../catalogue/garnish.js';
import type { Recipe } from '../catalogue/recipe.js';

/** What one garnish takes, in pieces as its kind is counted; what is left over is there where the fruit is pressed anyway. */
interface Takes {
  kind: string;
  pieces: number;
  /** How many it is as it is served: two twists. */
  count: number;
  isLeftOver: boolean;
}

/** A fruit in eight wedges gives as many wheels or twists, and twice as many half-wheels (common practice). */
const PIECES: Readonly<Partial<Record<GarnishForm, number>>> = {
  'half-wheel': 0.5,
  peel: 2,
  // Herbs are counted in leaves, six to a sprig.
  sprig: 6,
  shell: 4,
};
/** What is left of a fruit that is pressed: its peel, cut before, and its shell. */
const LEFT_OVER: ReadonlySet<GarnishForm> = new Set(['twist', 'peel', 'flame', 'shell']);
/** Pieces to a fruit: eight twists before it is pressed, two shells after (common practice). */
export const PIECES_OF_FRUIT = 8;

/**
 * What the garnishes and rims of one glass take, each as it is first called; what is for whoever likes it is left out.
 *
 * @example garnishTakes(negroni) // [{ kind: 'orange-slice', pieces: 0.5, isLeftOver: false }]
 */
export function garnishTakes({ garnish }: Pick<Recipe, 'garnish'>): Takes[] {
  return garnish
    .filter(isRead)
    .filter((g) => !g.optional)
    .map(({ kind, form, count }) => ({
      kind,
      count,
      pieces: count * (PIECES[form] ?? 1),
      isLeftOver: LEFT_OVER.has(form),
    }));
}
