// Speed, as ratios against references in the same run; no test asserts a clock.
import { execFileSync } from 'node:child_process';
import { performance } from 'node:perf_hooks';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { install, tool } from '../bootstrap.mjs';

install();
tool('tsc', ['-b', 'packages/catalogue']);
const { explainPlan } = await import('../../packages/core/dist/plan/index.js');
const { PlanSearch, waterlineBudgets } = await import('../../packages/core/dist/planner/index.js');
const { ReferenceModel } = await import('../../packages/core/dist/planner/reference/reference-model.js');
const { default: loadHighs } = await import('highs');
const { hasCbc, timeCbc } = await import('./cbc.mjs');
const { madeUp, shipped, shops } = await import('./problems.mjs');
const { newClaims } = await import('./frontier.mjs');

/** Which drinks count: all, well-known or core. */
const count = process.argv[2] ?? 'all';
const CBC_SECONDS = 60;
const highs = await loadHighs();
const cbc = hasCbc();

function time(work) {
  const began = performance.now();
  const result = work();
  return { ms: performance.now() - began, result };
}
const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)];
const sum = (numbers) => numbers.reduce((a, b) => a + b, 0);
const mean = (numbers) => sum(numbers) / numbers.length;
const inMs = (ms) => (ms === undefined ? 'not proven' : `${ms.toFixed(0)} ms`);
const line = (cells, widths) => console.log(cells.map((c, i) => String(c).padStart(widths[i])).join(' '));

const problem = shipped(count);
console.log(
  `${count}: ${problem.items.length} items, ${problem.drinks.length} drinks, node ${process.version}`,
);
if (!cbc) console.log('cbc is not here, so its column is left out: apt-get install coinor-cbc');

// One budget at a time, each from nothing: the problem is read, reduced, searched, ties settled.
const everything = new PlanSearch(problem).solve(Number.MAX_SAFE_INTEGER).spend;
const widths = [8, 8, 12, 12, 12, 12, 12];
line(['budget', 'drinks', 'first', 'proven', 'HiGHS', 'cbc', 'same'], widths);
const budgets = waterlineBudgets(everything);
// Ours first: what a reference leaves to be compiled in the background would slow the next of ours down.
const mine = budgets.map((budget) => {
  let first;
  const began = performance.now();
  const { ms, result } = time(() =>
    new PlanSearch(problem).solve(budget, {
      onAnswer: ({ drinks }) => drinks.length > 0 && (first ??= performance.now() - began),
    }),
  );
  return { ms, result, first: first ?? ms };
});
const rows = budgets.map((budget, i) => {
  const { ms, result, first } = mine[i];
  const reference = time(() => {
    const model = new ReferenceModel(highs, problem);
    const answer = model.solve(budget);
    model.dispose();
    return answer;
  });
  const cbcMs = cbc ? timeCbc(problem, budget, CBC_SECONDS) : undefined;
  const same = JSON.stringify(result) === JSON.stringify(reference.result);
  const cells = [first, ms, reference.ms].map(inMs);
  line([(budget / 100).toFixed(0), result.drinks.length, ...cells, cbc ? inMs(cbcMs) : '', same], widths);
  return { ours: ms, first, highs: reference.ms, cbc: cbcMs };
});
const ours = rows.map((r) => r.ours);
const cbcTimes = rows.map((r) => r.cbc ?? CBC_SECONDS * 1000);
console.log(
  `slowest / median ${(Math.max(...ours) / median(ours)).toFixed(1)}, median first ${inMs(median(rows.map((r) => r.first)))}, proven ${inMs(median(ours))}, slowest ${inMs(Math.max(...ours))}; ` +
    `HiGHS / ours ${(sum(rows.map((r) => r.highs)) / sum(ours)).toFixed(1)}` +
    (cbc ? `, cbc / ours ${(sum(cbcTimes) / sum(ours)).toFixed(1)}` : ''),
);

// The whole frontier in new threads: one, two that share it, and two that each settle all of it, which tells what two
// threads of this machine are worth.
async function settledBy(shares) {
  const began = performance.now();
  const points = await Promise.all(
    shares.map(
      ({ part, claims }) =>
        new Promise((resolve, reject) => {
          const file = new URL('./frontier.mjs', import.meta.url);
          const worker = new Worker(file, { workerData: { problem, part, claims } });
          worker.once('message', resolve);
          worker.once('error', reject);
        }),
    ),
  );
  return { ms: performance.now() - began, points: sum(points) };
}
const whole = () => ({ part: 0, claims: newClaims() });
const rounds = [];
for (let round = 0; round < 3; round++) {
  const claims = newClaims();
  rounds.push({
    alone: await settledBy([whole()]),
    pair: await settledBy([0, 1].map((part) => ({ part, claims }))),
    twice: await settledBy([whole(), whole()]),
  });
}
const middle = (of) => median(rounds.map((round) => round[of].ms));
const [alone, pair] = [middle('alone'), middle('pair')];
const { points } = rounds[0].alone;
const each = { highs: mean(rows.map((r) => r.highs)), cbc: mean(cbcTimes) };
console.log(
  `whole frontier, ${points} best sets: one thread ${inMs(alone)}, two threads ${inMs(pair)}, ${(alone / pair).toFixed(2)} times as fast ` +
    `(two that share nothing do ${((2 * alone) / middle('twice')).toFixed(2)} times the work of one); ` +
    `once per set (mean of the steps above × ${points}): HiGHS ${((each.highs * points) / pair).toFixed(0)} times as long` +
    (cbc ? `, cbc ${((each.cbc * points) / pair).toFixed(0)} times` : ''),
);
const memory = execFileSync(process.execPath, [
  fileURLToPath(new URL('./frontier.mjs', import.meta.url)),
  'memory',
  count,
]);
console.log(
  `a process that settles the whole frontier takes at most ${String(memory).trim()} MB, Node included`,
);

// Every tenth budget of every shop.
for (const { id, problem: at } of shops(count)) {
  const whole = new PlanSearch(at).solve(Number.MAX_SAFE_INTEGER).spend;
  const tenths = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10].map((tenth) => Math.round((whole * tenth) / 10));
  const found = tenths.map((budget) => time(() => new PlanSearch(at).solve(budget)));
  const times = found.map((f) => f.ms);
  console.log(
    `${id}, at every tenth: ${found.map((f) => f.result.drinks.length).join(', ')} drinks and variants; ` +
      `median ${inMs(median(times))}, slowest ${inMs(Math.max(...times))}, all proven: ${found.every((f) => f.result.status === 'optimal')}`,
  );
}

const search = new PlanSearch(problem);
const answer = search.solve(24_000);
const explained = median(
  Array.from({ length: 9 }, () => time(() => explainPlan(problem, answer, search.prepared)).ms),
);
console.log(`explain ${inMs(explained)}, explain / prove ${(explained / median(ours)).toFixed(2)}`);

// Larger, made-up problems.
for (const [items, drinks, seconds] of [
  [150, 600, 60],
  [300, 5000, 10],
]) {
  const large = madeUp(items, drinks);
  const price = sum(large.items.map((i) => i.price));
  const found = [1, 2, 3, 4, 5, 6, 7, 8, 9].map((tenth) => {
    const until = performance.now() + seconds * 1000;
    return time(() =>
      new PlanSearch(large).solve(Math.round((price * tenth) / 10), {
        remainingSeconds: () => (until - performance.now()) / 1000,
      }),
    );
  });
  const gaps = found.map(({ result }) => (100 * (result.bound - result.value)) / result.value);
  console.log(
    `${items} × ${drinks}, at every tenth: proven in ${found.map((f) => (f.result.status === 'optimal' ? inMs(f.ms) : `(not in ${seconds} s)`)).join(', ')}; ` +
      `widest gap ${Math.max(...gaps).toFixed(2)} %`,
  );
}
