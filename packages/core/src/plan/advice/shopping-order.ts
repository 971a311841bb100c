import { cheapestWay } from '../cheapest-way.js';
import { PreparedProblem } from '../../planner/prepared.js';
import type { PlanAnswer, PlanProblem } from '../../planner/problem.js';

/** One purchase: what to buy next, what has been spent by then, and the drinks open by then. */
export interface Purchase {
  itemId: string;
  spend: number;
  open: string[];
}

/**
 * The items of an answer in an order that adds drinks early: each time the cheapest items to one
 * more drink that bring most for their price. A fair order, not a proven one; the ladder is that.
 */
export function shoppingOrder(problem: PlanProblem, answer: Pick<PlanAnswer, 'items'>): Purchase[] {
  const chosen = new Set(answer.items);
  const others = problem.items.filter((i) => !chosen.has(i.id)).map((i) => i.id);
  const prepared = new PreparedProblem({ ...problem, must: [], mustDrinks: [], never: others });
  const held = new Set(prepared.owned);
  const order: Purchase[] = [];
  const judge = () => prepared.judge(held, Infinity);
  const buy = (item: number) => {
    held.add(item);
    const { spend, fits } = judge();
    const open = prepared.openDrinks(fits).map((d) => d.id);
    order.push({ itemId: problem.items[item]?.id ?? '', spend, open });
  };
  for (;;) {
    const now = judge();
    let best: { items: number[]; ratio: number } | undefined;
    prepared.drinks.forEach((_, d) => {
      const way = (now.fits[d] ?? 0) > 0 ? undefined : cheapestWay(prepared, d, held);
      if (way === undefined) return;
      const gain = prepared.judge(new Set([...held, ...way.items]), Infinity).value - now.value;
      const ratio = gain / Math.max(way.cost, 1);
      if (best === undefined || ratio > best.ratio) best = { items: way.items, ratio };
    });
    if (best === undefined) break;
    best.items.forEach(buy);
  }
  // What is left raises a fit rather than opening a drink, or was asked for.
  problem.items.forEach((item, i) => {
    if (chosen.has(item.id) && !held.has(i)) buy(i);
  });
  return order;
}
