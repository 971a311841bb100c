export * from './freezing.js';
export * from './batched.js';
export * from './mixed-batch.js';
