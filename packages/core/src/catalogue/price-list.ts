import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/** ISO 4217 code. */
export const currencySchema = z
  .string()
  .regex(/^[A-Z]{3}$/, 'a currency is three capital letters, such as EUR');

/** One thing on a shop's shelf, or one batch made at home: what it costs and the room it takes. */
export const pricedBottleSchema = z.strictObject({
  id: idSchema,
  kind: idSchema,
  label: z.string().min(1).max(80),
  ml: z.int().positive().max(20000),
  /** Cans or small bottles in it, opened one by one. */
  cans: z.int().positive().max(48).optional(),
  /** Integer minor units of the list's currency. */
  priceMinor: z.int().nonnegative().max(100_000_000),
  widthMm: z.int().positive().max(400),
  heightMm: z.int().positive().max(600),
  /** A mixing bottle, or a finer one to be drunk by itself. */
  tier: z.enum(['mixing', 'finer']).default('mixing'),
  /** Made at home, not bought; it costs what its parts cost. */
  homeMade: z.boolean().default(false),
});
export type PricedBottle = z.infer<typeof pricedBottleSchema>;

/** Something bought fresh on the day: what one of it costs, and what one of it yields. */
export const pricedFreshSchema = z.strictObject({
  kind: idSchema,
  /** How it is sold: "1 lime", "1 bunch". */
  sold: z.string().min(1).max(40),
  priceMinor: z.int().nonnegative().max(1_000_000),
  /** ml it yields, for what is poured. */
  ml: z.number().positive().max(5000).optional(),
  /** Pieces it yields, for what is counted; herbs in leaves, six to a sprig. */
  pieces: z.number().positive().max(200).optional(),
});

/** A tool, a set of glasses or an ice tray on a shop's shelf. */
export const pricedKitSchema = z
  .strictObject({
    id: idSchema,
    tool: idSchema.optional(),
    glass: idSchema.optional(),
    mould: idSchema.optional(),
    label: z.string().min(1).max(80),
    /** Glasses in the set. */
    pieces: z.int().positive().max(48).default(1),
    /** To the brim of one glass. */
    capacityMl: z.number().positive().max(5000).optional(),
    priceMinor: z.int().nonnegative().max(100_000_000),
  })
  .refine((k) => [k.tool, k.glass, k.mould].filter((id) => id !== undefined).length === 1, {
    message: 'name one tool, one glass or one mould',
  });
export type PricedKit = z.infer<typeof pricedKitSchema>;

/** Something for the pantry: what so many grams of it cost. */
const pricedPantrySchema = z.strictObject({
  pantry: idSchema,
  g: z.number().positive().max(20_000),
  priceMinor: z.int().nonnegative().max(100_000_000),
});

/** A shop's prices, as stored and as exchanged in files. */
export const priceListSchema = z.strictObject({
  format: z.literal('uisce-prices/1'),
  id: idSchema,
  name: z.string().min(1).max(80),
  currency: currencySchema,
  /** The shop that holds for every kind this list does not name: own prices laid over it. */
  over: idSchema.optional(),
  /** Whose duty and tax are in the prices (ISO 3166-1), and of which year. */
  country: z
    .string()
    .regex(/^[A-Z]{2}$/, 'a country is two capital letters, such as IE')
    .optional(),
  year: z.int().min(1990).max(2100).optional(),
  provenance: z.string().min(1).max(2000),
  bottles: z.array(pricedBottleSchema).min(1).max(2000),
  fresh: z.array(pricedFreshSchema).max(200).default([]),
  pantry: z.array(pricedPantrySchema).max(200).default([]),
  kit: z.array(pricedKitSchema).max(500).default([]),
});
export type PriceList = z.infer<typeof priceListSchema>;

/** A price list without its prices, for choosing one. */
export type PriceListSummary = Pick<PriceList, 'id' | 'name' | 'currency' | 'over' | 'country' | 'year'> & {
  /** Whether the household brought it in. */
  own?: boolean;
};
