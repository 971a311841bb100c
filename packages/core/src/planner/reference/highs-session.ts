import type { Highs, Model } from 'highs';
import type { Formulation } from './formulation.js';

/**
 * Settings that suit this kind of problem, found by measuring on the shipped catalogue: its linear
 * relaxation is nearly whole, so that what HiGHS spends on presolve, restarts and heuristics is lost.
 * Together they halve the time to proof; none of them touches what counts as proof.
 */
const TUNING = {
  output_flag: false,
  presolve: 'off',
  mip_heuristic_effort: 0,
  mip_heuristic_run_feasibility_jump: false,
  mip_allow_restart: false,
  mip_lifting_for_probing: 1,
};

/** A formulation held open in HiGHS: rows are tightened and objectives changed between runs. */
export class HighsSession {
  private readonly model: Model;

  constructor(
    private readonly highs: Highs,
    private readonly formulation: Formulation,
  ) {
    this.model = this.open();
  }

  /** Free the solver's memory. */
  dispose(): void {
    this.model.dispose();
  }

  /** Rows back to what the problem itself says, with this much left to spend. */
  relax(free: number): void {
    this.atMost('spend', free);
    this.atMost('size', Infinity);
    this.model.changeRowBounds(this.formulation.measures.value, -Infinity, Infinity);
  }

  atMost(measure: 'spend' | 'size', limit: number): void {
    this.model.changeRowBounds(this.formulation.measures[measure], -Infinity, limit);
  }

  /** Ask for at least this many steps of value beyond what is given anyway. */
  valueAtLeast(steps: number): void {
    this.model.changeRowBounds(this.formulation.measures.value, steps, Infinity);
  }

  /** Hold an item in or out until `release`. */
  fix(column: number, inside: boolean): void {
    const value = inside ? 1 : 0;
    this.model.changeColBounds(column, value, value);
  }

  release(column: number): void {
    this.model.changeColBounds(column, 0, 1);
  }

  /** Items (not columns) that are best by one objective, forced ones left out; undefined when no set is allowed. */
  run(sense: 'minimize' | 'maximize', costs: readonly number[]): number[] | undefined {
    const { model, highs, formulation } = this;
    model.changeObjectiveSense(highs.constants.objectiveSense[sense]);
    model.changeColsCost({ kind: 'range', from: 0, to: formulation.columns - 1 }, Float64Array.from(costs));
    model.run();
    const status = model.getModelStatus();
    const { optimal, infeasible } = highs.constants.modelStatus;
    if (status === infeasible) return undefined;
    if (status !== optimal) throw new Error('HiGHS stopped before it was done');
    return this.chosen();
  }

  private chosen(): number[] | undefined {
    const { model, formulation, highs } = this;
    if (model.info.get('primal_solution_status') !== highs.constants.solutionStatus.feasible)
      return undefined;
    const values = model.getSolution().colValue;
    return formulation.items.filter((_, column) => (values[column] ?? 0) > 0.5);
  }

  private open(): Model {
    const { highs, formulation } = this;
    const { rows, items, columns } = formulation;
    const starts = [0];
    const indices: number[] = [];
    const values: number[] = [];
    for (const row of rows) {
      for (const [column, coefficient] of row.entries) {
        indices.push(column);
        values.push(coefficient);
      }
      starts.push(indices.length);
    }
    const { integer, continuous } = highs.constants.variableType;
    const model = highs.createModel({
      numCols: columns,
      numRows: rows.length,
      sense: highs.constants.objectiveSense.maximize,
      colCost: formulation.valueSteps,
      colLower: new Float64Array(columns),
      colUpper: formulation.upper,
      rowLower: rows.map((r) => r.lower),
      rowUpper: rows.map((r) => r.upper),
      matrix: { format: 'csr', numRows: rows.length, numCols: columns, starts, indices, values },
      integrality: Array.from({ length: columns }, (_, c) => (c < items.length ? integer : continuous)),
    });
    model.options.set(TUNING);
    model.options.set('mip_rel_gap', 0);
    // Every objective is a whole number of steps, cents, items or powers of two: a gap below one proves it.
    model.options.set('mip_abs_gap', 0.9);
    return model;
  }
}
