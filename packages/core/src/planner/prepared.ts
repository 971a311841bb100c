import { ValueScale } from './exact-value.js';
import { Lenses } from './lenses.js';
import type { DrinkMade, PlanAnswer, PlanDrink, PlanProblem } from './problem.js';

/** One way to fill a slot: every capability in `all`, by index. */
export interface PreparedAlternative {
  all: number[];
  fit: number;
}

interface PreparedDrink {
  id: string;
  weight: number;
  /** Drinks of one group count once; a drink without a group has one of its own. */
  group: number;
  /** Alternatives below the least fit are left out; the best comes first. */
  slots: PreparedAlternative[][];
}

/** A limit of the problem other than money: what every item takes of it, and how much there is. */
export interface ItemLimit {
  of: number[];
  limit: number;
}

/** A set of items judged by the letter of the problem. */
export interface SetJudgement {
  valid: boolean;
  /** Steps of the problem's value scale: compare these, not floats. */
  steps: number;
  value: number;
  spend: number;
  fits: number[];
}

/**
 * A problem with names turned into indices, and the one place that judges a set of items: every
 * solver's answer is evaluated here before anybody sees it.
 */
export class PreparedProblem {
  readonly scale: ValueScale;
  readonly capabilities = new Map<string, number>();
  /** Capability indices each item provides. */
  readonly provides: number[][];
  /** Items providing each capability. */
  readonly providers: number[][];
  readonly drinks: PreparedDrink[];
  /** Drinks that can use each capability. */
  readonly drinksUsing: number[][];
  readonly groupCount: number;
  readonly owned: ReadonlySet<number>;
  /** Owned and must: in every set. */
  readonly forced: ReadonlySet<number>;
  readonly never: ReadonlySet<number>;
  readonly mustDrinks: ReadonlySet<number>;
  readonly limits: ItemLimit[];
  readonly lenses: Lenses;

  constructor(readonly problem: PlanProblem) {
    this.scale = new ValueScale(problem);
    const itemIndex = new Map(problem.items.map((item, i) => [item.id, i]));
    const drinkIndex = new Map(problem.drinks.map((drink, i) => [drink.id, i]));
    const indices = (ids: readonly string[], index: Map<string, number>) =>
      new Set(ids.map((id) => index.get(id) as number));
    this.owned = indices(problem.owned, itemIndex);
    this.forced = new Set([...this.owned, ...indices(problem.must, itemIndex)]);
    this.never = indices(problem.never, itemIndex);
    this.mustDrinks = indices(problem.mustDrinks, drinkIndex);

    this.provides = problem.items.map((item) => [...new Set(item.provides.map((c) => this.capability(c)))]);
    const groups = new Map<string, number>();
    let groupCount = 0;
    // Many drinks ask for the same: a slot that they share is one here too.
    const known = new Map<PlanDrink['slots'][number], PreparedAlternative[]>();
    const slotOf = (slot: PlanDrink['slots'][number]): PreparedAlternative[] => {
      const before = known.get(slot);
      if (before) return before;
      const made = slot.any
        .filter((a) => a.fit >= problem.minFit && a.fit > 0)
        .map((a) => ({ all: [...new Set(a.all.map((c) => this.capability(c)))], fit: a.fit }))
        .sort((a, b) => b.fit - a.fit);
      known.set(slot, made);
      return made;
    };
    this.drinks = problem.drinks.map((drink) => {
      let group = drink.group === undefined ? undefined : groups.get(drink.group);
      if (group === undefined) {
        group = groupCount++;
        if (drink.group !== undefined) groups.set(drink.group, group);
      }
      return { id: drink.id, weight: drink.weight, group, slots: drink.slots.map(slotOf) };
    });
    this.groupCount = groupCount;
    this.lenses = new Lenses(problem, this.scale, this.drinks);
    this.limits = limitsOf(problem);
    this.providers = Array.from({ length: this.capabilities.size }, () => []);
    this.drinksUsing = Array.from({ length: this.capabilities.size }, () => []);
    this.drinks.forEach(({ slots }, d) => {
      const caps = new Set(slots.flatMap((slot) => slot.flatMap((a) => a.all)));
      for (const c of caps) this.drinksUsing[c]?.push(d);
    });
    this.provides.forEach((caps, item) => caps.forEach((c) => this.providers[c]?.push(item)));
  }

  private capability(name: string): number {
    const known = this.capabilities.get(name);
    if (known !== undefined) return known;
    this.capabilities.set(name, this.capabilities.size);
    return this.capabilities.size - 1;
  }

  /** Price paid for an item: nothing when it is owned. */
  price(item: number): number {
    return this.owned.has(item) ? 0 : (this.problem.items[item]?.price ?? 0);
  }

  /** For every capability, how many items of the set provide it. */
  supply(items: Iterable<number>): Uint16Array {
    const supply = new Uint16Array(this.capabilities.size);
    for (const item of items) for (const c of this.provides[item] ?? []) supply[c] = (supply[c] ?? 0) + 1;
    return supply;
  }

  /** The fit of a drink: the lowest over its slots of each slot's best holding alternative. */
  fit(drink: number, supply: Uint16Array): number {
    let lowest = 1;
    for (const slot of this.drinks[drink]?.slots ?? []) {
      const holding = slot.find((a) => a.all.every((c) => (supply[c] ?? 0) > 0));
      if (holding === undefined) return 0;
      lowest = Math.min(lowest, holding.fit);
    }
    return lowest;
  }

  /** Steps of value for given fits: the greatest weight × fit of each group, through the lenses. */
  steps(fits: readonly number[]): number {
    const best = new Float64Array(this.groupCount);
    this.drinks.forEach((drink, d) => {
      const steps = this.scale.steps(drink.weight, fits[d] ?? 0);
      if (steps > (best[drink.group] ?? 0)) best[drink.group] = steps;
    });
    const sums = this.lenses.parts.map(() => 0);
    best.forEach((steps, group) => {
      const part = this.lenses.partOf(group);
      sums[part] = (sums[part] ?? 0) + steps;
    });
    return this.lenses.steps(sums);
  }

  /** Judge a set of item indices against every rule of the problem, for a given budget. */
  judge(items: ReadonlySet<number>, budget = this.problem.budget): SetJudgement {
    const supply = this.supply(items);
    const fits = this.drinks.map((_, d) => this.fit(d, supply));
    let spend = 0;
    for (const i of items) spend += this.price(i);
    const valid =
      spend <= budget &&
      this.limits.every(({ of, limit }) => {
        let used = 0;
        for (const i of items) used += of[i] ?? 0;
        return used <= limit + 1e-6;
      }) &&
      [...this.forced].every((i) => items.has(i)) &&
      ![...this.never].some((i) => items.has(i)) &&
      [...this.mustDrinks].every((d) => (fits[d] ?? 0) > 0);
    const steps = this.steps(fits);
    return { valid, steps, value: this.scale.value(steps), spend, fits };
  }

  /** Ids of a set, sorted by code unit as the format asks. */
  ids(items: Iterable<number>): string[] {
    return [...items].map((i) => this.problem.items[i]?.id ?? '').sort();
  }

  /** What a set of item ids comes to, as an answer that claims nothing; money is not asked about. */
  answerOf(ids: Iterable<string>): PlanAnswer {
    const wanted = new Set(ids);
    const items = new Set(this.problem.items.flatMap((item, i) => (wanted.has(item.id) ? [i] : [])));
    const { value, spend, fits } = this.judge(items, Infinity);
    const bound = this.scale.value(Number.MAX_SAFE_INTEGER);
    return { status: 'feasible', value, bound, spend, items: this.ids(items), drinks: this.openDrinks(fits) };
  }

  /** Drinks with a fit above 0, in the problem's order. */
  openDrinks(fits: readonly number[]): DrinkMade[] {
    return this.drinks.flatMap((d, i) => ((fits[i] ?? 0) > 0 ? [{ id: d.id, fit: fits[i] as number }] : []));
  }
}

function limitsOf({ items, maxCounted, maxWidthMm, maxLiquorMl, maxKitMinor }: PlanProblem): ItemLimit[] {
  return [
    { of: items.map((i) => (i.counted ? 1 : 0)), limit: maxCounted },
    { of: items.map((i) => i.widthMm), limit: maxWidthMm },
    { of: items.map((i) => i.liquorMl), limit: maxLiquorMl },
    { of: items.map((i) => i.kitMinor), limit: maxKitMinor },
  ].filter((l): l is ItemLimit => l.limit !== undefined);
}
