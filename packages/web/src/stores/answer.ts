import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { pointAtOrBelow, type CurvePoint } from '@uisce/core';
import type { PlanResult, WorkerReply } from '../workers/protocol';
import { Solver } from '../workers/solver';
import { usePlans } from './plans';
import { useTrade } from './trade';

/** The answer to the open plan, re-computed in the background whenever the brief changes. */
export const useAnswer = defineStore('answer', () => {
  const plans = usePlans();
  const trade = useTrade();

  const result = shallowRef<PlanResult>();
  const solving = ref(false);
  /** Whether what is shown answers the brief as it stands. */
  const current = ref(false);
  const failure = ref('');
  const points = shallowRef<CurvePoint[]>([]);
  const everything = ref(0);
  const drawing = ref(false);

  let planSolver: Solver | undefined;
  let curveSolver: Solver | undefined;
  /** The curve is drawn once the answer itself is proven: two solves at once only slow each other. */
  let curveWaits = false;
  /** The brief without its money: while it stays the same the curve does too. */
  const curveKey = computed(() => {
    const brief = plans.brief;
    return brief && trade.prices
      ? JSON.stringify([
          { ...brief, moneyNowMinor: 0 },
          trade.prices.bottles.map((b) => [b.id, b.priceMinor]),
        ])
      : '';
  });

  function onReply(reply: WorkerReply): void {
    if (reply.kind === 'failed') {
      failure.value = reply.message;
      solving.value = false;
      drawing.value = false;
    } else if (reply.kind === 'plan') {
      failure.value = '';
      result.value = reply.result;
      current.value = true;
      solving.value = !reply.done;
      if (reply.done && curveWaits) draw();
    } else {
      points.value = reply.points;
      everything.value = reply.everything;
      drawing.value = !reply.done;
    }
  }

  function ask(): void {
    const { brief } = plans;
    if (!brief || !trade.prices || !planSolver) return;
    solving.value = true;
    current.value = false;
    const near = pointAtOrBelow(points.value, brief.moneyNowMinor);
    planSolver.ask({ kind: 'plan', brief, prices: trade.prices, start: near?.items ?? null });
  }

  function draw(): void {
    curveWaits = false;
    const { brief } = plans;
    if (!brief || !trade.prices || !curveSolver) return;
    drawing.value = true;
    points.value = [];
    curveSolver.ask({ kind: 'curve', brief, prices: trade.prices });
  }

  /** Stop proving the curve; what is drawn stays. */
  function stopDrawing(): void {
    curveSolver?.stop();
    drawing.value = false;
  }

  function start(): void {
    if (!trade.loaded || planSolver) return;
    planSolver = new Solver(trade.catalogue, onReply);
    curveSolver = new Solver(trade.catalogue, onReply);
    watch(
      curveKey,
      () => {
        curveSolver?.stop();
        points.value = [];
        curveWaits = true;
      },
      { immediate: true },
    );
    watch([() => plans.brief, () => trade.prices], ask, { immediate: true, deep: true });
  }

  const proven = computed(() => current.value && result.value?.answer.status === 'optimal');
  const itemById = computed(() => new Map(result.value?.items.map((i) => [i.id, i])));

  return {
    result,
    solving,
    failure,
    points,
    everything,
    drawing,
    current,
    proven,
    itemById,
    start,
    draw,
    stopDrawing,
  };
});
