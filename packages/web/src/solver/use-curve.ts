import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { PriceList } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import type { Brief } from '@uisce/core/plan';
import { mergeCurve, pointAtOrBelow, type CurvePoint, type SettledStretch } from '@uisce/core/planner';
import type { WorkerReply } from './protocol';
import { Solver } from './solver';
import { useTrade } from '../household/use-trade';

/** The curve is drawn anew at most this often while it is being settled. */
const REDRAW_MS = 400;
/** Background solvers that share the stretches; a phone's spare cores are few. */
const MOST_SOLVERS = 2;

/** The best set at every budget, settled stretch by stretch in the background. */
export const useCurve = defineStore('curve', () => {
  const trade = useTrade();
  const points = shallowRef<CurvePoint[]>([]);
  const everything = ref(0);
  const drawing = ref(false);
  const stretches = ref(0);
  const settledCount = ref(0);
  const failure = ref('');
  /** Money that the waterline is being dragged over: shown from the curve until the hand rests. */
  const previewMinor = ref<number>();
  const preview = computed(() =>
    previewMinor.value === undefined ? undefined : pointAtOrBelow(points.value, previewMinor.value),
  );
  const whole = computed(() => stretches.value > 0 && settledCount.value === stretches.value);

  const solvers: Solver[] = [];
  let rough: CurvePoint[] = [];
  let settled = new Map<number, SettledStretch>();
  let finished = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;

  function redraw(): void {
    timer = undefined;
    points.value = mergeCurve(rough, settled.values());
    settledCount.value = settled.size;
  }

  function onReply(reply: WorkerReply): void {
    if (reply.kind === 'failed') {
      failure.value = reply.message;
      drawing.value = false;
    }
    if (reply.kind !== 'curve') return;
    if (reply.rough.length > 0) rough = reply.rough;
    for (const part of reply.settled) settled.set(part.stretch.low, part);
    stretches.value = reply.stretches;
    everything.value = reply.everything;
    if (reply.done) finished += 1;
    drawing.value = finished < solvers.length;
    if (!drawing.value) {
      clearTimeout(timer);
      redraw();
    } else timer ??= setTimeout(redraw, REDRAW_MS);
  }

  /** Whether the best set at a budget is settled; past everything there is nothing more to settle. */
  function isSettledAt(budget: number): boolean {
    if (stretches.value === 0) return false;
    const at = Math.min(budget, everything.value);
    return [...settled.values()].some(({ stretch }) => stretch.low <= at && at <= stretch.high);
  }

  /** Forget the curve: the brief has changed by more than its money. */
  function clear(): void {
    stop();
    rough = [];
    settled = new Map();
    clearTimeout(timer);
    redraw();
    stretches.value = 0;
  }

  function draw(brief: Brief, prices: PriceList, kit: Kit): void {
    clear();
    const cores = Math.max(1, Math.min(MOST_SOLVERS, navigator.hardwareConcurrency));
    while (solvers.length < cores) solvers.push(new Solver(trade.catalogue, onReply));
    finished = 0;
    failure.value = '';
    drawing.value = true;
    solvers.forEach((solver, part) =>
      solver.ask({ kind: 'curve', brief, prices, kit, part, of: solvers.length }),
    );
  }

  /** Stop settling; what is drawn stays. */
  function stop(): void {
    solvers.forEach((solver) => solver.stop());
    drawing.value = false;
  }

  return {
    points,
    everything,
    drawing,
    stretches,
    settledCount,
    whole,
    failure,
    previewMinor,
    preview,
    isSettledAt,
    draw,
    clear,
    stop,
  };
});
