import { cheapestWay } from './cheapest-way.js';
import { PreparedProblem } from '../planner/prepared.js';
import type { DrinkMade, PlanAnswer, PlanProblem } from '../planner/problem.js';

/** What an item of the set does there. */
interface ItemReason {
  id: string;
  /** Drinks poured from it: some slot's best alternative uses it. Of variants, the best. */
  leaning: DrinkMade[];
  /** Of those, the ones that close if it is taken away. */
  closes: string[];
}

/** A drink that is not made, the cheapest items that would make it, and what they cost. */
interface DrinkNotMade {
  id: string;
  /** Empty when nothing on sale can open it. */
  lacks: string[];
  cost: number;
}

/** One more item, and what it would add to the set as it stands. */
export interface Lift {
  id: string;
  price: number;
  gain: number;
  adds: DrinkMade[];
}

/** The words behind an answer, as data. */
export interface Explanation {
  reasons: ItemReason[];
  notMade: DrinkNotMade[];
  /** Cheapest per unit of value first. */
  lifts: Lift[];
}

/**
 * Explain a set: what leans on each item, what each drink that is not made lacks, which single items to add
 * next. What such drinks lack is said whatever the limits on number and room; an item to add next is one
 * that there is room for.
 *
 * @param prepared the same problem, where it is at hand.
 * @example explainPlan(problem, answer).lifts // what one more bottle would open
 */
export function explainPlan(
  problem: PlanProblem,
  answer: Pick<PlanAnswer, 'items'>,
  prepared = new PreparedProblem(problem),
): Explanation {
  const chosen = indicesOf(prepared, answer);
  const supply = prepared.supply(chosen);
  const fits = prepared.drinks.map((_, d) => prepared.fit(d, supply));
  return {
    reasons: reasons(prepared, chosen, supply, fits),
    notMade: drinksNotMade(prepared, chosen, fits),
    lifts: lifts(prepared, chosen, supply, fits),
  };
}

/**
 * The cheapest items that open one drink on top of a set, and their price together; no items when
 * the set adds it already, undefined when nothing on sale does.
 *
 * @example wayToDrink(problem, 'negroni', answer.items)?.cost
 */
export function wayToDrink(
  problem: PlanProblem,
  drinkId: string,
  items: readonly string[],
): { items: string[]; cost: number } | undefined {
  const prepared = new PreparedProblem(problem);
  const drink = prepared.drinks.findIndex((d) => d.id === drinkId);
  const index = new Map(problem.items.map((item, i) => [item.id, i]));
  const way =
    drink === -1
      ? undefined
      : cheapestWay(prepared, drink, new Set(items.flatMap((id) => index.get(id) ?? [])));
  return way && { items: prepared.ids(way.items), cost: way.cost };
}

function indicesOf({ problem }: PreparedProblem, { items }: Pick<PlanAnswer, 'items'>): Set<number> {
  const index = new Map(problem.items.map((item, i) => [item.id, i]));
  return new Set(items.flatMap((id) => index.get(id) ?? []));
}

/** Ids of the items of a set that some open drink is poured from. */
export function pouredItems(prepared: PreparedProblem, answer: Pick<PlanAnswer, 'items'>): Set<string> {
  const chosen = indicesOf(prepared, answer);
  const supply = prepared.supply(chosen);
  const drinks = prepared.drinks.map((_, d) => d).filter((d) => prepared.fit(d, supply) > 0);
  return new Set(prepared.ids(drinks.flatMap((d) => [...poured(prepared, d, chosen, supply)])));
}

/** Items each open drink is poured from: the first provider of its best alternatives. */
function poured(
  prepared: PreparedProblem,
  drink: number,
  chosen: ReadonlySet<number>,
  supply: Uint16Array,
): Set<number> {
  const used = new Set<number>();
  for (const slot of prepared.drinks[drink]?.slots ?? []) {
    const holding = slot.find((a) => a.all.every((c) => (supply[c] ?? 0) > 0));
    for (const c of holding?.all ?? []) {
      const provider = prepared.providers[c]?.find((i) => chosen.has(i));
      if (provider !== undefined) used.add(provider);
    }
  }
  return used;
}

/** Of each group of variants the one that fits best, so that a drink is named and counted once. */
function oncePerGroup(
  prepared: PreparedProblem,
  drinks: readonly (DrinkMade & { i: number })[],
): DrinkMade[] {
  const best = new Map<number, DrinkMade>();
  for (const { id, fit, i } of drinks) {
    const group = prepared.drinks[i]?.group ?? -1;
    if (fit > (best.get(group)?.fit ?? 0)) best.set(group, { id, fit });
  }
  return [...best.values()];
}

/** Groups of variants of which at least one is open. */
function openGroups(prepared: PreparedProblem, fits: readonly number[]): Set<number> {
  return new Set(prepared.drinks.flatMap((d, i) => ((fits[i] ?? 0) > 0 ? [d.group] : [])));
}

/** The drinks that fit otherwise after a change to an item, with their new fits: only those that can use what it provides. */
function changedFits(
  prepared: PreparedProblem,
  item: number,
  supply: Uint16Array,
  fits: readonly number[],
): Map<number, number> {
  const changed = new Map<number, number>();
  for (const c of prepared.provides[item] ?? [])
    for (const d of prepared.drinksUsing[c] ?? []) {
      const fit = prepared.fit(d, supply);
      if (fit !== fits[d]) changed.set(d, fit);
    }
  return changed;
}

function reasons(
  prepared: PreparedProblem,
  chosen: ReadonlySet<number>,
  supply: Uint16Array,
  fits: readonly number[],
): ItemReason[] {
  const leaning = new Map<number, (DrinkMade & { i: number })[]>([...chosen].map((i) => [i, []]));
  const open = prepared.drinks.map((d, i) => ({ id: d.id, fit: fits[i] ?? 0, i })).filter((d) => d.fit > 0);
  for (const { id, fit, i } of open) {
    for (const item of poured(prepared, i, chosen, supply)) leaning.get(item)?.push({ id, fit, i });
  }
  const groupOf = ({ i }: { i: number }) => prepared.drinks[i]?.group ?? -1;
  return [...chosen].map((item) => {
    const without = supply.slice();
    for (const c of prepared.provides[item] ?? []) without[c] = (without[c] ?? 0) - 1;
    const changed = changedFits(prepared, item, without, fits);
    const left = new Set(open.filter((d) => changed.get(d.i) !== 0).map(groupOf));
    const closed = open.filter((d) => !left.has(groupOf(d)));
    return {
      id: prepared.problem.items[item]?.id ?? '',
      leaning: oncePerGroup(prepared, leaning.get(item) ?? []),
      closes: oncePerGroup(prepared, closed).map((d) => d.id),
    };
  });
}

function drinksNotMade(
  prepared: PreparedProblem,
  chosen: ReadonlySet<number>,
  fits: readonly number[],
): DrinkNotMade[] {
  const open = openGroups(prepared, fits);
  return prepared.drinks.flatMap((drink, d) => {
    if (open.has(drink.group)) return [];
    const way = cheapestWay(prepared, d, chosen);
    return [{ id: drink.id, lacks: way ? prepared.ids(way.items) : [], cost: way?.cost ?? 0 }];
  });
}

function lifts(
  prepared: PreparedProblem,
  chosen: ReadonlySet<number>,
  supply: Uint16Array,
  fits: readonly number[],
): Lift[] {
  const before = prepared.steps(fits);
  const open = openGroups(prepared, fits);
  const left = prepared.limits.map(({ of, limit }) => ({
    of,
    room: limit - [...chosen].reduce((sum, i) => sum + (of[i] ?? 0), 0),
  }));
  const found = prepared.problem.items.flatMap((item, i): Lift[] => {
    if (chosen.has(i) || prepared.never.has(i)) return [];
    if (left.some(({ of, room }) => (of[i] ?? 0) > room)) return [];
    const more = supply.slice();
    for (const c of prepared.provides[i] ?? []) more[c] = (more[c] ?? 0) + 1;
    const changed = changedFits(prepared, i, more, fits);
    if (changed.size === 0) return [];
    const gain = prepared.steps(fits.map((fit, d) => changed.get(d) ?? fit)) - before;
    if (gain <= 0) return [];
    const added = [...changed]
      .sort(([a], [b]) => a - b)
      .flatMap(([d, fit]) => {
        const drink = prepared.drinks[d];
        return fit > 0 && drink && !open.has(drink.group) ? [{ id: drink.id, fit, i: d }] : [];
      });
    const adds = oncePerGroup(prepared, added);
    return [{ id: item.id, price: prepared.price(i), gain: prepared.scale.value(gain), adds }];
  });
  return found.sort((a, b) => a.price / a.gain - b.price / b.gain || (a.id < b.id ? -1 : 1));
}
