import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { PriceList } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import type { Brief } from '@uisce/core/plan';
import { mergeCurve, pointAtOrBelow, type CurvePoint, type SettledStretch } from '@uisce/core/planner';
import { Solver } from './solver';
import type { CurvePart } from './tasks/curve';
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
  let timer: ReturnType<typeof setTimeout> | undefined;

  function redraw(): void {
    timer = undefined;
    points.value = mergeCurve(rough, settled.values());
    settledCount.value = settled.size;
  }

  function take(part: CurvePart): void {
    if (part.rough.length > 0) rough = part.rough;
    for (const stretch of part.settled) settled.set(stretch.stretch.low, stretch);
    stretches.value = part.stretches;
    everything.value = part.everything;
    timer ??= setTimeout(redraw, REDRAW_MS);
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

  async function draw(brief: Brief, prices: PriceList, kit: Kit): Promise<void> {
    clear();
    const cores = Math.max(1, Math.min(MOST_SOLVERS, navigator.hardwareConcurrency));
    while (solvers.length < cores) solvers.push(new Solver(() => trade.catalogue));
    failure.value = '';
    drawing.value = true;
    const of = solvers.length;
    try {
      const shares = solvers.map((solver, part) => solver.curve({ brief, prices, kit }, { part, of }, take));
      const whole = await Promise.all(shares);
      // Another drawing has begun meanwhile: it says when it is done.
      if (!whole.every(Boolean)) return;
    } catch (error) {
      failure.value = (error as Error).message;
    }
    drawing.value = false;
    clearTimeout(timer);
    redraw();
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
