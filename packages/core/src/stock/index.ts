export * from './bottle.js';
export * from './weigh.js';
export * from './life.js';
export * from './at-hand.js';
export * from './moves.js';
export * from './forecast.js';
export * from './fresh.js';
export * from './read-stock.js';
