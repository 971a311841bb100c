import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { MAX_MINOR } from '../base/money.js';

/** Where a bottle stands. */
export const PLACES = ['shelf', 'fridge', 'freezer', 'cupboard'] as const;
export type Place = (typeof PLACES)[number];

const ml = z.number().min(0).max(20_000);
const day = z.iso.date().nullable();

/** A bottle of the household's: one that stands there, or one that is finished. */
export const bottleSchema = z.strictObject({
  id: z.uuid(),
  kind: idSchema,
  /** What stands on it, where that matters. */
  label: z.string().trim().min(1).max(80).nullable(),
  /** What it holds when full; null where nobody has looked: "there, not measured". */
  sizeMl: z.number().min(10).max(20_000).nullable(),
  /**
   * How many pieces of it there are, where it is counted: limes, eggs; null for what is poured. What is cut of one is
   * there by eighths, until the day after it was cut.
   */
  pieces: z.number().min(0).max(999).nullable().default(null),
  /** The day one of them was cut, where a part of it is left. */
  cutOn: day.default(null),
  /** What is left; null where it was not measured. */
  leftMl: ml.nullable(),
  /** What was paid for it, in the currency of its shop. */
  priceMinor: z.int().min(0).max(MAX_MINOR).nullable(),
  currency: z.string().length(3).nullable(),
  shop: z.string().trim().max(80),
  boughtOn: day,
  openedOn: day,
  finishedOn: day,
  place: z.enum(PLACES),
  /** Kept for sipping, no recipe pours it. */
  sipping: z.boolean(),
  /** The strength on its label, a fraction, where it is not its kind's usual one. */
  abv: z.number().min(0).max(0.96).nullable().default(null),
  /** Grams of sugar in a litre, where its label says so. */
  sugarGPerL: z.number().min(0).max(1000).nullable().default(null),
  /** Since when it has been frozen, for what turns; null where it is not. */
  frozenOn: day.default(null),
  /** Days it was frozen before it was thawed; null where it never was. What was thawed is not frozen again. */
  frozenDays: z.int().min(0).max(3650).nullable().default(null),
  /** What it weighs empty, g: known for ever once it was weighed while its content was known. */
  emptyG: z.number().min(1).max(5000).nullable(),
  /** The bottle it was poured over from. */
  decantedFrom: z.uuid().nullable(),
});
export type Bottle = z.infer<typeof bottleSchema>;

/** A bottle of which nothing is known but that it is there. */
export function bottleThere(id: string, kind: string, place: Place = 'shelf'): Bottle {
  return {
    id,
    kind,
    label: null,
    sizeMl: null,
    pieces: null,
    cutOn: null,
    leftMl: null,
    priceMinor: null,
    currency: null,
    shop: '',
    boughtOn: null,
    openedOn: null,
    finishedOn: null,
    place,
    sipping: false,
    abv: null,
    sugarGPerL: null,
    frozenOn: null,
    frozenDays: null,
    emptyG: null,
    decantedFrom: null,
  };
}

/** Share of a bottle that is left, 0 to 1; undefined where it was not measured. */
export function levelOf({ sizeMl, leftMl }: Pick<Bottle, 'sizeMl' | 'leftMl'>): number | undefined {
  return sizeMl === null || leftMl === null ? undefined : Math.min(1, leftMl / sizeMl);
}

/** Whether it stands there still. */
export function isThere({ finishedOn }: Pick<Bottle, 'finishedOn'>): boolean {
  return finishedOn === null;
}

/** A bottle with another level: one that is not full was opened, today where nobody said when. */
export function withLeft(bottle: Bottle, leftMl: number, today: string): Bottle {
  const isOpen = bottle.sizeMl !== null && leftMl < bottle.sizeMl;
  return { ...bottle, leftMl, openedOn: bottle.openedOn ?? (isOpen ? today : null) };
}

/**
 * What a ml of a bottle cost, minor units; what was poured over cost what its first bottle did. Undefined where nobody
 * knows, or it was paid in another currency.
 */
export function minorPerMl(
  bottle: Bottle | undefined,
  byId: ReadonlyMap<string, Bottle>,
  currency: string | null,
): number | undefined {
  const paid = bottle?.decantedFrom ? (byId.get(bottle.decantedFrom) ?? bottle) : bottle;
  if (!paid || paid.priceMinor === null || paid.sizeMl === null || paid.currency !== currency)
    return undefined;
  return paid.priceMinor / paid.sizeMl;
}
