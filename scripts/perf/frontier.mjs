// One worker's part of a whole frontier; also run by itself to see its memory.
import { isMainThread, parentPort, workerData } from 'node:worker_threads';
import { claim, PlanSearch, settleOrder } from '../../packages/core/dist/planner/index.js';

/** Settle what nobody has claimed yet, from a third of the way on, as the page does; returns the best sets found here. */
export function settlePart(problem, part, claims) {
  const search = new PlanSearch(problem);
  const stretches = search.stretches(search.wholePrice);
  // The first finds out how far it goes.
  if (part === 0) search.solve(search.wholePrice);
  const places = new Map(stretches.map((s, i) => [s.low, i]));
  let points = 0;
  for (const stretch of settleOrder(stretches, search.wholePrice / 3, part)) {
    if (!claim(claims, places.get(stretch.low))) continue;
    search.settle(stretch);
    points += search.known(stretch).filter((p) => p.spend >= stretch.low).length;
  }
  return points;
}

/** Claims on stretches that threads can share. */
export const newClaims = () => new Int32Array(new SharedArrayBuffer(4096));

if (!isMainThread) {
  const { problem, part, claims } = workerData;
  parentPort.postMessage(settlePart(problem, part, claims));
} else if (process.argv[2] === 'memory') {
  const { shipped } = await import('./problems.mjs');
  settlePart(shipped(process.argv[3]), 0, newClaims());
  console.log(Math.round(process.resourceUsage().maxRSS / 1024));
}
