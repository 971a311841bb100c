// Speed, as ratios against a reference in the same run; no test asserts a clock.
import { performance } from 'node:perf_hooks';
import { install, tool } from './bootstrap.mjs';

install();
tool('tsc', ['-b', 'packages/catalogue']);
const { loadCatalogue, loadPriceLists } = await import('../packages/catalogue/dist/index.js');
const { compilePlan, emptyBrief, explainPlan, PlanModel, waterlineBudgets } =
  await import('../packages/core/dist/index.js');
const { default: loadHighs } = await import('highs');

const highs = await loadHighs();
const { catalogue } = loadCatalogue();
const prices = loadPriceLists(catalogue).find((list) => list.currency === 'EUR');
/** Which drinks count: all, well-known or core. */
const count = process.argv[2] ?? 'well-known';
const brief = {
  ...emptyBrief('EUR'),
  count,
  moneyNowMinor: 24_000,
  ownedKinds: ['irish-whiskey', 'dry-gin', 'aromatic-bitters'],
};

function time(work) {
  const began = performance.now();
  const result = work();
  return { ms: performance.now() - began, result };
}
const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)];

const compiled = compilePlan(brief, prices, catalogue);
const model = new PlanModel(highs, compiled.problem);
const all = compiled.problem.items.reduce((sum, item) => sum + item.price, 0);
const everything = model.solve(all).spend;
const budgets = waterlineBudgets(everything);

// The reference: each budget by itself, from nothing, as a caller without a held model would do it.
const rows = budgets.map((budget) => {
  const alone = time(() => {
    const fresh = new PlanModel(highs, { ...compiled.problem, budget });
    const answer = fresh.solve(budget);
    fresh.dispose();
    return answer;
  });
  let first;
  const held = time(() => {
    const began = performance.now();
    return model.solve(budget, { onAnswer: () => (first ??= performance.now() - began) });
  });
  const same = JSON.stringify(alone.result) === JSON.stringify(held.result);
  return {
    budget,
    alone: alone.ms,
    held: held.ms,
    first: first ?? held.ms,
    same,
    open: held.result.drinks.length,
  };
});
const compileMs = median(
  Array.from({ length: 9 }, () => time(() => compilePlan(brief, prices, catalogue)).ms),
);
const answer = model.solve(brief.moneyNowMinor);
const explainMs = median(
  Array.from({ length: 9 }, () => time(() => explainPlan(compiled.problem, answer)).ms),
);

console.log(
  `${count}: ${compiled.problem.items.length} items, ${compiled.problem.drinks.length} drinks, node ${process.version}`,
);
console.log('budget      drinks   first answer   proven, held   proven, alone   alone / held   same answer');
for (const r of rows) {
  console.log(
    [
      (r.budget / 100).toFixed(0).padStart(6),
      String(r.open).padStart(11),
      `${r.first.toFixed(0)} ms`.padStart(14),
      `${r.held.toFixed(0)} ms`.padStart(14),
      `${r.alone.toFixed(0)} ms`.padStart(15),
      (r.alone / r.held).toFixed(2).padStart(14),
      String(r.same).padStart(13),
    ].join(' '),
  );
}
const held = median(rows.map((r) => r.held));
console.log(
  `median proven ${held.toFixed(0)} ms; compile / prove ${(compileMs / held).toFixed(3)}, explain / prove ${(explainMs / held).toFixed(3)}`,
);
model.dispose();
