import { cheapestWay } from './cheapest-way.js';
import { PreparedProblem } from './prepared.js';
import type { OpenDrink, PlanAnswer, PlanProblem } from './problem.js';

/** What an item of the set does there. */
export interface ItemReason {
  id: string;
  /** Drinks poured from it: some slot's best alternative uses it. */
  leaning: OpenDrink[];
  /** Of those, the ones that close if it is taken away. */
  closes: string[];
}

/** A drink still shut, the cheapest items that would open it, and what they cost. */
export interface ShutDrink {
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
  opens: OpenDrink[];
}

/** The words behind an answer, as data. */
export interface Explanation {
  reasons: ItemReason[];
  shut: ShutDrink[];
  /** Cheapest per unit of value first. */
  lifts: Lift[];
}

/**
 * Explain a set: what leans on each item, what each shut drink lacks, which single items to add
 * next. Limits on number and room are ignored for the last two: they say what money would do.
 */
export function explainPlan(problem: PlanProblem, answer: Pick<PlanAnswer, 'items'>): Explanation {
  const prepared = new PreparedProblem(problem);
  const index = new Map(problem.items.map((item, i) => [item.id, i]));
  const chosen = new Set(answer.items.flatMap((id) => index.get(id) ?? []));
  const supply = prepared.supply(chosen);
  const fits = prepared.drinks.map((_, d) => prepared.fit(d, supply));
  return {
    reasons: reasons(prepared, chosen, supply, fits),
    shut: shutDrinks(prepared, chosen, fits),
    lifts: lifts(prepared, chosen, supply, fits),
  };
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

function reasons(
  prepared: PreparedProblem,
  chosen: ReadonlySet<number>,
  supply: Uint16Array,
  fits: readonly number[],
): ItemReason[] {
  const leaning = new Map<number, OpenDrink[]>([...chosen].map((i) => [i, []]));
  const open = prepared.drinks.map((d, i) => ({ id: d.id, fit: fits[i] ?? 0, i })).filter((d) => d.fit > 0);
  for (const { id, fit, i } of open) {
    for (const item of poured(prepared, i, chosen, supply)) leaning.get(item)?.push({ id, fit });
  }
  return [...chosen].map((item) => {
    const without = supply.slice();
    for (const c of prepared.provides[item] ?? []) without[c] = (without[c] ?? 0) - 1;
    const closes = open.filter((d) => prepared.fit(d.i, without) === 0).map((d) => d.id);
    return { id: prepared.problem.items[item]?.id ?? '', leaning: leaning.get(item) ?? [], closes };
  });
}

function shutDrinks(
  prepared: PreparedProblem,
  chosen: ReadonlySet<number>,
  fits: readonly number[],
): ShutDrink[] {
  return prepared.drinks.flatMap((drink, d) => {
    if ((fits[d] ?? 0) > 0) return [];
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
  const found = prepared.problem.items.flatMap((item, i): Lift[] => {
    if (chosen.has(i) || prepared.never.has(i)) return [];
    const more = supply.slice();
    for (const c of prepared.provides[i] ?? []) more[c] = (more[c] ?? 0) + 1;
    const after = prepared.drinks.map((_, d) => prepared.fit(d, more));
    const gain = prepared.steps(after) - before;
    if (gain <= 0) return [];
    const opens = prepared.drinks.flatMap((drink, d) =>
      (fits[d] ?? 0) === 0 && (after[d] ?? 0) > 0 ? [{ id: drink.id, fit: after[d] as number }] : [],
    );
    return [{ id: item.id, price: prepared.price(i), gain: prepared.scale.value(gain), opens }];
  });
  return found.sort((a, b) => a.price / a.gain - b.price / b.gain || (a.id < b.id ? -1 : 1));
}
