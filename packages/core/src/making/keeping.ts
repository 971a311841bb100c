import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Batch } from './batch.js';
import { REGULATORY_ACTIVITY } from './water-activity.js';

/** How long a batch keeps, the opinions there are, and why the safe one holds. */
export interface Keeping {
  /** Days in the fridge in a clean bottle: the safe answer. */
  days: number;
  /** Days in the freezer. */
  frozenDays: number;
  /** What each opinion says, where they disagree. */
  opinions: { says: string; holds: boolean }[];
  why: string;
}

/** Common practice, days: spare syrup frozen; fresh parts; thin syrup; with so much alcohol nothing grows soon. */
const FROZEN_DAYS = 90;
const FRESH_DAYS = 14;
const FRESH_WARM_DAYS = 18;
const THIN_DAYS = 14;
const RICH_DAYS = 30;
const VERY_RICH_DAYS = 45;
const PRESERVING_ABV = 0.18;
/** Beyond this a syrup's ratio is above 1.5:1, the first opinion's line. */
const SHELF_SCHOOL_BRIX = 60;
/** The second opinion's line. */
const STRICT_SCHOOL_BRIX = 71;

/** With less sugar, acid and alcohol than all of these, fresh plants in a bottle are a danger (common practice, on the safe side). */
const LEAST_BRIX = 40;
const LEAST_ACID = 0.01;
const LEAST_ABV = 0.15;

/**
 * Why a batch is not made here at all, in words: fresh plants, nuts or fruit in something with little
 * sugar, acid and alcohol, where botulism may grow unseen. Undefined when nothing speaks against it.
 */
export function refusedBecause(
  { recipe, brix, abv, composition, massG }: Batch,
  { pantry, kinds }: Pick<Catalogue, 'pantry' | 'kinds'>,
): string | undefined {
  const fresh = hasFresh(recipe, { pantry, kinds });
  const guarded = brix >= LEAST_BRIX || abv >= LEAST_ABV || composition.acidG >= massG * LEAST_ACID;
  return fresh && !guarded
    ? 'Fresh things in something with so little sugar, acid and alcohol can grow botulism: it is not made here.'
    : undefined;
}

/** Whether anything fresh goes into a batch. */
function hasFresh(recipe: HomeMade, { pantry, kinds }: Pick<Catalogue, 'pantry' | 'kinds'>): boolean {
  return recipe.from.some(
    (p) =>
      pantry.find((t) => t.id === p.pantry)?.fresh === true ||
      kinds.some((k) => k.id === p.kind && k.supply === 'fresh' && k.storage === 'fridge'),
  );
}

/**
 * How long a batch keeps cold: by its water activity, its fresh parts, its heat, its alcohol, and never
 * longer than its recipe says. Every syrup is kept in the fridge and dated (trade.md, section 6).
 *
 * @example keeping(batch, catalogue).days // 14
 */
export function keeping(
  { recipe, brix, activity, abv }: Batch,
  { pantry, kinds }: Pick<Catalogue, 'pantry' | 'kinds'>,
): Keeping {
  const fresh = hasFresh(recipe, { pantry, kinds });
  const byPhysics =
    abv >= PRESERVING_ABV
      ? recipe.keepsDays
      : fresh
        ? recipe.heated
          ? FRESH_WARM_DAYS
          : FRESH_DAYS
        : activity > 0.92
          ? THIN_DAYS
          : activity > REGULATORY_ACTIVITY + 0.03
            ? RICH_DAYS
            : VERY_RICH_DAYS;
  const days = Math.min(byPhysics, recipe.keepsDays);
  const opinions =
    brix >= SHELF_SCHOOL_BRIX && abv < PRESERVING_ABV
      ? [
          { says: 'Over 1.5 to 1 it may stand on the shelf.', holds: false },
          {
            says: 'Only at 71 °Brix, pasteurised and acidified, may it stand on the shelf.',
            holds: brix >= STRICT_SCHOOL_BRIX,
          },
        ]
      : [];
  return {
    days,
    frozenDays: FROZEN_DAYS,
    opinions,
    why: reason({ fresh, heated: recipe.heated, activity, abv, byRecipe: days < byPhysics }),
  };
}

function reason({
  fresh,
  heated,
  activity,
  abv,
  byRecipe,
}: {
  fresh: boolean;
  heated: boolean;
  activity: number;
  abv: number;
  byRecipe: boolean;
}): string {
  if (byRecipe) return 'Its flavour goes before it spoils.';
  if (abv >= PRESERVING_ABV) return 'Its alcohol keeps it.';
  if (fresh)
    return heated
      ? 'Fruit or nuts are in it, and heat only slows what they bring.'
      : 'Fruit or nuts are in it, unheated: what they bring grows soonest.';
  const at = `Its water activity is ${activity.toFixed(2)}`;
  return activity > REGULATORY_ACTIVITY
    ? `${at}, above ${REGULATORY_ACTIVITY}: yeasts and moulds can grow, slowly in the cold.`
    : `${at}: little grows, but some yeasts and moulds do.`;
}
