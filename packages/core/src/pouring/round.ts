import { z } from 'zod';
import { orderSchema } from './poured-drink.js';

/** By measure, or by weight on a scale. */
const MEASURED_BY = ['measure', 'scale'] as const;

const ml = z.number().min(0).max(5000);

/** Most kinds of drink in one round, and glasses in all. */
export const MAX_ORDERS = 6;
export const MAX_GLASSES = 12;

/** A round being made, as stored: enough to go on with it tomorrow, or on another device. */
const roundSchema = z.strictObject({
  id: z.uuid(),
  startedAt: z.iso.datetime(),
  way: z.enum(MEASURED_BY),
  /** Whether the scale is set to nothing before each part. */
  tared: z.boolean(),
  /** What the empty tin or glass weighs, where that is known. */
  vesselG: z.number().min(0).max(5000),
  orders: z.array(orderSchema).min(1).max(MAX_ORDERS),
  /** The step in hand. */
  at: z.string().max(40),
  /** ml that went into each vessel, by step. */
  poured: z.record(z.string().max(40), ml),
  /** What was poured off again, ml by kind. */
  off: z.record(z.string().max(60), ml),
  /** When the shaking or stirring in hand began. */
  workFrom: z.iso.datetime().nullable(),
  /** Seconds that it took, by step. */
  worked: z.record(z.string().max(40), z.number().min(0).max(3600)),
});
export type Round = z.infer<typeof roundSchema>;

/** The round that is under way, if there is one. */
export const keptRoundSchema = z.strictObject({ round: roundSchema.nullable() });
export type KeptRound = z.infer<typeof keptRoundSchema>;

/** No round is under way. */
export const noRound = (): KeptRound => ({ round: null });
