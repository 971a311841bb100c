import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../base/days.js';
import { emptyKit } from '../kit/kit.js';
import { bottleThere, type Bottle } from '../stock/bottle.js';
import { testCatalogue, testKinds, testRecipe } from '../testing/trade.js';
import { drawFrom, givenBack, type BatchLeft } from './draw.js';
import { eveningSoFar } from './evening-so-far.js';
import { goOn } from './go-on.js';
import { eveningsPoured, favourites, idleKinds, monthsPoured, weeksPoured } from './history.js';
import { specsLearnt, tastesLearnt } from './learn.js';
import { logOrders, logRound, type Stock } from './log-round.js';
import { roundInHand } from './round-in-hand.js';
import { paceOf } from './pace.js';
import { eveningOf, pourSchema, type Pour } from './pour.js';
import { POUR_COLUMNS, pourRows } from './pour-table.js';
import type { Round } from './round.js';

const kinds = testKinds(
  ['gin', { abv: 0.4 }],
  ['vermouth', { abv: 0.16, openDays: 60 }],
  ['red-bitter', { abv: 0.25, tastes: ['bitter'] }],
  ['lime-juice', { supply: 'fresh', acidGPerL: 60 }],
  ['syrup', { supply: 'home-made', sugarGPerL: 615 }],
);
const DAY = '2026-11-26';
let n = 0;
const newId = () => `7a1b0c52-0d5f-4a63-9d0e-${String((n += 1)).padStart(12, '0')}`;
const bottle = (kind: string, more: Partial<Bottle>): Bottle => ({
  ...bottleThere(newId(), kind),
  sizeMl: 700,
  ...more,
});
const martini = testRecipe(
  [
    ['gin', '60 ml', 'base'],
    ['vermouth', '10 ml', 'aromatic'],
  ],
  { id: 'martini', name: 'Martini', method: 'stir' },
);
const order = (count = 1, who: string[] = []) => ({
  drink: martini,
  of: 'martini',
  count,
  for: who,
  cannot: [],
});
const stock = (bottles: Bottle[], batches: BatchLeft[] = []): Stock => ({
  bottles,
  batches,
  kinds,
  currency: 'EUR',
  minorPerMl: () => 2.5,
});
const written = { at: `${DAY}T20:00:00.000Z`, on: DAY, newId };
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

describe('what is poured comes out of the bottles', () => {
  it('open before new, the older first, on into the next, and a batch that turns before them', () => {
    const old = bottle('gin', { leftMl: 40, openedOn: '2026-09-01', boughtOn: '2026-08-30' });
    const open = bottle('gin', { leftMl: 300, openedOn: '2026-11-01' });
    const fresh = bottle('gin', { leftMl: 700, boughtOn: '2026-07-01' });
    const drawn = drawFrom([{ kind: 'gin', ml: 60, pieces: 0 }], [fresh, open, old], [], kinds, DAY);
    expect(drawn.bottles.find((b) => b.id === old.id)).toMatchObject({ leftMl: 0, finishedOn: DAY });
    expect(drawn.bottles.find((b) => b.id === open.id)).toMatchObject({ leftMl: 280, finishedOn: null });
    expect(drawn.bottles).toHaveLength(2);
    expect(drawn.parts[0]?.drawn.map((d) => [d.ml, d.emptied])).toEqual([
      [40, true],
      [20, false],
    ]);
    // A new one is opened on the day; what is there and not measured stays so.
    const [opened] = drawFrom([{ kind: 'gin', ml: 60, pieces: 0 }], [fresh], [], kinds, DAY).bottles;
    expect(opened).toMatchObject({ leftMl: 640, openedOn: DAY });
    const [unknown] = drawFrom(
      [{ kind: 'gin', ml: 60, pieces: 0 }],
      [bottle('gin', { sizeMl: null })],
      [],
      kinds,
      DAY,
    ).bottles;
    expect(unknown).toMatchObject({ leftMl: null, finishedOn: null });
    const made = drawFrom(
      [{ kind: 'syrup', ml: 20, pieces: 0 }],
      [],
      [{ id: newId(), kind: 'syrup', leftMl: 100, until: null }],
      kinds,
      DAY,
    );
    expect([...made.batches.values()]).toEqual([80]);
    const limes = bottle('lime-juice', { pieces: 3, boughtOn: DAY });
    expect(
      drawFrom([{ kind: 'lime-juice', ml: 45, pieces: 0 }], [limes], [], kinds, DAY).bottles[0]?.pieces,
    ).toBe(1);
  });

  it('levels and what was poured add up to what was there, and taken back it stands as it did', () => {
    const level = fc.record({
      left: fc.integer({ min: 0, max: 700 }),
      kind: fc.constantFrom('gin', 'vermouth'),
    });
    const asks = fc.array(
      fc.record({
        kind: fc.constantFrom('gin', 'vermouth', 'syrup'),
        ml: fc.integer({ min: 0, max: 4000 }).map((x) => x / 10),
      }),
      { minLength: 1, maxLength: 5 },
    );
    const batch = fc.option(fc.integer({ min: 1, max: 500 }));
    fc.assert(
      fc.property(fc.array(level, { maxLength: 5 }), batch, asks, (levels, syrup, asked) => {
        const bottles = levels.map(({ left, kind }) =>
          bottle(kind, { leftMl: left, openedOn: '2026-11-01' }),
        );
        const batches = syrup === null ? [] : [{ id: newId(), kind: 'syrup', leftMl: syrup, until: null }];
        const drawn = drawFrom(
          asked.map((a) => ({ ...a, pieces: 0 })),
          bottles,
          batches,
          kinds,
          DAY,
        );
        const after = bottles.map((b) => drawn.bottles.find((x) => x.id === b.id) ?? b);
        const left = (all: Bottle[]) => all.reduce((sum, b) => sum + (b.leftMl ?? 0), 0);
        const out = drawn.parts.flatMap((p) => p.drawn).reduce((sum, d) => sum + d.ml, 0);
        const fromBatch = (syrup ?? 0) - (drawn.batches.get(batches[0]?.id ?? '') ?? syrup ?? 0);
        expect(left(after) + out).toBeCloseTo(left(bottles) + fromBatch, 6);
        for (const p of drawn.parts)
          expect(p.drawn.reduce((sum, d) => sum + d.ml, 0)).toBeLessThanOrEqual(p.ml + 1e-9);
        for (const b of after) expect(b.leftMl).toBeGreaterThanOrEqual(0);
        const back = givenBack(
          { parts: drawn.parts },
          after,
          batches.map((b) => ({ ...b, leftMl: drawn.batches.get(b.id) ?? b.leftMl })),
        );
        for (const b of bottles) {
          const now = back.bottles.find((x) => x.id === b.id) ?? after.find((x) => x.id === b.id);
          expect(now).toEqual(b);
        }
        for (const [id, ml] of back.batches)
          expect(ml).toBeCloseTo(batches.find((b) => b.id === id)?.leftMl ?? -1, 6);
      }),
    );
  });

  it('drink after drink, at what their bottles cost, and with what a drink really was', () => {
    const gin = bottle('gin', { leftMl: 100, openedOn: '2026-11-01' });
    const { pours, bottles } = logOrders([order(1, ['Ann']), order(2)], stock([gin]), written);
    expect(pours.map((p) => p.parts[0]?.drawn.map((d) => d.ml))).toEqual([[60], [40]]);
    expect(bottles[0]).toMatchObject({ leftMl: 0, finishedOn: DAY });
    expect(pours[0]).toMatchObject({ costMinor: 150, for: ['Ann'], glasses: 1 });
    for (const p of pours) expect(pourSchema.safeParse(p).success).toBe(true);
  });
});

describe('a round that is written down', () => {
  const bar = { catalogue: testCatalogue({}), kinds, kit: emptyKit() };
  const begun = (): Round => ({
    id: newId(),
    startedAt: written.at,
    way: 'scale',
    tared: true,
    vesselG: 0,
    orders: [order(2)],
    at: '',
    poured: {},
    off: {},
    workFrom: null,
    worked: {},
  });
  const gin = () => bottle('gin', { leftMl: 500, openedOn: '2026-11-01' });

  it('takes what really went in, overshoot and all', () => {
    let round = begun();
    while (roundInHand(round, bar).current.part?.kind !== 'gin') round = goOn(round, bar, written.at);
    round = goOn(round, bar, written.at, 126);
    while (roundInHand(round, bar).current.act !== 'serve') round = goOn(round, bar, written.at);
    const { pours, bottles } = logRound(round, roundInHand(round, bar), stock([gin()]), written);
    expect(bottles[0]?.leftMl).toBe(500 - 126);
    expect(pours[0]?.parts.find((p) => p.kind === 'vermouth')?.ml).toBeCloseTo(21, 1);
    expect(pours[0]).toMatchObject({ glasses: 2, drink: 'martini' });
  });

  it('given up half made is nothing drunk, and what was in the tin is gone from the bottle', () => {
    let round = begun();
    while (roundInHand(round, bar).current.act !== 'ice') round = goOn(round, bar, written.at);
    const { pours, bottles } = logRound(round, roundInHand(round, bar), stock([gin()]), written, false);
    expect(pours[0]?.glasses).toBe(0);
    expect(bottles[0]?.leftMl).toBe(500 - 120);
  });
});

describe('what a log says', () => {
  it('belongs to the evening before until five in the morning', () => {
    const before = (day: string) => addDays(day, -1);
    expect(eveningOf('2026-11-27', 1, before)).toBe('2026-11-26');
    expect(eveningOf('2026-11-27', 5, before)).toBe('2026-11-27');
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
