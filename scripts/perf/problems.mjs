// The problems that are measured: the shipped catalogue at the shipped prices, and larger made-up ones.
import { loadCatalogue, loadPriceLists } from '../../packages/catalogue/dist/index.js';
import { compilePlan, emptyBrief } from '../../packages/core/dist/plan/index.js';
import { planProblemSchema } from '../../packages/core/dist/planner/index.js';

/** The shipped catalogue at every shop, for a plain brief in its currency. */
export function shops(count) {
  const { catalogue } = loadCatalogue();
  return loadPriceLists(catalogue).map((prices) => {
    const brief = { ...emptyBrief(prices.currency), count };
    return { id: prices.id, problem: compilePlan(brief, prices, catalogue).problem };
  });
}

/** The same at the first shop in euro. */
export function shipped(count) {
  return shops(count).find(({ id }) => id === 'lantern-store').problem;
}

/** Numbers in [0, 1), the same for the same seed (mulberry32, public domain). */
function randomFrom(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/**
 * A made-up bar: few kinds are in many drinks and most in few, as in the trade; a third of the kinds
 * have stand-ins. Drinks ask for two to five kinds.
 */
export function madeUp(items, drinks, seed = 7) {
  const random = randomFrom(seed);
  const kind = () => Math.floor(items * random() ** 2.2);
  const standIns = new Map();
  for (let k = 0; k < items; k++) {
    if (random() < 0.33) standIns.set(k, [[kind(), 0.75 + 0.05 * Math.floor(5 * random())]]);
  }
  const slot = (k) => ({
    any: [
      { all: [`k${k}`], fit: 1 },
      ...(standIns.get(k) ?? []).map(([other, fit]) => ({ all: [`k${other}`], fit })),
    ],
  });
  return planProblemSchema.parse({
    format: 'uisce-plan-problem/1',
    budget: 0,
    items: Array.from({ length: items }, (_, k) => ({
      id: `item-${k}`,
      provides: [`k${k}`],
      price: 500 + 10 * Math.floor(300 * random()),
    })),
    drinks: Array.from({ length: drinks }, (_, d) => ({
      id: `drink-${d}`,
      slots: [...new Set(Array.from({ length: 2 + Math.floor(4 * random()) }, kind))].map(slot),
    })),
    minFit: 0.75,
  });
}
