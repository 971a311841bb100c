import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import {
  mergeCurve,
  pointAtOrBelow,
  type CurvePoint,
  type DrawnPoint,
  type SettledStretch,
} from '@uisce/core/planner';
import type { About } from './about';
import { questionKey, recall, remember } from './remembered';
import { Solver } from './solver';
import { MAX_STRETCHES, type CurvePart } from './tasks/curve';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';

/** The curve is drawn anew at most this often while it is being settled. */
const REDRAW_MS = 400;
/** Solvers that share the stretches, the answer’s among them; one core is left for the page. */
const MAX_SOLVERS = 2;

/** All that is known of a curve, as the browser keeps it. */
interface KnownCurve {
  rough: CurvePoint[];
  settled: SettledStretch[];
  stretches: number;
  everything: number;
}

/** An answer that the curve must go through: weighted drinks at a budget of bottles' money in minor units. */
interface Check {
  budget: number;
  value: number;
}

/** Memory in which the solvers tell each other what they have taken; null where the browser shares none. */
function sharedClaims(): Int32Array | null {
  if (typeof SharedArrayBuffer === 'undefined') return null;
  return new Int32Array(new SharedArrayBuffer(MAX_STRETCHES * Int32Array.BYTES_PER_ELEMENT));
}

/** The best set at every budget, settled stretch by stretch in the background. */
export const useCurve = defineStore('curve', () => {
  const catalogue = useCatalogue();
  const plans = usePlans();
  /** As they are settled: bottles' money alone. */
  const settledPoints = shallowRef<DrawnPoint[]>([]);
  const wholePrice = ref(0);
  /** Set aside for fresh things, minor units. */
  const freshMinor = computed(() => plans.brief?.freshMinor ?? 0);
  /** The curve of all money, what is set aside for fresh things included. */
  const points = computed(() =>
    freshMinor.value === 0
      ? settledPoints.value
      : settledPoints.value.map((p) => ({
          ...p,
          spend: p.spend + freshMinor.value,
          provenTo: p.provenTo + freshMinor.value,
        })),
  );
  const everything = computed(() => (wholePrice.value === 0 ? 0 : wholePrice.value + freshMinor.value));
  const drawing = ref(false);
  const stretches = ref(0);
  const settledCount = ref(0);
  const failure = ref('');
  /** Money that the waterline is being dragged over: shown from the curve until the hand rests. */
  const previewMinor = ref<number>();
  const preview = computed(() => (previewMinor.value === undefined ? undefined : at(previewMinor.value)));
  const whole = computed(() => stretches.value > 0 && settledCount.value === stretches.value);

  /** Whether it is on the page just now: it is drawn for those who look. */
  const lookedAt = ref(false);
  /** Whether something that works out answers of its own lies over it. */
  const covered = ref(false);
  const seen = computed(() => lookedAt.value && !covered.value);

  /** Beside the answer's own, which has the search in its hands already. */
  const others: Solver[] = [];
  /** What is asked for now: an older drawing that comes late is left alone. */
  let turn = 0;
  let drawn = new AbortController();
  let rough: CurvePoint[] = [];
  let settled = new Map<number, SettledStretch>();
  let timer: ReturnType<typeof setTimeout> | undefined;

  function redraw(): void {
    timer = undefined;
    settledPoints.value = mergeCurve(rough, settled.values());
    settledCount.value = settled.size;
  }

  function take(part: CurvePart): void {
    if (part.rough.length > 0) rough = part.rough;
    for (const stretch of part.settled) settled.set(stretch.stretch.low, stretch);
    if (part.whole) {
      stretches.value = part.whole.stretches;
      wholePrice.value = part.whole.everything;
    }
    timer ??= setTimeout(redraw, REDRAW_MS);
  }

  /** The best set known at a budget, and whether it is proven there; past everything there is nothing more to prove. */
  function at(budget: number): { point: DrawnPoint; proven: boolean } | undefined {
    const point = pointAtOrBelow(points.value, budget);
    return point && { point, proven: point.provenTo >= Math.min(budget, everything.value) };
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

  /** Show the curve that this browser drew before, unless it differs from the answer at the present money. */
  async function showBefore(question: string, { budget, value }: Check): Promise<boolean> {
    const mine = turn;
    const before = await recall<KnownCurve>('curve', question);
    if (mine !== turn || !before) return false;
    if (pointAtOrBelow(mergeCurve(before.rough, before.settled), budget)?.value !== value) return false;
    rough = before.rough;
    settled = new Map(before.settled.map((s) => [s.stretch.low, s]));
    stretches.value = before.stretches;
    wholePrice.value = before.everything;
    redraw();
    return true;
  }

  /**
   * Draw it, or go on where it was stopped. `check` is the proven answer that it must agree with, and `solver` the one
   * that found it, which has nothing else to do now.
   */
  async function draw(about: About, check: Check, solver: Solver): Promise<void> {
    stop();
    const mine = turn;
    const { signal } = drawn;
    const question = questionKey(
      { ...about, brief: { ...about.brief, moneyNowMinor: 0, freshMinor: 0 } },
      catalogue.shippedTag,
    );
    failure.value = '';
    if (stretches.value === 0 && (await showBefore(question, check))) return;
    if (mine !== turn) return;
    const cores = Math.max(1, Math.min(MAX_SOLVERS, navigator.hardwareConcurrency - 1));
    while (others.length < cores - 1) others.push(new Solver(() => catalogue.all));
    drawing.value = true;
    const share = { of: cores, settledLows: [...settled.keys()], claims: sharedClaims() };
    try {
      const ended = await Promise.all(
        [solver, ...others].map((one, part) => one.curve(about, { ...share, part }, take, signal)),
      );
      // Something newer was asked meanwhile: the drawing goes on after it, and that one says when it is done.
      if (!ended.every(Boolean) || mine !== turn) return;
    } catch (error) {
      if (mine !== turn) return;
      failure.value = (error as Error).message;
    }
    drawing.value = false;
    clearTimeout(timer);
    redraw();
    if (!whole.value) return;
    const known: KnownCurve = {
      rough,
      settled: [...settled.values()],
      stretches: stretches.value,
      everything: wholePrice.value,
    };
    void remember('curve', question, known);
  }

  /** Stop settling; what is drawn stays. */
  function stop(): void {
    turn += 1;
    drawn.abort();
    drawn = new AbortController();
    drawing.value = false;
  }

  return {
    points,
    everything,
    wholePrice,
    freshMinor,
    drawing,
    stretches,
    settledCount,
    whole,
    failure,
    previewMinor,
    preview,
    at,
    lookedAt,
    covered,
    seen,
    draw,
    clear,
    stop,
  };
});
