import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { pointAtOrBelow } from '@uisce/core/planner';
import type { TimedResult } from './about';
import { Solver } from './solver';
import { useCurve } from './use-curve';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';

/** The answer to the open plan, re-computed in the background whenever the brief changes. */
export const useAnswer = defineStore('answer', () => {
  const plans = usePlans();
  const trade = useTrade();
  const curve = useCurve();
  const kits = useKit();

  const result = shallowRef<TimedResult>();
  const solving = ref(false);
  /** Whether what is shown answers the brief as it stands. */
  const current = ref(false);
  const failure = ref('');

  /** What of the kit the plan depends on; how specs are read, say, is not. */
  const planKit = computed(() => {
    const { said, inPlan, attitude, tools, kitchen, glasses, vessels, people, drinksWine } = kits.kit;
    if (!said || !inPlan) return '';
    const hasMeasure = vessels.length > 0;
    return JSON.stringify([
      attitude,
      tools.map((t) => t.id),
      kitchen,
      glasses,
      hasMeasure,
      people,
      drinksWine,
    ]);
  });

  let solver: Solver | undefined;
  /** The curve is drawn once the answer itself is proven: two solves at once only slow each other. */
  let curveWaits = false;
  /** The brief without its money: while it stays the same the curve does too. */
  const curveKey = computed(() => {
    const brief = plans.brief;
    return brief && trade.prices
      ? JSON.stringify([
          { ...brief, moneyNowMinor: 0 },
          trade.prices.bottles.map((b) => [b.id, b.priceMinor]),
          planKit.value,
        ])
      : '';
  });

  function show(found: TimedResult, done: boolean): void {
    failure.value = '';
    result.value = found;
    current.value = true;
    solving.value = !done;
  }

  async function ask(): Promise<void> {
    const { brief } = plans;
    const { prices } = trade;
    if (!brief || !prices || !solver) return;
    solving.value = true;
    current.value = false;
    const near = pointAtOrBelow(curve.points, brief.moneyNowMinor);
    // Where the curve is settled its point is the answer: it only has to be explained.
    const startProven = near !== undefined && near.proven && curve.isSettledAt(brief.moneyNowMinor);
    try {
      const from = { start: near?.items ?? null, startProven };
      const best = await solver.answer({ brief, prices, kit: kits.kit }, from, (better) =>
        show(better, false),
      );
      if (best === undefined) return;
      show(best, true);
      if (curveWaits) draw();
    } catch (error) {
      failure.value = (error as Error).message;
      solving.value = false;
    }
  }

  function draw(): void {
    curveWaits = false;
    if (plans.brief && trade.prices) curve.draw(plans.brief, trade.prices, kits.kit);
  }

  function start(): void {
    if (!trade.loaded || solver) return;
    solver = new Solver(() => trade.catalogue);
    solver.wake();
    watch(
      curveKey,
      () => {
        curve.clear();
        curveWaits = true;
      },
      { immediate: true },
    );
    watch([() => plans.brief, () => trade.prices, planKit], () => void ask(), { immediate: true });
  }

  const proven = computed(() => current.value && result.value?.answer.status === 'optimal');
  const itemById = computed(() => new Map(result.value?.items.map((i) => [i.id, i])));
  const kitById = computed(() => new Map(result.value?.kit.map((i) => [i.id, i])));

  return { result, solving, failure, current, proven, itemById, kitById, curveKey, start, draw };
});
