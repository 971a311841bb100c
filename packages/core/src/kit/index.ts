export * from './kit.js';
export * from './techniques-of.js';
export * from './needs.js';
export * from './kit-offers.js';
export * from './cover.js';
export * from './starter-sets.js';
export * from './care.js';
