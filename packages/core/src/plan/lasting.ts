import type { Kind } from '../catalogue/kind.js';
import { daysOnceOpen } from '../catalogue/kind.js';
import type { PricedBottle } from '../catalogue/price-list.js';
import type { Use } from './uses.js';

/** How long what is bought should last, in days. A taste of each: one drink is enough. */
export const LASTS_DAYS = { taste: 0, month: 30, quarter: 91, 'half-year': 182 } as const;
export type Lasts = keyof typeof LASTS_DAYS;

/** Syrups and mixers are made or bought again as they run out: a week's worth will do. */
const BOUGHT_AGAIN_DAYS = 7;
/** More of one kind at a time is a bar's cellar, not a home's. */
const MOST_OF_A_KIND = 2;
/** Below this two volumes are the same. */
const HAIR_ML = 1e-6;

/** A bottle as the plan may buy it: one, or two of it. */
export interface BottleOffer {
  bottle: PricedBottle;
  count: number;
}

/** How fast a kind is poured. */
export interface Pace {
  use: Use | undefined;
  drinksPerWeek: number;
}

/** Days that one purchase has to last: as asked for, or until it turns, when it is bought again in any case. */
function horizonDays(kind: Kind, bottle: PricedBottle, lasts: Lasts): number {
  const asked = LASTS_DAYS[lasts];
  const life = daysOnceOpen(kind, bottle) ?? Infinity;
  return Math.min(asked, life, kind.supply === 'bottle' ? Infinity : BOUGHT_AGAIN_DAYS);
}

/** ml of a kind that one purchase has to pour: at least one drink. */
export function neededMl(
  kind: Kind,
  bottle: PricedBottle,
  lasts: Lasts,
  { use, drinksPerWeek }: Pace,
): number {
  if (use === undefined) return 0;
  return Math.max(use.mostMl, (use.mlPerDrink * drinksPerWeek * horizonDays(kind, bottle, lasts)) / 7);
}

/**
 * The sizes of one kind that last as long as asked for, one bottle or two, in the order given. Where two of
 * none last so long, those that go farthest.
 *
 * @param onlyOne whether bottles are limited by number: then one of each, which goes as far as it goes.
 */
export function offersThatLast(
  bottles: readonly PricedBottle[],
  kind: Kind,
  lasts: Lasts,
  pace: Pace,
  onlyOne: boolean,
): BottleOffer[] {
  const most = onlyOne || kind.supply !== 'bottle' ? 1 : MOST_OF_A_KIND;
  const all = bottles.map((bottle) => {
    const count = Math.max(1, Math.ceil((neededMl(kind, bottle, lasts, pace) - HAIR_ML) / bottle.ml));
    return { bottle, count: Math.min(count, most), lasts: count <= most };
  });
  const lasting = all.filter((o) => o.lasts);
  const farthest = Math.max(0, ...all.map((o) => o.bottle.ml * o.count));
  const chosen = lasting.length > 0 ? lasting : all.filter((o) => o.bottle.ml * o.count >= farthest);
  return chosen.map(({ bottle, count }) => ({ bottle, count }));
}
