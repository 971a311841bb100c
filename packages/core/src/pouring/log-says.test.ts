import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../base/days.js';
import { localMoment } from '../base/zone.js';
import { testRecipe } from '../testing/trade.js';
import { eveningSoFar } from './evening-so-far.js';
import { eveningsPoured, favourites, idleKinds, monthsPoured, weeksPoured } from './history.js';
import { specsLearnt, tastesLearnt } from './learn.js';
import { paceOf } from './pace.js';
import { eveningOf, type Pour } from './pour.js';
import { POUR_COLUMNS, pourRows } from './pour-table.js';
import {
  martiniKinds as kinds,
  LOG_DAY as DAY,
  newId,
  bottleOf as bottle,
  martini,
} from '../testing/martinis.js';
const pour = (more: Partial<Pour>): Pour => ({
  id: newId(),
  at: `${more.on ?? DAY}T20:00:00.000Z`,
  on: DAY,
  drink: 'martini',
  name: 'Martini',
  glasses: 1,
  for: [],
  parts: [],
  servedMl: 100,
  abv: 0.3,
  ethanolG: 20,
  costMinor: null,
  currency: null,
  verdict: null,
  tasted: [],
  note: '',
  round: null,
  ...more,
});

describe('what a log says', () => {
  it('belongs to the evening before until five in the morning', () => {
    expect(eveningOf({ day: '2026-11-27', minutes: 299 })).toBe('2026-11-26');
    expect(eveningOf({ day: '2026-11-27', minutes: 300 })).toBe('2026-11-27');
  });

  it('never goes back to an earlier evening while time goes on, though clocks are put back', () => {
    const zones = ['Europe/Dublin', 'America/Santiago', 'Asia/Beirut', 'Australia/Lord_Howe', 'UTC'];
    fc.assert(
      fc.property(
        fc.constantFrom(...zones),
        fc.integer({ min: Date.UTC(2026, 0), max: Date.UTC(2029, 0) }),
        fc.integer({ min: 0, max: 36 * 3_600_000 }),
        (zone, ms, more) => {
          const of = (at: number) => eveningOf(localMoment(new Date(at), zone));
          expect(of(ms + more) >= of(ms)).toBe(true);
        },
      ),
    );
    // Beirut goes back from midnight to eleven: the same evening, twice (IANA time zone database, 25 October 2026).
    const twice = ['2026-10-24T20:30:00Z', '2026-10-24T21:30:00Z'].map((at) =>
      localMoment(new Date(at), 'Asia/Beirut'),
    );
    expect(twice.map(eveningOf)).toEqual(['2026-10-24', '2026-10-24']);
    expect(twice[1]).toEqual({ day: '2026-10-24', minutes: 23 * 60 + 30 });
  });

  it('what is liked, what a month cost, which evenings, and what stands idle', () => {
    const log = [
      pour({
        on: '2026-11-01',
        verdict: 5,
        costMinor: 200,
        currency: 'EUR',
        parts: [{ kind: 'gin', ml: 60, pieces: 0, drawn: [] }],
      }),
      pour({ on: '2026-11-20', verdict: 4, costMinor: 100, currency: 'EUR', glasses: 2 }),
      pour({ on: '2026-10-30', drink: 'sour', name: 'Sour', verdict: 2 }),
      pour({ on: '2026-11-20', drink: 'given-up', name: 'Given up', glasses: 0 }),
    ];
    expect(favourites(log).map((f) => [f.name, f.mean, f.times])).toEqual([
      ['Martini', 4.5, 2],
      ['Sour', 2, 1],
    ]);
    expect(monthsPoured(log)[0]).toEqual({ month: '2026-11', glasses: 3, costMinor: 300, currency: 'EUR' });
    expect([...eveningsPoured(log)]).toEqual([
      ['2026-11-01', 1],
      ['2026-11-20', 2],
      ['2026-10-30', 1],
    ]);
    expect(weeksPoured(log, '2026-11-26', 2).map((w) => w.glasses)).toEqual([0, 2]);
    const maraschino = bottle('maraschino', { leftMl: 400, boughtOn: '2026-06-20' });
    const idle = idleKinds([maraschino, bottle('gin', { boughtOn: '2026-06-01' })], log, DAY, 60);
    expect(idle).toEqual([{ kind: 'maraschino', days: 159 }]);
  });

  it('a pace: the same every week is that much a week, and habits change it by half in four weeks', () => {
    const weekly = (from: number, to: number, ml: number) =>
      Array.from({ length: from - to }, (_, i) => i + to)
        .filter((ago) => ago % 7 === 3)
        .map((ago) => pour({ on: addDays(DAY, -ago), parts: [{ kind: 'gin', ml, pieces: 0, drawn: [] }] }));
    expect(paceOf(weekly(140, 0, 70), DAY)?.mlPerWeek.get('gin')).toBeCloseTo(70, -1);
    expect(paceOf(weekly(21, 0, 70), DAY)).toBeUndefined();
    const slowed = paceOf([...weekly(364, 28, 100), ...weekly(28, 0, 0)], DAY)?.mlPerWeek.get('gin');
    expect(slowed).toBeGreaterThan(40);
    expect(slowed).toBeLessThan(55);
  });

  it('asks about a taste that stands apart, and never where the Brief says so already', () => {
    const negroni = testRecipe(
      [
        ['gin', '30 ml', 'base'],
        ['red-bitter', '30 ml', 'bitter'],
      ],
      { id: 'negroni', method: 'stir' },
    );
    const recipes = new Map([
      ['negroni', negroni],
      ['martini', martini],
    ]);
    const log = [1, 2, 2, 2]
      .map((verdict) => pour({ drink: 'negroni', verdict }))
      .concat([5, 4, 4, 4].map((verdict) => pour({ verdict })));
    const bitter = (says: 'like' | 'fine' | 'no') =>
      tastesLearnt(log, recipes, kinds, () => says).find((t) => t.taste === 'bitter')?.suggests;
    expect(bitter('fine')).toBe('no');
    expect(bitter('like')).toBe('fine');
    expect(bitter('no')).toBeUndefined();
    expect(tastesLearnt(log.slice(1), recipes, kinds, () => 'fine')).toEqual([]);
  });

  it('proposes the smallest step of a spec that was found wrong twice', () => {
    const tasted = [pour({ tasted: ['too-strong'] }), pour({ tasted: ['too-strong', 'too-sweet'] })];
    expect(specsLearnt(tasted, new Map([['martini', martini]]))).toEqual([
      {
        drink: 'martini',
        name: 'Martini',
        tasted: 'too-strong',
        times: 2,
        change: { kind: 'gin', fromMl: 60, toMl: 50 },
      },
    ]);
  });

  // Standard drinks: 10 g in Ireland, 14 g in the US (national guidance, from memory).
  it('adds up each one’s evening against their own limit', () => {
    const log = [
      pour({ for: ['Ann', 'Bo'], glasses: 2, ethanolG: 14 }),
      pour({ for: ['Ann'], ethanolG: 14 }),
      pour({ on: '2026-11-25', for: ['Ann'] }),
    ];
    const so = eveningSoFar(log, DAY, { g: 14 }, (name) => (name === 'Ann' ? 2 : null));
    expect(so).toEqual([
      { name: 'Ann', glasses: 2, standard: 2, limit: 2, past: true },
      { name: 'Bo', glasses: 1, standard: 1, limit: null, past: false },
    ]);
  });

  it('is a table, a row an entry, the newest first', () => {
    const rows = pourRows([pour({ on: '2026-11-01' }), pour({ verdict: 3, for: ['Ann', 'Bo'] })]);
    expect(rows.map((r) => [r.on, r.verdict, r.for])).toEqual([
      [DAY, '3', 'Ann; Bo'],
      ['2026-11-01', '', ''],
    ]);
    expect(Object.keys(rows[0] ?? {}).sort()).toEqual([...POUR_COLUMNS].sort());
  });
});
