import type { Recipe } from '../catalogue/recipe.js';
import type { Pourable } from '../pouring/pourable.js';
import type { Evening } from './evening.js';
import { finds, seatOf, type Seat } from './guest.js';
import { poursOf, thirstOf } from './thirst.js';

/** A drink of a card that is settled. */
export interface SettledDrink {
  id: string;
  recipe: Recipe;
  /** Glasses that were planned of it. */
  glasses: number;
  /** By guest. */
  seats: Seat[];
  /** Grams of alcohol in one. */
  ethanolG: number;
}

/** The card as it was settled, without what was taken off it: who may have what, and how often it was to be poured. */
export function settledCard(
  evening: Pick<Evening, 'guests' | 'must' | 'off' | 'hours' | 'thirst'>,
  ready: readonly Pourable[],
): SettledDrink[] {
  const byId = new Map(ready.map((p) => [p.recipe.id, p]));
  const on = [...evening.must].sort().flatMap((id) => byId.get(id) ?? []);
  const offered = on.map(({ tastes, allergens, figures }) => ({ tastes, allergens, abv: figures.abv }));
  const found = evening.guests.map((g) => offered.map((o) => finds(g, o)));
  const { byDrink } = poursOf(evening.guests, found, thirstOf(evening), on.length);
  return on.flatMap(({ recipe, figures }, d): SettledDrink[] => {
    const drink = offered[d];
    if (drink === undefined || evening.off.includes(recipe.id)) return [];
    const seats = evening.guests.map((g) => seatOf(g, drink));
    return [{ id: recipe.id, recipe, glasses: byDrink[d] ?? 0, seats, ethanolG: figures.ethanolG }];
  });
}

/** How a drink of the card stands on the night. */
export interface DrinkTonight {
  id: string;
  /** Glasses that are still to come, as it was planned. */
  toCome: number;
  /** Glasses that what is left still gives; undefined where nobody measured. */
  left: number | undefined;
  /** Fewer are left than are to come. */
  isLow: boolean;
  /** None is left: off the card. */
  isOut: boolean;
}

/** Of each drink, what is to come and what is left of it: what runs low first. */
export function drinksTonight(
  card: readonly { id: string; glasses: number }[],
  poured: ReadonlyMap<string, number>,
  leftOf: (drink: string) => number | undefined,
): DrinkTonight[] {
  return card
    .map(({ id, glasses }): DrinkTonight => {
      const toCome = Math.max(0, glasses - (poured.get(id) ?? 0));
      const known = leftOf(id);
      const left = known === undefined || !Number.isFinite(known) ? undefined : known;
      return { id, toCome, left, isLow: left !== undefined && left < toCome, isOut: left === 0 };
    })
    .sort((a, b) => Number(b.isOut) - Number(a.isOut) || Number(b.isLow) - Number(a.isLow));
}

/** Last pours are an hour before the end (common practice). */
const LAST_BEFORE_MINUTES = 60;

/** Minutes after the first glass at which the last ones are poured. */
export function lastPoursAt({ hours }: Pick<Evening, 'hours'>): number {
  return Math.max(0, hours * 60 - LAST_BEFORE_MINUTES);
}
