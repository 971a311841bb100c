import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import { daysOnceOpen, type Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Brief, HouseholdBrief } from './brief.js';
import { homeMaking, makeable, type HomeMaking } from './packs.js';
import { offeredBottles } from './sizes.js';
import { typicalPours } from './typical-pour.js';

/** What is good for no longer than this once open is bought for the day (wine, bubbles). */
const MAX_FOR_THE_DAY_DAYS = 7;

/** All that a plan may buy in bottles, and what it may make. */
export interface Offering {
  /** Bottles that are large enough for the brief, and batches made at home. */
  bottles: PricedBottle[];
  making: HomeMaking;
  /** Kinds that are bought on the day, and are always there: what is fresh, and wine unless it is kept. */
  forTheDay: ReadonlySet<string>;
}

/** The least trouble in which each kind can be made at home. */
function leastEfforts({ homeMade }: Catalogue): Map<string, number> {
  const efforts = new Map<string, number>();
  for (const { makes, effort } of homeMade)
    efforts.set(makes, Math.min(effort, efforts.get(makes) ?? effort));
  return efforts;
}

/** Whether a bottle of the list is a batch that is made here. */
export function isBatch(making: HomeMaking, bottle: PricedBottle): boolean {
  return making.made.get(bottle.kind)?.batch === bottle;
}

/** Whether a kind is a bottle that has to be finished within a week of being opened: wine, and the like. */
function isFinishedInAWeek(kind: Kind): boolean {
  return kind.supply === 'bottle' && (daysOnceOpen(kind) ?? Infinity) <= MAX_FOR_THE_DAY_DAYS;
}

/** Whether a kind is bought on the day: what is fresh, and wine where the brief keeps none. */
export function isForTheDay(kind: Kind, { keepsWine }: Pick<Brief, 'keepsWine'>): boolean {
  return kind.supply === 'fresh' || (!keepsWine && isFinishedInAWeek(kind));
}

/** Wines that are bought on the day, where the brief keeps none. */
export function winesForTheDay(
  { kinds }: Pick<Catalogue, 'kinds'>,
  brief: Pick<Brief, 'keepsWine'>,
): string[] {
  return kinds.filter((k) => k.supply !== 'fresh' && isForTheDay(k, brief)).map((k) => k.id);
}

/** What is on offer for a brief. It depends on the brief and the shop, never on what else is bought. */
export function offering(brief: HouseholdBrief, prices: PriceList, catalogue: Catalogue): Offering {
  const kinds = kindIndex(catalogue.kinds);
  const forTheDay = new Set(catalogue.kinds.filter((k) => isForTheDay(k, brief)).map((k) => k.id));
  const can = makeable(brief, prices, catalogue);
  const kept = new Set(brief.keepBottles);
  const onSale = offeredBottles(
    brief,
    prices,
    kinds,
    typicalPours(catalogue),
    leastEfforts(catalogue),
    can,
  ).filter(({ id, kind }) => !forTheDay.has(kind) || kept.has(id));
  const making = homeMaking(brief, prices, can, onSale, kinds, forTheDay);
  const bought = onSale.filter((bottle) => !making.needless.has(bottle) && !isBatch(making, bottle));
  return { bottles: [...bought, ...[...making.made.values()].map(({ batch }) => batch)], making, forTheDay };
}
