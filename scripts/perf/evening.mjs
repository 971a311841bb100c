// How long the menu of an evening takes to its first answer and to its proof, beside HiGHS on the same menus with
// prices that do not hang on the pours; and the schedule of thirty tasks beside a look at it by its checker.
import { randomUUID } from 'node:crypto';
import { install } from '../bootstrap.mjs';
import { quantile } from './served.mjs';

install();
const { build } = await import('../build.mjs');
build();
const { default: loadHighs } = await import('highs');
const { loadShipped } = await import('../../packages/catalogue/dist/index.js');
const { kindIndex } = await import('../../packages/core/dist/catalogue/index.js');
const { emptyKit } = await import('../../packages/core/dist/kit/index.js');
const { pourables } = await import('../../packages/core/dist/pouring/index.js');
const { withBatchesPriced } = await import('../../packages/core/dist/prices/index.js');
const {
  newGuest,
  eveningSchema,
  findMenu,
  placeSchedule,
  menuQuestion,
  scheduleFaults,
  scheduleProblemSchema,
} = await import('../../packages/core/dist/evening/index.js');

const RUNS = 5;
const timed = (run) => {
  const began = performance.now();
  const out = run();
  return { ms: performance.now() - began, out };
};
const ms = (n) => `${n < 10 ? n.toFixed(1) : Math.round(n)} ms`;

const { catalogue, shops } = loadShipped();
const prices = withBatchesPriced(shops[0], catalogue);
const ready = pourables(catalogue, 0.75);
const kinds = kindIndex(catalogue.kinds);
const guest = (more = {}) => newGuest({ id: randomUUID(), name: 'guest', ...more });
const SIX = [
  guest({ likes: ['sour'] }),
  guest({ allergens: ['egg'] }),
  guest({ drives: true }),
  guest({ count: 3 }),
];
const TWELVE = [
  ...SIX,
  guest({ likes: ['bitter', 'strong'] }),
  guest({ dislikes: ['sour'] }),
  guest({ noAlcohol: true }),
  guest({ allergens: ['nuts'], likes: ['fizzy'] }),
  guest({ dislikes: ['bitter', 'anise'] }),
  guest({ likes: ['coffee', 'creamy'] }),
  guest({ likes: ['smoky'] }),
  guest({ likes: ['sweet'] }),
];
const there = new Map(
  catalogue.kinds
    .filter((k) => !k.abstract && k.supply !== 'fresh')
    .map((k) => [
      k.id,
      { kind: k.id, ml: 400, unmeasured: false, sealed: false, until: undefined, bottleIds: [] },
    ]),
);

/** The first three aims of a menu as a mixed-integer program: what is missing costs the same however often it is poured. */
function byHighs(highs, { candidates, seats, wares, size }) {
  const priced = wares.map((w) => (w.there > 0 ? 0 : Math.min(...w.packs.map((p) => p.priceMinor), 1e6)));
  const parts = Math.max(...candidates.flatMap((c) => c.parts)) + 1;
  const sum = (terms) => (terms.length === 0 ? '0 x0' : terms.join(' + '));
  const needs = seats.map((s, g) => Math.min(s.wants, candidates.filter((c) => c.finds[g]).length));
  const rows = [
    `${sum(candidates.map((_, i) => `x${i}`))} = ${size}`,
    ...seats.map(
      (_, s) =>
        `${sum([`l${s}`, ...candidates.flatMap((c, i) => (c.finds[s] ? [`x${i}`] : []))])} >= ${needs[s]}`,
    ),
    ...candidates.flatMap((c, i) =>
      c.uses.flatMap((u) => (priced[u.ware] > 0 ? [`w${u.ware} - x${i} >= 0`] : [])),
    ),
    ...candidates.flatMap((c, i) => c.parts.map((p) => `p${p} - x${i} >= 0`)),
  ];
  const aims = [
    sum(seats.map((s, i) => `${s.people} l${i}`)),
    sum(priced.flatMap((price, i) => (price > 0 ? [`${price} w${i}`] : []))),
    sum(Array.from({ length: parts }, (_, k) => `p${k}`)),
  ];
  const whole = [
    ...candidates.map((_, i) => `x${i}`),
    ...wares.map((_, i) => `w${i}`),
    ...Array.from({ length: parts }, (_, k) => `p${k}`),
  ];
  for (const aim of aims) {
    const text = [
      'Minimize',
      ` obj: ${aim}`,
      'Subject To',
      ...rows.map((r, i) => ` r${i}: ${r}`),
      'Binary',
      ` ${whole.join(' ')}`,
      'General',
      ` ${seats.map((_, s) => `l${s}`).join(' ')}`,
      'End',
    ];
    const solved = highs.solve(text.join('\n'));
    rows.push(`${aim} <= ${Math.round(solved.ObjectiveValue)}`);
  }
}

const highs = await loadHighs();
for (const [who, guests] of [
  ['6 guests', SIX],
  ['12 guests', TWELVE],
])
  for (const size of [3, 4, 5]) {
    const evening = eveningSchema.parse({
      id: randomUUID(),
      name: 'Measured',
      on: '2026-12-05',
      from: '20:00',
      hours: 4,
      guests,
      size,
      must: [],
      never: [],
      atWork: false,
      freezerLitres: null,
      done: [],
      endedOn: null,
    });
    const house = {
      ready,
      catalogue,
      kinds,
      houseSyrupRatio: null,
      there,
      freshPieces: new Map(),
      prices,
      kit: emptyKit(),
    };
    const asked = timed(() => menuQuestion(evening, house));
    const runs = Array.from({ length: RUNS }, () => {
      let first;
      const began = performance.now();
      const { ms: proof, out } = timed(() =>
        findMenu(asked.out, { onBetter: () => (first ??= performance.now() - began) }),
      );
      return { first, proof, proven: out.proven };
    });
    const [first, proof] = ['first', 'proof'].map((k) =>
      quantile(
        runs.map((r) => r[k]),
        0.5,
      ),
    );
    const other = timed(() => byHighs(highs, asked.out)).ms;
    const is = runs.every((r) => r.proven) ? 'proven' : 'not proven';
    console.log(
      `${who}, ${size} of ${asked.out.candidates.length} drinks: first menu ${ms(asked.ms + first)}, ${is} ${ms(asked.ms + proof)}; HiGHS on its first three aims ${ms(other)}, ${(other / proof).toFixed(1)} times that`,
    );
  }

const tasks = Array.from({ length: 30 }, (_, i) => ({
  id: `t${i}`,
  name: `t${i}`,
  minutes: 5 + ((i * 37) % 50),
  hands: i % 3 !== 0,
  after: i % 4 === 3 ? [`t${i - 1}`] : [],
  freshMinutes: i % 5 === 0 ? 240 : null,
  during: i % 6 === 0 ? { pan: 1 } : {},
  keeps: i % 7 === 0 ? { freezer: 1 } : {},
}));
const problem = scheduleProblemSchema.parse({
  tasks,
  horizon: 2880,
  people: 2,
  room: { pan: 1, freezer: 8 },
});
const schedules = Array.from({ length: RUNS }, () => timed(() => placeSchedule(problem)));
const laid = quantile(
  schedules.map((t) => t.ms),
  0.5,
);
const look = timed(() => scheduleFaults(problem, schedules[0].out.placed));
console.log(
  `The schedule of ${tasks.length} tasks: ${ms(laid)}, ${schedules[0].out.ok ? 'all in time' : 'not in time'}, ${look.out.length} faults; ${(laid / look.ms).toFixed(1)} times one look at it minute by minute`,
);
