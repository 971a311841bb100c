import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { ALLERGENS } from '../catalogue/kind.js';
import { TASTES } from '../drink/tastes.js';
import type { InGlass } from '../drink/in-glass.js';
import { mayHave } from '../drink/limits.js';

/** Who comes: one by name, or several of whom nothing more is known ("three more"). */
export const guestSchema = z.strictObject({
  id: z.uuid(),
  name: z.string().trim().min(1, 'give a name').max(60, 'at most 60 letters fit'),
  /** How many they are. */
  count: z.int().min(1).max(30),
  likes: z.array(z.enum(TASTES)).max(TASTES.length),
  dislikes: z.array(z.enum(TASTES)).max(TASTES.length),
  allergens: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length),
  /** Ingredients they cannot have, by kind. */
  without: z.array(idSchema).max(40).default([]),
  noAlcohol: z.boolean(),
  /** Who drives drinks nothing with alcohol: there is no amount that is safe. */
  drives: z.boolean(),
});
export type Guest = z.infer<typeof guestSchema>;

/** A guest of whom nothing is known but what is told. */
export function newGuest(told: Pick<Guest, 'id'> & Partial<Guest>): Guest {
  return {
    name: '',
    count: 1,
    likes: [],
    dislikes: [],
    allergens: [],
    without: [],
    noAlcohol: false,
    drives: false,
    ...told,
  };
}

/** What of a glass decides who may have it, and who likes it. */
export type Offered = Pick<InGlass, 'tastes' | 'allergens' | 'mayHold' | 'kinds' | 'unknown' | 'noAlcohol'>;

/** Whether a guest finds a drink to their liking: they may have it, no taste they dislike, one they like where they named any. */
export function finds(guest: Guest, drink: Offered): boolean {
  if (!mayHave(guest, drink) || guest.dislikes.some((t) => drink.tastes.has(t))) return false;
  // Who drives takes what there is without alcohol, whatever else they like.
  if (guest.likes.length === 0 || guest.noAlcohol || guest.drives) return true;
  return guest.likes.some((t) => drink.tastes.has(t));
}

/** How a guest stands to a drink of the menu. */
export type Seat = 'finds' | 'may' | 'not';

/** Whether a guest finds a drink, may have it, or cannot. */
export function seatOf(guest: Guest, drink: Offered): Seat {
  return finds(guest, drink) ? 'finds' : mayHave(guest, drink) ? 'may' : 'not';
}
