import { z } from 'zod';
import { MAX_MINOR } from '../base/money.js';
import { idSchema } from '../base/ids.js';
import { CANON, type Canon } from '../catalogue/recipe.js';
import { currencySchema } from '../catalogue/price-list.js';
import { HOW_BIG_GLASSES, type HowBig } from './how-big.js';
import { TASTES, type Taste } from '../drink/tastes.js';

/** How far a stand-in may be from the real thing: the least match each attitude accepts. */
export const ATTITUDE_MIN_MATCH = { purist: 1, house: 0.75, pinch: 0.5 } as const;
export type Attitude = keyof typeof ATTITUDE_MIN_MATCH;

const SPOTS = ['tray', 'cart', 'shelf', 'bookcase'] as const;
const OPINIONS = ['like', 'fine', 'no'] as const;
export type Opinion = (typeof OPINIONS)[number];
const SOFT = ['beside', 'within', 'only'] as const;

/** Two people, a drink each on three evenings (an assumption, to be changed on the Brief). */
const USUAL_DRINKS_PER_WEEK = 6;

/** Which drinks are counted: every one, or only those at least this established; what one wrote oneself always. */
const COUNTS = ['all', 'well-known', 'core'] as const;
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
  .max(MAX_MINOR);
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
  /** How many glasses a bottle has to pour to be offered. */
  howBig: z.enum(Object.keys(HOW_BIG_GLASSES) as [HowBig, ...HowBig[]]).default('small'),
  /** Whether wine and bubbles are bought to be kept, out of this money; else they are bought on the day, as citrus is. */
  keepsWine: z.boolean().default(false),
  /** Drinks without alcohol: counted beside the others, among them, or the only ones that are counted. */
  soft: z.enum(SOFT).default('beside'),
  makesSyrups: z.boolean(),
  /** Of what is made at home, how much trouble is fine: pressing and simmering, or whole afternoons too. */
  mostTrouble: z.literal([2, 3]).default(3),
  /** How often they drink: what decides which size of an opened bottle is finished in time. */
  drinksPerWeek: z.int().min(1).max(500).default(USUAL_DRINKS_PER_WEEK),
  /** Money set aside for what is bought fresh: it is not spent on bottles. */
  freshMinor: moneyMinor.default(0),
  /** Drinks that people ask for most count more. */
  askedForMore: z.boolean().default(false),
  /** Drinks of a taste that is liked count more. */
  likedMore: z.boolean().default(false),
  /** What is like another, of one family on one spirit, counts half. */
  variety: z.boolean().default(false),
  /** At least one drink in so many has the taste; what goes beyond that share does not count. */
  shares: z
    .array(z.strictObject({ taste: z.enum(TASTES), oneIn: z.int().min(2).max(10) }))
    .max(3)
    .default([]),
  /** It was brought up to date from an earlier release, and nobody has read yet what that changed. */
  broughtUp: z.boolean().default(false),
});
export type Brief = z.infer<typeof briefSchema>;

/** A brief, and the kinds that the household's bottles pour: none where nothing is said. */
export type HouseholdBrief = Brief & { ownedKinds?: readonly string[] };

const HOW_BIG_BEFORE: Record<string, HowBig> = {
  taste: 'taste',
  month: 'small',
  quarter: 'full',
  'half-year': 'full',
};

/**
 * A brief of an earlier release brought up to date. Until it asked how big bottles should be it asked how long they
 * should last, and before that which size to buy; money for fresh things grew with the set, where it is now an amount; likes counted
 * without being asked for; variety had numbers; what is owned was its own before it became the household's bottles.
 */
export function upgradeBrief(stored: unknown): unknown {
  if (typeof stored !== 'object' || stored === null) return stored;
  const { sizes, lasts, freshWeeks: _w, ownedKinds: _o, ...brief } = stored as Record<string, unknown>;
  if (sizes === undefined && lasts === undefined) return brief;
  const { tastes, variety } = brief;
  return {
    ...brief,
    howBig: HOW_BIG_BEFORE[String(lasts)] ?? (sizes === 'small' ? 'taste' : 'full'),
    likedMore: typeof tastes === 'object' && tastes !== null && Object.values(tastes).includes('like'),
    variety: variety !== undefined && variety !== null,
    broughtUp: true,
  };
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
    howBig: 'small',
    keepsWine: false,
    soft: 'beside',
    makesSyrups: true,
    mostTrouble: 3,
    drinksPerWeek: USUAL_DRINKS_PER_WEEK,
    freshMinor: 0,
    askedForMore: false,
    likedMore: false,
    variety: false,
    shares: [],
    broughtUp: false,
  };
}

/** How the user feels about a taste; silence is "do not mind". */
export function opinionOf(brief: Pick<Brief, 'tastes'>, taste: Taste): Opinion {
  return brief.tastes[taste] ?? 'fine';
}
