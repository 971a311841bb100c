import type { Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Kit } from '../kit/kit.js';
import { PlanSearch } from '../planner/plan-search.js';
import { answerPlan, type AnswerControl, type PlanResult } from './answer.js';
import type { HouseholdBrief } from './brief.js';
import { bottleMoneyOf, compilePlan, type CompiledPlan } from './compile.js';

/** What a plan is made from. */
export interface PlanMatter {
  brief: HouseholdBrief;
  prices: PriceList;
  catalogue: Catalogue;
  kit?: Kit;
}

/** A problem and its search, held open while only the money changes. */
export interface HeldPlan {
  compiled: CompiledPlan;
  search: PlanSearch;
}

/** The problem of a plan, ready to be searched. */
export function holdPlan({ brief, prices, catalogue, kit }: PlanMatter): HeldPlan {
  const compiled = compilePlan(brief, prices, catalogue, kit);
  return { compiled, search: new PlanSearch(compiled.problem) };
}

/**
 * The best set for a brief, explained.
 *
 * @param control how it is looked for and stopped, and who is told of the first good set on the way.
 * @returns undefined when it was stopped.
 * @example bestPlan({ brief, prices, catalogue })?.open // how many drinks it makes
 */
export function bestPlan(
  matter: PlanMatter,
  control: AnswerControl<PlanResult> = {},
  { compiled, search }: HeldPlan = holdPlan(matter),
): PlanResult | undefined {
  return answerPlan(compiled, search, bottleMoneyOf(matter.brief), control);
}
