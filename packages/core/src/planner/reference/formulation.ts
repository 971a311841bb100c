import { Cover } from '../cover.js';
import type { PreparedProblem } from '../prepared.js';

/** A linear row: `lower ≤ Σ coefficient × column ≤ upper`. */
export interface Row {
  lower: number;
  upper: number;
  entries: [column: number, coefficient: number][];
}

/** The rows that later stages tighten, by what they measure. */
export interface MeasureRows {
  value: number;
  spend: number;
  size: number;
}

/**
 * The set-union knapsack as a mixed-integer program over a cover: one binary column an item, one
 * continuous column for each column of the cover and for each lens. Continuous columns are bounded
 * only by sums of binaries, so they take whole values at the optimum by themselves.
 */
export class Formulation {
  readonly rows: Row[] = [];
  /** Items with a column, in column order. */
  readonly items: number[];
  /** Value in steps of each column; and what is there whatever is bought. */
  readonly valueSteps: number[];
  readonly baseSteps: number;
  /** Greatest value of each column. */
  readonly upper: number[];
  readonly measures: MeasureRows;
  readonly impossible: boolean;

  private readonly cover: Cover;

  constructor(private readonly prepared: PreparedProblem) {
    this.cover = new Cover(prepared);
    const { items, columns, given, impossible } = this.cover;
    this.items = items;
    this.impossible = impossible;
    this.upper = [...items, ...columns].map(() => 1);
    columns.forEach(({ clauses }, c) => {
      for (const clause of clauses) this.atMostSum(items.length + c, clause);
    });
    if (prepared.lenses.plain) {
      this.valueSteps = [...items.map(() => 0), ...columns.map((c) => c.steps)];
      this.baseSteps = given.reduce((a, b) => a + b, 0);
    } else {
      this.addLenses();
      this.valueSteps = this.upper.map((_, c) => (c === this.upper.length - 1 ? 1 : 0));
      this.baseSteps = 0;
    }
    for (const clause of this.cover.needs) {
      this.rows.push({ lower: 1, upper: Infinity, entries: clause.map((c) => [c, 1]) });
    }
    this.measures = this.addMeasures();
  }

  /** Value, in steps, that no set can pass. */
  get mostSteps(): number {
    return this.cover.mostSteps;
  }

  get columns(): number {
    return this.upper.length;
  }

  /** `column ≤ Σ members`. */
  private atMostSum(column: number, members: readonly number[]): void {
    const entries = members.map((m): [number, number] => [m, -1]);
    this.rows.push({ lower: -Infinity, upper: 0, entries: [[column, 1], ...entries] });
  }

  /** A column for every family's full share and, last, one for the whole; that one is the value. */
  private addLenses(): void {
    const { lenses } = this.prepared;
    const { items, columns, given } = this.cover;
    const parts = lenses.parts.map((_, p) =>
      columns.flatMap((c, i): [number, number][] => (c.part === p ? [[items.length + i, c.steps]] : [])),
    );
    const sumOf = (which: (part: number) => boolean, times: number) => ({
      given: times * given.reduce((sum, g, p) => sum + (which(p) ? g : 0), 0),
      entries: parts.flatMap((entries, p) =>
        which(p) ? entries.map(([c, s]): [number, number] => [c, -times * s]) : [],
      ),
    });
    const atMost = (column: number, sums: { given: number; entries: [number, number][] }[]) =>
      this.rows.push({
        lower: -Infinity,
        upper: sums.reduce((sum, s) => sum + s.given, 0),
        entries: [[column, 1], ...sums.flatMap((s) => s.entries)],
      });
    const rest = 1 - lenses.familyFactor;
    const inFull = Array.from({ length: lenses.familyCount }, (_, f) => {
      const column = this.upper.push(lenses.familyCap) - 1;
      atMost(column, [sumOf((p) => lenses.parts[p]?.family === f, 1)]);
      return { given: 0, entries: [[column, -rest]] as [number, number][] };
    });
    const whole = this.upper.push(Infinity) - 1;
    const loose = sumOf((p) => (lenses.parts[p]?.family ?? -1) < 0, 1);
    const families = sumOf((p) => (lenses.parts[p]?.family ?? -1) >= 0, lenses.familyFactor);
    atMost(whole, [loose, families, ...inFull]);
    lenses.oneIn.forEach((times, s) => {
      atMost(whole, [sumOf((p) => lenses.parts[p]?.shares.includes(s) ?? false, times)]);
    });
  }

  /** Rows for value, spend, number of items, and the problem's own limits. */
  private addMeasures(): MeasureRows {
    const add = (of: (item: number, column: number) => number, limit: number) => {
      this.rows.push({
        lower: -Infinity,
        upper: limit,
        entries: this.items.flatMap((i, c): [number, number][] => {
          const coefficient = of(i, c);
          return coefficient === 0 ? [] : [[c, coefficient]];
        }),
      });
      return this.rows.length - 1;
    };
    for (const { of, limit } of this.cover.limits) add((_, c) => of[c] ?? 0, limit);
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
