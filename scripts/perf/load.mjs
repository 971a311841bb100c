// How long light calls take while the planner's threads are kept busy, and how fast a full queue says no.
import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import { install } from '../bootstrap.mjs';
import { quantile, servedDemo } from './served.mjs';

install();
const { build } = await import('../build.mjs');
build();
const { madeUp } = await import('./problems.mjs');

const CALLS = 400;
const { address, stop } = await servedDemo();
const problem = JSON.stringify({ ...madeUp(300, 4000, 7), budget: 120_000 });
const leaving = new AbortController();

/** Ask for a plan that takes its time; nobody waits for the answer. */
function ask() {
  return fetch(`${address}/api/plan/solve`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: problem,
    signal: leaving.signal,
  });
}

/** Milliseconds of each of many light calls, one after another: reading, and every tenth a write. */
async function lightCalls() {
  const times = [];
  for (let i = 0; i < CALLS; i += 1) {
    const began = performance.now();
    const answer =
      i % 10 === 9
        ? await fetch(`${address}/api/changes`, {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify({
              id: randomUUID(),
              change: 'A place',
              writes: [{ thing: 'place', id: 'household', version: null, value: { planId: null } }],
            }),
          })
        : await fetch(`${address}/api/${i % 2 ? 'settings' : 'history'}`);
    await answer.arrayBuffer();
    times.push(performance.now() - began);
  }
  return times;
}

const say = (name, times) =>
  console.log(
    `${name.padEnd(34)} p50 ${quantile(times, 0.5).toFixed(1)} ms, p99 ${quantile(times, 0.99).toFixed(1)} ms`,
  );

try {
  const idle = await lightCalls();
  const waiting = [ask(), ask()].map((call) => call.catch(() => undefined));
  await new Promise((resolve) => setTimeout(resolve, 1000));
  const busy = await lightCalls();
  say(`${CALLS} light calls, nobody else`, idle);
  say(`${CALLS} light calls, planner busy`, busy);
  console.log(`busy / idle: p50 ×${(quantile(busy, 0.5) / quantile(idle, 0.5)).toFixed(1)}`);
  // Fill the queue until it says no.
  for (let i = 0; i < 120; i += 1) {
    const began = performance.now();
    const first = await Promise.race([ask().catch(() => undefined), new Promise((r) => setTimeout(r, 150))]);
    if (first?.status !== 503) continue;
    console.log(`a full queue says so (503) after ${(performance.now() - began).toFixed(0)} ms`);
    break;
  }
  leaving.abort();
  await Promise.all(waiting);
} finally {
  stop();
}
