export * from './attitude.js';
export * from './profile.js';
export * from './fit.js';
export * from './fill.js';
export * from './serves.js';
export * from './glassware.js';
