import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compareScores, needsOfGuests, scoreCard, type Candidate, type CardProblem } from './card.js';
import { findCard } from './find-card.js';
import { finds, type Guest } from './guest.js';
import { poursOf, usualThirst } from './thirst.js';

const guest = (more: Partial<Guest> = {}): Guest => ({
  ...{ id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001', name: 'Ann', count: 1, likes: [], dislikes: [] },
  ...{ allergens: [], noAlcohol: false, drives: false, ...more },
});

describe('who finds what', () => {
  const sour = { tastes: new Set(['sour', 'egg'] as const), allergens: ['egg' as const], abv: 0.16 };
  const cooler = { tastes: new Set(['sour'] as const), allergens: [], abv: 0 };

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
    guests: fc.integer({ min: 1, max: 5 }),
    size: fc.integer({ min: 1, max: 4 }),
    prices: fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 5 }),
    drinks: fc.array(
      fc.record({
        finds: fc.array(fc.boolean(), { minLength: 5, maxLength: 5 }),
        missing: fc.uniqueArray(fc.nat(4), { maxLength: 2 }),
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
  })
  .map(({ guests, size, prices, drinks, must, never }): CardProblem => ({
    candidates: drinks.map((d, i) => ({
      ...{
        id: `d${i}`,
        finds: d.finds.slice(0, guests),
        missing: d.missing.filter((m) => m < prices.length),
        parts: d.parts,
        work: d.work,
      },
      ...{ family: d.look[0], method: d.look[1], glass: d.look[2] },
    })),
    people: Array.from({ length: guests }, (_, g) => (g === 0 ? 3 : 1)),
    ...{ prices, size, must: must ? ['d0'] : [], never: never ? ['d1'] : [] },
  }));

describe('the card', () => {
  it('is the best of all there are, as trying every one shows', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        let best: Candidate[] | undefined;
        const walk = (from: number, chosen: Candidate[]): void => {
          if (chosen.length === problem.size) {
            const ids = chosen.map((c) => c.id);
            if (!problem.must.every((id) => ids.includes(id)) || problem.never.some((id) => ids.includes(id)))
              return;
            if (best === undefined || compareScores(scoreCard(problem, chosen), scoreCard(problem, best)) < 0)
              best = [...chosen];
            return;
          }
          for (let i = from; i < problem.candidates.length; i++)
            walk(i + 1, [...chosen, problem.candidates[i] as Candidate]);
        };
        walk(0, []);
        const found = findCard(problem);
        expect(found === undefined).toBe(best === undefined);
        if (found && best) {
          expect(found.score).toEqual(scoreCard(problem, best));
          expect(found.proven).toBe(true);
          const drinks = found.drinks.map((id) => problem.candidates.find((c) => c.id === id) as Candidate);
          expect(scoreCard(problem, drinks)).toEqual(found.score);
        }
      }),
      { numRuns: 400 },
    );
  });

  it('asks no more for a guest than there is, and says a better card as soon as there is one', () => {
    const one = (id: string, mine: boolean[], money: number[] = []): Candidate => ({
      ...{ id, finds: mine, missing: money, parts: [1], work: 10, family: 'f', method: 'm', glass: 'g' },
    });
    const problem: CardProblem = {
      candidates: [one('a', [true, false]), one('b', [true, true], [0]), one('c', [true, false])],
      ...{ people: [1, 1], prices: [500], size: 2, must: [], never: [] },
    };
    expect(needsOfGuests(problem)).toEqual([2, 1]);
    const better: number[] = [];
    const card = findCard(problem, { onBetter: (c) => better.push(c.score.lacking) });
    expect(card).toMatchObject({ score: { lacking: 0, money: 500 }, proven: true });
    expect(better.length).toBeGreaterThan(0);
    expect(findCard(problem, { isOver: () => true })?.drinks).toHaveLength(2);
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
    const pours = poursOf(all, [[true, true, false], [false, false, true], [true, false, true]], usualThirst(4), 3); // prettier-ignore
    expect(pours.total).toBe(30);
    expect(pours.byDrink.reduce((a, b) => a + b, 0)).toBe(30);
    // Ann 2.5 and 2.5, the driver 5, four more 10 and 10.
    expect(pours.byDrink).toEqual([13, 2, 15]);
    expect(pours.byHour).toEqual([12, 6, 6, 6]);
    expect(poursOf([guest()], [[false]], [2], 1)).toMatchObject({ total: 0, without: ['Ann'] });
  });
});
