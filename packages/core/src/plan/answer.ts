import type { PricedBottle } from '../catalogue/price-list.js';
import { OutOfTimeError, type PlanSearch, type SolveControl } from '../planner/plan-search.js';
import type { PreparedProblem } from '../planner/prepared.js';
import type { DrinkMade, PlanAnswer } from '../planner/problem.js';
import { askedForOf, besideOf, countOf, countedDrinks, forTheDayOf } from './beside.js';
import type { CompiledPlan } from './compile.js';
import { explainPlan, pouredItems, type Explanation } from './explain.js';
import { findObstacle, type Obstacle } from './infeasible.js';

/** What an item id of an answer stands for. */
export interface AnswerItem {
  id: string;
  kindId: string;
  owned: boolean;
  /** Made at home from packs, which are paid for by themselves. */
  made: boolean;
  /** What it costs the plan; what is shown anywhere. */
  priceMinor: number;
  /** The bottle on sale, or the batch made at home; absent when it is owned and no such bottle is sold. */
  bottle?: PricedBottle;
}

/** Tools or glasses that an item id stands for. */
export interface KitAnswerItem {
  id: string;
  toolId?: string;
  glassId?: string;
  /** Glasses in all sets together; 1 for a tool. */
  pieces: number;
  priceMinor: number;
}

/** Packs that an item id stands for. */
export interface PackAnswerItem {
  id: string;
  pantry: string;
  g: number;
  packs: number;
  owned: boolean;
  priceMinor: number;
}

/** A set for one brief, explained. */
export interface PlanResult {
  budget: number;
  answer: PlanAnswer;
  /** What of the set is poured from or used: all of it but what could be made at home and is not. */
  inUse: string[];
  /** Drinks the set makes that are counted, variants of one drink once. */
  drinksMade: number;
  /** Drinks without alcohol that it makes beside those, where they are not counted among them. */
  soft: DrinkMade[];
  /** Of the drinks that are counted, those that take wine bought on the day: recipe ids. */
  forTheDay: string[];
  /** Which of the drinks that people ask for most it makes: recipe ids, most asked for first. */
  askedFor: string[];
  /** How much of a whole batch of each made kind the packs hold, where several share them: 1 or less. */
  batchShares: Record<string, number>;
  explanation: Explanation;
  /** Every item on sale or owned, by id. */
  items: AnswerItem[];
  /** Every tool and set of glasses on sale that the kit lacks. */
  kit: KitAnswerItem[];
  /** Every pantry thing that something is made from. */
  packs: PackAnswerItem[];
  dropped: { recipeId: string; disliked: string[]; uncounted: boolean }[];
  /** Why there is no answer. */
  obstacle?: Obstacle;
}

/** What a set is, without why: enough to see what it pours. */
export type PlanOutline = Pick<PlanResult, 'budget' | 'answer' | 'inUse' | 'items'>;

/** An answer in the user's terms as far as what its items are and cost. */
export function outlineAnswer(
  compiled: CompiledPlan,
  prepared: PreparedProblem,
  answer: PlanAnswer,
  budget: number,
): PlanOutline {
  const poured = pouredItems(prepared, answer);
  return {
    budget,
    answer,
    inUse: answer.items.filter((id) => compiled.items.get(id)?.made !== true || poured.has(id)),
    items: [...compiled.items].map(([id, { kind, owned, made, priceMinor, bottle }]) => ({
      id,
      kindId: kind.id,
      owned,
      made,
      priceMinor,
      ...(bottle ? { bottle } : {}),
    })),
  };
}

/** An outlined answer with all else: what it makes, and why. */
function describeAnswer(compiled: CompiledPlan, prepared: PreparedProblem, outline: PlanOutline): PlanResult {
  const { answer, budget } = outline;
  const explanation = explainPlan(compiled.problem, answer, prepared);
  const isInUse = new Set(outline.inUse);
  const counted = countedDrinks(compiled, answer.drinks);
  const made = outline.items.filter((i) => i.made && isInUse.has(i.id)).map((i) => i.kindId);
  return {
    ...outline,
    drinksMade: countOf(compiled, answer.drinks),
    soft: besideOf(compiled, answer),
    forTheDay: forTheDayOf(compiled, counted),
    askedFor: askedForOf(compiled, counted),
    batchShares: Object.fromEntries(compiled.making.sharesOf(made)),
    explanation: { ...explanation, reasons: explanation.reasons.filter((r) => isInUse.has(r.id)) },
    kit: [...compiled.kit.values()].map(({ id, entry, sets, priceMinor }) => ({
      id,
      ...(entry.tool === undefined ? {} : { toolId: entry.tool }),
      ...(entry.glass === undefined ? {} : { glassId: entry.glass }),
      pieces: entry.pieces * sets,
      priceMinor,
    })),
    packs: [...compiled.packs.values()].map(({ id, pantry, g, packs, owned, priceMinor }) => ({
      id,
      pantry,
      g,
      packs,
      owned,
      priceMinor: owned ? 0 : priceMinor,
    })),
    dropped: compiled.dropped.map((d) => ({
      recipeId: d.recipe.id,
      disliked: d.disliked,
      uncounted: d.uncounted,
    })),
    ...(answer.status === 'infeasible' ? { obstacle: findObstacle({ ...compiled.problem, budget }) } : {}),
  };
}

/** How an answer is looked for: from what beginning, and who is told of the first good one on the way. */
export interface AnswerControl<T> extends SolveControl {
  /** The set to begin from is known to be the best: it is judged, not searched for again. */
  startProven?: boolean;
  /** Told once, of the first good set on the way. */
  onBetter?: (result: T) => void;
}

/** The best set for a budget; undefined when it was stopped. */
function findAnswer(
  search: PlanSearch,
  budget: number,
  { start, startProven = false, onBetter, ...control }: AnswerControl<PlanAnswer> = {},
): PlanAnswer | undefined {
  if (start && startProven) {
    const known = search.prepared.answerOf(start);
    return { ...known, status: 'optimal', bound: known.value };
  }
  let shown = false;
  try {
    const answer = search.solve(budget, {
      ...control,
      ...(start ? { start: [...start] } : {}),
      onAnswer: (better) => {
        // The first good answer is shown at once; those between it and the best only pass by.
        if (shown || better.status === 'optimal') return;
        shown = better.drinks.length > 0;
        if (shown) onBetter?.(better);
      },
    });
    return control.shouldStop?.() ? undefined : answer;
  } catch (error) {
    // Stopped before it had any set: nobody waits for one.
    if (error instanceof OutOfTimeError && control.shouldStop?.()) return undefined;
    throw error;
  }
}

/**
 * The best set for a budget, explained: a good one first, then the best.
 *
 * @returns undefined when it was stopped.
 * @example answerPlan(compiled, new PlanSearch(compiled.problem), 24_000)
 */
export function answerPlan(
  compiled: CompiledPlan,
  search: PlanSearch,
  budget: number,
  { onBetter, ...control }: AnswerControl<PlanResult> = {},
): PlanResult | undefined {
  const { prepared } = search;
  const described = (answer: PlanAnswer) =>
    describeAnswer(compiled, prepared, outlineAnswer(compiled, prepared, answer, budget));
  const onFirst = onBetter && ((better: PlanAnswer) => onBetter(described(better)));
  const answer = findAnswer(search, budget, { ...control, ...(onFirst ? { onBetter: onFirst } : {}) });
  return answer && described(answer);
}
