import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyKit } from '../kit/kit.js';
import { type Bottle } from '../stock/bottle.js';
import { testCatalogue } from '../testing/trade.js';
import { drawFrom, givenBack, type BatchLeft } from './draw.js';
import { goOn } from './go-on.js';
import { logOrders, logRound, type Stock } from './log-round.js';
import { roundInHand } from './round-in-hand.js';
import { pourSchema, type Pour } from './pour.js';
import { recounted } from './recount.js';
import type { Round } from './round.js';
import {
  martiniKinds as kinds,
  LOG_DAY as DAY,
  newId,
  bottleOf as bottle,
  martini,
} from '../testing/martinis.js';
const order = (count = 1, who: string[] = []) => ({
  drink: martini,
  of: 'martini',
  count,
  for: who,
  cannot: [],
  without: [],
  from: [],
});
const stock = (bottles: Bottle[], batches: BatchLeft[] = []): Stock => ({
  bottles,
  batches,
  kinds,
  currency: 'EUR',
  minorPerMl: () => 2.5,
});
const written = { at: `${DAY}T20:00:00.000Z`, on: DAY, newId };

describe('an entry that was written down wrong', () => {
  it('with another number of glasses draws and gives back just the difference', () => {
    const gin = bottle('gin', { leftMl: 500, openedOn: '2026-11-01' });
    const vermouth = bottle('vermouth', { leftMl: 500, openedOn: '2026-11-01' });
    const before = stock([gin, vermouth]);
    const logged = logOrders([order(2)], before, written);
    const left = (all: Bottle[], of: Bottle) => all.find((b) => b.id === of.id)?.leftMl ?? NaN;
    const drawn = 500 - left(logged.bottles, gin);
    const more = recounted(logged.pours[0] as Pour, 3, stock(logged.bottles));
    expect(more.pour).toMatchObject({ id: logged.pours[0]?.id, glasses: 3 });
    expect(500 - left(more.bottles, gin)).toBeCloseTo((drawn * 3) / 2, 6);
    const fewer = recounted(more.pour, 1, stock(more.bottles));
    expect(500 - left(fewer.bottles, gin)).toBeCloseTo(drawn / 2, 6);
    expect(fewer.pour.costMinor).toBe(Math.round((more.pour.costMinor ?? 0) / 3));
  });
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
          { parts: drawn.parts, on: DAY },
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
