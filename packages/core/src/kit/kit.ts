import { z } from 'zod';
import { MAX_MINOR } from '../base/money.js';
import { cupSchema } from '../catalogue/jigger.js';
import { idSchema } from '../base/ids.js';
import { KIT_ATTITUDES } from '../glass/attitude.js';

const name = z.string().trim().min(1, 'give it a name').max(60, 'at most 60 letters fit');

/** A tool that is owned, and since when, where that is known. */
const ownedToolSchema = z.strictObject({ id: idSchema, since: z.iso.date().nullable() });

/** Glasses of one make that stand in the cupboard. */
const ownedGlassSchema = z.strictObject({
  id: idSchema,
  name,
  /** The glass type it looks like. */
  type: idSchema,
  /** To the brim. */
  capacityMl: z.number().min(10).max(2000),
  count: z.int().min(1).max(500),
});
export type OwnedGlass = z.infer<typeof ownedGlassSchema>;

/** A measure of the household's own: a jigger, a spoon, or any vessel whose water was weighed. */
const vesselSchema = z.strictObject({ id: idSchema, name, cups: z.array(cupSchema).min(1).max(4) });

/** What the household has to work with, and how it works. */
export const kitSchema = z.strictObject({
  /** Whether anything was said yet; until then nothing is concluded from an empty list. */
  said: z.boolean(),
  attitude: z.enum(KIT_ATTITUDES),
  /** Whether tools and glasses come out of the plan's money. */
  inPlan: z.boolean(),
  /** Most of the plan's money that may go to tools and glasses, minor units; null where nothing is said. */
  maxMinor: z.int().nonnegative().max(MAX_MINOR).nullable().default(null),
  tools: z.array(ownedToolSchema).max(200),
  kitchen: z.array(idSchema).max(200),
  glasses: z.array(ownedGlassSchema).max(100),
  vessels: z.array(vesselSchema).max(50),
  moulds: z.array(z.strictObject({ id: idSchema, count: z.int().min(1).max(50) })).max(20),
  /** Ice that lies in the freezer, g: of the household's own trays, for glasses; and bought in bags, for the shaker. */
  ice: z
    .strictObject({
      ownG: z.number().min(0).max(50_000),
      boughtG: z.number().min(0).max(50_000),
      /** When somebody looked: what was poured since is gone from it. */
      countedAt: z.iso.datetime().nullable().default(null),
    })
    .default({ ownG: 0, boughtG: 0, countedAt: null }),
  /** How many usually drink at once. */
  people: z.int().min(1).max(100),
  /** Times an evening that the glasses are washed and used again. */
  washRounds: z.int().min(0).max(10),
  drinksWine: z.boolean(),
  entertains: z.boolean(),
  /** Whether specs are read in the household's own measures. */
  ownMeasures: z.boolean(),
});
export type Kit = z.infer<typeof kitSchema>;

/** A kit of which nothing is known yet. */
export function emptyKit(): Kit {
  return {
    said: false,
    attitude: 'home',
    inPlan: true,
    maxMinor: null,
    tools: [],
    kitchen: [],
    glasses: [],
    vessels: [],
    moulds: [],
    ice: { ownG: 0, boughtG: 0, countedAt: null },
    people: 2,
    washRounds: 1,
    drinksWine: false,
    entertains: false,
    ownMeasures: false,
  };
}
