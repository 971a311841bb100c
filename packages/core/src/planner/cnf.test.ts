import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { absorb, either, implies, type Cnf } from './cnf.js';

const clause = fc.uniqueArray(fc.nat(5), { minLength: 1, maxLength: 4 }).map((c) => c.sort((a, b) => a - b));
const condition = fc.array(clause, { maxLength: 4 });
const holds = (cnf: Cnf, set: number) => cnf.every((c) => c.some((m) => (set >> m) & 1));
const sets = Array.from({ length: 64 }, (_, set) => set);

describe('conditions in conjunctive form', () => {
  it('mean the same after absorbing, with no clause inside another', () => {
    fc.assert(
      fc.property(condition, (cnf) => {
        const small = absorb(cnf);
        for (const set of sets) expect(holds(small, set)).toBe(holds(cnf, set));
        for (const a of small) {
          for (const b of small) expect(a !== b && a.every((m) => b.includes(m))).toBe(false);
        }
      }),
    );
  });

  it('multiply out to what "either" means', () => {
    fc.assert(
      fc.property(fc.array(condition, { minLength: 1, maxLength: 3 }), (conditions) => {
        const product = either(conditions.map(absorb), 1000) as Cnf;
        for (const set of sets) expect(holds(product, set)).toBe(conditions.some((c) => holds(c, set)));
      }),
    );
  });

  it('imply exactly what every set that meets them meets', () => {
    fc.assert(
      fc.property(condition, condition, (a, b) => {
        expect(implies(a, b)).toBe(sets.every((set) => !holds(a, set) || holds(b, set)));
      }),
    );
  });

  it('are left alone when multiplying out would be too long', () => {
    const pair = (n: number): Cnf => [[2 * n], [2 * n + 1]];
    expect(either([0, 1, 2, 3].map(pair), 10)).toBeUndefined();
    expect(either([0, 1].map(pair), 10)).toHaveLength(4);
  });
});
