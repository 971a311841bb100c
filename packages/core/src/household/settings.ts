import { FRESHNESS } from '../stock/freshness.js';
import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { READER_MEASURES } from '../base/volume.js';

/** Regions we write money, numbers and dates for (BCP 47). */
export const LOCALES = [
  'en-IE',
  'en-GB',
  'en-US',
  'en-CA',
  'en-AU',
  'en-IN',
  'de-DE',
  'fr-FR',
  'es-ES',
  'it-IT',
] as const;

/** What holds for the whole household, whichever plan is open. */
export const settingsSchema = z.strictObject({
  household: z.string().max(60),
  measure: z.enum(READER_MEASURES),
  locale: z.enum(LOCALES),
  theme: z.enum(['day', 'night']),
  /** Whether the day's look gives way to the night's after sunset. */
  nightAfterSunset: z.boolean().default(false),
  priceListId: idSchema,
  /** How long opened wine-based bottles are taken to be good. */
  freshness: z.enum(FRESHNESS).default('between'),
  /** Sugar to water by weight of the syrup that is kept; null pours each as its spec says. */
  houseSyrupRatio: z.number().min(0.5).max(2.5).nullable().default(null),
});
export type Settings = z.infer<typeof settingsSchema>;

/** Settings of a household that has said nothing yet. */
export function defaultSettings(): Settings {
  return {
    household: '',
    measure: 'ml',
    locale: 'en-IE',
    theme: 'day',
    nightAfterSunset: false,
    priceListId: 'lantern-store',
    freshness: 'between',
    houseSyrupRatio: null,
  };
}
