import type { PriceList } from '../catalogue/price-list.js';
import type { SolveControl } from '../planner/plan-search.js';
import type { PlanResult } from '../plan/answer.js';
import { bestPlan } from '../plan/best-plan.js';
import { briefAt, type ErrandMatter } from './in-shop.js';
import { joinShops } from './joined-shops.js';
import type { Trip } from './trips.js';

/** The best that can be bought at one set of shops. */
export interface ShopsAnswer {
  /** Their price lists, in the order given. */
  shops: string[];
  result: PlanResult;
  /** What the trips cost, which the bottles do not get; and how long they take. */
  tripMinor: number;
  minutes: number;
}

/** Every set of shops there is, small ones first. */
export function setsOfShops<T>(shops: readonly T[]): T[][] {
  const sets = Array.from({ length: 2 ** shops.length - 1 }, (_, mask) =>
    shops.filter((_shop, i) => ((mask + 1) >> i) & 1),
  );
  return sets.sort((a, b) => a.length - b.length);
}

/**
 * The best plan at every set of shops, its trips paid from the same money: exact for each set. A set whose
 * trips cost more than there is has none.
 *
 * @param trips what going to a shop costs; one that is not named is on the way.
 * @param onSet told of each as it is found.
 * @returns undefined when it was stopped.
 */
export function bestAtShops(
  matter: ErrandMatter,
  trips: readonly Trip[],
  { onSet, ...control }: SolveControl & { onSet?: (answers: readonly ShopsAnswer[]) => void } = {},
): ShopsAnswer[] | undefined {
  const answers: ShopsAnswer[] = [];
  for (const lists of setsOfShops(matter.lists)) {
    const answer = answerAt(matter, lists, trips, control);
    if (control.shouldStop?.()) return undefined;
    if (answer) answers.push(answer);
    onSet?.(answers);
  }
  return answers;
}

function answerAt(
  matter: ErrandMatter,
  lists: readonly PriceList[],
  trips: readonly Trip[],
  control: SolveControl,
): ShopsAnswer | undefined {
  const paid = trips.filter((t) => lists.some((l) => l.id === t.shop));
  const tripMinor = paid.reduce((sum, t) => sum + t.tripMinor, 0);
  const moneyNowMinor = matter.brief.moneyNowMinor - tripMinor;
  if (moneyNowMinor < 0) return undefined;
  const joined = joinShops(lists);
  const brief = { ...briefAt(joined, matter.lists[0], matter.brief), moneyNowMinor };
  const result = bestPlan({ ...matter, brief, prices: joined.list }, control);
  const minutes = paid.reduce((sum, t) => sum + t.minutes, 0);
  return result && { shops: lists.map((l) => l.id), result, tripMinor, minutes };
}

/** What one set of shops has over the best single one. */
export interface ShopsComparison {
  shops: string[];
  /** Drinks more, counted as everywhere; and weighted as they were planned. */
  moreDrinks: number;
  moreValue: number;
  /** What the single shop's own bottles, packs and kit would cost less here, its trips paid; minor units, below 0 where more. */
  savedMinor: number;
  extraMinutes: number;
  /** Worth the time: it makes more, or saves more than the minutes are worth. */
  worthIt: boolean;
}

/** The better of two answers for the same money: more value, then less spent on goods, trips and time. */
function better(a: ShopsAnswer, b: ShopsAnswer, hourMinor: number): ShopsAnswer {
  const gain = b.result.answer.value - a.result.answer.value;
  if (Math.abs(gain) > 1e-9) return gain > 0 ? b : a;
  const cost = (s: ShopsAnswer) => s.result.answer.spend + s.tripMinor + (s.minutes * hourMinor) / 60;
  return cost(b) < cost(a) ? b : a;
}

/**
 * Compare sets of shops with the best single one.
 *
 * @param hourMinor what an hour is worth to whoever goes, minor units; 0 where nothing was said.
 */
export function compareShops(
  answers: readonly ShopsAnswer[],
  lists: readonly PriceList[],
  hourMinor = 0,
): { single: ShopsAnswer; best: ShopsAnswer; others: ShopsComparison[] } | undefined {
  const [first, ...singles] = answers.filter((a) => a.shops.length === 1);
  if (first === undefined) return undefined;
  const single = singles.reduce((a, b) => better(a, b, hourMinor), first);
  const others = answers.flatMap((answer): ShopsComparison[] => {
    if (answer === single) return [];
    const moreValue = answer.result.answer.value - single.result.answer.value;
    const here = lists.filter((l) => answer.shops.includes(l.id));
    const same = sameGoodsMinor(single.result, here);
    const savedMinor =
      same === undefined ? 0 : single.result.answer.spend + single.tripMinor - same - answer.tripMinor;
    const extraMinutes = answer.minutes - single.minutes;
    return [
      {
        shops: answer.shops,
        moreDrinks: answer.result.drinksMade - single.result.drinksMade,
        moreValue,
        savedMinor,
        extraMinutes,
        worthIt: moreValue > 1e-9 || savedMinor > (Math.max(0, extraMinutes) * hourMinor) / 60,
      },
    ];
  });
  return { single, best: answers.reduce((a, b) => better(a, b, hourMinor)), others };
}

/** What a set's own goods cost at these shops: each where it is cheapest; undefined where one is not sold. */
function sameGoodsMinor(result: PlanResult, lists: readonly PriceList[]): number | undefined {
  const used = new Set(result.inUse);
  let sum = 0;
  const add = (prices: readonly number[], count: number): void => {
    sum += prices.length === 0 ? Infinity : count * Math.min(...prices);
  };
  const priced = <T extends { priceMinor: number }>(
    of: (list: PriceList) => readonly T[],
    is: (t: T) => boolean,
  ) =>
    lists.flatMap((l) =>
      of(l)
        .filter(is)
        .map((t) => t.priceMinor),
    );
  for (const { id, owned, made, bottle } of result.items) {
    if (!used.has(id) || owned || made || bottle === undefined) continue;
    add(
      priced(
        (l) => l.bottles,
        (b) => b.kind === bottle.kind && b.ml === bottle.ml && b.tier === bottle.tier,
      ),
      1,
    );
  }
  for (const { id, toolId, glassId, priceMinor } of result.kit) {
    if (!used.has(id)) continue;
    const known = priced(
      (l) => l.kit,
      (k) => (toolId !== undefined ? k.tool === toolId : k.glass === glassId && k.id === id),
    );
    add([priceMinor, ...known], 1);
  }
  for (const { id, pantry, packs, owned, priceMinor } of result.packs) {
    if (!used.has(id) || owned || packs < 1) continue;
    add(
      [
        priceMinor / packs,
        ...priced(
          (l) => l.pantry,
          (p) => p.pantry === pantry,
        ),
      ],
      packs,
    );
  }
  return Number.isFinite(sum) ? Math.round(sum) : undefined;
}
