// How long it takes to know what is at hand, and which shops are best; each beside a reference in the same run.
import { loadShipped } from '../../packages/catalogue/dist/index.js';
import { kindIndex } from '../../packages/core/dist/catalogue/index.js';
import { bestAtShops } from '../../packages/core/dist/errand/index.js';
import { compilePlan, emptyBrief, bestPlan } from '../../packages/core/dist/plan/index.js';
import { PlanSearch } from '../../packages/core/dist/planner/index.js';
import { withBatchesPriced } from '../../packages/core/dist/prices/index.js';
import { atHand, bottleThere, ownedKinds } from '../../packages/core/dist/stock/index.js';

const RUNS = 15;
const BOTTLES = 60;
const DRINKS = 5000;
const TODAY = '2026-11-26';

function median(run) {
  const times = Array.from({ length: RUNS }, () => {
    const began = performance.now();
    run();
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return times[Math.floor(RUNS / 2)];
}

const { catalogue, shops } = loadShipped();
const kinds = kindIndex(catalogue.kinds);
const bottled = catalogue.kinds.filter((k) => k.supply === 'bottle' && !k.abstract);
const bottles = Array.from({ length: BOTTLES }, (_, i) => ({
  ...bottleThere(`00000000-0000-4000-8000-${String(i).padStart(12, '0')}`, bottled[i % bottled.length].id),
  sizeMl: 700,
  leftMl: 100 + ((i * 97) % 600),
  openedOn: '2026-11-01',
}));
const recipes = Array.from({ length: DRINKS }, (_, i) => {
  const recipe = catalogue.recipes[i % catalogue.recipes.length];
  return { ...recipe, id: `${recipe.id}-${i}`, group: undefined };
});

/** By hand: each drink's parts looked up one by one, stand-ins left out. */
function straight() {
  const have = new Set(bottles.map((b) => b.kind));
  return recipes.filter((r) =>
    r.slots.every(
      (s) =>
        s.optional || kinds.get(s.kind)?.supply === 'fresh' || [s.kind, ...s.or].some((k) => have.has(k)),
    ),
  ).length;
}
const lantern = withBatchesPriced(
  shops.find((s) => s.id === 'lantern-store'),
  catalogue,
);
const owned = ownedKinds(atHand(bottles, [], kinds, TODAY), () => 40).owned;
const brief = { ...emptyBrief('EUR'), ownedKinds: owned };
const { problem } = compilePlan(brief, lantern, { ...catalogue, recipes });
const { prepared } = new PlanSearch(problem);

const hand = median(() => ownedKinds(atHand(bottles, [], kinds, TODAY), () => 40));
const opened = median(() => prepared.answerOf(problem.owned));
const reference = median(straight);
console.log(`At hand, ${BOTTLES} bottles: ${hand.toFixed(2)} ms`);
console.log(
  `What they open of ${DRINKS} drinks, stand-ins counted: ${opened.toFixed(1)} ms, ${(opened / reference).toFixed(1)} times a plain look (${reference.toFixed(1)} ms)`,
);

// Five shops: the two that ask in euro, and three made of them with other prices and gaps.
let seed = 7;
const next = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
const other = (list, i) => ({
  ...list,
  id: `shop-${i}`,
  bottles: list.bottles
    .filter((b) => b.homeMade || next() > 0.2)
    .map((b) =>
      b.homeMade ? b : { ...b, priceMinor: Math.round((b.priceMinor * (0.85 + next() * 0.3)) / 10) * 10 },
    ),
});
const harbour = withBatchesPriced(
  shops.find((s) => s.id === 'harbour-wines'),
  catalogue,
);
const five = [lantern, harbour, other(lantern, 3), other(lantern, 4), other(harbour, 5)];
const asked = { ...emptyBrief('EUR'), moneyNowMinor: 24_000, count: 'well-known', ownedKinds: ['dry-gin'] };
const one = median(() => bestPlan({ brief: asked, prices: lantern, catalogue }));
for (const n of [2, 3, 5]) {
  const began = performance.now();
  let first;
  const sets = bestAtShops({ brief: asked, catalogue, lists: five.slice(0, n) }, [], {
    onSet: () => (first ??= performance.now() - began),
  });
  const ms = performance.now() - began;
  console.log(
    `${n} shops, ${sets.length} sets: ${(ms / 1000).toFixed(2)} s, the first ${Math.round(first)} ms; ${(ms / one / sets.length).toFixed(2)} of one shop's plan each (${Math.round(one)} ms)`,
  );
}
