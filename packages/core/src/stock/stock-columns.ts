/** The columns of a stock table as the program writes it; money in minor units, days as 2026-11-26. */
export const STOCK_COLUMNS = [
  'kind',
  'label',
  'sizeMl',
  'leftMl',
  'pieces',
  'priceMinor',
  'currency',
  'shop',
  'boughtOn',
  'openedOn',
  'finishedOn',
  'place',
  'sipping',
  'emptyG',
  'id',
  'decantedFrom',
  'abv',
  'cutOn',
  'frozenOn',
  'frozenDays',
] as const;
export type StockColumn = (typeof STOCK_COLUMNS)[number];
