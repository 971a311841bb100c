import { describe, expect, it } from 'vitest';
import { WORKED_EXAMPLE } from '../testing/worked-example.js';
import { oversize, planProblemSchema, PROBLEM_LIMITS } from './problem.js';

const faultAt = (change: object) => {
  const result = planProblemSchema.safeParse({ ...WORKED_EXAMPLE, ...change });
  return result.success ? undefined : result.error.issues[0]?.path.join('/');
};
const [firstItem] = WORKED_EXAMPLE.items;

describe('a malformed problem is refused at the path of its fault', () => {
  it.each([
    ['negative budget', { budget: -1 }, 'budget'],
    ['budget in fractions of a cent', { budget: 10.5 }, 'budget'],
    ['price as text', { items: [{ ...firstItem, price: '17' }] }, 'items/0/price'],
    ['doubled id', { items: [firstItem, firstItem] }, 'items/1/id'],
    ['unknown owned item', { owned: ['nothing'] }, 'owned/0'],
    ['unknown must-drink', { mustDrinks: ['nothing'] }, 'mustDrinks/0'],
    [
      'fit above 1',
      { drinks: [{ id: 'd', slots: [{ any: [{ all: ['x'], fit: 1.2 }] }] }] },
      'drinks/0/slots/0/any/0/fit',
    ],
    ['another format', { format: 'uisce-plan-problem/9' }, 'format'],
    ['a misspelt limit', { maxCountd: 3 }, ''],
  ])('%s', (_name, change, path) => {
    expect(faultAt(change)).toBe(path);
  });

  it('accepts the worked example as it is', () => {
    expect(faultAt({})).toBeUndefined();
  });
});

it('names the size limit a problem exceeds', () => {
  expect(oversize(WORKED_EXAMPLE)).toBeUndefined();
  const drinks = Array.from({ length: PROBLEM_LIMITS.drinks + 1 }, () => ({ slots: [] }));
  expect(oversize({ ...WORKED_EXAMPLE, drinks })).toMatch(/10001 drinks/);
});
