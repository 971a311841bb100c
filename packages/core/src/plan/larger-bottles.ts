import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Kind } from '../catalogue/kind.js';
import type { HouseholdBrief } from './brief.js';
import { bottleMoneyOf, shelfWidthMm } from './compile.js';
import { homeSizes } from './sizes.js';
import type { PlanResult } from './answer.js';
import type { BottleLasts } from './enough.js';

/** The sizes that money left over is best put into. */
export interface LargerBottles {
  /** Ids of the bottles to buy in place of those of the same kinds in the set. */
  bottles: { kindId: string; from: PricedBottle; to: PricedBottle }[];
  /** What they cost beyond what the set costs, minor units. */
  moreMinor: number;
  /** Glasses from the whole set before its first bottle is out: now, and then. */
  glassesNow: number;
  glassesThen: number;
}

/** One bottle of a set, and the sizes of its kind from its own up. */
interface Choice {
  kindId: string;
  from: PricedBottle;
  sizes: PricedBottle[];
  /** Glasses from the whole set that one ml of it lasts for. */
  glassesPerMl: number;
  /** What a bottle of it takes of the shelf, mm. */
  widthOf: (bottle: PricedBottle) => number;
  isLiquor: boolean;
}

/** Room that the money left over may take beside the set, of what a brief may limit. */
export interface RoomLeft {
  moneyMinor: number;
  widthMm: number;
  liquorMl: number;
}

/** What a set leaves of its brief's money and limits; what is owned is not weighed against them again. */
export function roomLeftOf(
  brief: HouseholdBrief,
  { answer, items, inUse }: Pick<PlanResult, 'answer' | 'items' | 'inUse'>,
  kinds: ReadonlyMap<string, Kind>,
): RoomLeft {
  const used = new Set(inUse);
  const bottles = items.flatMap(({ id, kindId, made, bottle }) => {
    const kind = kinds.get(kindId);
    return used.has(id) && !made && bottle && kind ? [{ bottle, kind }] : [];
  });
  const sum = (of: (b: (typeof bottles)[number]) => number) => bottles.reduce((so, b) => so + of(b), 0);
  const { place, limits } = brief;
  return {
    moneyMinor: bottleMoneyOf(brief) - answer.spend,
    widthMm: place.keepTo ? place.lengthMm - sum((b) => shelfWidthMm(b.kind, b.bottle)) : Infinity,
    liquorMl:
      limits.liquorMl === null ? Infinity : limits.liquorMl - sum((b) => (b.kind.abv > 0 ? b.bottle.ml : 0)),
  };
}

/** A choice of sizes for some of the bottles: what it takes more of, and how many of them stand at each level of glasses. */
interface Chosen {
  chosen: PricedBottle[];
  minor: number;
  mm: number;
  ml: number;
  /** By level, the soonest out first. */
  counts: number[];
}

/** Below 0 where `a` lasts longer: fewer of its bottles are out soonest. */
function compareCounts(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((n, level) => n !== b[level]);
  return at < 0 ? 0 : (a[at] as number) - (b[at] as number);
}

const raisedAt = (counts: readonly number[], level: number) =>
  counts.map((n, at) => (at === level ? n + 1 : n));

/** Without those that another beats: it takes no more of anything, and lasts as long. */
function withoutBeaten(partials: readonly Chosen[]): Chosen[] {
  const kept: Chosen[] = [];
  for (const one of [...partials].sort((a, b) => a.minor - b.minor || compareCounts(a.counts, b.counts)))
    if (!kept.some((k) => k.mm <= one.mm && k.ml <= one.ml && compareCounts(k.counts, one.counts) <= 0))
      kept.push(one);
  return kept;
}

/** The best choice of one size for each bottle within what is left, found bottle by bottle. */
function chooseSizes(choices: readonly Choice[], left: RoomLeft): Chosen {
  const glasses = (choice: Choice, bottle: PricedBottle) => bottle.ml * choice.glassesPerMl;
  const levels = [...new Set(choices.flatMap((c) => c.sizes.map((b) => glasses(c, b))))].sort(
    (a, b) => a - b,
  );
  let partials: Chosen[] = [{ chosen: [], minor: 0, mm: 0, ml: 0, counts: levels.map(() => 0) }];
  for (const choice of choices) {
    const { from, sizes, widthOf, isLiquor } = choice;
    const next = partials.flatMap((before) =>
      sizes.map((to): Chosen => ({
        chosen: [...before.chosen, to],
        minor: before.minor + to.priceMinor - from.priceMinor,
        mm: before.mm + widthOf(to) - widthOf(from),
        ml: before.ml + (isLiquor ? to.ml - from.ml : 0),
        counts: raisedAt(before.counts, levels.indexOf(glasses(choice, to))),
      })),
    );
    partials = withoutBeaten(
      next.filter((p) => p.minor <= left.moneyMinor && p.mm <= left.widthMm && p.ml <= left.liquorMl),
    );
  }
  return partials.reduce((a, b) => {
    const longer = compareCounts(b.counts, a.counts);
    return longer < 0 || (longer === 0 && b.minor < a.minor) ? b : a;
  });
}

/**
 * Put money left over into larger bottles of a set: the most glasses before the first of them is out, then before the
 * second, and so on; of ways that are as good the cheapest. Exact.
 *
 * @param lasts how far each bottle of the set goes now (`enoughOf`).
 * @param left beside the set: money, and room on the shelf and of the limit on liquor, Infinity where there is none.
 * @returns undefined where no larger bottle fits.
 */
export function largerBottles(
  result: Pick<PlanResult, 'items' | 'inUse'>,
  lasts: readonly BottleLasts[],
  prices: PriceList,
  { kinds }: Pick<Catalogue, 'kinds'>,
  left: RoomLeft,
): LargerBottles | undefined {
  const index = kindIndex(kinds);
  const used = new Set(result.inUse);
  const perMl = new Map(lasts.map((b) => [b.itemId, b.untilEmpty / b.ml]));
  const choices = result.items.flatMap(({ id, kindId, owned, made, bottle }): Choice[] => {
    const kind = index.get(kindId);
    const glassesPerMl = perMl.get(id);
    if (!used.has(id) || owned || made || !bottle || kind?.supply !== 'bottle' || glassesPerMl === undefined)
      return [];
    const larger = homeSizes(prices.bottles, kind).filter((b) => !b.homeMade && b.ml > bottle.ml);
    return [
      {
        kindId,
        from: bottle,
        sizes: [bottle, ...larger],
        glassesPerMl,
        widthOf: (b) => shelfWidthMm(kind, b),
        isLiquor: kind.abv > 0,
      },
    ];
  });
  const { chosen } = chooseSizes(choices, left);
  const bottles = choices.flatMap(({ kindId, from }, i) => {
    const to = chosen[i] as PricedBottle;
    return to === from ? [] : [{ kindId, from, to }];
  });
  if (bottles.length === 0) return undefined;
  const soonest = (of: (choice: Choice, i: number) => PricedBottle) =>
    Math.min(...choices.map((c, i) => of(c, i).ml * c.glassesPerMl));
  return {
    bottles,
    moreMinor: bottles.reduce((sum, { from, to }) => sum + to.priceMinor - from.priceMinor, 0),
    glassesNow: soonest((c) => c.from),
    glassesThen: soonest((_, i) => chosen[i] as PricedBottle),
  };
}
