import { describe, expect, it } from 'vitest';
import { mustFaults } from './ask-menu.js';
import type { Candidate } from './menu.js';
import { newGuest, type Guest } from './guest.js';
import { contradictionsOf, lacksOf } from './lacks.js';

const guest = (name: string, more: Partial<Guest> = {}) =>
  newGuest({ id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001', name, ...more });
const candidate = (id: string, ...finds: boolean[]): Candidate => ({
  id,
  finds,
  uses: [],
  mixed: 0,
  parts: [],
  work: 1,
  family: 'sour',
  method: 'shake',
  glass: 'coupe',
});
const seats = (n: number) => Array.from({ length: n }, () => ({ people: 1, pours: 3, wants: 2 }));

describe('what a menu lacks', () => {
  it('is said of whoever finds fewer than two, however few there are for them at all', () => {
    const guests = [guest('Ann'), guest('Bo'), guest('Cy')];
    const candidates = [
      candidate('a', true, true, false),
      candidate('b', true, false, false),
      candidate('c', false, true, false),
    ];
    // Their needs were cut to what there is, and everyone was said to find two.
    expect(lacksOf(guests, { candidates, seats: seats(3) }, ['a', 'b'])).toEqual([
      { is: 'few', guest: 'Bo', finds: 1, exists: 2 },
      { is: 'few', guest: 'Cy', finds: 0, exists: 0 },
    ]);
    expect(lacksOf(guests.slice(0, 1), { candidates, seats: seats(1) }, ['a', 'b'])).toEqual([]);
  });

  it('is something without alcohol, where that is what is missing, and no drink short', () => {
    const candidates = [candidate('a', true, false), candidate('b', true, false), candidate('c', true, true)];
    const problem = { candidates, seats: seats(2) };
    expect(lacksOf([guest('Ann')], problem, ['a', 'b'])).toEqual([{ is: 'no-soft' }]);
    expect(lacksOf([guest('Ann')], problem, ['a', 'c'])).toEqual([]);
  });

  it('is nothing that can be mended where likes and nevers exclude each other', () => {
    const sour = guest('Ann', { likes: ['sour'], dislikes: ['sour'] });
    expect(lacksOf([sour], { candidates: [candidate('a', false)], seats: seats(1) }, ['a'])).toEqual([
      { is: 'contradiction', guest: 'Ann', tastes: ['sour'] },
    ]);
    expect(contradictionsOf(guest('Bo', { likes: ['egg', 'sour'], allergens: ['egg'] }))).toEqual(['egg']);
    expect(contradictionsOf(guest('Cy', { likes: ['strong'], drives: true }))).toEqual(['strong']);
    expect(contradictionsOf(guest('Di', { likes: ['sour'], dislikes: ['sweet'] }))).toEqual([]);
  });
});

it('a drink that must stand on a menu, and never, or cannot be made, is refused by where it stands', () => {
  expect(mustFaults({ must: ['a', 'b'], never: ['b'] })).toMatchObject([
    { pointer: '/must/1', code: 'mismatch' },
  ]);
  expect(mustFaults({ must: ['a', 'b'], never: [] }, (id) => id === 'b')).toMatchObject([
    { pointer: '/must/0' },
  ]);
  expect(mustFaults({ must: ['a'], never: ['b'] }, () => true)).toEqual([]);
});
