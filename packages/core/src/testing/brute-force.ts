import { PreparedProblem } from '../planner/prepared.js';
import type { FrontierPoint, PlanProblem } from '../planner/problem.js';

/** A set judged straight from the words of the format, sharing no code with the solver's own judge. */
export interface BruteSet {
  value: number;
  spend: number;
  items: string[];
}

const EPSILON = 1e-9;

/** What a group of variants, or a drink by itself, brings, and what it counts as. */
interface Worth {
  best: number;
  family: string | undefined;
  tags: string[];
}

function valueOf(problem: PlanProblem, have: ReadonlySet<string>): { value: number; open: Set<string> } {
  const open = new Set<string>();
  const worths = new Map<string, Worth>();
  for (const drink of problem.drinks) {
    let fit = 1;
    for (const slot of drink.slots) {
      let best = 0;
      for (const a of slot.any) {
        if (a.fit >= problem.minFit && a.all.every((c) => have.has(c))) best = Math.max(best, a.fit);
      }
      fit = Math.min(fit, best);
    }
    if (fit > 0) open.add(drink.id);
    const key = drink.group === undefined ? `alone ${drink.id}` : `group ${drink.group}`;
    const best = Math.max(worths.get(key)?.best ?? 0, drink.weight * fit);
    worths.set(key, { best, family: drink.family, tags: drink.tags ?? [] });
  }
  return { value: throughLenses(problem, [...worths.values()]), open };
}

function throughLenses({ variety, shares = [] }: PlanProblem, worths: readonly Worth[]): number {
  const sum = (list: readonly Worth[]) => list.reduce((s, w) => s + w.best, 0);
  let value = 0;
  for (const family of new Set(worths.map((w) => w.family))) {
    const all = sum(worths.filter((w) => w.family === family));
    const full = variety && family !== undefined ? Math.min(all, variety.after) : all;
    value += full + (all - full) * (variety?.factor ?? 1);
  }
  const caps = shares.map(({ tag, oneIn }) => oneIn * sum(worths.filter((w) => w.tags.includes(tag))));
  return Math.min(value, ...caps);
}

function isBetter(a: BruteSet, b: BruteSet): boolean {
  if (Math.abs(a.value - b.value) > EPSILON) return a.value > b.value;
  if (a.spend !== b.spend) return a.spend < b.spend;
  if (a.items.length !== b.items.length) return a.items.length < b.items.length;
  const at = a.items.findIndex((id, i) => id !== b.items[i]);
  return at >= 0 && (a.items[at] as string) < (b.items[at] as string);
}

function* validSets(problem: PlanProblem): Generator<BruteSet> {
  const n = problem.items.length;
  for (let mask = 0; mask < 2 ** n; mask++) {
    const chosen = problem.items.filter((_, i) => (mask >> i) & 1);
    const ids = new Set(chosen.map((i) => i.id));
    if (![...problem.owned, ...problem.must].every((id) => ids.has(id))) continue;
    if (problem.never.some((id) => ids.has(id))) continue;
    const sum = (of: (item: (typeof chosen)[number]) => number) => chosen.reduce((s, i) => s + of(i), 0);
    const spend = sum((i) => (problem.owned.includes(i.id) ? 0 : i.price));
    if (sum((i) => (i.counted ? 1 : 0)) > (problem.maxCounted ?? Infinity)) continue;
    if (sum((i) => i.widthMm) > (problem.maxWidthMm ?? Infinity)) continue;
    if (sum((i) => i.liquorMl) > (problem.maxLiquorMl ?? Infinity)) continue;
    const { value, open } = valueOf(problem, new Set(chosen.flatMap((i) => i.provides)));
    if (!problem.mustDrinks.every((id) => open.has(id))) continue;
    yield { value, spend, items: [...ids].sort() };
  }
}

/** Best set by trying every one. Sensible up to about 12 items. */
export function bruteForceBest(problem: PlanProblem): BruteSet | undefined {
  let best: BruteSet | undefined;
  for (const set of validSets(problem)) {
    if (set.spend <= problem.budget && (best === undefined || isBetter(set, best))) best = set;
  }
  return best;
}

/** Every efficient point by trying every set. */
export function bruteForceFrontier(problem: PlanProblem): FrontierPoint[] {
  const sets = [...validSets(problem)].filter((s) => s.spend <= problem.budget);
  sets.sort((a, b) => a.spend - b.spend || (isBetter(a, b) ? -1 : 1));
  const points: BruteSet[] = [];
  for (const set of sets) {
    const last = points.at(-1);
    if (last === undefined || set.value > last.value + EPSILON) points.push(set);
  }
  return points;
}

/** The set a list of ids names, as indices. */
export function indicesOf(problem: PlanProblem, ids: readonly string[]): Set<number> {
  return new Set(ids.map((id) => problem.items.findIndex((i) => i.id === id)));
}

/** The same problem judged by the product's own evaluator, to compare the two. */
export function judged(problem: PlanProblem, ids: readonly string[]) {
  return new PreparedProblem(problem).judge(indicesOf(problem, ids));
}
