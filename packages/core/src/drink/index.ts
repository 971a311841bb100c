export { isTopped, drinkFigures, per100Ml, type DrinkFigures } from './figures.js';
export { standardDrink } from './standard-drink.js';
export { inGlass, asWritten, type InGlass, type MayBe } from './in-glass.js';
export { refusalOf, mayHave, limitsTogether, sayRefusal, type Limits, NO_LIMITS } from './limits.js';
export { drinkCost, type CostBottle, type DrinkCost } from './cost.js';
export { sayGarnish, dressingOf, rimsOf } from './say-garnish.js';
export { sayMethod } from './say-method.js';
export { TASTES, type Taste } from './tastes.js';
export { strengthOf, STRENGTHS, type Strength, MIDDLING_ABV, STRONG_ABV } from './strength.js';
