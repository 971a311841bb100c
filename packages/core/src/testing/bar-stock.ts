import { testKinds } from './trade.js';
import { bottleThere, type Bottle } from '../stock/bottle.js';

/** The day on which all is looked at. */
export const TODAY = '2026-11-26';
/** A few bottles, a syrup and a fruit. */
export const stockKinds = testKinds(
  ['dry-gin', { name: 'Dry gin', also: ['London dry gin'], abv: 0.4 }],
  ['old-tom-gin', { name: 'Old tom gin', abv: 0.4 }],
  ['triple-sec', { name: 'Triple sec', also: ['Orange liqueur'], abv: 0.4, sugarGPerL: 250 }],
  [
    'sweet-vermouth',
    { name: 'Sweet vermouth', also: ['Red vermouth'], abv: 0.16, sugarGPerL: 150, openDays: 60 },
  ],
  ['dry-vermouth', { name: 'Dry vermouth', abv: 0.17, openDays: 60 }],
  ['syrup', { name: 'Simple syrup', supply: 'home-made', sugarGPerL: 615 }],
  ['lime', { name: 'Lime', supply: 'fresh' }],
);
let made = 0;
/** A full bottle of 70 cl, its id told by how many came before it. */
export const fullBottle = (kind: string, more: Partial<Bottle> = {}): Bottle => ({
  ...bottleThere(`00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`, kind),
  sizeMl: 700,
  leftMl: 700,
  ...more,
});
/** One of them. */
export function stockKind(id: string) {
  const kind = stockKinds.get(id);
  if (kind === undefined) throw new Error(`there is no ${id}`);
  return kind;
}
