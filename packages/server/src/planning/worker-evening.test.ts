import { describe, expect, it } from 'vitest';
import { kindIndex } from '@uisce/core/catalogue';
import { menuAskedSchema, scheduleProblemSchema } from '@uisce/core/evening';
import { emptyKit } from '@uisce/core/kit';
import { withBatchesPriced } from '@uisce/core/prices';
import { catalogue, shops } from '../testing/running-app.js';
import run from './worker.js';

const kinds = kindIndex(catalogue.kinds);
const prices = withBatchesPriced(shops[0] ?? expect.fail('there is a shop'), catalogue);
const house = {
  today: '2026-11-26',
  kit: emptyKit(),
  minMatch: 0.75,
  prices,
  changed: [],
  houseSyrupRatio: null,
  there: new Map(),
  freshPieces: new Map(),
};
const there = [...kinds.values()]
  .filter((k) => !k.abstract && k.supply !== 'fresh')
  .map((k) => ({ kind: k.id, ml: 2000 }));

describe('a menu, as it is asked over the API', () => {
  it('is proven, with who finds what, and what another bottle would have been', () => {
    const asked = menuAskedSchema.parse({
      guests: [
        { name: 'Ann', likes: ['sour'] },
        { name: 'Bo', drives: true },
        { name: 'more', count: 3, allergens: ['egg'] },
      ],
      size: 3,
      there,
    });
    const told = run({ kind: 'menu', problem: asked, house, seconds: 30 });
    if (told.kind !== 'answer' || !('coverage' in told.answer)) return expect.fail(told.kind);
    const { proven, score, coverage, drinks, missingMinor } = told.answer;
    expect(proven).toBe(true);
    expect(score.lacking).toBe(0);
    expect(missingMinor).toBe(score.money);
    expect(coverage.every((c) => c.finds.length >= c.needs && c.needs === 2)).toBe(true);
    // Five who have five pours each.
    expect(drinks.reduce((sum, d) => sum + d.glasses, 0)).toBe(25);
    const eggs = new Set(
      catalogue.recipes
        .filter((r) => r.slots.some((s) => kinds.get(s.kind)?.allergens.includes('egg')))
        .map((r) => r.id),
    );
    expect(coverage.find((c) => c.guest === 'more')?.finds.some((id) => eggs.has(id))).toBe(false);
  });

  it('says when there are fewer drinks than asked for', () => {
    const asked = menuAskedSchema.parse({ guests: [{ name: 'Ann' }], candidates: ['negroni'], size: 3 });
    expect(run({ kind: 'menu', problem: asked, house, seconds: 30 })).toMatchObject({
      kind: 'faults',
      faults: [{ pointer: '/size' }],
    });
  });
});

describe('a schedule, as it is asked over the API', () => {
  it('gives starts with their slack, or the task that stands in the way', () => {
    const task = (id: string, more: object = {}) => ({ id, name: id, minutes: 30, hands: true, ...more });
    const ask = (tasks: object[]) =>
      run({ kind: 'schedule', problem: scheduleProblemSchema.parse({ tasks, horizon: 120 }), seconds: 5 });
    expect(ask([task('batch'), task('table', { freshMinutes: 0 })])).toMatchObject({
      answer: {
        ok: true,
        starts: [
          { id: 'table', begins: 30, ends: 0, slack: 0 },
          { id: 'batch', begins: 60, ends: 30, slack: 60 },
        ],
      },
    });
    expect(ask([task('orgeat', { minutes: 300 })])).toMatchObject({
      answer: { ok: false, conflict: { task: 'orgeat', why: 'no-time' } },
    });
  });

  it('refuses a must that is never, or that cannot be made here, by where it stands', () => {
    const asked = (more: object) =>
      run({
        kind: 'menu',
        problem: menuAskedSchema.parse({ guests: [{ name: 'Ann' }], size: 2, ...more }),
        house,
        seconds: 30,
      });
    expect(asked({ must: ['negroni'], never: ['negroni'], there })).toMatchObject({
      kind: 'faults',
      faults: [{ pointer: '/must/0', code: 'mismatch' }],
    });
    const unsold = {
      ...house,
      prices: { ...prices, bottles: prices.bottles.filter((b) => b.kind !== 'red-bitter') },
    };
    const none = there.filter((t) => t.kind !== 'red-bitter' && !t.kind.includes('amaro'));
    const problem = menuAskedSchema.parse({
      guests: [{ name: 'Ann' }],
      size: 2,
      must: ['garibaldi'],
      there: none,
    });
    expect(
      run({
        kind: 'menu',
        problem,
        house: { ...unsold, minMatch: 1 },
        seconds: 30,
      }),
    ).toMatchObject({
      kind: 'faults',
      faults: [{ pointer: '/must/0' }],
    });
  });
});
