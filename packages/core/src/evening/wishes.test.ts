import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MENU_ORDER } from './menu.js';
import { demand, free, refuse, sooner, type MenuWishes } from './wishes.js';

const id = fc.constantFrom('americano', 'daiquiri', 'gin-sour', 'limeade', 'negroni');
const act = fc.record({ does: fc.constantFrom('demand', 'refuse', 'free'), id });

describe('what must and what never stands on a menu', () => {
  it('says of no drink both, none twice, and no more than there is room for, whatever is asked in whatever order', () => {
    fc.assert(
      fc.property(fc.array(act), fc.integer({ min: 2, max: 5 }), (acts, size) => {
        let wishes: MenuWishes = { must: [], never: [] };
        for (const one of acts) {
          if (one.does === 'demand') wishes = demand(wishes, one.id, size);
          else wishes = (one.does === 'refuse' ? refuse : free)(wishes, one.id);
          const { must, never } = wishes;
          expect(must.includes(one.id)).toBe(one.does === 'demand');
          expect(never.includes(one.id)).toBe(one.does === 'refuse');
          expect(new Set([...must, ...never]).size).toBe(must.length + never.length);
          expect(must.length).toBeLessThanOrEqual(size);
        }
      }),
    );
  });

  it('is decided by a criterion one place sooner, the others as they were', () => {
    expect(sooner(MENU_ORDER, 'money')).toEqual(['money', 'seats', 'parts', 'work', 'variety']);
    expect(sooner(MENU_ORDER, 'seats')).toEqual(MENU_ORDER);
    expect(sooner(['variety', 'work'], 'work')).toEqual(['work', 'variety']);
  });
});
