import type { Highs, Model } from 'highs';
import { gcd } from './exact-value.js';
import { Formulation } from './formulation.js';
import { greedySet } from './greedy.js';
import { PreparedProblem, type Judgement } from './prepared.js';
import type { PlanAnswer, PlanProblem } from './problem.js';

/** Sorted ids are settled this many at a time, so that their powers of two stay exact. */
const TIE_CHUNK = 16;
/** Items are 0 or 1 and values whole steps, so anything within this of a whole number is one. */
const WHOLE = 1e-4;

/** Objectives past this lose the difference of one unit in the solver's tolerances. */
const LARGEST_OBJECTIVE = 1e9;
/** A limit for callers that set none; HiGHS takes no infinite one. */
const LONGEST_SECONDS = 1e7;

/** How a solve is watched and stopped from outside; the core has no clock of its own. */
export interface SolveControl {
  /** Seconds left, asked before every stage. */
  remainingSeconds?: () => number;
  /** Called with every better or more certain answer. */
  onAnswer?: (answer: PlanAnswer) => void;
  /** A set to begin from; used when it is valid. */
  start?: readonly string[];
}

/** No answer, good or bad, could be found in the time given. */
export class OutOfTimeError extends Error {
  constructor() {
    super('no set that meets every rule was found in the time allowed');
    this.name = 'OutOfTimeError';
  }
}

interface Incumbent {
  items: Set<number>;
  judgement: Judgement;
}

interface Settled {
  best: Incumbent;
  proven: boolean;
}

interface FirstObjective {
  settlesSpend: boolean;
  costs: number[];
  /** Steps of value that the solver's bound on this objective allows. */
  bound: (dual: number) => number;
}

type StageEnd = 'proven' | 'stopped' | 'infeasible';

/**
 * One problem held open in HiGHS, to be solved at one budget or many.
 *
 * Every answer is found in stages: greatest value, then least spend at that value, then fewest
 * items, then the first list of sorted ids. After each stage the set is judged anew by
 * PreparedProblem, so a rounding slip in the solver can cost the word "proven" but never the truth.
 */
export class PlanModel {
  readonly prepared: PreparedProblem;
  private readonly formulation: Formulation;
  private readonly model: Model | undefined;

  constructor(
    private readonly highs: Highs,
    problem: PlanProblem,
  ) {
    this.prepared = new PreparedProblem(problem);
    this.formulation = new Formulation(this.prepared);
    const { impossible, columns } = this.formulation;
    if (!impossible && columns > 0) this.model = this.open();
  }

  /** Free the solver's memory. The model cannot be used afterwards. */
  dispose(): void {
    this.model?.dispose();
  }

  /**
   * Best set at `budget` (minor units).
   *
   * @throws OutOfTimeError when time ran out before any valid set was found.
   */
  solve(budget: number, control: SolveControl = {}): PlanAnswer {
    const { model, prepared, formulation } = this;
    const remaining = control.remainingSeconds ?? (() => Infinity);
    const forcedSpend = [...prepared.forced].reduce((sum, i) => sum + prepared.price(i), 0);
    if (formulation.impossible || forcedSpend > budget) return INFEASIBLE;
    if (model === undefined) {
      const items = new Set(prepared.forced);
      const judgement = prepared.judge(items, budget);
      return this.answer('optimal', { items, judgement }, judgement.steps);
    }

    this.relax(budget - forcedSpend);
    let best = this.startSet(control.start, budget) ?? this.greedyStart(budget);
    if (best) control.onAnswer?.(this.answer('feasible', best, this.mostSteps()));

    const objective = this.valueThenSpend(budget - forcedSpend);
    const first = this.stage(budget, 'maximize', objective.costs, remaining(), best);
    if (first.end === 'infeasible') return INFEASIBLE;
    best = pick(best, first.found);
    if (best === undefined) throw new OutOfTimeError();
    const proven = first.end === 'proven';
    const boundSteps = proven ? best.judgement.steps : Math.max(best.judgement.steps, objective.bound(first.bound));
    let answer = this.answer('feasible', best, boundSteps);
    control.onAnswer?.(answer);
    if (!proven) return answer;

    const settled = this.breakTies(budget, best, objective.settlesSpend, remaining);
    answer = this.answer(settled.proven ? 'optimal' : 'feasible', settled.best, boundSteps);
    control.onAnswer?.(answer);
    return answer;
  }

  /** Rows back to what the problem itself says, at a budget for what is not yet paid. */
  private relax(free: number): void {
    const { spend, size, value } = this.formulation.measures;
    this.model?.changeRowBounds(spend, -Infinity, free);
    this.model?.changeRowBounds(size, -Infinity, Infinity);
    this.model?.changeRowBounds(value, -Infinity, Infinity);
  }

  /**
   * One objective for the first two aims: each step of value outweighs all the money there is.
   * Where the numbers would grow too large for the solver to keep apart, value alone.
   */
  private valueThenSpend(free: number): FirstObjective {
    const { formulation, prepared } = this;
    const prices = formulation.items.map((i) => prepared.price(i));
    const unit = prices.reduce(gcd, 0) || 1;
    const mostSpend = Math.floor(Math.min(free, prices.reduce((a, b) => a + b, 0)) / unit);
    const stepWorth = mostSpend + 1;
    const settlesSpend = stepWorth * this.mostSteps() < LARGEST_OBJECTIVE;
    const worth = settlesSpend ? stepWorth : 1;
    return {
      settlesSpend,
      costs: formulation.valueSteps.map((v, c) => v * worth - (settlesSpend ? (prices[c] ?? 0) / unit : 0)),
      bound: (dual) => Math.floor((dual + (settlesSpend ? mostSpend : 0)) / worth + WHOLE) + formulation.baseSteps,
    };
  }

  /** Value, in steps, that no set can pass. */
  private mostSteps(): number {
    return this.formulation.valueSteps.reduce((sum, v) => sum + v, this.formulation.baseSteps);
  }

  /** Least spend, fewest items, first ids; `proven` when every one of them is. */
  private breakTies(budget: number, first: Incumbent, spendSettled: boolean, remaining: () => number): Settled {
    const { model, prepared, formulation } = this;
    if (model === undefined) return { best: first, proven: false };
    const rows = formulation.measures;
    const forcedSpend = [...prepared.forced].reduce((sum, i) => sum + prepared.price(i), 0);
    const target = first.judgement.steps;
    let best = first;
    const improve = (sense: 'minimize' | 'maximize', costs: readonly number[]) => {
      const { end, found } = this.stage(budget, sense, costs, remaining(), best);
      if (!found?.judgement.valid || found.judgement.steps < target) return false;
      if (!better(best, found)) best = found;
      return end === 'proven';
    };
    model.changeRowBounds(rows.value, target - formulation.baseSteps - 0.5, Infinity);
    if (!spendSettled && !improve('minimize', this.itemCosts((i) => prepared.price(i)))) {
      return { best, proven: false };
    }
    model.changeRowBounds(rows.spend, -Infinity, best.judgement.spend - forcedSpend + 0.5);

    // Fewest items first, and among those the fewest shared with the set we have: when that comes
    // back unchanged, the set has no rival and its ids need no comparing. Most sets have none.
    const before = best;
    const one = formulation.items.length + 1;
    if (!improve('minimize', this.itemCosts((i) => one + (before.items.has(i) ? 1 : 0)))) return { best, proven: false };
    if (sameSet(before.items, best.items)) return { best, proven: true };
    model.changeRowBounds(rows.size, -Infinity, best.items.size - prepared.forced.size + 0.5);
    const proven = this.firstIds(improve, () => best);
    return { best, proven };
  }

  /** Settle ids in sorted order, a chunk at a time: an earlier id outweighs all later ones. */
  private firstIds(
    improve: (sense: 'maximize', costs: readonly number[]) => boolean,
    best: () => Incumbent,
  ): boolean {
    const { model, formulation, prepared } = this;
    const id = (item: number) => prepared.problem.items[item]?.id ?? '';
    const order = formulation.items
      .map((item, column) => ({ item, column }))
      .sort((a, b) => (id(a.item) < id(b.item) ? -1 : 1));
    let proven = true;
    for (let from = 0; from < order.length && proven; from += TIE_CHUNK) {
      const chunk = order.slice(from, from + TIE_CHUNK);
      const weight = new Map(chunk.map(({ item }, rank) => [item, 2 ** (chunk.length - 1 - rank)]));
      proven = improve('maximize', this.itemCosts((i) => weight.get(i) ?? 0));
      for (const { item, column } of chunk) {
        const value = best().items.has(item) ? 1 : 0;
        model?.changeColBounds(column, value, value);
      }
    }
    for (const { column } of order) model?.changeColBounds(column, 0, 1);
    return proven;
  }

  private itemCosts(of: (item: number) => number): number[] {
    const { items, columns } = this.formulation;
    return Array.from({ length: columns }, (_, c) => (c < items.length ? of(items[c] as number) : 0));
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
      colUpper: new Float64Array(columns).fill(1),
      rowLower: rows.map((r) => r.lower),
      rowUpper: rows.map((r) => r.upper),
      matrix: {
        format: 'csr',
        numRows: rows.length,
        numCols: columns,
        starts,
        indices,
        values,
      },
      integrality: Array.from({ length: columns }, (_, c) => (c < items.length ? integer : continuous)),
    });
    model.options.set('output_flag', false);
    // Costs some 40 ms a run whatever the size, and finds nothing that our own start set does not.
    model.options.set('mip_heuristic_run_feasibility_jump', false);
    model.options.set('mip_rel_gap', 0);
    // Every objective is a whole number of steps, cents, items or powers of two: a gap below one proves it.
    model.options.set('mip_abs_gap', 0.9);
    return model;
  }

  private stage(
    budget: number,
    sense: 'minimize' | 'maximize',
    costs: readonly number[],
    seconds: number,
    start: Incumbent | undefined,
  ): { end: StageEnd; found?: Incumbent; bound: number } {
    const { model, highs, formulation } = this;
    if (model === undefined) return { end: 'infeasible', bound: 0 };
    if (seconds <= 0) return { end: 'stopped', bound: Infinity };
    model.changeObjectiveSense(highs.constants.objectiveSense[sense]);
    model.changeColsCost({ kind: 'range', from: 0, to: formulation.columns - 1 }, Float64Array.from(costs));
    if (start) model.setSolution({ colValue: formulation.columnValues(start.items) });
    model.options.set('time_limit', model.getRunTime() + Math.min(seconds, LONGEST_SECONDS));
    model.run();
    const status = model.getModelStatus();
    const { optimal, infeasible } = highs.constants.modelStatus;
    if (status === infeasible) return { end: 'infeasible', bound: 0 };
    const end: StageEnd = status === optimal ? 'proven' : 'stopped';
    const bound = Number(model.info.get('mip_dual_bound'));
    const found = this.incumbent(budget);
    return { end, bound, ...(found ? { found } : {}) };
  }

  /** The solver's present set, rounded and judged. */
  private incumbent(budget: number): Incumbent | undefined {
    const { model, formulation, prepared, highs } = this;
    if (model === undefined) return undefined;
    if (model.info.get('primal_solution_status') !== highs.constants.solutionStatus.feasible) return undefined;
    const values = model.getSolution().colValue;
    const items = new Set(prepared.forced);
    formulation.items.forEach((item, column) => {
      if ((values[column] ?? 0) > 0.5) items.add(item);
    });
    return { items, judgement: prepared.judge(items, budget) };
  }

  private startSet(ids: readonly string[] | undefined, budget: number): Incumbent | undefined {
    if (ids === undefined) return undefined;
    const wanted = new Set(ids);
    const items = new Set(this.prepared.forced);
    this.prepared.problem.items.forEach((item, i) => wanted.has(item.id) && items.add(i));
    return this.judged(items, budget);
  }

  private greedyStart(budget: number): Incumbent | undefined {
    const items = greedySet(this.prepared, budget);
    return items && this.judged(items, budget);
  }

  private judged(items: Set<number>, budget: number): Incumbent | undefined {
    const judgement = this.prepared.judge(items, budget);
    return judgement.valid ? { items, judgement } : undefined;
  }

  private answer(status: 'optimal' | 'feasible', { items, judgement }: Incumbent, boundSteps: number): PlanAnswer {
    const { prepared } = this;
    return {
      status,
      value: judgement.value,
      bound: prepared.scale.value(boundSteps),
      spend: judgement.spend,
      items: prepared.ids(items),
      drinks: prepared.openDrinks(judgement.fits),
    };
  }
}

const INFEASIBLE: PlanAnswer = { status: 'infeasible', value: 0, bound: 0, spend: 0, items: [], drinks: [] };

function sameSet(a: ReadonlySet<number>, b: ReadonlySet<number>): boolean {
  return a.size === b.size && [...a].every((i) => b.has(i));
}

function pick(a: Incumbent | undefined, b: Incumbent | undefined): Incumbent | undefined {
  if (!b?.judgement.valid) return a;
  return a && better(a, b) ? a : b;
}

/** More value, then less spend, then fewer items. */
function better(a: Incumbent, b: Incumbent): boolean {
  if (a.judgement.steps !== b.judgement.steps) return a.judgement.steps > b.judgement.steps;
  if (a.judgement.spend !== b.judgement.spend) return a.judgement.spend < b.judgement.spend;
  return a.items.size < b.items.size;
}
