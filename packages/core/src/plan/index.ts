export {
  emptyBrief,
  opinionOf,
  ATTITUDE_MIN_MATCH,
  type Attitude,
  type Opinion,
  briefSchema,
  type Brief,
  type HouseholdBrief,
} from './brief.js';
export { planNameSchema, planSchema, type Plan } from './plan.js';
export { standsOnShelf, compilePlan, bottleMoneyOf, SHELF_CLEARANCE_MM } from './compile.js';
export { countDrinks } from './count-drinks.js';
export { makeUpOf, openCounts, type MakeUp } from './make-up.js';
export { packItemId } from './packs.js';
export { untilOut, enoughOf, type BottleLasts, type Enough } from './enough.js';
export { roomLeftOf, largerBottles, type LargerBottles, type RoomLeft } from './larger-bottles.js';
export { freshAWeekMinor } from './fresh.js';
export { winesForTheDay } from './offering.js';
export { holdPlan, bestPlan, type HeldPlan } from './best-plan.js';
export {
  wholeBrief,
  answerBrief,
  briefQuestionSchema,
  type BriefQuestion,
  briefAnswerSchema,
  type BriefAnswer,
} from './ask-brief.js';
export { countOf, askedForOf, madeBy } from './beside.js';
export { typicalPours } from './typical-pour.js';
export { HOW_BIG_GLASSES, type HowBig } from './how-big.js';
export { weeklyUseMl, homeSizes, sizesLargeEnough } from './sizes.js';
export { usesOfDrinks } from './uses.js';
export { usesOfSet } from './uses-of-set.js';
export { explainPlan, wayToDrink, type Lift } from './explain.js';
export type { Obstacle } from './infeasible.js';
export { fewestBottles, type FewestBottles } from './fewest-bottles.js';
export { pouredWith } from './poured-with.js';
export { changeBetween, type Change } from './advice/change.js';
export { whyIn, whyNot, type HeldBy, type Rival, type WhyIn, type WhyNot } from './advice/why.js';
export { growTo, askGuests, type Growth } from './advice/grow.js';
export { tiesOf, type Ties } from './advice/ties.js';
export { steadiness, type Steadiness } from './advice/steadiness.js';
export { monthlyBudgets, buyingLadder } from './advice/ladder.js';
export { followSchool, SCHOOLS } from './advice/schools.js';
export { rulesAtBest, type RuleAtBest } from './advice/schools-at-best.js';
export { shoppingOrder, type Purchase } from './advice/shopping-order.js';
export {
  answerPlan,
  type AnswerItem,
  type KitAnswerItem,
  type PackAnswerItem,
  type PlanResult,
  type PlanOutline,
  type AnswerControl,
} from './answer.js';
export { drinksInQuestion, openWithAnyKit, type KitScope } from './drinks-in-question.js';
export { schoolCurves, type SchoolCurve } from './advice/school-curves.js';
export { monthByMonth, type MonthRung, type MonthByMonth } from './advice/months.js';
export { strangersInBrief, withoutStrangers } from './strangers.js';
