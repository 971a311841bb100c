// One worker's part of a whole frontier; also run by itself to see its memory.
import { isMainThread, parentPort, workerData } from 'node:worker_threads';
import { claim, PlanSearch, settleOrder } from '../../packages/core/dist/planner/index.js';
import { shipped } from './problems.mjs';

/** Settle what nobody has claimed yet, from the middle on; returns the low ends of the stretches settled here. */
export function settlePart(problem, part, claims) {
  const search = new PlanSearch(problem);
  const everything = search.solve(search.wholePrice).spend;
  const stretches = search.stretches(everything);
  const places = new Map(stretches.map((s, i) => [s.low, i]));
  const middle = part === undefined ? 0 : everything / 3;
  let points = 0;
  for (const stretch of settleOrder(stretches, middle, part ?? 0)) {
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
  settlePart(shipped(process.argv[3]), undefined, newClaims());
  console.log(Math.round(process.resourceUsage().maxRSS / 1024));
}
