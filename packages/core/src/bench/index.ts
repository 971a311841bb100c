export { brixOfRatio } from './solution.js';
export { waterActivity, REGULATORY_ACTIVITY } from './water-activity.js';
export { saturation } from './solubility.js';
export {
  batchOf,
  scaledBatch,
  batchOfVolume,
  batchUsingUp,
  KITCHEN_C,
  FRIDGE_C,
  BOTTLE_FULL,
  type Batch,
} from './batch.js';
export { waterLostG, metG } from './overshoot.js';
export { drawsOfBatch, packsOfBatch } from './draws.js';
export { traceDoes } from './trace.js';
export { actsOf, type BenchStep } from './acts.js';
export { batchAsMade, contentG } from './in-batch.js';
export { isPlainSyrup, rescaleSyrup, fromHouseSyrup, withHouseSyrup, type Rescaled } from './house-syrup.js';
export { refusedBecause, keeping, type Keeping } from './keeping.js';
export { KEEPING_TABLE } from './keeping-table.js';
export { extendedCitrus, extendedCitrusParts, acidAsFresh, type ExtendedCitrus } from './extended-citrus.js';
export { homeLiqueur } from './home-liqueur.js';
export { schedule, leadMinutesOf, daysToMakeFor, thawedDays, type BatchMaking } from './batch-schedule.js';
export { batchCost, type BatchCost } from './batch-cost.js';
export { batchHolds } from './batch-allergens.js';
export { recipeOfBatch, type BatchRecord } from './batch-record.js';
export {
  weighingOf,
  pouredG,
  takeIn,
  beginAct,
  endAct,
  strainThrough,
  giveBack,
  enlarged,
  type TooMuch,
  type WeighingTarget,
  type Weighing,
} from './weighing.js';
export { beginBatch, bottleBatch, useByOf, notFrozen, freezeOrThaw } from './batch-life.js';
export { drawPacks, inTheCupboard, packSchema, type Pack } from './pack.js';
