import { describe, expect, it } from 'vitest';
import { pourSchema, type Pour } from '../pouring/pour.js';
import { pourables } from '../pouring/pourable.js';
import { atHand } from '../stock/at-hand.js';
import { bottleThere, type Bottle } from '../stock/bottle.js';
import { kindIndex } from '../catalogue/catalogue.js';
import { emptyKit } from '../kit/kit.js';
import { kindInput, recipeInput, testCatalogue, testKinds, testShop } from '../testing/trade.js';
import { again, costOfEvening, learntThirst, leftovers, shelved, toUseSoon } from './after.js';
import { eveningSchema } from './evening.js';
import { menuHere } from './menu-here.js';
import { drinksTonight, lastPoursAt, settledMenu } from './night.js';

const ID = (n: number) => `7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c00${n}`;
const someone = { count: 1, likes: [], dislikes: [], allergens: [], noAlcohol: false, drives: false };
const evening = eveningSchema.parse({
  id: ID(1),
  name: 'Saturday',
  on: '2026-11-28',
  from: '20:00',
  hours: 3,
  size: 3,
  must: ['sour', 'cooler', 'fizz'],
  guests: [
    { ...someone, id: ID(2), name: 'Ann' },
    { ...someone, id: ID(3), name: 'Bo', drives: true },
  ],
  never: ['old'],
  atWork: false,
  freezerLitres: null,
  done: ['ice'],
  off: ['fizz'],
  endedOn: null,
});
const pour = (n: number, time: string, drink: string, glasses: number, more: Partial<Pour> = {}): Pour =>
  pourSchema.parse({
    id: ID(n),
    at: `2026-11-28T${time}:00.000Z`,
    on: '2026-11-28',
    drink,
    name: drink,
    glasses,
    for: ['Ann'],
    parts: [],
    servedMl: 120,
    abv: 0.15,
    ethanolG: 14,
    costMinor: 150,
    currency: 'EUR',
    verdict: null,
    tasted: [],
    note: '',
    round: null,
    ...more,
  });
const lime = (ml: number) => [{ kind: 'lime-juice', ml, pieces: 1, drawn: [] }];
const pours = [
  pour(4, '20:05', 'sour', 2, { verdict: 5, parts: lime(50) }),
  pour(5, '20:30', 'fizz', 1, { verdict: 1, costMinor: null }),
  pour(6, '21:15', 'sour', 2, { verdict: 4, costMinor: 130, parts: lime(50) }),
  pour(7, '20:00', 'sour', 9, { on: '2026-11-27' }),
];

describe('what an evening came to', () => {
  it('is the sum of its pours, and a share for each who came', () => {
    // 1.50 and 1.30; what nobody knows the price of is left out; the day before is another evening.
    expect(costOfEvening(evening, pours)).toEqual({
      glasses: 5,
      minor: 280,
      eachMinor: 140,
      currency: 'EUR',
    });
    expect(costOfEvening(evening, [])).toMatchObject({ glasses: 0, minor: null, eachMinor: null });
  });

  it('teaches how thirsty they are, and what to pour again', () => {
    const from = Date.parse('2026-11-28T20:00:00.000Z');
    const thirst = learntThirst(evening, pours, (at) => (Date.parse(at) - from) / 60_000);
    // Three glasses in the first hour and two in the second, for two.
    expect(thirst).toEqual([1.5, 1, 0]);
    expect(learntThirst(evening, pours.slice(1, 2), () => 0)).toBeUndefined();
    const next = again(evening, pours, thirst, { id: ID(9), on: '2026-12-05' });
    expect(next).toMatchObject({ id: ID(9), on: '2026-12-05', done: [], off: [], thirst: [1.5, 1, 0] });
    expect(next.must).toEqual(['sour', 'cooler']);
    expect(next.never).toEqual(['old', 'fizz']);
  });
});

describe('what is left', () => {
  const kinds = testKinds(
    ['lime-juice', { supply: 'fresh', openDays: 1, storage: 'fridge' }],
    ['vermouth', { openDays: 60 }],
    ['soda', { supply: 'mixer', openDays: 2 }],
    ['gin', {}],
  );
  const bottle = (n: number, kind: string, more: Partial<Bottle>): Bottle => ({
    ...bottleThere(ID(n), kind),
    ...more,
  });

  it('is what was pressed less what was poured, with the day it turns', () => {
    expect(leftovers(evening, new Map([['lime-juice', 135]]), pours, kinds)).toEqual([
      { kind: 'lime-juice', ml: 35, until: '2026-11-29' },
    ]);
    expect(leftovers(evening, new Map([['lime-juice', 100]]), pours, kinds)).toEqual([]);
  });

  it('goes onto the shelf, and the fruit it came from is no longer there', () => {
    const fruit = [
      bottle(1, 'lime-juice', { pieces: 1, boughtOn: '2026-11-20' }),
      bottle(2, 'lime-juice', { pieces: 6, boughtOn: '2026-11-27' }),
    ];
    const now = shelved({ kind: 'lime-juice', ml: 54 }, '2026-11-28', fruit, kinds, () => ID(3));
    expect(now[0]).toMatchObject({ id: ID(3), leftMl: 54, openedOn: '2026-11-28', place: 'fridge' });
    // 54 ml are two fruits: the older one first.
    expect(now.slice(1).map((b) => [b.id, b.pieces, b.finishedOn])).toEqual([
      [ID(1), 0, '2026-11-28'],
      [ID(2), 5, null],
    ]);
  });

  it('is used up within days, what turns first ahead', () => {
    const open = (n: number, kind: string) =>
      bottle(n, kind, { leftMl: 200, openedOn: '2026-11-28', sizeMl: 700 });
    const soon = toUseSoon(
      [open(1, 'gin'), open(2, 'vermouth'), open(3, 'soda')],
      [{ kind: 'syrup', leftMl: 90, until: '2026-11-29' }],
      kinds,
      '2026-11-28',
    );
    expect(soon.map((l) => [l.kind, l.until])).toEqual([
      ['syrup', '2026-11-29'],
      ['soda', '2026-11-30'],
    ]);
  });
});

describe('the night', () => {
  const slot = (kind: string, amount: string) => ({ kind, amount, role: 'base' });
  const catalogue = testCatalogue({
    kinds: [kindInput('gin', { abv: 0.4 }), kindInput('soda', { supply: 'mixer' })],
    recipes: [
      recipeInput([slot('gin', '60 ml')], { id: 'sour', name: 'Sour' }),
      recipeInput([slot('soda', '120 ml')], { id: 'cooler', name: 'Cooler', method: 'build' }),
      recipeInput([slot('gin', '30 ml'), slot('soda', '90 ml')], {
        id: 'fizz',
        name: 'Fizz',
        method: 'build',
      }),
    ],
  });

  const [gin, soda] = [
    { ...bottleThere(ID(8), 'gin'), sizeMl: 700, leftMl: 700 },
    { ...bottleThere(ID(9), 'soda'), sizeMl: 2000, leftMl: 2000 },
  ];

  it('has the menu that was settled, without what was taken off it', () => {
    const house = {
      ready: pourables(catalogue, 0.75),
      catalogue,
      kinds: kindIndex(catalogue.kinds),
      houseSyrupRatio: null,
      there: atHand([gin, soda], [], kindIndex(catalogue.kinds), '2026-11-28'),
      freshPieces: new Map(),
      prices: testShop({}),
      kit: emptyKit(),
    };
    const menu = settledMenu(evening, menuHere(evening, house));
    expect(menu.map((d) => d.id)).toEqual(['cooler', 'sour']);
    expect(menu.find((d) => d.id === 'sour')?.seats).toEqual(['finds', 'not']);
    // Three hours are four pours each: Ann's shared by three drinks, the driver's all of the one without alcohol.
    expect(menu.find((d) => d.id === 'cooler')?.glasses).toBe(6);
  });

  it('tells what runs low before it is out, and when the last ones are poured', () => {
    const menu = [
      { id: 'a', glasses: 8 },
      { id: 'b', glasses: 6 },
      { id: 'c', glasses: 4 },
      { id: 'd', glasses: 2 },
    ];
    const left = new Map([
      ['a', 6],
      ['b', 2],
      ['c', 0],
      ['d', Infinity],
    ]);
    const tonight = drinksTonight(menu, new Map([['b', 3]]), (id) => left.get(id));
    expect(tonight.map((d) => d.id)).toEqual(['c', 'a', 'b', 'd']);
    expect(tonight.find((d) => d.id === 'b')).toMatchObject({
      toCome: 3,
      left: 2,
      isLow: true,
      isOut: false,
    });
    expect(tonight.find((d) => d.id === 'd')).toMatchObject({ left: undefined, isLow: false });
    expect(lastPoursAt({ hours: 4 })).toBe(180);
  });
});
