import { beforeEach, describe, expect, it, vi } from 'vitest';
import { STRENGTHS, strengthOf } from '@uisce/core/drink';
import { smallBottles, smallPlan } from '../testing/small-house';
import { openPage, SmallServer } from '../testing/small-server';
import { useAnswer } from '../solver/use-answer';
import { BY_REGION, useIndex, type IndexFilter } from './use-index';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const NOTHING: IndexFilter = {
  text: '',
  base: '',
  family: '',
  strength: '',
  region: '',
  kind: '',
  collection: '',
  reach: 'all',
};

beforeEach(async () => {
  vi.useFakeTimers();
  // 39.00 makes both sours; bitter and vermouth are in the house already.
  new SmallServer([['plan', smallPlan(0).id, smallPlan(3900)], ...smallBottles('bitter', 'vermouth')]);
  await openPage();
  await useAnswer().start();
  await vi.advanceTimersByTimeAsync(100);
});

function found(part: Partial<IndexFilter>): string[] {
  const { wanted, rows } = useIndex();
  Object.assign(wanted, NOTHING, part);
  return rows.value.map((r) => r.recipe.id);
}

describe('the index', () => {
  it('lists every drink by name, and by family in the order of the families', () => {
    expect(found({})).toEqual(['americano', 'daiquiri', 'gin-sour', 'negroni']);
    const { sections } = useIndex();
    expect(sections.value.map((s) => [s.title, s.rows.length])).toEqual([
      ['Sours', 2],
      ['Bitter aperitifs', 2],
    ]);
  });

  it('narrows by family, by what is in it, and by strength as served', () => {
    expect(found({ family: 'sour' })).toEqual(['daiquiri', 'gin-sour']);
    expect(found({ kind: 'vermouth' })).toEqual(['americano', 'negroni']);
    const bands = STRENGTHS.map((strength) => {
      const rows = found({ strength });
      for (const { abv } of useIndex().rows.value) expect(strengthOf(abv)).toBe(strength);
      return rows;
    });
    expect(bands.flat().sort()).toEqual(['americano', 'daiquiri', 'gin-sour', 'negroni']);
    expect(found({ strength: 'none' })).toEqual([]);
  });

  it('narrows by the region a drink is at home in, and goes through all of them', () => {
    expect(found({ region: 'caribbean' })).toEqual(['daiquiri']);
    expect(found({ region: BY_REGION })).toHaveLength(4);
    expect(useIndex().sections.value.map((s) => [s.title, s.rows.length])).toEqual([
      ['The Caribbean', 1],
      ['Everywhere, or nobody is sure', 3],
    ]);
  });

  it('tells what the plan makes from what is there already', () => {
    const open = new Set(found({ reach: 'plan' }));
    const result = useAnswer().result;
    expect([...open].sort()).toEqual(result?.answer.drinks.map((d) => d.id).sort());
    expect(open.size).toBeGreaterThan(1);
    // Citrus, soda and syrup are bought and made: bitter and vermouth by themselves make nothing here.
    expect(found({ reach: 'have' })).toEqual([]);
  });

  it('forgives a slip of the pen, and lists the best first without families', () => {
    expect(found({ text: 'negrni' })).toEqual(['negroni']);
    const { sections } = useIndex();
    expect(sections.value.map((s) => s.title)).toEqual(['']);
    expect(found({ text: 'zzzz' })).toEqual([]);
  });
});
