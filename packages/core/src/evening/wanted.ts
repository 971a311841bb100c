import type { Recipe } from '../catalogue/recipe.js';
import type { MissingItem } from './ware.js';

/** What an evening takes of one kind, against what is there. */
export interface WantedKind {
  kind: string;
  unit: 'ml' | 'pieces';
  /** In its unit: ml, or whole fruit, eggs and leaves. */
  wanted: number;
  /** Juice that is pressed from it, ml; 0 for what is not pressed. */
  juiceMl: number;
  /** What is there of it; undefined where nobody counted. */
  there: number | undefined;
  short: number;
  /** The packs that hold what is short; undefined where nothing is, or nobody sells it. */
  buy: MissingItem | undefined;
}

/** A drink of the menu as it is poured here. */
export interface MenuPour {
  drink: Recipe;
  glasses: number;
  /** Of those, poured from a bottle that was mixed before. */
  mixed: number;
  brimMl: number;
}
