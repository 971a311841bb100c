import { absorb, either, type Cnf } from './cnf.js';
import type { PreparedAlternative, PreparedProblem } from './prepared.js';

/** A condition is multiplied out up to this many clauses; past it, an auxiliary column stands for it. */
const MAX_CLAUSES = 40;

/**
 * A column is 1 when each of its clauses holds a member that is 1, and is then worth `steps`.
 * A member below the number of items is an item; n + c is column c.
 */
export interface CoverColumn {
  steps: number;
  clauses: Cnf;
  /** Which sum of the problem's value this column adds to. */
  part: number;
}

/** A limit on the chosen items: Σ of × chosen ≤ limit, forced items already taken off. */
export interface CoverLimit {
  of: number[];
  limit: number;
}

/**
 * The set-union knapsack reduced to what still has to be decided: items worth considering, columns
 * that open for clauses of items, and limits. Owned and kept items are folded into it; drinks
 * that need the same things share a column; what is out of reach is gone.
 */
export class Cover {
  /** Item numbers of the prepared problem, by column-model index. */
  readonly items: number[];
  /** A column's members always have a lower column number than the column itself. */
  readonly columns: CoverColumn[] = [];
  /** Steps of value that are there whatever is bought, by part. */
  readonly given: number[];
  /** What the must-drinks ask for: every clause must hold a member. */
  readonly needs: Cnf = [];
  readonly limits: CoverLimit[] = [];
  /** A must-drink that nothing on sale can open, or limits that are passed already. */
  impossible = false;

  private readonly indexOf = new Map<number, number>();
  private readonly columnByKey = new Map<string, number>();
  private readonly slotConditions = new Map<readonly PreparedAlternative[], Map<number, Cnf | undefined>>();
  private readonly suppliersOf: (number[] | 'have')[];

  constructor(private readonly prepared: PreparedProblem) {
    this.items = worthConsidering(prepared);
    this.items.forEach((item, index) => this.indexOf.set(item, index));
    const forced = prepared.supply(prepared.forced);
    this.suppliersOf = prepared.providers.map((items, c) =>
      (forced[c] ?? 0) > 0 ? 'have' : items.flatMap((i) => this.indexOf.get(i) ?? []).sort((a, b) => a - b),
    );
    this.given = prepared.lenses.parts.map(() => 0);
    this.addDrinks();
    this.addMustDrinks();
    this.addLimits();
  }

  /** Steps of value with everything open: no set has more. */
  get mostSteps(): number {
    const sums = [...this.given];
    for (const { steps, part } of this.columns) sums[part] = (sums[part] ?? 0) + steps;
    return this.prepared.lenses.steps(sums);
  }

  /** A column for a condition that is too long to multiply out, or that is worth something. */
  private column(clauses: Cnf, part: number): number {
    const key = `${part}|${clauses.map((c) => c.join(',')).join(';')}`;
    const known = this.columnByKey.get(key);
    if (known !== undefined) return known;
    this.columns.push({ steps: 0, clauses, part });
    this.columnByKey.set(key, this.columns.length - 1);
    return this.columns.length - 1;
  }

  /** One of several conditions: multiplied out, or through auxiliary columns where that is too long. */
  private anyOf(conditions: Cnf[]): Cnf {
    const out = either(conditions, MAX_CLAUSES);
    if (out !== undefined) return out;
    const members = conditions.map((condition) => {
      const only = condition.length === 1 ? condition[0] : undefined;
      return only?.length === 1 ? (only[0] as number) : this.items.length + this.column(condition, 0);
    });
    return [[...new Set(members)].sort((a, b) => a - b)];
  }

  /** What a drink asks for to reach a fit level: undefined when it never can. */
  private condition(drink: number, level: number): Cnf | undefined {
    const clauses: Cnf = [];
    for (const slot of this.prepared.drinks[drink]?.slots ?? []) {
      const ways = this.slotCondition(slot, level);
      if (ways === undefined) return undefined;
      clauses.push(...ways);
    }
    return absorb(clauses);
  }

  /** What a slot asks for to be filled at a fit level, worked out once for all drinks that share it. */
  private slotCondition(slot: readonly PreparedAlternative[], level: number): Cnf | undefined {
    const levels = this.slotConditions.get(slot) ?? new Map<number, Cnf | undefined>();
    this.slotConditions.set(slot, levels);
    // Only as many alternatives as reach the level tell one level from another: they come best first.
    const reaching = slot.findLastIndex((a) => a.fit >= level) + 1;
    if (!levels.has(reaching)) levels.set(reaching, this.filled(slot.slice(0, reaching)));
    return levels.get(reaching);
  }

  /** What any of some alternatives asks for: undefined when none can hold, nothing when one holds already. */
  private filled(alternatives: readonly PreparedAlternative[]): Cnf | undefined {
    const ways: Cnf[] = [];
    for (const { all } of alternatives) {
      const missing = all.map((c) => this.suppliersOf[c] as number[] | 'have').filter((s) => s !== 'have');
      if (missing.every((s) => s.length > 0)) ways.push(absorb(missing));
    }
    if (ways.length === 0) return undefined;
    return ways.every((way) => way.length > 0) ? this.anyOf(ways) : [];
  }

  private addDrinks(): void {
    const { prepared } = this;
    const groups = new Map<number, { steps: number; condition: Cnf }[]>();
    prepared.drinks.forEach((drink, d) => {
      const levels = new Set(drink.slots.flatMap((slot) => slot.map((a) => a.fit)));
      if (drink.slots.length === 0) levels.add(1);
      const reachable = groups.get(drink.group) ?? [];
      groups.set(drink.group, reachable);
      for (const level of levels) {
        const steps = prepared.scale.steps(drink.weight, level);
        const condition = steps > 0 ? this.condition(d, level) : undefined;
        if (condition !== undefined) reachable.push({ steps, condition });
      }
    });
    for (const [group, reachable] of groups) this.addGroup(reachable, prepared.lenses.partOf(group));
  }

  /** Value of a group: for each step up, some member must reach at least that value. */
  private addGroup(reachable: { steps: number; condition: Cnf }[], part: number): void {
    const given = Math.max(0, ...reachable.filter((r) => r.condition.length === 0).map((r) => r.steps));
    this.given[part] = (this.given[part] ?? 0) + given;
    const above = reachable.filter((r) => r.steps > given);
    const heights = [...new Set(above.map((r) => r.steps))].sort((a, b) => a - b);
    let below = given;
    for (const height of heights) {
      const clauses = this.anyOf(above.filter((r) => r.steps >= height).map((r) => r.condition));
      const column = this.columns[this.column(clauses, part)] as CoverColumn;
      column.steps += height - below;
      below = height;
    }
  }

  private addMustDrinks(): void {
    for (const drink of this.prepared.mustDrinks) {
      const condition = this.condition(drink, 0);
      if (condition === undefined) this.impossible = true;
      else this.needs.push(...condition);
    }
  }

  /** The problem's own limits; a forced item that is also refused makes it impossible. */
  private addLimits(): void {
    const { prepared } = this;
    for (const { of, limit } of prepared.limits) {
      const used = [...prepared.forced].reduce((sum, i) => sum + (of[i] ?? 0), 0);
      if (used > limit + 1e-6) this.impossible = true;
      this.limits.push({ of: this.items.map((i) => of[i] ?? 0), limit: limit - used });
    }
    if ([...prepared.forced].some((i) => prepared.never.has(i))) this.impossible = true;
  }
}

/**
 * Items worth deciding on. One that no drink can use, or that another beats on everything (no
 * dearer, nowhere nearer a limit, provides as much, and wins the tie by id), is in no best set.
 */
function worthConsidering(prepared: PreparedProblem): number[] {
  const { problem, forced, never, provides, limits } = prepared;
  const used = new Set(prepared.drinks.flatMap((d) => d.slots.flatMap((slot) => slot.flatMap((a) => a.all))));
  const free = problem.items
    .map((_, i) => i)
    .filter((i) => !forced.has(i) && !never.has(i) && provides[i]?.some((c) => used.has(c)));
  const sets = new Map(free.map((i) => [i, new Set((provides[i] ?? []).filter((c) => used.has(c)))]));
  /** Items that provide at least one thing that this one does: no other could beat it. */
  const rivals = (i: number) => {
    const [first] = sets.get(i) ?? [];
    return first === undefined ? [] : (prepared.providers[first] ?? []).filter((a) => sets.has(a));
  };
  const beats = (a: number, b: number) => {
    const x = problem.items[a];
    const y = problem.items[b];
    if (a === b || x === undefined || y === undefined) return false;
    const noWorse =
      x.price <= y.price &&
      limits.every(({ of }) => (of[a] ?? 0) <= (of[b] ?? 0)) &&
      [...(sets.get(b) ?? [])].every((c) => sets.get(a)?.has(c));
    return noWorse && (x.price < y.price || x.id < y.id);
  };
  return free.filter((b) => !rivals(b).some((a) => beats(a, b)));
}
