import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import type { LocalMoment } from '../base/zone.js';
import { ALLERGENS } from '../catalogue/kind.js';
import { refusalOf, sayRefusal } from '../drink/limits.js';
import { eveningOf } from '../pouring/pour.js';
import type { Evening } from './evening.js';
import type { GuestAsked } from './guest-page.js';
import type { HereOnTheMenu } from './menu-here.js';

/** A drink as guests read it. */
const guestDrinkSchema = z.object({
  id: idSchema,
  name: z.string(),
  /** What is in it, by name, each once. */
  parts: z.array(z.string()),
  /** As served, a fraction; and grams of alcohol in one. */
  abv: z.number(),
  ethanolG: z.number(),
  allergens: z.array(z.enum(ALLERGENS)),
  /** What it may hold beside them. */
  mayHold: z.array(z.enum(ALLERGENS)).default([]),
  /** Parts of which nobody has said what allergens they hold, by name. */
  unknown: z.array(z.string()),
  /** At most 0.5 % vol. */
  noAlcohol: z.boolean(),
  /** Whatever may be in it, what that is a kind of and was made of, by kind. */
  holds: z.array(idSchema),
});
export type GuestDrink = z.infer<typeof guestDrinkSchema>;

/** All that a guest sees: this, and nothing else of the household. */
export const guestViewSchema = z.object({
  house: z.string(),
  name: z.string(),
  on: z.iso.date(),
  from: z.string(),
  locale: z.string(),
  drinks: z.array(guestDrinkSchema),
  /** All that is in them, for who cannot have one of it. */
  ingredients: z.array(z.object({ id: idSchema, name: z.string() })),
  /** Whether more may yet stand on the menu. */
  isWhole: z.boolean(),
  asks: z.boolean(),
});
export type GuestView = z.infer<typeof guestViewSchema>;

/**
 * Whether a menu is open still: until its evening is over, at the latest when the evening after it begins.
 *
 * @param local what the household's clock shows.
 */
export function menuIsOpen({ on, endedOn }: Pick<Evening, 'on' | 'endedOn'>, local: LocalMoment): boolean {
  return endedOn === null && eveningOf(local) <= on;
}

/**
 * The drinks of a menu that is settled, or of what of it is, as guests read them: those that can be poured here, by
 * what is in the glass, what holds alcohol first, in the order of their names.
 *
 * @param menu the drinks of the evening as they would be poured here: `menuHere`.
 */
export function guestDrinks(
  { off }: Pick<Evening, 'off'>,
  menu: readonly HereOnTheMenu[],
  nameOf: (kind: string) => string,
): GuestDrink[] {
  return menu
    .filter(({ id, isHere }) => isHere && !off.includes(id))
    .map(({ id, pourable, glass }): GuestDrink => {
      const { parts, figures, allergens, mayHold, unknown, noAlcohol, kinds } = glass;
      return {
        id,
        name: pourable.recipe.name,
        parts: [...new Set(parts.map(nameOf))],
        abv: figures.abv,
        ethanolG: figures.ethanolG,
        allergens,
        mayHold,
        noAlcohol,
        holds: [...kinds],
        unknown: unknown.map(nameOf),
      };
    })
    .sort((a, b) => Number(a.noAlcohol) - Number(b.noAlcohol) || a.name.localeCompare(b.name));
}

/** All that is in some drinks, each once, by name. */
export function ingredientsOf(
  drinks: readonly GuestDrink[],
  nameOf: (kind: string) => string,
): GuestView['ingredients'] {
  return [...new Set(drinks.flatMap((d) => d.holds))]
    .map((id) => ({ id, name: nameOf(id) }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** Why a guest is not poured what they ask for, in words for them; undefined where nothing speaks against it. */
export function cannotServe(
  { cannot, without, noAlcohol }: Pick<GuestAsked, 'cannot' | 'without' | 'noAlcohol'>,
  drink: GuestDrink,
  nameOf: (kind: string) => string,
): string | undefined {
  const limits = { allergens: cannot, without, noAlcohol, drives: false };
  const refusal = refusalOf(limits, { ...drink, kinds: new Set(drink.holds) });
  if (refusal === undefined) return undefined;
  const instead = refusal.alcohol ? 'those without are marked' : 'ask the house for it without';
  return `${sayRefusal(refusal, nameOf)}: ${instead}`;
}
