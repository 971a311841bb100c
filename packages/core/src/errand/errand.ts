import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { MAX_MINOR } from '../base/money.js';
import { currencySchema } from '../catalogue/price-list.js';

/** What a line of a list stands for. */
export const wareSchema = z.discriminatedUnion('is', [
  z.strictObject({
    is: z.literal('bottle'),
    kind: idSchema,
    ml: z.int().positive().max(20_000),
    /** Cans or small bottles in it, which are opened one by one. */
    cans: z.int().positive().max(48).optional(),
  }),
  z.strictObject({ is: z.literal('tool'), tool: idSchema }),
  z.strictObject({
    is: z.literal('glasses'),
    glass: idSchema,
    pieces: z.int().positive().max(500),
    capacityMl: z.number().positive().max(5000),
  }),
  z.strictObject({ is: z.literal('pantry'), pantry: idSchema, g: z.number().positive().max(20_000) }),
  z.strictObject({
    is: z.literal('fresh'),
    kind: idSchema,
    sold: z.string().min(1).max(40),
    /** Pieces that one of it is: six to a box of eggs; one where it is left out. */
    pieces: z.number().positive().max(200).optional(),
  }),
]);
export type Ware = z.infer<typeof wareSchema>;

/** Why something stands on the list. */
const REASONS = ['plan', 'restock', 'swap', 'fresh'] as const;

const minor = z.int().min(0).max(MAX_MINOR);

/** One thing to buy at one shop. */
const errandLineSchema = z.strictObject({
  id: z.string().min(1).max(170),
  /** The price list of its shop. */
  shop: idSchema,
  ware: wareSchema,
  label: z.string().min(1).max(80),
  count: z.int().min(1).max(99),
  /** One of it, as the shop's list says, and as it was found there; minor units. */
  listedMinor: minor,
  foundMinor: minor.nullable(),
  /** A price for today only: it is paid, and not expected again. */
  onOffer: z.boolean(),
  /** "left": seen, and not taken after all; its price is known. */
  state: z.enum(['wanted', 'basket', 'missing', 'left']),
  why: z.enum(REASONS),
  /** The day it is wanted by, where that matters. */
  by: z.iso.date().optional(),
});
export type ErrandLine = z.infer<typeof errandLineSchema>;

/** A shopping trip: what is to be bought where, what is in the basket, and what was paid. */
export const errandSchema = z.strictObject({
  id: z.uuid(),
  /** The plan that it buys for. */
  planId: z.uuid().nullable(),
  startedOn: z.iso.date(),
  /** The day it was put away; null while it is under way. */
  endedOn: z.iso.date().nullable(),
  currency: currencySchema,
  /** Money taken along, minor units. */
  moneyMinor: minor,
  /** Of the money, what is kept for fresh things; minor units. */
  reserveMinor: minor.default(0),
  lines: z.array(errandLineSchema).max(200),
  /** What each shop's receipt came to, where it was typed. */
  receipts: z.array(z.strictObject({ shop: idSchema, totalMinor: minor })).max(5),
});
export type Errand = z.infer<typeof errandSchema>;

/** What one of a line costs, as far as is known; minor units. */
export function priceOf({ foundMinor, listedMinor }: ErrandLine): number {
  return foundMinor ?? listedMinor;
}

/** What all of a line costs, minor units. */
export function lineMinor(line: ErrandLine): number {
  return line.count * priceOf(line);
}

/** The shops of an errand, in the order of its lines. */
export function shopsOf({ lines }: Pick<Errand, 'lines'>): string[] {
  return [...new Set(lines.map((l) => l.shop))];
}

/** An errand as one sets out. */
export function newErrand(
  begun: Pick<Errand, 'id' | 'planId' | 'startedOn' | 'currency' | 'moneyMinor' | 'lines'> & Partial<Errand>,
): Errand {
  return { endedOn: null, reserveMinor: 0, receipts: [], ...begun };
}
