import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/**
 * What may be poured when the asked-for kind is missing. Direction matters: bourbon for rye is not
 * rye for bourbon. A composite (dry gin with sugar syrup for old tom) needs all of `with`.
 */
export const standInSchema = z
  .strictObject({
    for: idSchema,
    with: z.array(idSchema).min(1).max(4),
    /** How much of each for one part asked for ("half and half" is 0.5 and 0.5); absent, one part. */
    parts: z.array(z.number().positive().max(4)).optional(),
    /** 1 is the same drink. */
    match: z.number().gt(0).max(1),
    /** What changes in the glass, in one sentence. */
    changes: z.string().min(1),
  })
  .refine((s) => s.parts === undefined || s.parts.length === s.with.length, {
    message: 'parts must name one amount for each kind in "with"',
    path: ['parts'],
  });
export type StandIn = z.infer<typeof standInSchema>;

/** How near a stand-in comes, in a word: a house that takes good stand-ins takes close and similar ones. */
export type Match = 'close' | 'similar' | 'rough';

/**
 * @param match 1 is the same drink.
 * @example matchOf(0.85) // 'close': bourbon for rye
 */
export function matchOf(match: number): Match {
  if (match >= 0.85) return 'close';
  return match >= 0.75 ? 'similar' : 'rough';
}
