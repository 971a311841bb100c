import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import type { Brief } from '@uisce/core/plan';
import type { CurvePoint, PlanAnswer, Stretch } from '@uisce/core/planner';
import { waterlineBudgets } from '@uisce/core/planner';
import { heldFor } from './context';
import type { WorkerReply } from '../protocol';

/** Replies are gathered for so long, so that drawing keeps up. */
const REPLY_EVERY_MS = 120;

type CurveReply = Omit<Extract<WorkerReply, { kind: 'curve' }>, 'id' | 'kind'>;

/** The best set at every budget: a rough curve at once, then stretch by stretch exactly, nearest to the present money first. */
export async function drawCurve(
  { brief, prices, kit, part, of }: { brief: Brief; prices: PriceList; kit: Kit; part: number; of: number },
  catalogue: Catalogue,
  isStale: () => boolean,
  send: (reply: CurveReply) => void,
): Promise<void> {
  const { search, count } = heldFor(brief, prices, kit, catalogue);
  const point = (answer: PlanAnswer): CurvePoint => ({
    spend: answer.spend,
    value: answer.value,
    open: count(answer.drinks.map((d) => d.id)),
    items: answer.items,
    proven: answer.status === 'optimal',
  });
  const whole = search.solve(search.wholePrice, { shouldStop: isStale });
  if (isStale()) return;
  if (whole.status === 'infeasible') {
    send({ rough: [], settled: [], stretches: 0, everything: 0, done: true });
    return;
  }
  const everything = whole.spend;
  const all: Stretch = { low: 0, high: everything };
  if (part === 0) for (const budget of waterlineBudgets(everything)) search.glance(budget);
  const stretches = search.stretches(everything);
  const base = { stretches: stretches.length, everything };
  send({ ...base, rough: search.known(all).map(point), settled: [], done: false });
  const here = brief.moneyNowMinor;
  const distance = ({ low, high }: Stretch) => Math.max(low - here, here - high, 0);
  const mine = stretches.sort((a, b) => distance(a) - distance(b)).filter((_, i) => i % of === part);
  let settled: CurveReply['settled'] = [];
  let sent = performance.now();
  for (const stretch of mine) {
    if (!search.settle(stretch, { shouldStop: isStale })) return;
    settled.push({ stretch, points: search.known(stretch).map(point) });
    if (performance.now() - sent < REPLY_EVERY_MS) continue;
    send({ ...base, rough: [], settled, done: false });
    settled = [];
    sent = performance.now();
    // Let newer messages in.
    await new Promise((resolve) => setTimeout(resolve));
    if (isStale()) return;
  }
  send({ ...base, rough: [], settled, done: true });
}
