export { isOnly, type World, ONLY_ID, type Kept } from './descriptor.js';
export { readKept, keptFaults } from './read.js';
export {
  keptWriteSchema,
  changeSchema,
  type ChangeWrite,
  keptEntrySchema,
  type KeptEntry,
  historyStateSchema,
  type HistoryState,
  historyStepSchema,
  type HistoryStep,
  appliedSchema,
  type Applied,
  setAsideSchema,
  type SetAside,
  keptSchema,
  type KeptWhole,
  type Announcement,
} from './change.js';
export { mergeKept } from './merge-kept.js';
export { goneWithDrink } from './gone-drink.js';
export { keptPlan } from './plan.js';
export { keptSettings, keptPlace, keptZone } from './settings.js';
export { keptKit } from './kit.js';
export { keptBatch } from './batch.js';
export { keptBottle } from './bottle.js';
export { keptPack } from './pack.js';
export { keptErrand, keptKittyEntry, keptPaidPrice, keptTrips } from './errand.js';
export { limitsIn } from './limits.js';
export { keptPour, keptRound, keptPerson } from './pouring.js';
export { keptEvening } from './evening.js';
export { keptAsk } from './ask.js';
export { wholeJsonSchema, wholeFile, readWhole, type WholeThing } from './whole.js';
export { compareWhole, takenOf, comparedSchema, type Compared } from './compare.js';
export { keptTable } from './kept-table.js';
export { keptOwnRecipes } from './own-recipes.js';
export { keptOwnPrices } from './own-prices.js';
export { keptNamed, KEPT } from './things.js';
export { keptOwnDrink, keptOwnKind, keptTasting, keptCollection } from './notebook.js';
export { keptTrial, keptDeck } from './practice.js';
