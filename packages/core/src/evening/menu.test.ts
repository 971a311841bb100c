import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  MENU_ORDER,
  compareScores,
  needsOfSeats,
  scoreMenu,
  type Candidate,
  type MenuProblem,
  type MenuScore,
} from './menu.js';
import { findMenu } from './find-menu.js';
import { swapsOf } from './good-menu.js';
import { finds, newGuest, type Guest } from './guest.js';
import { poursOf, thirstOf, usualThirst } from './thirst.js';
import { soldWare as ware } from '../testing/menus.js';

const guest = (more: Partial<Guest> = {}) =>
  newGuest({ id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001', name: 'Ann', ...more });

describe('who finds what', () => {
  const sour = {
    tastes: new Set(['sour', 'egg'] as const),
    allergens: ['egg' as const],
    mayHold: [],
    kinds: new Set<string>(),
    unknown: [],
    noAlcohol: false,
  };
  const cooler = {
    tastes: new Set(['sour'] as const),
    allergens: [],
    mayHold: [],
    kinds: new Set<string>(),
    unknown: [],
    noAlcohol: true,
  };

  it('is what one may have, does not dislike, and likes where one said what', () => {
    expect(finds(guest(), sour)).toBe(true);
    expect(finds(guest({ allergens: ['egg'] }), sour)).toBe(false);
    expect(finds(guest({ dislikes: ['sour'] }), cooler)).toBe(false);
    expect(finds(guest({ likes: ['bitter'] }), cooler)).toBe(false);
    expect(finds(guest({ likes: ['bitter', 'sour'] }), cooler)).toBe(true);
    // Who drives has nothing with alcohol, however little.
    expect(finds(guest({ drives: true }), sour)).toBe(false);
    expect(finds(guest({ drives: true, likes: ['bitter'] }), cooler)).toBe(true);
  });
});

const problems = fc
  .record({
    seats: fc.array(
      fc.record({ people: fc.integer({ min: 1, max: 3 }), pours: fc.integer({ min: 1, max: 5 }) }),
      { minLength: 1, maxLength: 5 },
    ),
    size: fc.integer({ min: 1, max: 4 }),
    wares: fc.array(
      fc.tuple(
        fc.integer({ min: 0, max: 12 }),
        fc.array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 30 })), { maxLength: 2 }),
      ),
      { minLength: 1, maxLength: 5 },
    ),
    drinks: fc.array(
      fc.record({
        finds: fc.array(fc.boolean(), { minLength: 5, maxLength: 5 }),
        uses: fc.uniqueArray(fc.record({ ware: fc.nat(4), amount: fc.integer({ min: 1, max: 4 }) }), {
          maxLength: 3,
          selector: (u) => u.ware,
        }),
        mixed: fc.constantFrom(0, 0, 2),
        parts: fc.uniqueArray(fc.nat(8), { minLength: 1, maxLength: 4 }),
        work: fc.integer({ min: 10, max: 90 }),
        look: fc.tuple(
          fc.constantFrom('sour', 'fizz'),
          fc.constantFrom('shake', 'stir'),
          fc.constantFrom('coupe', 'rocks'),
        ),
      }),
      { minLength: 4, maxLength: 9 },
    ),
    must: fc.boolean(),
    never: fc.boolean(),
    order: fc.shuffledSubarray([...MENU_ORDER], { minLength: 5 }),
    usual: fc.boolean(),
  })
  .map(({ seats, size, wares, drinks, must, never, order, usual }): MenuProblem => ({
    candidates: drinks.map((d, i) => ({
      id: `d${i}`,
      finds: d.finds.slice(0, seats.length),
      mixed: d.mixed,
      parts: d.parts,
      work: d.work,
      uses: d.uses.filter((u) => u.ware < wares.length),
      family: d.look[0],
      method: d.look[1],
      glass: d.look[2],
    })),
    seats: seats.map((s) => ({ ...s, wants: 2 })),
    wares: wares.map(([there, packs], w) => ware(`w${w}`, there, packs)),
    size,
    must: must ? ['d0'] : [],
    never: never ? ['d1'] : [],
    order: usual ? [...MENU_ORDER] : order,
  }));

/** Every menu that may be, judged. */
function* everyMenu(problem: MenuProblem): Generator<Candidate[]> {
  const { candidates, size, must, never } = problem;
  const walk = function* (from: number, chosen: Candidate[]): Generator<Candidate[]> {
    if (chosen.length < size) {
      for (let i = from; i < candidates.length; i++)
        yield* walk(i + 1, [...chosen, candidates[i] as Candidate]);
      return;
    }
    const ids = chosen.map((c) => c.id);
    if (must.every((id) => ids.includes(id)) && !never.some((id) => ids.includes(id))) yield chosen;
  };
  yield* walk(0, []);
}

describe('the menu', () => {
  it('is the best of all there are, whatever decides first, as trying every one shows', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        let best: MenuScore | undefined;
        for (const drinks of everyMenu(problem)) {
          const score = scoreMenu(problem, drinks);
          if (best === undefined || compareScores(score, best, problem.order) < 0) best = score;
        }
        const found = findMenu(problem);
        expect(found?.score).toEqual(best);
        expect(found?.proven ?? true).toBe(true);
        if (!found) return;
        const drinks = found.drinks.map((id) => problem.candidates.find((c) => c.id === id) as Candidate);
        expect(scoreMenu(problem, drinks)).toEqual(found.score);
        // No swap is better than what is proven best, and each says what it does.
        for (const swap of swapsOf(problem, found.drinks)) {
          const other = found.drinks.map((id) => (id === swap.out ? swap.in : id));
          const score = scoreMenu(
            problem,
            problem.candidates.filter((c) => other.includes(c.id)),
          );
          expect(score.money - found.score.money).toBe(swap.moneyMinor);
          expect(compareScores(score, found.score, problem.order)).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 600 },
    );
  });

  it('asks no more for a guest than there is, and says a better menu as soon as there is one', () => {
    const one = (id: string, mine: boolean[], uses: Candidate['uses'] = []): Candidate => ({
      id,
      finds: mine,
      uses,
      mixed: 0,
      parts: [1],
      work: 10,
      family: 'f',
      method: 'm',
      glass: 'g',
    });
    const problem: MenuProblem = {
      candidates: [
        one('a', [true, false]),
        one('b', [true, true], [{ ware: 0, amount: 1 }]),
        one('c', [true, false]),
      ],
      seats: [
        { people: 1, pours: 4, wants: 2 },
        { people: 1, pours: 4, wants: 2 },
      ],
      wares: [ware('w', 0, [[6, 500]])],
      size: 2,
      must: [],
      never: [],
    };
    expect(needsOfSeats(problem)).toEqual([2, 1]);
    const better: number[] = [];
    const menu = findMenu(problem, { onBetter: (c) => better.push(c.score.lacking) });
    // The second has all four of their pours of b, the first two: six, which is one pack.
    expect(menu).toMatchObject({ score: { lacking: 0, money: 500 }, proven: true });
    expect(better.length).toBeGreaterThan(0);
    expect(findMenu(problem, { isOver: () => true })?.drinks).toHaveLength(2);
  });
});

describe('pours', () => {
  // Common practice: two in the first hour, one an hour after. Six guests for four hours: 30 pours.
  it('are shared by who finds what, in whole glasses, their sum kept', () => {
    expect(usualThirst(4)).toEqual([2, 1, 1, 1]);
    const all = [
      guest({ name: 'Ann' }),
      guest({ name: 'Bo', drives: true }),
      guest({ name: 'more', count: 4 }),
    ];
    const pours = poursOf(
      all,
      [
        [true, true, false],
        [false, false, true],
        [true, false, true],
      ],
      usualThirst(4),
      3,
    );
    expect(pours.total).toBe(30);
    expect(pours.byDrink.reduce((a, b) => a + b, 0)).toBe(30);
    // Ann 2.5 and 2.5, the driver 5, four more 10 and 10.
    expect(pours.byDrink).toEqual([13, 2, 15]);
    expect(pours.byHour).toEqual([12, 6, 6, 6]);
    expect(poursOf([guest()], [[false]], [2], 1)).toMatchObject({ total: 0, without: ['Ann'] });
    // As it was learnt last time; beyond what was learnt the last hour goes on.
    expect(thirstOf({ hours: 4, thirst: [1.5, 0.5] })).toEqual([1.5, 0.5, 0.5, 0.5]);
    expect(thirstOf({ hours: 2, thirst: null })).toEqual([2, 1]);
  });
});
