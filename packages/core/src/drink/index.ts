export * from './figures.js';
export * from './energy.js';
export * from './standard-drink.js';
export * from './allergens.js';
export * from './cost.js';
export * from './method-steps.js';
export * from './say-method.js';
export * from './tastes.js';
