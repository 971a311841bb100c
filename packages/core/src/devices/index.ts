export * from './scale.js';
export * from './simulated-scale.js';
export * from './refractometer.js';
export * from './label-printer.js';
