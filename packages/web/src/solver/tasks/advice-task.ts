import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import {
  askGuests,
  buyingLadder,
  followBase,
  followDrinks,
  followSchool,
  growTo,
  monthlyBudgets,
  SCHOOLS,
  shoppingOrder,
  steadiness,
  tiesOf,
  whyIn,
  whyNot,
  type Brief,
  type SchoolStep,
} from '@uisce/core/plan';
import type { PlanAnswer, PlanProblem } from '@uisce/core/planner';
import { answerBrief } from './answer-task';
import { heldFor, type Held } from './context';
import { adviseOnKit, isAboutKit } from './kit-task';
import type { Advice, LadderResult, Question, SchoolCurve } from '../protocol';

/** Tell how far a long answer has come, 0 to 1, and what it is so far. */
type Tell = (advice: Advice, progress: number) => void;

/** Answer one question about a brief; long ones tell what they have on the way. */
export function advise(
  { brief, prices, kit, question }: { brief: Brief; prices: PriceList; kit: Kit; question: Question },
  catalogue: Catalogue,
  tell: Tell,
): Advice {
  if (isAboutKit(question)) return adviseOnKit({ brief, prices, kit }, question, catalogue);
  const held = heldFor(brief, prices, kit, catalogue);
  const { problem } = held.compiled;
  const now: PlanProblem = { ...problem, budget: brief.moneyNowMinor };
  switch (question.ask) {
    case 'why': {
      const { answer, itemId } = question;
      return answer.items.includes(itemId)
        ? { ask: 'why', itemId, why: whyIn(now, answer, itemId) }
        : { ask: 'why', itemId, whyNot: whyNot(now, answer, itemId) };
    }
    case 'ties':
      return { ask: 'ties', ties: tiesOf(now, question.answer, question.most) };
    case 'steadiness': {
      const so = steadiness(now, question.draws, (steady) => {
        tell({ ask: 'steadiness', steadiness: steady }, steady.draws / question.draws);
        return true;
      });
      return { ask: 'steadiness', steadiness: so };
    }
    case 'schools':
      return { ask: 'schools', curves: schools(held, question) };
    case 'ladder':
      return { ask: 'ladder', ladder: ladder(held, brief, question.months, tell) };
    case 'grow':
      return { ask: 'grow', growth: growTo(now, question.answer, question.drinks) };
    case 'guests':
      return { ask: 'guests', change: askGuests(now, question.answer, question.guests, askable(held)) };
    case 'best': {
      const asked = { brief, prices, kit, start: null, startProven: false };
      const result = answerBrief(
        asked,
        catalogue,
        () => false,
        () => undefined,
      );
      if (result === undefined) throw new Error('the search was stopped');
      return { ask: 'best', result };
    }
    case 'shopping':
      return { ask: 'shopping', order: shoppingOrder(now, question.answer) };
  }
}

/** Bottles that a guest can bring; nobody is asked for syrup. */
function askable({ compiled }: Held): Set<string> {
  return new Set([...compiled.items].flatMap(([id, { kind }]) => (kind.supply === 'bottle' ? [id] : [])));
}

function schools(
  { compiled, count }: Held,
  { most, base, drinks }: Extract<Question, { ask: 'schools' }>,
): SchoolCurve[] {
  const curve = (id: string, name: string, rule: string, steps: SchoolStep[]): SchoolCurve => {
    let before = new Set<string>();
    return {
      id,
      name,
      rule,
      steps: steps.map((step) => {
        const now = new Set(step.drinks.map((d) => d.id));
        const opened = [...now].filter((d) => !before.has(d));
        before = now;
        return { itemId: step.itemId, spend: step.spend, value: step.value, open: count([...now]), opened };
      }),
    };
  };
  return [
    ...SCHOOLS.map((s) => curve(s.id, s.name, s.rule, followSchool(compiled, s, most))),
    curve('one-deep', 'One bottle deep', 'one base, then whatever opens its next drink for least', followBase(compiled, base, most)),
    curve('drink-by-drink', 'Drink by drink', 'what the next drink on your list still lacks', followDrinks(compiled, drinks, most)),
  ]; // prettier-ignore
}

function ladder(
  { compiled, search, count }: Held,
  brief: Brief,
  months: number,
  tell: Tell,
): LadderResult | null {
  const budgets = monthlyBudgets(brief.moneyNowMinor, brief.moneyPerMonthMinor, months + 1);
  const found = buyingLadder(compiled.problem, budgets);
  if (found === undefined) return null;
  let before = new Set<string>();
  const ids = (answer: PlanAnswer) => answer.drinks.map((d) => d.id);
  const rungs = found.rungs.map(({ budget, bought, answer }) => {
    const best = search.solve(budget);
    const now = ids(answer);
    const opened = now.filter((d) => !before.has(d));
    before = new Set(now);
    return {
      budget,
      spend: answer.spend,
      bought,
      value: answer.value,
      open: count(now),
      opened,
      bestValue: best.value,
      bestOpen: count(ids(best)),
    };
  });
  const { total, bound, proven } = found;
  const result: LadderResult = { rungs, total, bound, proven, skips: [] };
  const last = rungs.at(-1)?.value ?? 0;
  for (let month = 1; month < months; month++) {
    tell({ ask: 'ladder', ladder: result }, month / months);
    if ((rungs[month]?.bought.length ?? 0) === 0) continue;
    const skipping = buyingLadder(compiled.problem, budgets, {}, month);
    if (skipping === undefined) continue;
    const atEnd = skipping.rungs.at(-1)?.answer.value ?? 0;
    result.skips.push({ month, total: skipping.total - total, last: atEnd - last });
  }
  return result;
}
