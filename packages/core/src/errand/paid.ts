import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { MAX_MINOR } from '../base/money.js';
import { currencySchema, type PriceList } from '../catalogue/price-list.js';
import { wareSchema, type Ware } from './errand.js';

/** A price that was paid: the household's own, at that shop, on that day. */
export const paidPriceSchema = z.strictObject({
  id: z.uuid(),
  on: z.iso.date(),
  /** The price list of the shop. */
  shop: idSchema,
  ware: wareSchema,
  label: z.string().min(1).max(80),
  /** For one of it, minor units. */
  priceMinor: z.int().min(0).max(MAX_MINOR),
  currency: currencySchema,
  /** For that day only: not expected again. */
  onOffer: z.boolean(),
});
export type PaidPrice = z.infer<typeof paidPriceSchema>;

/** What makes two wares the same on a shelf: kind and size, not the words on the label. */
function keyOf(ware: Ware): string {
  switch (ware.is) {
    case 'bottle':
      return `bottle ${ware.kind} ${ware.ml}`;
    case 'tool':
      return `tool ${ware.tool}`;
    case 'glasses':
      return `glasses ${ware.glass} ${ware.pieces} ${ware.capacityMl}`;
    case 'pantry':
      return `pantry ${ware.pantry} ${ware.g}`;
    case 'fresh':
      return `fresh ${ware.kind} ${ware.sold}`;
  }
}

/**
 * A shop's list with what was last paid there: the household knows better than the list. An offer was for a day.
 *
 * @example withPaidPrices(lanternStore, paid).bottles[0]?.priceMinor
 */
export function withPaidPrices(list: PriceList, paid: readonly PaidPrice[]): PriceList {
  const last = new Map<string, PaidPrice>();
  for (const price of [...paid].sort((a, b) => (a.on + a.id < b.on + b.id ? -1 : 1)))
    if (price.shop === list.id && price.currency === list.currency && !price.onOffer)
      last.set(keyOf(price.ware), price);
  if (last.size === 0) return list;
  const known = (ware: Ware, label?: string) => {
    const price = last.get(keyOf(ware));
    return price && (label === undefined || price.label === label) ? { priceMinor: price.priceMinor } : {};
  };
  return {
    ...list,
    bottles: list.bottles.map((b) =>
      b.homeMade ? b : { ...b, ...known({ is: 'bottle', kind: b.kind, ml: b.ml }, b.label) },
    ),
    kit: list.kit.map((k) => {
      if (k.tool !== undefined) return { ...k, ...known({ is: 'tool', tool: k.tool }, k.label) };
      const { glass, pieces, capacityMl } = k;
      return glass === undefined || capacityMl === undefined
        ? k
        : { ...k, ...known({ is: 'glasses', glass, pieces, capacityMl }, k.label) };
    }),
    pantry: list.pantry.map((p) => ({ ...p, ...known({ is: 'pantry', pantry: p.pantry, g: p.g }) })),
    fresh: list.fresh.map((f) => ({ ...f, ...known({ is: 'fresh', kind: f.kind, sold: f.sold }) })),
  };
}

/** What a kind costs by the litre at one shop, and when that was known; minor units. */
export interface LitrePrice {
  shop: string;
  perLitreMinor: number;
  /** The day it was paid; undefined where the shop's list says it. */
  on: string | undefined;
  ml: number;
}

/** A shop asks far more than the others from here on (an assumption). */
const FAR_MORE = 1.25;

/**
 * What a kind of bottle costs by the litre at every shop, cheapest size of each, and what was paid for it over
 * time; and which shops ask at least a quarter more than the cheapest.
 */
export function litrePrices(
  kind: string,
  lists: readonly PriceList[],
  paid: readonly PaidPrice[],
): { now: LitrePrice[]; paid: LitrePrice[]; farDearer: LitrePrice[] } {
  const perLitre = (priceMinor: number, ml: number) => Math.round((1000 * priceMinor) / ml);
  const now = lists
    .flatMap((list): LitrePrice[] => {
      const all = withPaidPrices(list, paid).bottles.filter(
        (b) => b.kind === kind && !b.homeMade && b.tier === 'mixing',
      );
      const prices = all.map((b): LitrePrice => ({
        shop: list.id,
        perLitreMinor: perLitre(b.priceMinor, b.ml),
        on: undefined,
        ml: b.ml,
      }));
      return prices.length === 0
        ? []
        : [prices.reduce((a, b) => (b.perLitreMinor < a.perLitreMinor ? b : a))];
    })
    .sort((a, b) => a.perLitreMinor - b.perLitreMinor);
  const before = paid
    .flatMap(({ ware, shop, priceMinor, on }): LitrePrice[] =>
      ware.is === 'bottle' && ware.kind === kind
        ? [{ shop, perLitreMinor: perLitre(priceMinor, ware.ml), on, ml: ware.ml }]
        : [],
    )
    .sort((a, b) => ((a.on ?? '') < (b.on ?? '') ? -1 : 1));
  const least = now[0]?.perLitreMinor ?? 0;
  return {
    now,
    paid: before,
    farDearer: now.filter((p) => p.perLitreMinor >= FAR_MORE * least && least > 0),
  };
}
