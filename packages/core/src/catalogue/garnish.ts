import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/** How a garnish is cut, picked or put on; `crust` is a rim dipped in it. */
const GARNISH_FORMS = [
  'wheel',
  'half-wheel',
  'wedge',
  'twist',
  'peel',
  'sprig',
  'leaf',
  'berry',
  'cherry',
  'olive',
  'grated',
  'bean',
  'stick',
  'slice',
  'ribbon',
  'shell',
  'flame',
  'drops',
  'crust',
] as const;
export type GarnishForm = (typeof GARNISH_FORMS)[number];

/** Where it goes: on the rim of the glass, into the drink, on top of it, on a pick, beside it. */
const GARNISH_PLACES = ['rim', 'in', 'on', 'pick', 'beside'] as const;

const pieceSchema = z.strictObject({ kind: idSchema, form: z.enum(GARNISH_FORMS) });

/** What dresses a drink: no drink fails for want of it. */
export const garnishSchema = pieceSchema.extend({
  count: z.int().min(1).max(12).default(1),
  where: z.enum(GARNISH_PLACES),
  /** What does as well in its place: a twist or an olive. */
  or: z.array(pieceSchema).max(3).default([]),
  /** For whoever likes it. */
  optional: z.boolean().default(false),
});
export type Garnish = z.infer<typeof garnishSchema>;

/** What somebody wrote of a garnish of their own, and nobody could read. */
export const saidGarnishSchema = z.strictObject({ words: z.string().trim().min(1).max(120) });
export type SaidGarnish = z.infer<typeof saidGarnishSchema>;

/** Whether a garnish is one that was read. */
export function isRead(garnish: Garnish | SaidGarnish): garnish is Garnish {
  return 'kind' in garnish;
}

/** The kinds that garnishes may be of, each once: what does as well in their place, too. */
export function garnishKinds(garnish: readonly (Garnish | SaidGarnish)[]): string[] {
  return [...new Set(garnish.filter(isRead).flatMap((g) => [g.kind, ...g.or.map((o) => o.kind)]))];
}
