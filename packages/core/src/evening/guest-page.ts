import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { ALLERGENS } from '../catalogue/kind.js';

/** A key is so many letters: 24 bytes of chance, as base64url (192 bits; nobody guesses it). */
const CARD_KEY = /^[A-Za-z0-9_-]{32}$/;

/** The menu that guests open on their own telephones: its key, and whether they may ask for a drink there. */
export const guestPageSchema = z.strictObject({
  key: z.string().regex(CARD_KEY, 'a key of 32 letters'),
  asks: z.boolean(),
});
export type GuestPage = z.infer<typeof guestPageSchema>;

/** Most drinks that one evening's guests may ask for, so that no telephone fills the list. */
export const MAX_ASKS = 120;

/** What a guest says: who they are, what they cannot have, and what they would like. */
export const askedSchema = z.strictObject({
  name: z.string().trim().min(1, 'say a name').max(40, 'at most 40 letters fit'),
  cannot: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length),
  /** Ingredients they cannot have, by kind, of those on the menu. */
  without: z.array(idSchema).max(40).default([]),
  noAlcohol: z.boolean(),
  drink: idSchema,
});
export type GuestAsked = z.infer<typeof askedSchema>;

/** A drink that a guest asked for, until somebody sees to it. */
export const askSchema = z.strictObject({
  id: z.uuid(),
  evening: z.uuid(),
  at: z.iso.datetime(),
  ...askedSchema.shape,
  state: z.enum(['waiting', 'taken', 'declined']),
});
export type GuestAsk = z.infer<typeof askSchema>;
