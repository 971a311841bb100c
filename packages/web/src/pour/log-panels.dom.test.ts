import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Component } from 'vue';
import type { Pour } from '@uisce/core/pouring';
import { bottleThere } from '@uisce/core/stock';
import { usePlans } from '../household/use-plans';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import FavouritesPanel from './FavouritesPanel.vue';
import LearntPanel from './LearntPanel.vue';
import SpentPanel from './SpentPanel.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

const ID = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
let n = 0;
const pour = (drink: string, on: string, more: Partial<Pour> = {}): [string, string, unknown] => {
  const id = ID(100 + n++);
  return [
    'pour',
    id,
    {
      id,
      at: `${on}T20:00:00.000Z`,
      on,
      drink,
      name: drink.replace('-', ' '),
      glasses: 1,
      for: [],
      parts: [],
      servedMl: 100,
      abv: 0.2,
      ethanolG: 16,
      costMinor: null,
      currency: null,
      verdict: null,
      tasted: [],
      note: '',
      round: null,
      ...more,
    } satisfies Pour,
  ];
};
let house: InSmallHouse;
afterEach(() => house.page.unmount());
const open = async (card: Component, ...things: [string, string, unknown][]) => {
  house = await inHouse(card, {}, [['plan', smallPlan(0).id, smallPlan(4700)], ...things]);
};
const rows = () => house.page.findAll('tbody tr').map((r) => r.findAll('th, td').map((c) => c.text()));

describe('what it cost', () => {
  it('adds up month by month, the newest first, and a glass by the glasses', async () => {
    const paid = (costMinor: number, glasses = 1) => ({ costMinor, currency: 'EUR', glasses });
    await open(
      SpentPanel,
      pour('negroni', '2026-10-03', paid(180)),
      pour('negroni', '2026-11-03', paid(400, 2)),
      pour('daiquiri', '2026-11-20', paid(125)),
    );
    expect(rows()).toEqual([
      ['Nov 2026', '3', '€5.25', '€1.75'],
      ['Oct 2026', '1', '€1.80', '€1.80'],
    ]);
  });

  it('names what was bought and has poured nothing for weeks, and nothing that did', async () => {
    const bottle = (kind: string, openedOn: string): [string, string, unknown] => {
      const id = ID(n++);
      return [
        'bottle',
        id,
        { ...bottleThere(id, kind), sizeMl: 700, leftMl: 600, boughtOn: openedOn, openedOn },
      ];
    };
    await open(
      SpentPanel,
      bottle('bitter', '2026-08-01'),
      bottle('gin', '2026-08-01'),
      pour('gin-sour', '2026-11-20', {
        parts: [{ kind: 'gin', ml: 60, pieces: 0, drawn: [] }],
      }),
    );
    expect(said(house.page)).toMatch(/The red bitter has made nothing in \d months?\./);
    expect(said(house.page)).not.toContain('The gin has');
  });
});

describe('what is liked best', () => {
  it('is nothing while nobody said', async () => {
    await open(FavouritesPanel, pour('negroni', '2026-11-03'));
    expect(house.page.find('table').exists()).toBe(false);
  });

  it('is the best mean first, with how often and when last', async () => {
    await open(
      FavouritesPanel,
      pour('negroni', '2026-11-03', { verdict: 5 }),
      pour('negroni', '2026-11-21', { verdict: 4 }),
      pour('daiquiri', '2026-11-10', { verdict: 3 }),
    );
    expect(rows()).toEqual([
      ['negroni', '4.5', '2', '21 Nov 2026'],
      ['daiquiri', '3.0', '1', '10 Nov 2026'],
    ]);
    expect(house.page.find('a').attributes('href')).toBe('/notebook/negroni');
  });
});

describe('what verdicts teach', () => {
  it('is asked, and the Brief changes by a tap alone', async () => {
    const bitter = ['negroni', 'americano'].flatMap((d) =>
      Array.from({ length: 5 }, (_, i) => pour(d, `2026-11-0${i + 1}`, { verdict: 5 })),
    );
    const others = Array.from({ length: 10 }, (_, i) =>
      pour(i % 2 ? 'gin-sour' : 'daiquiri', `2026-11-${10 + i}`, { verdict: 2 }),
    );
    await open(LearntPanel, ...bitter, ...others);
    expect(said(house.page)).toMatch(/You rate bitter drinks 5 of 5, others 2 \(10 verdicts\)/);
    expect(usePlans().brief?.tastes).toEqual({});
    const like = house.page.findAll('button').find((b) => /^Count them more/.test(b.text()));
    await like?.trigger('click');
    await house.settle();
    expect(usePlans().brief?.tastes).toEqual({ bitter: 'like' });
    // What the Brief says is not asked again.
    expect(said(house.page)).not.toContain('You rate bitter drinks');
  });

  it('says nothing where nothing stands apart', async () => {
    await open(LearntPanel, pour('negroni', '2026-11-03', { verdict: 4 }));
    expect(said(house.page)).toBe('');
  });
});
