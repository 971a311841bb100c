import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMadePart } from '../catalogue/home-made.js';
import type { KeepsAs } from '../catalogue/keeps-as.js';
import type { Kind } from '../catalogue/kind.js';
import type { Batch } from './batch.js';
import { KEEPING_TABLE, type ClassKeeping } from './keeping-table.js';
import { REGULATORY_ACTIVITY } from './water-activity.js';

/** How long a batch keeps, the opinions there are, and why the safe one holds. */
export interface Keeping {
  /** Days in the fridge in a clean bottle: the safe answer, by what in it turns first. */
  days: number;
  /** Days in the freezer; null for what is not frozen. */
  frozenDays: number | null;
  /** What each opinion says, where they disagree. */
  opinions: { says: string; holds: boolean }[];
  why: string;
}

type Things = Pick<Catalogue, 'pantry' | 'kinds'>;

/** Common practice, days: spare syrup frozen; sugar and water by their water activity. */
const FROZEN_DAYS = 90;
const THIN_DAYS = 5;
const EVEN_DAYS = 14;
const RICH_DAYS = 30;
const VERY_RICH_DAYS = 45;
/** Down to where no chilling is asked of a food at all: salt, honey. */
const GUARDED_DAYS = 60;
/** Water activities down to which those hold; 1:1 has 0.94, 1.5:1 0.90, 2:1 0.86 (Norrish 1966). */
const THIN_ABOVE = 0.945;
const EVEN_ABOVE = 0.92;
const RICH_ABOVE = 0.88;
/** With so much alcohol nothing grows in sugar and water (common practice). */
const PRESERVING_ABV = 0.18;
/** Beyond this a syrup's ratio is above 1.5:1, the first opinion's line. */
const SHELF_SCHOOL_BRIX = 60;
/** The second opinion's line. */
const STRICT_SCHOOL_BRIX = 71;

/** With less sugar, acid and alcohol than all of these, fresh plants in a bottle are a danger (common practice, on the safe side). */
const MIN_BRIX = 40;
const MIN_ACID = 0.01;
const MIN_ABV = 0.15;
/** Citrus alone guards itself a little sooner: orange juice, the mildest, is a high-acid food with about so much (from memory). */
const MIN_CITRUS_ACID = 0.008;
const NEVER_FRESH = new Set<KeepsAs | 'unknown'>(['plain', 'spirit', 'spice', 'wine', 'brine', 'unknown']);

/**
 * Why a batch is not made here at all, in words: fresh plants, nuts or fruit in something with little sugar, acid and
 * alcohol, where botulism may grow unseen. Undefined when nothing speaks against it.
 */
export function refusedBecause(batch: Batch, things: Things): string | undefined {
  const { recipe, brix, abv, composition, massG } = batch;
  const fresh = recipe.from.map((part) => keepsAs(part, things)).filter((as) => !NEVER_FRESH.has(as));
  const minAcid = fresh.every((as) => as === 'citrus') ? MIN_CITRUS_ACID : MIN_ACID;
  const guarded = brix >= MIN_BRIX || abv >= MIN_ABV || composition.acidG >= massG * minAcid;
  return fresh.length > 0 && !guarded
    ? 'Fresh things in something with so little sugar, acid and alcohol can grow botulism: it is not made here.'
    : undefined;
}

/** How a part of a batch turns: as its data say, a bottle as its strength says; else nobody knows. */
function keepsAs({ pantry: thing, kind: id }: HomeMadePart, { pantry, kinds }: Things): KeepsAs | 'unknown' {
  if (thing !== undefined) return pantry.find((p) => p.id === thing)?.keepsAs ?? 'unknown';
  const kind = kinds.find((k) => k.id === id);
  return kind === undefined ? 'unknown' : (kind.keepsAs ?? keepsAsBottle(kind));
}

function keepsAsBottle({ supply, abv, allergens, allergensStated }: Kind): KeepsAs | 'unknown' {
  if (supply !== 'bottle' || !allergensStated) return 'unknown';
  if (allergens.includes('egg')) return 'egg';
  if (allergens.includes('milk')) return 'milk';
  return abv >= PRESERVING_ABV ? 'spirit' : 'wine';
}

/** Days of one class in a batch: what guards it best decides. */
function daysOf({ days, guards }: ClassKeeping, { abv, brix, composition, massG, recipe }: Batch): number {
  const acid = massG > 0 ? composition.acidG / massG : 0;
  return guards
    .filter(
      (g) =>
        abv >= (g.abv ?? 0) && brix >= (g.brix ?? 0) && acid >= (g.acid ?? 0) && (recipe.heated || !g.heated),
    )
    .reduce((most, g) => Math.max(most, g.days), days);
}

/** Days of what is only sugar, water, salt, acid or spice. */
function plainDays({ abv, activity }: Batch): number {
  if (abv >= PRESERVING_ABV) return Infinity;
  if (activity > THIN_ABOVE) return THIN_DAYS;
  if (activity > EVEN_ABOVE) return EVEN_DAYS;
  if (activity > RICH_ABOVE) return RICH_DAYS;
  return activity > REGULATORY_ACTIVITY ? VERY_RICH_DAYS : GUARDED_DAYS;
}

/**
 * How long a batch keeps cold: its shortest part decides, by its class and by what guards it; sugar and water by their
 * water activity; never longer than its recipe says. Every syrup is kept in the fridge and dated.
 *
 * @example keeping(batch, catalogue).days // 14
 */
export function keeping(batch: Batch, things: Things): Keeping {
  const { recipe, brix, abv } = batch;
  const classes = new Set(recipe.from.map((part) => keepsAs(part, things)));
  const turning = [...classes].flatMap((c) => {
    if (c === 'plain' || c === 'spirit' || c === 'spice') return [];
    const table = KEEPING_TABLE[c];
    return [{ days: daysOf(table, batch), frozenDays: table.frozenDays, why: table.why }];
  });
  const [first] = [...turning].sort((a, b) => a.days - b.days);
  // Sugar and water guard what turns in them; by themselves they keep by their water activity.
  const byParts = first?.days ?? plainDays(batch);
  const days = Math.min(byParts, recipe.keepsDays);
  const frozen = turning.map((t) => t.frozenDays);
  return {
    days,
    frozenDays: frozen.includes(null) ? null : Math.min(FROZEN_DAYS, ...frozen.flatMap((f) => f ?? [])),
    opinions: opinionsOn(brix, abv),
    why: days < byParts ? 'Its flavour goes before it spoils.' : (first?.why ?? plainWhy(batch)),
  };
}

function opinionsOn(brix: number, abv: number): Keeping['opinions'] {
  if (brix < SHELF_SCHOOL_BRIX || abv >= PRESERVING_ABV) return [];
  return [
    { says: 'Over 1.5 to 1 it may stand on the shelf.', holds: false },
    {
      says: 'Only at 71 °Brix, pasteurised and acidified, may it stand on the shelf.',
      holds: brix >= STRICT_SCHOOL_BRIX,
    },
  ];
}

function plainWhy({ activity, abv }: Batch): string {
  if (abv >= PRESERVING_ABV) return 'Its alcohol keeps it.';
  const at = `Its water activity is ${activity.toFixed(2)}`;
  return activity > REGULATORY_ACTIVITY
    ? `${at}, above ${REGULATORY_ACTIVITY}: yeasts and moulds can grow, slowly in the cold.`
    : `${at}: little grows, but some yeasts and moulds do.`;
}
