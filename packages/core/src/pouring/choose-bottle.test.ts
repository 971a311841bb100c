import { expect, it } from 'vitest';
import { bottleThere, type Bottle } from '../stock/bottle.js';
import { testKinds, testRecipe } from '../testing/trade.js';
import { bottlesFor, withChosen } from './choose-bottle.js';
import { logOrders } from './log-round.js';
import type { Order } from './poured-drink.js';

const kinds = testKinds(
  ['rum', { abv: 0.4 }],
  ['white-rum', { abv: 0.4, parent: 'rum' }],
  ['aged-rum', { abv: 0.4, parent: 'rum' }],
  ['gin', { abv: 0.4 }],
  ['lime-juice', {}],
);
const id = (n: number) => `7a1b0c52-0d5f-4a63-9d0e-${String(n).padStart(12, '0')}`;
const bottle = (n: number, kind: string, more: Partial<Bottle> = {}): Bottle => ({
  ...bottleThere(id(n), kind),
  sizeMl: 700,
  leftMl: 700,
  ...more,
});
const open = bottle(1, 'white-rum', { leftMl: 300, openedOn: '2026-10-01' });
const sealed = bottle(2, 'white-rum', { abv: 0.63 });
const old = bottle(3, 'aged-rum', { sipping: true });
const bottles = [open, sealed, old, bottle(4, 'gin'), bottle(5, 'aged-rum', { leftMl: 0 })];
const daiquiri = testRecipe([
  ['rum', '60 ml', 'base'],
  ['lime-juice', '20 ml', 'sour'],
]);
const order = (kind: string): Order => ({
  drink: { ...daiquiri, slots: daiquiri.slots.map((s) => (s.kind === 'rum' ? { ...s, kind } : s)) },
  of: daiquiri.id,
  count: 2,
  for: [],
  cannot: [],
  without: [],
  from: [],
});
let n = 100;
const stock = { bottles, batches: [], kinds, minorPerMl: () => undefined, currency: null };
const written = { at: '2026-11-26T20:00:00.000Z', on: '2026-11-26', newId: () => id((n += 1)) };
const leftOf = (asked: Order) =>
  Object.fromEntries(logOrders([asked], stock, written).bottles.map((b) => [b.id, b.leftMl]));

it('is any bottle of what the drink asks for, one kept for sipping too; none that is empty or another thing', () => {
  expect(bottlesFor(daiquiri, 'white-rum', bottles, kinds).map((b) => b.id)).toEqual([id(1), id(2), id(3)]);
  // A recipe that names white rum takes no other.
  const white = { ...daiquiri, slots: order('white-rum').drink.slots };
  expect(bottlesFor(white, 'white-rum', bottles, kinds).map((b) => b.id)).toEqual([id(1), id(2)]);
});

it('is poured before all others, and what is short comes from the next', () => {
  expect(leftOf(order('white-rum'))).toEqual({ [id(1)]: 180 });
  expect(leftOf(withChosen(order('white-rum'), new Map([['white-rum', sealed]])))).toEqual({ [id(2)]: 580 });
  const little = { ...sealed, leftMl: 50 };
  const { bottles: after } = logOrders(
    [withChosen(order('white-rum'), new Map([['white-rum', little]]))],
    { ...stock, bottles: [open, little] },
    written,
  );
  expect(after.map((b) => [b.id, b.leftMl])).toEqual([
    [id(2), 0],
    [id(1), 230],
  ]);
});

it('makes the drink as strong as it is, and is named in the log by its kind', () => {
  const usual = logOrders([order('white-rum')], stock, written).pours[0];
  const strong = logOrders([withChosen(order('white-rum'), new Map([['white-rum', sealed]]))], stock, written)
    .pours[0];
  expect((strong?.ethanolG ?? 0) / (usual?.ethanolG ?? 1)).toBeCloseTo(0.63 / 0.4, 6);
  const sipped = logOrders([withChosen(order('white-rum'), new Map([['white-rum', old]]))], stock, written);
  expect(sipped.pours[0]?.parts[0]).toMatchObject({ kind: 'aged-rum', drawn: [{ id: id(3), ml: 120 }] });
  // It is for sipping still.
  expect(sipped.bottles.map((b) => b.sipping)).toEqual([true]);
});

it('is for its own part alone, where the bottle is of what another part pours', () => {
  const two: Order = {
    ...order('white-rum'),
    drink: testRecipe([
      ['white-rum', '30 ml', 'base'],
      ['aged-rum', '30 ml', 'base'],
    ]),
  };
  const chosen = new Map([
    ['white-rum', old],
    ['aged-rum', sealed],
  ]);
  expect(withChosen(two, chosen).drink.slots.map((s) => s.kind)).toEqual(['aged-rum', 'white-rum']);
});
