export * from './problem.js';
export * from './prepared.js';
export * from './plan-search.js';
export * from './solve.js';
export * from './waterline.js';
