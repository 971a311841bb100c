import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import {
  compilePlan,
  countDrinks,
  explainPlan,
  findObstacle,
  PlanModel,
  waterlineBudgets,
  type Brief,
  type Catalogue,
  type CompiledPlan,
  type CurvePoint,
  type PlanAnswer,
  type PriceList,
} from '@uisce/core';
import type { AnswerItem, PlanResult, WorkerReply, WorkerRequest } from './protocol';

const highsLoading = loadHighs({ locateFile: () => wasmUrl });

let catalogue: Catalogue | undefined;
let latest: Int32Array | undefined;
/** The last model, kept open while only the money changes. */
let held: { key: string; compiled: CompiledPlan; model: PlanModel } | undefined;

const reply = (message: WorkerReply) => {
  postMessage(message);
};
const isStale = (id: number) => latest !== undefined && Atomics.load(latest, 0) !== id;

async function modelFor(brief: Brief, prices: PriceList, trade: Catalogue) {
  const key = JSON.stringify([{ ...brief, moneyNowMinor: 0 }, prices]);
  if (held?.key === key) return held;
  held?.model.dispose();
  held = undefined;
  const compiled = compilePlan(brief, prices, trade);
  held = { key, compiled, model: new PlanModel(await highsLoading, compiled.problem) };
  return held;
}

function describe({ items }: CompiledPlan): AnswerItem[] {
  return [...items].map(([id, item]) => ({
    id,
    kindId: item.kind.id,
    owned: item.owned,
    ...(item.bottle ? { bottleId: item.bottle.id } : {}),
  }));
}

async function plan(id: number, brief: Brief, prices: PriceList, start: string[] | null): Promise<void> {
  if (catalogue === undefined || isStale(id)) return;
  const began = performance.now();
  const { compiled, model } = await modelFor(brief, prices, catalogue);
  const budget = brief.moneyNowMinor;
  const openDrinks = ({ drinks }: PlanAnswer) =>
    countDrinks(
      drinks.map((d) => d.id),
      compiled.recipes,
    );
  const result = (answer: PlanAnswer): PlanResult => ({
    budget,
    answer,
    open: openDrinks(answer),
    explanation: explainPlan(compiled.problem, answer),
    items: describe(compiled),
    dropped: compiled.dropped.map((d) => ({
      recipeId: d.recipe.id,
      disliked: d.disliked,
      uncounted: d.uncounted,
    })),
    ms: Math.round(performance.now() - began),
  });
  const answer = model.solve(budget, {
    ...(start ? { start } : {}),
    shouldStop: () => isStale(id),
    onAnswer: (better) => reply({ kind: 'plan', id, result: result(better), done: false }),
  });
  if (isStale(id)) return;
  const final = result(answer);
  if (answer.status === 'infeasible') {
    final.obstacle = findObstacle(await highsLoading, { ...compiled.problem, budget });
  }
  reply({ kind: 'plan', id, result: final, done: true });
}

/** A fair set at every step first, so that there is a curve at once; then each step proven. */
async function curve(id: number, brief: Brief, prices: PriceList): Promise<void> {
  if (catalogue === undefined || isStale(id)) return;
  const { compiled, model } = await modelFor(brief, prices, catalogue);
  const { problem } = compiled;
  const shouldStop = () => isStale(id);
  const point = (budget: number, answer: PlanAnswer): CurvePoint => ({
    budget,
    spend: answer.spend,
    value: answer.value,
    open: countDrinks(
      answer.drinks.map((d) => d.id),
      compiled.recipes,
    ),
    items: answer.items,
    proven: answer.status === 'optimal',
  });
  const all = problem.items.reduce((sum, item) => sum + item.price, 0);
  const everything = model.solve(all, { shouldStop });
  if (everything.status === 'infeasible') {
    reply({ kind: 'curve', id, points: [], everything: 0, done: true });
    return;
  }
  const end = Math.max(everything.spend, brief.moneyNowMinor);
  const budgets = waterlineBudgets(end);
  const points = new Map<number, CurvePoint>([[end, point(end, everything)]]);
  const send = (done: boolean) =>
    reply({ kind: 'curve', id, points: rising([...points.values()]), everything: everything.spend, done });
  for (const budget of budgets) {
    const quick = points.has(budget) ? undefined : model.first(budget);
    if (quick) points.set(budget, point(budget, quick));
  }
  send(false);
  const here = brief.moneyNowMinor;
  const nearestFirst = budgets
    .filter((b) => b !== end)
    .sort((a, b) => Math.abs(a - here) - Math.abs(b - here));
  for (const budget of nearestFirst) {
    // Between two points, let newer messages in.
    await new Promise((resolve) => setTimeout(resolve));
    if (shouldStop()) return;
    const below = rising([...points.values()]).findLast((p) => p.spend <= budget);
    const answer = model.solve(budget, { shouldStop, ...(below ? { start: below.items } : {}) });
    if (answer.status !== 'infeasible') points.set(budget, point(budget, answer));
    send(false);
  }
  send(true);
}

/** By budget, and never falling: what less money buys, more money buys too. */
function rising(points: CurvePoint[]): CurvePoint[] {
  const sorted = [...points].sort((a, b) => a.budget - b.budget);
  let best: CurvePoint | undefined;
  return sorted.map((p) => {
    if (best === undefined || p.value >= best.value) best = p;
    return p === best ? p : { ...best, budget: p.budget, proven: p.proven && best.proven };
  });
}

/** Compile the solver's code before the first question arrives. */
async function warmUp(): Promise<void> {
  const model = new PlanModel(await highsLoading, {
    format: 'uisce-plan-problem/1',
    budget: 1,
    items: ['a', 'b'].map((id) => ({ id, provides: [id], price: 1, widthMm: 0, counted: true, liquorMl: 0 })),
    drinks: ['a', 'b'].map((id) => ({ id, weight: 1, slots: [{ any: [{ all: [id], fit: 1 }] }] })),
    owned: [],
    must: [],
    never: [],
    mustDrinks: [],
    minFit: 1,
  });
  model.solve(1);
  model.dispose();
}

async function handle(request: WorkerRequest): Promise<void> {
  if (request.kind === 'load') {
    catalogue = request.catalogue;
    latest = request.latest ? new Int32Array(request.latest) : undefined;
    await warmUp();
    return;
  }
  try {
    if (request.kind === 'plan') await plan(request.id, request.brief, request.prices, request.start);
    else await curve(request.id, request.brief, request.prices);
  } catch (error) {
    reply({ kind: 'failed', id: request.id, message: (error as Error).message });
  }
}

// One request at a time, in order: a stale one returns at once.
let queue = Promise.resolve();
addEventListener('message', (event: MessageEvent<WorkerRequest>) => {
  queue = queue.then(() => handle(event.data));
});
