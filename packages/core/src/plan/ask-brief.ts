import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { kitSchema, emptyKit } from '../kit/kit.js';
import { countDrinks } from './count-drinks.js';
import { bestPlan, type PlanMatter } from './best-plan.js';
import { briefSchema, emptyBrief, type HouseholdBrief } from './brief.js';
import type { SolveControl } from '../planner/plan-search.js';

/** A question as it is asked over the API: a shop, and what of a brief and a kit differs from empty ones. */
export const briefQuestionSchema = z.strictObject({
  /** A price list, by its id. */
  shop: idSchema,
  brief: briefSchema
    .omit({ broughtUp: true })
    .partial()
    .extend({ ownedKinds: z.array(idSchema).max(500).optional() }),
  /** Left out, tools and glasses are taken to be there. */
  kit: kitSchema.omit({ said: true }).partial().optional(),
});
export type BriefQuestion = z.infer<typeof briefQuestionSchema>;

/** What the Plan would say of a brief. */
export const briefAnswerSchema = z.object({
  status: z.enum(['optimal', 'feasible', 'infeasible']),
  /** Different drinks that it makes, those counted beside left out. */
  drinksMade: z.int(),
  /** Beside them: drinks without alcohol, where they are not counted among the others. */
  soft: z.int(),
  /** Of them: those with wine that is bought on the day. */
  forTheDay: z.int(),
  /** Which of the twenty most asked for it makes. */
  askedFor: z.array(z.string()),
  /** What is proven: no other set for the money is worth more. */
  value: z.number(),
  /** Minor units. */
  spend: z.int(),
  /** What is bought, made and owned, by id. */
  items: z.array(z.string()),
});
export type BriefAnswer = z.infer<typeof briefAnswerSchema>;

/** The whole brief of a question: what is left out is as in an empty brief of that currency. */
export function wholeBrief({ brief }: BriefQuestion, currency: string): HouseholdBrief {
  // Nothing of a partial brief is there as undefined.
  return { ...emptyBrief(currency), ...(brief as Partial<HouseholdBrief>) };
}

/**
 * Answer a brief as the Plan does.
 *
 * @throws CurrencyMismatchError when the brief names another currency than the shop's.
 * @throws OutOfTimeError when no set was found in the time given.
 */
export function answerBrief(
  asked: BriefQuestion,
  { prices, catalogue }: Pick<PlanMatter, 'prices' | 'catalogue'>,
  control: SolveControl = {},
): BriefAnswer {
  const kit = asked.kit && { ...emptyKit(), ...(asked.kit as Partial<PlanMatter['kit']>), said: true };
  const brief = wholeBrief(asked, prices.currency);
  const result = bestPlan({ brief, prices, catalogue, ...(kit ? { kit } : {}) }, control);
  if (result === undefined) throw new Error('nobody stops it');
  const recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));
  return {
    status: result.answer.status,
    drinksMade: result.drinksMade,
    soft: countDrinks(
      result.soft.map((d) => d.id),
      recipes,
    ),
    forTheDay: countDrinks(result.forTheDay, recipes),
    askedFor: result.askedFor,
    value: result.answer.value,
    spend: result.answer.spend,
    items: result.inUse,
  };
}
