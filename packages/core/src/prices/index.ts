export * from './overlay.js';
export * from './table.js';
