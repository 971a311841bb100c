import { bottleThere, type Bottle } from '../stock/bottle.js';
import { testKinds, testRecipe } from './trade.js';

/** A bar for martinis and sours. */
export const martiniKinds = testKinds(
  ['gin', { abv: 0.4 }],
  ['vermouth', { abv: 0.16, openDays: 60 }],
  ['red-bitter', { abv: 0.25, tastes: ['bitter'] }],
  ['lime-juice', { supply: 'fresh', acidGPerL: 60 }],
  ['syrup', { supply: 'home-made', sugarGPerL: 615 }],
);
/** The day of the log. */
export const LOG_DAY = '2026-11-26';
let n = 0;
/** Ids that follow each other. */
export const newId = () => `7a1b0c52-0d5f-4a63-9d0e-${String((n += 1)).padStart(12, '0')}`;
/** A bottle of 70 cl. */
export const bottleOf = (kind: string, more: Partial<Bottle>): Bottle => ({
  ...bottleThere(newId(), kind),
  sizeMl: 700,
  ...more,
});
/** Six of gin to one of vermouth, stirred. */
export const martini = testRecipe(
  [
    ['gin', '60 ml', 'base'],
    ['vermouth', '10 ml', 'aromatic'],
  ],
  { id: 'martini', name: 'Martini', method: 'stir' },
);
