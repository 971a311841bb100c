import { z } from 'zod';
import { MOST_MINOR } from '../base/money.js';
import { idSchema } from '../base/ids.js';
import { CANON, type Canon } from '../catalogue/recipe.js';
import { currencySchema } from '../catalogue/price-list.js';
import { LASTS_DAYS, type Lasts } from './lasting.js';
import { TASTES, type Taste } from '../drink/tastes.js';

/** How far a stand-in may be from the real thing: the least fit each attitude accepts. */
export const ATTITUDE_MIN_FIT = { purist: 1, house: 0.75, pinch: 0.5 } as const;
export type Attitude = keyof typeof ATTITUDE_MIN_FIT;

export const SPOTS = ['tray', 'cart', 'shelf', 'bookcase'] as const;
export const OPINIONS = ['like', 'fine', 'no'] as const;
export type Opinion = (typeof OPINIONS)[number];

/** Two people, a drink each on three evenings (an assumption, to be changed on the Brief). */
const USUAL_DRINKS_PER_WEEK = 6;

/** Which drinks are counted: every one, or only those at least this established; what one wrote oneself always. */
export const COUNTS = ['all', 'well-known', 'core'] as const;
const COUNTED: Record<(typeof COUNTS)[number], readonly Canon[]> = {
  all: CANON,
  'well-known': ['core', 'well-known', 'own'],
  core: ['core', 'own'],
};

/** Whether a drink of this canon level is in the brief's count. */
export function isCounted(brief: Pick<Brief, 'count'>, canon: Canon): boolean {
  return COUNTED[brief.count].includes(canon);
}

const moneyMinor = z
  .int('money is a whole number of cents')
  .nonnegative('money cannot be less than nothing')
  .max(MOST_MINOR);
const ids = z.array(idSchema).max(500);

/** What the user told us: money, taste, place, limits, and what is there already. */
export const briefSchema = z.strictObject({
  currency: currencySchema,
  moneyNowMinor: moneyMinor,
  moneyPerMonthMinor: moneyMinor,
  attitude: z.enum(['purist', 'house', 'pinch']),
  /** Tastes not named are "do not mind". */
  tastes: z.partialRecord(z.enum(TASTES), z.enum(OPINIONS)),
  /** How established a drink must be to be counted; a brief written before this counts all. */
  count: z.enum(COUNTS).default('all'),
  mustDrinks: ids,
  /** Pantry things in the cupboard: what is made from them costs nothing more. */
  ownedPantry: ids.default([]),
  keepBottles: ids,
  neverKinds: ids,
  place: z.strictObject({
    spot: z.enum(SPOTS),
    lengthMm: z.int().min(200).max(10_000),
    /** Whether the bottles must all stand on it. */
    keepTo: z.boolean(),
  }),
  limits: z.strictObject({
    bottles: z.int().min(1).max(500).nullable(),
    /** Most ml of liquor to keep at home, where a local rule or the user sets one. */
    liquorMl: z.int().min(100).max(1_000_000).nullable(),
  }),
  /** How long what is bought should last: which sizes are offered, and how many of each. */
  lasts: z.enum(Object.keys(LASTS_DAYS) as [Lasts, ...Lasts[]]),
  makesSyrups: z.boolean(),
  /** Of what is made at home, how much trouble is fine: pressing and simmering, or whole afternoons too. */
  mostTrouble: z.literal([2, 3]).default(3),
  /** How often they drink: what decides which size of an opened bottle is finished in time. */
  drinksPerWeek: z.int().min(1).max(500).default(USUAL_DRINKS_PER_WEEK),
  /** For so many weeks what is bought fresh comes out of the money too; 0 leaves it beside. */
  freshWeeks: z.int().min(0).max(52).default(0),
  /** Past so many drinks of one family, each further one counts this share. */
  variety: z
    .strictObject({ after: z.int().min(1).max(50), factor: z.literal([0, 0.25, 0.5, 0.75]) })
    .nullable()
    .default(null),
  /** At least one drink in so many has the taste; what goes beyond that share does not count. */
  shares: z
    .array(z.strictObject({ taste: z.enum(TASTES), oneIn: z.int().min(2).max(10) }))
    .max(3)
    .default([]),
});
export type Brief = z.infer<typeof briefSchema>;

/** A brief, and the kinds that the household's bottles pour: none where nothing is said. */
export type HouseholdBrief = Brief & { ownedKinds?: readonly string[] };

/**
 * A brief of an earlier release brought up to date: before it asked how long things should last it said which
 * size to buy; what is owned was its own before it became the household's bottles.
 */
export function upgradeBrief(stored: unknown): unknown {
  if (typeof stored !== 'object' || stored === null) return stored;
  const { sizes, ownedKinds: _, ...brief } = stored as Record<string, unknown>;
  return sizes === undefined ? brief : { lasts: sizes === 'small' ? 'taste' : 'quarter', ...brief };
}

/** A brief to begin from: no money named yet, no opinions, a 90 cm shelf. */
export function emptyBrief(currency: string): Brief {
  return {
    currency,
    moneyNowMinor: 0,
    moneyPerMonthMinor: 0,
    attitude: 'house',
    tastes: {},
    count: 'all',
    mustDrinks: [],
    ownedPantry: [],
    keepBottles: [],
    neverKinds: [],
    place: { spot: 'shelf', lengthMm: 900, keepTo: false },
    limits: { bottles: null, liquorMl: null },
    lasts: 'quarter',
    makesSyrups: true,
    mostTrouble: 3,
    drinksPerWeek: USUAL_DRINKS_PER_WEEK,
    freshWeeks: 0,
    variety: null,
    shares: [],
  };
}

/** How the user feels about a taste; silence is "do not mind". */
export function opinionOf(brief: Brief, taste: Taste): Opinion {
  return brief.tastes[taste] ?? 'fine';
}
