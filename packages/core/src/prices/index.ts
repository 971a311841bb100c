export { currencyRefusal } from './overlay.js';
export {
  guessMapping,
  readPriceTable,
  writePriceTable,
  PRICE_COLUMNS,
  type PriceColumn,
  NEEDED_COLUMNS,
  type ColumnMapping,
} from './table.js';
export { withBatchesPriced } from './batch-prices.js';
