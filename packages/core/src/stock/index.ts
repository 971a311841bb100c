export {
  bottleThere,
  levelOf,
  isThere,
  minorPerMl,
  withLeft,
  PLACES,
  type Place,
  type Bottle,
} from './bottle.js';
export { stockRows, readStockRows } from './stock-table.js';
export { STOCK_COLUMNS } from './stock-columns.js';
export { drinksThatUse } from './use-up.js';
export { liquidGPerMl, emptyFromGross, leftFromGross } from './weigh.js';
export { goodUntil, daysLeft, FADING_LEVEL } from './life.js';
export { atHand, ownedKinds, type AtHand } from './at-hand.js';
export { decant, marry, moved, CannotMove } from './moves.js';
export { forecast } from './forecast.js';
export { freshThere, type FreshThing } from './fresh.js';
export { type StockLine, StockReader } from './read-stock.js';
export type { Freshness } from './freshness.js';
export { takeStock } from './take-stock.js';
export type { Left } from './stock-amounts.js';
export type { Standing } from './find-kind.js';
export { piecesGood } from './fresh.js';
