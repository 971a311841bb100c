export * from './load.js';
export * from './shipped.js';
