export * from './overlay.js';
export * from './table.js';
export * from './batch-prices.js';
