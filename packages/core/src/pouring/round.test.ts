import { mixedAbv, PUBLISHED_TRIALS } from './published-trials.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyKit, type Kit } from '../kit/kit.js';
import { testCatalogue, testKinds, testRecipe } from '../testing/trade.js';
import { dilution } from '../drink/figures.js';
import { compileRound } from './compile-round.js';
import { onIceAfter, stopAfter, waterAfter, type OnIce } from './dilution-in-time.js';
import type { Order } from './poured-drink.js';
import { bestOrder, type Task } from './round-order.js';
import { sayOrder } from './say-order.js';

const kinds = testKinds(
  ['gin', { abv: 0.4 }],
  ['rum', { abv: 0.4 }],
  ['vermouth', { abv: 0.16, job: 'aromatic' }],
  ['lime-juice', { supply: 'fresh', acidGPerL: 60, sugarGPerL: 15 }],
  ['syrup', { supply: 'home-made', sugarGPerL: 615 }],
  ['egg-white', { supply: 'fresh', tastes: ['egg'], each: { ml: 30 } }],
  ['tonic', { supply: 'mixer', tastes: ['fizzy'] }],
);
const catalogue = testCatalogue({
  techniques: [
    {
      id: 'shake',
      name: 'Shake',
      how: 'Hard, on ice.',
      needs: [{ id: 'shaker', what: 'a shaker', tools: ['tin'], kitchen: ['jar'] }],
    },
    {
      id: 'stir',
      name: 'Stir',
      how: 'On ice, smoothly.',
      needs: [{ id: 'stirring-vessel', what: 'a vessel', tools: ['tin'], kitchen: ['jar'] }],
    },
  ],
  tools: [{ id: 'tin', name: 'Tin', techniques: ['shake'], tier: 'essential', capacitiesMl: [500, 830] }],
  kitchen: [{ id: 'jar', name: 'Jar', capacityMl: 500, hard: 'One drink at a time.' }],
});
const daiquiri = testRecipe(
  [
    ['rum', '60 ml', 'base'],
    ['lime-juice', '22.5 ml', 'sour'],
    ['syrup', '20 ml', 'sweet'],
  ],
  { id: 'daiquiri', name: 'Daiquiri', strain: 'twice' },
);
const martini = testRecipe(
  [
    ['gin', '60 ml', 'base'],
    ['vermouth', '15 ml', 'aromatic'],
  ],
  { id: 'martini', name: 'Martini', method: 'stir' },
);
const tonic = testRecipe(
  [
    ['gin', '50 ml', 'base'],
    ['tonic', '150 ml', 'long'],
  ],
  { id: 'tonic', name: 'Gin and tonic', method: 'build', ice: 'cubes', strain: 'none', glass: 'highball' },
);
const sour = testRecipe(
  [
    ['gin', '45 ml', 'base'],
    ['lime-juice', '20 ml', 'sour'],
    ['egg-white', '1 whole', 'body'],
  ],
  { id: 'sour', name: 'Sour', method: 'dry-shake' },
);
const order = (drink: Order['drink'], count = 1): Order => ({
  drink,
  of: drink.id,
  count,
  for: [],
  cannot: [],
  without: [],
  from: [],
});
const jarKit: Kit = { ...emptyKit(), said: true, kitchen: ['jar'] };

/** What the glasses lose by standing until the last is done, when tasks are done in this order. */
function standingLoss(tasks: readonly Task[], order: readonly number[]): number {
  let rest = 0;
  let loss = 0;
  for (const i of [...order].reverse()) {
    const task = tasks[i] as Task;
    loss += task.fades * rest;
    rest += task.seconds;
  }
  return loss;
}

describe('the order of a round', () => {
  const task = fc.record({
    seconds: fc.integer({ min: 5, max: 120 }),
    fades: fc.integer({ min: 0, max: 64 }),
  });
  /** Tasks, some of which wait for one before them. */
  const tasks = fc
    .array(fc.tuple(task, fc.option(fc.nat())), { minLength: 1, maxLength: 6 })
    .map((list): Task[] =>
      list.map(([t, after], i) => (after === null || i === 0 ? t : { ...t, after: after % i })),
    );
  const permutations = (n: number): number[][] =>
    n === 0
      ? [[]]
      : permutations(n - 1).flatMap((p) =>
          [...p, -1].map((_, at) => [...p.slice(0, at), n - 1, ...p.slice(at)]),
        );

  it('loses the least by standing, as trying every order shows, and keeps what comes before what', () => {
    fc.assert(
      fc.property(tasks, (given) => {
        const allowed = permutations(given.length).filter((p) =>
          given.every((t, i) => t.after === undefined || p.indexOf(t.after) < p.indexOf(i)),
        );
        const best = Math.min(...allowed.map((p) => standingLoss(given, p)));
        const found = bestOrder(given);
        expect(allowed).toContainEqual(found);
        expect(standingLoss(given, found)).toBeCloseTo(best, 6);
      }),
    );
  });

  // Common practice: stirred before shaken, foam near the end, ice and bubbles last of all.
  it('stirs before it shakes, and brings ice and bubbles last', () => {
    const round = compileRound(
      [order(tonic), order(sour), order(daiquiri), order(martini)],
      emptyKit(),
      catalogue,
      kinds,
    );
    const acts = round.steps.map((s) => [s.act, s.order]);
    const at = (act: string, i: number) => acts.findIndex(([a, o]) => a === act && o === i);
    expect(at('stir', 3)).toBeLessThan(at('shake', 2));
    expect(at('shake', 2)).toBeLessThan(at('dry-shake', 1));
    expect(at('strain', 1)).toBeLessThan(at('ice-glass', 0));
    expect(at('ice-glass', 0)).toBeLessThan(at('top', 0));
    expect(round.steps[0]).toMatchObject({ act: 'squeeze', pieces: 1.5, part: { ml: 42.5 } });
    // Up to the last, no drink is taken up again once its ice is in.
    expect(round.steps.at(-1)).toMatchObject({ act: 'serve', vessels: 4 });
    expect(sayOrder(round, (k) => k)).toMatch(
      /^Gin and tonic, then Martini, then Daiquiri, then Sour: .* Gin: measured for both/,
    );
  });

  it('measures what two drinks share while the bottle is in hand, in vessels of their own', () => {
    const { steps, shared } = compileRound([order(martini), order(tonic)], emptyKit(), catalogue, kinds);
    const gin = steps.flatMap((s, i) => (s.part?.kind === 'gin' ? [i] : []));
    expect(gin).toHaveLength(2);
    expect(gin[1]).toBe((gin[0] ?? 0) + 1);
    expect(shared).toEqual(['gin']);
    expect(
      steps
        .filter((s) => s.part?.kind === 'gin')
        .map((s) => s.into)
        .sort(),
    ).toEqual(['glass', 'mixing-glass']);
  });

  it('shakes two a tin, and one at a time in a jar of half a litre', () => {
    const tin = compileRound([order(daiquiri, 3)], emptyKit(), catalogue, kinds);
    expect(tin.loads.map((l) => l.glasses)).toEqual([2, 1]);
    expect(tin.steps.find((s) => s.part?.kind === 'rum')?.part).toMatchObject({
      ml: 120,
      amount: { value: 120 },
    });
    const jar = compileRound([order(daiquiri, 3)], jarKit, catalogue, kinds);
    expect(jar.loads.map((l) => l.glasses)).toEqual([1, 1, 1]);
    // What is built is measured into each glass.
    const built = compileRound([order(tonic, 3)], jarKit, catalogue, kinds);
    expect(built.steps.find((s) => s.part?.kind === 'gin')).toMatchObject({
      into: 'glass',
      vessels: 3,
      part: { ml: 50 },
    });
    // A jar that is shaken and stirred in holds one drink: nothing is measured ahead into it.
    expect(compileRound([order(martini), order(sour)], jarKit, catalogue, kinds).shared).toEqual([]);
  });

  it('every glass of every drink is poured whole, however many there are', () => {
    const drinks = [daiquiri, martini, tonic, sour];
    const rounds = fc.array(fc.tuple(fc.constantFrom(...drinks), fc.integer({ min: 1, max: 4 })), {
      minLength: 1,
      maxLength: 3,
    });
    fc.assert(
      fc.property(rounds, fc.constantFrom(emptyKit(), jarKit), (given, kit) => {
        const orders = given.map(([d, n]) => order(d, n));
        const { steps, loads } = compileRound(orders, kit, catalogue, kinds);
        orders.forEach(({ drink, count }, o) => {
          expect(loads.filter((l) => l.order === o).reduce((sum, l) => sum + l.glasses, 0)).toBe(count);
          drink.slots.forEach((slot, s) => {
            const ml = steps
              .filter((step) => step.order === o && step.part?.slot === s)
              .reduce(
                (sum, step) =>
                  sum + (step.part?.amount.value ?? 0) * (step.into === 'glass' ? step.vessels : 1),
                0,
              );
            expect(ml).toBeCloseTo(slot.amount.value * count, 6);
          });
        });
        expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
      }),
    );
  });
});

describe('water in time', () => {
  const mix = fc.record({
    method: fc.constantFrom('shake' as const, 'stir' as const),
    ice: fc.constantFrom('cubes' as const, 'crushed' as const, 'block' as const),
    mixMl: fc.integer({ min: 40, max: 240 }),
    abv: fc.double({ min: 0, max: 0.45, noNaN: true }),
  });

  // The trials' tables are of the same book as the curves, its drinks measured: within six thousandths, and 4 ml.
  it.each(PUBLISHED_TRIALS.map((t) => [t.name, t] as const))(
    'serves a %s as the trials read it',
    (_, trial) => {
      const mixMl = trial.parts.reduce((sum, [ml]) => sum + ml, 0);
      const mix = { method: trial.method, ice: 'cubes', mixMl, abv: mixedAbv(trial) } as const;
      const served = onIceAfter(stopAfter(mix) ?? 0, mix);
      expect(Math.abs(served.abv - trial.servedAbv)).toBeLessThan(0.006);
      expect(Math.abs(served.volumeMl - trial.servedMl)).toBeLessThan(4);
    },
  );

  // Arnold, Liquid Intelligence, 2014 (from memory): shaken −1.567a² + 1.742a + 0.203, stirred −1.21a² + 1.246a + 0.145.
  it('begins at nothing, rises, and is at Arnold’s curves when hands stop; what is poured in is all there', () => {
    fc.assert(
      fc.property(mix, fc.double({ min: 0, max: 90, noNaN: true }), (m: OnIce, t) => {
        const a = m.abv;
        const arnold =
          m.method === 'shake' ? -1.567 * a * a + 1.742 * a + 0.203 : -1.21 * a * a + 1.246 * a + 0.145;
        expect(waterAfter(0, m)).toBe(0);
        // The figure of the drink's page, and the curve's at its mark.
        expect(waterAfter(stopAfter(m) ?? 0, m)).toBeCloseTo(m.mixMl * arnold, 6);
        expect(waterAfter(t + 1, m)).toBeGreaterThanOrEqual(waterAfter(t, m));
        const now = onIceAfter(t, m);
        expect(now.volumeMl * now.abv).toBeCloseTo(m.mixMl * a, 6);
        expect(now.share).toBeLessThanOrEqual(1);
      }),
    );
    expect(dilution(0.3, 'stir', 'none')).toBeCloseTo(0.41, 2);
  });

  // Common practice: shaken flat after 12 to 15 s, stirred good at 30 to 45 s on 3 cm cubes.
  it('stops where hands stop', () => {
    expect(stopAfter({ method: 'shake', ice: 'cubes' })).toBe(12);
    expect(stopAfter({ method: 'stir', ice: 'cubes' })).toBe(35);
    expect(stopAfter({ method: 'stir', ice: 'block' })).toBeGreaterThan(60);
    expect(stopAfter({ method: 'shake', ice: 'crushed' })).toBe(6);
    expect(stopAfter({ method: 'build', ice: 'cubes' })).toBeUndefined();
  });
});
