export * from './water-density.js';
export * from './calibrate.js';
export * from './measuring-plan.js';
export * from './best-jigger.js';
export * from './cup-shape.js';
