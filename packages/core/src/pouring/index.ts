export { withFillings, withoutParts, pouredDrinkSchema, type Order, type Filling } from './poured-drink.js';
export { vesselsOf, glassFor, ICE_IN_TIN_G } from './vessels.js';
export { pourStep, pourStepSchema, type PourStep } from './step.js';
export { isHotInTin, stepCautions, HOT_IN_TIN } from './step-cautions.js';
export { compileRound } from './compile-round.js';
export { onIceAfter, stopAfter, type OnIce } from './dilution-in-time.js';
export { inItsPlace } from './in-its-place.js';
export { orderHere } from './order-here.js';
export { refusalsOf } from './refusals.js';
export { MAX_ORDERS, MAX_GLASSES, type Round } from './round.js';
export { roundInHand, type Bar, type StepNow, type LoadNow, type RoundInHand } from './round-in-hand.js';
export { isTimed, goOn, goBack, beginWork, pourOff, addMore, scaleTarget, mlByScale } from './go-on.js';
export {
  pourablesInSlices,
  pourables,
  pourablesOnce,
  inHandInOrder,
  wayInHand,
  type Pourable,
} from './pourable.js';
export { pourNow } from './pour-now.js';
export type { InHouse, PouredStandIn, PourNow, OneShort, PouringNow } from './pouring-now.js';
export { mixedNow } from './mixed-now.js';
export { pourNeat } from './pour-neat.js';
export { servingById, servingOf, servings, usualServing } from './serving.js';
export { ranked, timesPoured, asksToBeUsed, type Ranked } from './liking.js';
export { eveningOf, FAULTS_TASTED, type FaultTasted, type Pour } from './pour.js';
export { recounted } from './recount.js';
export { drawFrom, givenBack, type BatchLeft } from './draw.js';
export { logOrders, drinkInHand, logRound, type Stock, type Logged } from './log-round.js';
export { favourites, monthsPoured, eveningsPoured, weeksPoured, idleKinds } from './history.js';
export { paceOf, type Pace } from './pace.js';
export { tastesLearnt, specsLearnt, type TasteLearnt } from './learn.js';
export { eveningSoFar } from './evening-so-far.js';
export { pourRows, POUR_COLUMNS } from './pour-table.js';
export { sayOrder } from './say-order.js';
export { bottlesFor, withChosen } from './choose-bottle.js';
export { mixedAbv, trialsLike } from './published-trials.js';
