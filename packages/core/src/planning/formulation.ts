import type { PreparedProblem } from './prepared.js';

/** A linear row: `lower ≤ Σ coefficient × column ≤ upper`. */
export interface Row {
  lower: number;
  upper: number;
  entries: [column: number, coefficient: number][];
}

/** When an auxiliary column may be 1: every clause must hold one column that is 1. */
interface Auxiliary {
  column: number;
  clauses: number[][];
}

/** The rows that later stages tighten, by what they measure. */
export interface MeasureRows {
  value: number;
  spend: number;
  size: number;
}

/**
 * The set-union knapsack as a mixed-integer program.
 *
 * One binary column an item that may still be chosen; one continuous column for each joint
 * capability and for each distinct way of a drink to reach a fit level. Since every continuous
 * column is bounded only by sums of binaries, it takes a whole value at the optimum by itself.
 * Drinks that need the same things share one column; what owned and kept items already give is
 * folded into constants.
 */
export class Formulation {
  readonly rows: Row[] = [];
  /** Items with a column, in column order. */
  readonly items: number[];
  /** Value in steps of each column; and what is open whatever is bought. */
  readonly valueSteps: number[];
  baseSteps = 0;
  readonly measures: MeasureRows;
  /** A must-drink that nothing on sale can open. */
  impossible = false;

  private readonly itemColumn = new Map<number, number>();
  private readonly auxiliaries: Auxiliary[] = [];
  private readonly auxiliaryByKey = new Map<string, number>();
  private readonly forcedSupply: Uint16Array;
  private columnCount: number;

  constructor(private readonly prepared: PreparedProblem) {
    this.items = this.choosable();
    this.items.forEach((item, column) => this.itemColumn.set(item, column));
    this.columnCount = this.items.length;
    this.forcedSupply = prepared.supply(prepared.forced);
    this.valueSteps = this.items.map(() => 0);
    this.addDrinks();
    this.addMustDrinks();
    this.measures = this.addMeasures();
  }

  get columns(): number {
    return this.columnCount;
  }

  /** Every column's value for a set of items, to hand a known answer to the solver. */
  columnValues(items: ReadonlySet<number>): Float64Array {
    const values = new Float64Array(this.columnCount);
    for (const item of items) {
      const column = this.itemColumn.get(item);
      if (column !== undefined) values[column] = 1;
    }
    for (const { column, clauses } of this.auxiliaries) {
      values[column] = clauses.every((clause) => clause.some((c) => (values[c] ?? 0) > 0.5)) ? 1 : 0;
    }
    return values;
  }

  /**
   * Items worth a column. One that no drink can use, or that another beats on everything (no dearer,
   * no wider, provides as much, and wins the tie by id), is in no best set, so it is left out.
   */
  private choosable(): number[] {
    const { problem, forced, never, provides } = this.prepared;
    const used = new Set(
      this.prepared.drinks.flatMap((d) => d.slots.flatMap((slot) => slot.flatMap((a) => a.all))),
    );
    const free = problem.items
      .map((_, i) => i)
      .filter((i) => !forced.has(i) && !never.has(i) && provides[i]?.some((c) => used.has(c)));
    const sets = new Map(free.map((i) => [i, new Set(provides[i])]));
    const beats = (a: number, b: number) => {
      const x = problem.items[a];
      const y = problem.items[b];
      if (a === b || x === undefined || y === undefined) return false;
      const noWorse =
        x.price <= y.price &&
        x.widthMm <= y.widthMm &&
        Number(x.counted) <= Number(y.counted) &&
        x.liquorMl <= y.liquorMl &&
        (provides[b] ?? []).every((c) => sets.get(a)?.has(c));
      return noWorse && (x.price < y.price || x.id < y.id);
    };
    return free.filter((b) => !free.some((a) => beats(a, b)));
  }

  private addAuxiliary(clauses: number[][]): number {
    const key = clauses.map((c) => c.join(',')).join(';');
    const known = this.auxiliaryByKey.get(key);
    if (known !== undefined) return known;
    const column = this.columnCount++;
    this.valueSteps.push(0);
    this.auxiliaryByKey.set(key, column);
    this.auxiliaries.push({ column, clauses });
    for (const clause of clauses) {
      this.rows.push({
        lower: -Infinity,
        upper: 0,
        entries: [[column, 1], ...clause.map((c): [number, number] => [c, -1])],
      });
    }
    return column;
  }

  /** Columns any of which supplies a capability; "have" when a forced item does. */
  private suppliers(capability: number): number[] | 'have' {
    if ((this.forcedSupply[capability] ?? 0) > 0) return 'have';
    return (this.prepared.providers[capability] ?? []).flatMap((i) => this.itemColumn.get(i) ?? []);
  }

  /** The clauses a drink must meet to reach a fit level: undefined when it never can. */
  private clauses(drink: number, level: number): number[][] | undefined {
    const clauses: number[][] = [];
    for (const slot of this.prepared.drinks[drink]?.slots ?? []) {
      const clause = new Set<number>();
      let have = false;
      for (const alternative of slot) {
        if (alternative.fit < level) continue;
        const missing = alternative.all.map((c) => this.suppliers(c)).filter((s) => s !== 'have');
        if (missing.length === 0) have = true;
        else if (missing.some((s) => s.length === 0)) continue;
        else if (missing.length === 1) missing[0]?.forEach((c) => clause.add(c));
        else clause.add(this.addAuxiliary(normalise(missing)));
      }
      if (have) continue;
      if (clause.size === 0) return undefined;
      clauses.push([...clause].sort((a, b) => a - b));
    }
    return normalise(clauses);
  }

  private addDrinks(): void {
    const { prepared } = this;
    const groups = new Map<number, { steps: number; clauses: number[][] }[]>();
    prepared.drinks.forEach((drink, d) => {
      const levels = new Set(drink.slots.flatMap((slot) => slot.map((a) => a.fit)));
      if (drink.slots.length === 0) levels.add(1);
      const reachable = groups.get(drink.group) ?? [];
      groups.set(drink.group, reachable);
      for (const level of levels) {
        const steps = prepared.scale.steps(drink.weight, level);
        const clauses = steps > 0 ? this.clauses(d, level) : undefined;
        if (clauses !== undefined) reachable.push({ steps, clauses });
      }
    });
    for (const reachable of groups.values()) this.addGroup(reachable);
  }

  /** Value of a group: for each step up, some member must reach at least that value. */
  private addGroup(reachable: { steps: number; clauses: number[][] }[]): void {
    const given = Math.max(0, ...reachable.filter((r) => r.clauses.length === 0).map((r) => r.steps));
    this.baseSteps += given;
    const above = reachable.filter((r) => r.steps > given);
    const heights = [...new Set(above.map((r) => r.steps))].sort((a, b) => a - b);
    let below = given;
    for (const height of heights) {
      const members = above.filter((r) => r.steps >= height);
      const columns = [...new Set(members.map((m) => this.reached(m.clauses)))].sort((a, b) => a - b);
      const column = columns.length === 1 ? (columns[0] as number) : this.addAuxiliary([columns]);
      this.valueSteps[column] = (this.valueSteps[column] ?? 0) + height - below;
      below = height;
    }
  }

  /** A column that is 1 when all clauses hold: the item itself when it alone decides. */
  private reached(clauses: number[][]): number {
    const only = clauses[0];
    if (clauses.length === 1 && only?.length === 1) return only[0] as number;
    return this.addAuxiliary(clauses);
  }

  private addMustDrinks(): void {
    for (const drink of this.prepared.mustDrinks) {
      const clauses = this.clauses(drink, 0);
      if (clauses === undefined) {
        this.impossible = true;
        continue;
      }
      for (const clause of clauses) {
        this.rows.push({ lower: 1, upper: Infinity, entries: clause.map((c) => [c, 1]) });
      }
    }
  }

  /** Rows for value, spend, number of items, and the problem's own limits. */
  private addMeasures(): MeasureRows {
    const { problem, forced } = this.prepared;
    const add = (of: (item: number) => number, limit: number) => {
      const used = [...forced].reduce((sum, i) => sum + of(i), 0);
      this.rows.push({
        lower: -Infinity,
        upper: limit - used,
        entries: this.items.flatMap((i, c): [number, number][] => (of(i) === 0 ? [] : [[c, of(i)]])),
      });
      if (used > limit) this.impossible = true;
      return this.rows.length - 1;
    };
    const item = (i: number) => problem.items[i];
    if (problem.maxCounted !== undefined) add((i) => (item(i)?.counted ? 1 : 0), problem.maxCounted);
    if (problem.maxWidthMm !== undefined) add((i) => item(i)?.widthMm ?? 0, problem.maxWidthMm);
    if (problem.maxLiquorMl !== undefined) add((i) => item(i)?.liquorMl ?? 0, problem.maxLiquorMl);
    if ([...forced].some((i) => this.prepared.never.has(i))) this.impossible = true;
    const spend = add((i) => this.prepared.price(i), Infinity);
    const size = add(() => 1, Infinity);
    this.rows.push({
      lower: -Infinity,
      upper: Infinity,
      entries: this.valueSteps.flatMap((v, c): [number, number][] => (v === 0 ? [] : [[c, v]])),
    });
    return { value: this.rows.length - 1, spend, size };
  }
}

/** Sorted clauses without repeats and without any that a narrower one already implies. */
function normalise(clauses: number[][]): number[][] {
  const sorted = clauses.map((c) => [...c].sort((a, b) => a - b));
  const narrow = sorted.filter(
    (wide, i) =>
      !sorted.some(
        (other, j) =>
          i !== j && other.every((c) => wide.includes(c)) && (other.length < wide.length || j < i),
      ),
  );
  return narrow.sort((a, b) => a.join(',').localeCompare(b.join(','), 'en'));
}
