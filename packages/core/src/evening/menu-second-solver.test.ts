import { beforeAll, describe, expect, it } from 'vitest';
import type { Highs } from 'highs';
import { highsForTests } from '../testing/highs.js';
import { needsOfSeats, type MenuProblem, type MenuScore } from './menu.js';
import { findMenu } from './find-menu.js';
import { soldWare as ware } from '../testing/menus.js';

describe('large menus, checked by another solver', () => {
  let highs: Highs;
  beforeAll(async () => {
    highs = await highsForTests();
  });

  /** A draw that is the same every time. */
  function draws(seed: number): () => number {
    let state = seed;
    return () => (state = (state * 16807) % 2147483647) / 2147483647;
  }
  /** 60 drinks and 12 guests; a pack of what is missing lasts the evening, so that its price does not hang on the pours. */
  function large(seed: number): MenuProblem {
    const chance = draws(seed);
    const some = (n: number, of: number) =>
      Array.from({ length: of }, (_, i) => i).filter(() => chance() < n / of);
    return {
      candidates: Array.from({ length: 60 }, (_, i) => ({
        id: `d${i}`,
        finds: Array.from({ length: 12 }, () => chance() < 0.3),
        mixed: 0,
        uses: some(1.6, 20).map((w) => ({ ware: w, amount: 1 })),
        parts: some(3, 25),
        work: 20 + Math.floor(chance() * 60),
        family: `f${Math.floor(chance() * 8)}`,
        method: `m${Math.floor(chance() * 4)}`,
        glass: `g${Math.floor(chance() * 5)}`,
      })),
      seats: Array.from({ length: 12 }, () => ({ people: 1 + Math.floor(chance() * 2), pours: 6, wants: 2 })),
      wares: Array.from({ length: 20 }, (_, w) =>
        ware(`w${w}`, 0, [[1e6, 100 + Math.floor(chance() * 30) * 50]]),
      ),
      size: 4,
      must: [],
      never: [],
    };
  }
  /** The same as a mixed-integer program, one aim after the other, each held while the next is sought. */
  function byHighs({ candidates, seats, wares, size }: MenuProblem): Omit<MenuScore, 'sameness'> {
    const needs = needsOfSeats({ candidates, seats });
    const sum = (terms: string[]) => (terms.length === 0 ? '0 x0' : terms.join(' + '));
    const aims = {
      lacking: sum(seats.map((s, i) => `${s.people} l${i}`)),
      money: sum(wares.map((w, i) => `${w.packs[0]?.priceMinor ?? 0} w${i}`)),
      parts: sum(Array.from({ length: 25 }, (_, k) => `p${k}`)),
      work: sum(candidates.map((c, i) => `${c.work} x${i}`)),
    };
    const rows = [
      `${sum(candidates.map((_, i) => `x${i}`))} = ${size}`,
      ...seats.map(
        (_, s) =>
          `${sum([`l${s}`, ...candidates.flatMap((c, i) => (c.finds[s] ? [`x${i}`] : []))])} >= ${needs[s] ?? 0}`,
      ),
      // A drink that nobody finds is poured for nobody, and needs nothing bought.
      ...candidates.flatMap((c, i) =>
        c.finds.some(Boolean) ? c.uses.map((u) => `w${u.ware} - x${i} >= 0`) : [],
      ),
      ...candidates.flatMap((c, i) => c.parts.map((p) => `p${p} - x${i} >= 0`)),
    ];
    const whole = [
      ...candidates.map((_, i) => `x${i}`),
      ...wares.map((_, i) => `w${i}`),
      ...Array.from({ length: 25 }, (_, k) => `p${k}`),
    ];
    const out = { lacking: 0, money: 0, parts: 0, work: 0 };
    for (const aim of ['lacking', 'money', 'parts', 'work'] as const) {
      const text = [
        ...['Minimize', ` obj: ${aims[aim]}`, 'Subject To', ...rows.map((r, i) => ` r${i}: ${r}`)],
        ...['Binary', ` ${whole.join(' ')}`, 'General', ` ${seats.map((_, s) => `l${s}`).join(' ')}`, 'End'],
      ].join('\n');
      const solved = highs.solve(text);
      expect(solved.Status).toBe('Optimal');
      out[aim] = Math.round(solved.ObjectiveValue);
      rows.push(`${aims[aim]} <= ${out[aim]}`);
    }
    return out;
  }

  it.each([7, 21, 63, 189, 567, 1701])(
    'are the best by each aim in turn, as HiGHS finds them (draw %d)',
    (seed) => {
      const problem = large(seed);
      const menu = findMenu(problem);
      expect(menu?.proven).toBe(true);
      expect(menu?.score).toMatchObject(byHighs(problem));
    },
  );
});
