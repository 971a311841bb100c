import { z } from 'zod';
import { idSchema } from './kind.js';

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
  /** Integer minor units of the list's currency. */
  priceMinor: z.int().nonnegative().max(100_000_000),
  widthMm: z.int().positive().max(400),
  heightMm: z.int().positive().max(600),
  /** A mixing bottle, or a finer one to be drunk by itself. */
  tier: z.enum(['mixing', 'finer']).default('mixing'),
});
export type PricedBottle = z.infer<typeof pricedBottleSchema>;

/** A shop's prices, as stored and as exchanged in files. */
export const priceListSchema = z.strictObject({
  format: z.literal('uisce-prices/1'),
  id: idSchema,
  name: z.string().min(1).max(80),
  currency: currencySchema,
  provenance: z.string().min(1),
  bottles: z.array(pricedBottleSchema).min(1).max(2000),
});
export type PriceList = z.infer<typeof priceListSchema>;
