import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drinkFigures } from '../drink/figures.js';
import { drinkInHand } from './log-round.js';
import { emptyKit } from '../kit/kit.js';
import { liquidGPerMl } from '../stock/weigh.js';
import { testCatalogue, testKinds, testRecipe } from '../testing/trade.js';
import { addMore, beginWork, goBack, goOn, mlByScale, pourOff, scaleTarget } from './go-on.js';
import { roundInHand, type Bar } from './round-in-hand.js';
import { grow, overshotDrink, pourOffShare, type PartIn } from './overshoot.js';
import type { Round } from './round.js';

const kinds = testKinds(
  ['gin', { abv: 0.4 }],
  ['lemon-juice', { supply: 'fresh', acidGPerL: 60, sugarGPerL: 20 }],
  ['simple-syrup', { supply: 'home-made', sugarGPerL: 615 }],
  ['tonic', { supply: 'mixer', tastes: ['fizzy'], sugarGPerL: 80 }],
);
const bar: Bar = {
  kinds,
  catalogue: testCatalogue({}),
  kit: {
    ...emptyKit(),
    said: true,
    glasses: [{ id: 'g', name: 'Coupes', type: 'coupe', capacityMl: 210, count: 4 }],
  },
};
const drink = testRecipe(
  [
    ['gin', '60 ml', 'base'],
    ['lemon-juice', '22.5 ml', 'sour'],
    ['simple-syrup', '22.5 ml', 'sweet'],
  ],
  { id: 'sour', name: 'Sour' },
);
const AT = '2026-11-26T20:00:00.000Z';
const begun = (count = 1, more: Partial<Round> = {}): Round => ({
  id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001',
  startedAt: AT,
  way: 'scale',
  tared: true,
  vesselG: 0,
  orders: [{ drink, of: 'sour', count, for: [], cannot: [], without: [], from: [] }],
  at: '',
  poured: {},
  off: {},
  workFrom: null,
  worked: {},
  ...more,
});
/** On to the part of a kind. */
function upTo(round: Round, kind: string): Round {
  let now = round;
  for (
    let i = 0;
    i < 20 &&
    (roundInHand(now, bar).current.act !== 'pour' || roundInHand(now, bar).current.part?.kind !== kind);
    i++
  )
    now = goOn(now, bar, AT);
  return now;
}
const asks = (round: Round) => roundInHand(round, bar).current.part;

describe('an overshoot', () => {
  const parts = fc.array(
    fc.record({
      plannedMl: fc.double({ min: 2, max: 120, noNaN: true }),
      over: fc.option(fc.double({ min: 0.2, max: 2.5, noNaN: true })),
    }),
    { minLength: 1, maxLength: 6 },
  );
  const rooms = fc.double({ min: 1, max: 3, noNaN: true });
  const given = (list: { plannedMl: number; over: number | null }[]): PartIn[] =>
    list.map(({ plannedMl, over }, slot) => ({
      slot,
      plannedMl,
      inMl: over === null ? null : plannedMl * over,
    }));

  it('takes nothing out, and where there is room leaves the ratio exact', () => {
    fc.assert(
      fc.property(parts, rooms, (list, room) => {
        const all = given(list);
        const { factor, wantedFactor, toAddMl } = grow(all, room);
        expect(factor).toBeGreaterThanOrEqual(1);
        expect(factor).toBeLessThanOrEqual(Math.max(1, room));
        for (const ml of toAddMl) expect(ml).toBeGreaterThanOrEqual(0);
        if (wantedFactor > factor) return;
        all.forEach((p, i) =>
          expect(((p.inMl ?? 0) + (toAddMl[i] ?? 0)) / p.plannedMl).toBeCloseTo(factor, 9),
        );
      }),
    );
  });

  it('that does not fit comes back into ratio when its share is poured off', () => {
    fc.assert(
      fc.property(parts, rooms, (list, room) => {
        const all = given(list);
        const share = pourOffShare(grow(all, room));
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThan(1);
        const after = grow(
          all.map((p) => ({ ...p, inMl: p.inMl === null ? null : p.inMl * (1 - share) })),
          room,
        );
        expect(after.wantedFactor).toBeCloseTo(after.factor, 9);
      }),
    );
  });

  it('is said as it tastes, with the smallest mend', () => {
    // Half as much gin again: stronger, less sour, less sweet.
    const over = overshotDrink(
      drink,
      kinds,
      new Map([
        [0, 90],
        [1, 22.5],
        [2, 22.5],
      ]),
      40,
    );
    expect(over.off.map((d) => [d.what, Math.sign(d.share)])).toEqual(
      expect.arrayContaining([
        ['strength', 1],
        ['sugar', -1],
        ['acid', -1],
      ]),
    );
    // A third more syrup, then: only too sweet, and lemon is what mends it.
    const sweet = overshotDrink(
      drink,
      kinds,
      new Map([
        [0, 60],
        [1, 22.5],
        [2, 30],
      ]),
      40,
    );
    expect(sweet.off[0]).toMatchObject({ what: 'sugar' });
    expect(sweet.mend?.worst ?? 1).toBeLessThan(sweet.off[0]?.share ?? 0);
    expect(
      overshotDrink(
        drink,
        kinds,
        new Map([
          [0, 60],
          [1, 22.5],
          [2, 22.5],
        ]),
        40,
      ),
    ).toEqual({ off: [], mend: undefined });
  });
});

describe('a round at the scale', () => {
  // Worked example of the trade (common practice): 60 ml of 40 % vol 56.9 g; 22.5 ml lemon juice (1.03) 23.2 g; 22.5 ml of 1:1 syrup (1.2296) 27.7 g.
  it('asks for grams as published densities have them', () => {
    expect(60 * liquidGPerMl(kinds.get('gin') as never)).toBeCloseTo(56.9, 1);
    expect(asks(upTo(begun(), 'lemon-juice'))?.g).toBeCloseTo(23.2, 1);
    expect(asks(upTo(begun(), 'simple-syrup'))?.g).toBeCloseTo(27.7, 1);
    expect(asks(upTo(begun(), 'gin'))?.g).toBeCloseTo(56.9, 1);
  });

  it('shows what the scale is to show, tared or with all that is in, and reads ml from it', () => {
    const untared = upTo(begun(1, { tared: false, vesselG: 230 }), 'lemon-juice');
    const inHand = roundInHand(untared, bar);
    const target = scaleTarget(untared, inHand, inHand.current);
    expect(target).toBeCloseTo(230 + 27.7 + 23.2, 0);
    expect(mlByScale(untared, inHand, inHand.current, (target ?? 0) + 10.3)).toBeCloseTo(32.5, 1);
    const tared = upTo(begun(), 'lemon-juice');
    expect(scaleTarget(tared, roundInHand(tared, bar), roundInHand(tared, bar).current)).toBeCloseTo(23.2, 1);
  });

  it('grows the rest with what went over, and asks again for what that leaves short', () => {
    const over = goOn(upTo(begun(), 'simple-syrup'), bar, AT, 24.75);
    expect(asks(over)?.kind).toBe('lemon-juice');
    expect(asks(over)?.ml).toBeCloseTo(24.75, 9);
    // The last part goes over by a tenth more: syrup and lemon come again, then the ice.
    const gin = upTo(over, 'gin');
    expect(asks(gin)?.ml).toBeCloseTo(66, 6);
    const again = goOn(gin, bar, AT, 69);
    expect(roundInHand(again, bar).current).toMatchObject({ more: true, part: { kind: 'simple-syrup' } });
    expect(asks(again)?.ml).toBeCloseTo(25.875 - 24.75, 2);
    const done = goOn(goOn(again, bar, AT), bar, AT);
    expect(roundInHand(done, bar).current.act).toBe('ice');
    const { poured } = done;
    const sum = (id: string) => (poured[id] ?? 0) + (poured[`${id}+`] ?? 0);
    expect(sum('0.0') / 22.5).toBeCloseTo(69 / 60, 3);
    expect(sum('0.1') / 22.5).toBeCloseTo(69 / 60, 3);
    // And step by step back to the beginning.
    let back = done;
    for (let i = 0; i < 12; i++) back = goBack(back, bar);
    expect(back.poured).toEqual({});
    expect(roundInHand(back, bar).place).toBe(0);
  });

  it('that no glass takes is poured off into ratio, or mended, and both are written down', () => {
    const over = goOn(upTo(begun(), 'gin'), bar, AT, 110);
    const inHand = roundInHand(over, bar);
    const [load] = inHand.loadsNow;
    expect(load?.grown.wantedFactor).toBeGreaterThan(load?.grown.factor ?? 0);
    expect(load?.overshot?.off[0]?.what).toBeDefined();
    const off = pourOff(over, inHand, 0);
    const total = (r: Round) => Object.values(r.poured).reduce((a, b) => a + b, 0);
    expect(total(over) - total(off)).toBeCloseTo(load?.offMl ?? 0, 6);
    expect(Object.values(off.off).reduce((a, b) => a + b, 0)).toBeCloseTo(load?.offMl ?? 0, 6);
    const after = roundInHand(off, bar).loadsNow[0];
    expect(after?.offShare).toBeCloseTo(0, 9);
    expect(after?.overshot).toBeUndefined();
    const more = addMore(over, inHand, 0, 1, 5);
    expect(total(more) - total(over)).toBeCloseTo(5, 9);
  });

  it('remembers how long it was shaken', () => {
    let round = begun(2);
    while (roundInHand(round, bar).current.act !== 'shake') round = goOn(round, bar, AT);
    const shaking = beginWork(round, '2026-11-26T20:00:00.000Z');
    const shaken = goOn(shaking, bar, '2026-11-26T20:00:14.000Z');
    expect(Object.values(shaken.worked)).toEqual([14]);
    expect(shaken.workFrom).toBeNull();
  });
});

describe('a drink of a round as it stands', () => {
  it('counts what went over the measure: four fifths more gin is that much more alcohol', () => {
    const round = begun(1);
    const first = roundInHand(round, bar);
    const gin = first.now.find((s) => s.part?.slot === 0) ?? expect.fail('gin is measured');
    const meant = drinkFigures(drinkInHand(round, first, 0) ?? drink, bar.kinds).ethanolG;
    expect(meant).toBeCloseTo(drinkFigures(drink, bar.kinds).ethanolG, 9);
    const over = { ...round, poured: { [gin.id]: (gin.part?.ml ?? 0) * 1.8 } };
    const now = drinkFigures(drinkInHand(over, roundInHand(over, bar), 0) ?? drink, bar.kinds).ethanolG;
    expect(now / meant).toBeCloseTo(1.8, 9);
  });
});
