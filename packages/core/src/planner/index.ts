export {
  oversize,
  planProblemSchema,
  type PlanProblem,
  type DrinkMade,
  type PlanAnswer,
  type Frontier,
} from './problem.js';
export { PreparedProblem } from './prepared.js';
export { OutOfTimeError, type Stretch, PlanSearch } from './plan-search.js';
export { solvePlan, solveFrontier } from './solve.js';
export {
  waterlineBudgets,
  mergeCurve,
  pointAtOrBelow,
  settleOrder,
  claim,
  type CurvePoint,
  type SettledStretch,
  type DrawnPoint,
} from './waterline.js';
