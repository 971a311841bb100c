export { mayBatch, batchedGlassMl, type BatchedDrink } from './batched.js';
export { mixedRecipe, drinkOfMixed, kindsOfMixed } from './mixed-batch.js';
