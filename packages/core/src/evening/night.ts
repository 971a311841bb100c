import type { InGlass } from '../drink/in-glass.js';
import type { Evening } from './evening.js';
import { finds, seatOf, type Seat } from './guest.js';
import type { HereOnTheMenu } from './menu-here.js';
import { poursOf, thirstOf } from './thirst.js';

/** A drink of a menu that is settled. */
export interface SettledDrink {
  id: string;
  name: string;
  /** Glasses that were planned of it. */
  glasses: number;
  /** By guest. */
  seats: Seat[];
  /** What is in a glass of it, as it would be poured here now. */
  glass: InGlass;
}

/**
 * The menu as it was settled, without what was taken off it: who may have what, and how often it was to be poured.
 *
 * @param menu the drinks of the evening as they would be poured here: `menuHere`.
 */
export function settledMenu(
  evening: Pick<Evening, 'guests' | 'off' | 'hours' | 'thirst'>,
  menu: readonly HereOnTheMenu[],
): SettledDrink[] {
  const { guests, off } = evening;
  const found = guests.map((g) => menu.map(({ glass }) => finds(g, glass)));
  const { byDrink } = poursOf(guests, found, thirstOf(evening), menu.length);
  return menu.flatMap(({ id, pourable, glass }, d): SettledDrink[] =>
    off.includes(id)
      ? []
      : [
          {
            id,
            name: pourable.recipe.name,
            glasses: byDrink[d] ?? 0,
            glass,
            seats: guests.map((g) => seatOf(g, glass)),
          },
        ],
  );
}

/** How a drink of the menu stands on the night. */
export interface DrinkTonight {
  id: string;
  /** Glasses that are still to come, as it was planned. */
  toCome: number;
  /** Glasses that what is left still gives; undefined where nobody measured. */
  left: number | undefined;
  /** Fewer are left than are to come. */
  isLow: boolean;
  /** None is left: off the menu. */
  isOut: boolean;
}

/** Of each drink, what is to come and what is left of it: what runs low first. */
export function drinksTonight(
  menu: readonly { id: string; glasses: number }[],
  poured: ReadonlyMap<string, number>,
  leftOf: (drink: string) => number | undefined,
): DrinkTonight[] {
  return menu
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
