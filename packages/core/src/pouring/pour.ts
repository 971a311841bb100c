import { z } from 'zod';
import { addDays } from '../base/days.js';
import { idSchema } from '../base/ids.js';
import { MAX_MINOR } from '../base/money.js';
import type { LocalMoment } from '../base/zone.js';

/** What was wrong with it, in a tap. */
export const FAULTS_TASTED = ['too-sweet', 'too-sour', 'too-strong', 'too-weak', 'too-bitter'] as const;
export type FaultTasted = (typeof FAULTS_TASTED)[number];

const ml = z.number().min(0).max(20_000);

/** Where a part came from: a bottle or a batch, and how much of it. */
const drawnSchema = z.strictObject({
  from: z.enum(['bottle', 'batch']),
  id: z.uuid(),
  ml,
  /** Of what is counted: a lime is cut by eighths. */
  pieces: z.number().min(0).max(999),
  /** Whether it emptied what it came from; whether it opened it. */
  emptied: z.boolean(),
  opened: z.boolean().default(false),
});
export type Drawn = z.infer<typeof drawnSchema>;

/** One drink poured, once or several times: an entry of the log. */
export const pourSchema = z.strictObject({
  id: z.uuid(),
  /** When it was poured, and the evening it belongs to: what is poured past midnight is of the day before. */
  at: z.iso.datetime(),
  on: z.iso.date(),
  drink: idSchema,
  /** What it was called then. */
  name: z.string().min(1).max(80),
  /** Glasses of it; none for what was given up half made. */
  glasses: z.int().min(0).max(99),
  for: z.array(z.string().trim().min(1).max(60)).max(20),
  /** All that was poured, for all glasses. */
  parts: z
    .array(
      z.strictObject({
        kind: idSchema,
        ml,
        pieces: z.number().min(0).max(999),
        drawn: z.array(drawnSchema).max(20),
      }),
    )
    .max(40),
  /** One glass of it. */
  servedMl: ml,
  abv: z.number().min(0).max(1),
  ethanolG: z.number().min(0).max(2000),
  /** What all of it cost, from what its bottles cost; null where that is not known. */
  costMinor: z.int().min(0).max(MAX_MINOR).nullable(),
  currency: z.string().length(3).nullable(),
  /** How it was liked, 0 to 5. */
  verdict: z.int().min(0).max(5).nullable(),
  tasted: z.array(z.enum(FAULTS_TASTED)).max(FAULTS_TASTED.length),
  note: z.string().max(500),
  round: z.uuid().nullable(),
});
export type Pour = z.infer<typeof pourSchema>;
export type PourPart = Pour['parts'][number];

/** Until this hour of the night it is still the evening before. */
const EVENING_ENDS_AT_MINUTES = 5 * 60;

/**
 * The evening that a moment belongs to, as its ISO day: until five in the morning the one before.
 *
 * @param local what the household's clock shows.
 * @example eveningOf({ day: '2026-11-27', minutes: 60 }) // '2026-11-26'
 */
export function eveningOf({ day, minutes }: LocalMoment): string {
  return minutes < EVENING_ENDS_AT_MINUTES ? addDays(day, -1) : day;
}
