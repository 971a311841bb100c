// One worker's part of a whole frontier; also run by itself to see its memory.
import { isMainThread, parentPort, workerData } from 'node:worker_threads';
import { PlanSearch } from '../../packages/core/dist/planner/index.js';
import { shipped } from './problems.mjs';

/** Settle every so-many-th stretch; returns the number of best sets in them. */
export function settlePart(problem, part, of) {
  const search = new PlanSearch(problem);
  const everything = search.solve(search.wholePrice).spend;
  const mine = search.stretches(everything).filter((_, i) => i % of === part);
  for (const stretch of mine) search.settle(stretch);
  return mine.reduce((sum, stretch) => sum + search.known(stretch).length, 0);
}

if (!isMainThread) {
  const { problem, part, of } = workerData;
  parentPort.postMessage(settlePart(problem, part, of));
} else if (process.argv[2] === 'memory') {
  settlePart(shipped(process.argv[3]), 0, 1);
  console.log(Math.round(process.resourceUsage().maxRSS / 1024));
}
