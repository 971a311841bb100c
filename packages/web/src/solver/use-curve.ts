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

/** The curve as it is settled, stretch by stretch: bottles’ money alone. */
function useSettling() {
  /** As they are settled: bottles' money alone. */
  const settledPoints = shallowRef<DrawnPoint[]>([]);
  const wholePrice = ref(0);
  const stretches = ref(0);
  const settledCount = ref(0);
  const whole = computed(() => stretches.value > 0 && settledCount.value === stretches.value);

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

  /** Begin anew, or with what was known before. */
  function begin(before?: KnownCurve): void {
    rough = before?.rough ?? [];
    settled = new Map(before?.settled.map((s) => [s.stretch.low, s]));
    stretches.value = before?.stretches ?? 0;
    if (before) wholePrice.value = before.everything;
    flush();
  }
  /** Draw what has come since. */
  function flush(): void {
    clearTimeout(timer);
    redraw();
  }
  const known = (): KnownCurve => ({
    rough,
    settled: [...settled.values()],
    stretches: stretches.value,
    everything: wholePrice.value,
  });

  return { settledPoints, wholePrice, stretches, settledCount, whole, take, begin, flush, known };
}

/** The curve of all money, what is set aside for fresh things included; and what it says of a budget. */
function usePoints({ settledPoints, wholePrice }: ReturnType<typeof useSettling>) {
  const plans = usePlans();
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
  /** Money that the waterline is being dragged over: shown from the curve until the hand rests. */
  const previewMinor = ref<number>();
  const preview = computed(() => (previewMinor.value === undefined ? undefined : at(previewMinor.value)));
  /** The best set known at a budget, and whether it is proven there; past everything there is nothing more to prove. */
  function at(budget: number): { point: DrawnPoint; proven: boolean } | undefined {
    const point = pointAtOrBelow(points.value, budget);
    return point && { point, proven: point.provenTo >= Math.min(budget, everything.value) };
  }

  return { freshMinor, points, everything, previewMinor, preview, at };
}

/** The question of a curve: the brief without its money. */
const questionOf = (about: About, shippedTag: string) =>
  questionKey({ ...about, brief: { ...about.brief, moneyNowMinor: 0, freshMinor: 0 } }, shippedTag);

/** Solvers that settle a curve together, the answer's own among them. */
function useSolvers() {
  const catalogue = useCatalogue();
  /** Beside the answer's own, which has the search in its hands already. */
  const others: Solver[] = [];

  /** @returns whether all went on to the end, rather than being stopped. */
  async function settle(
    solver: Solver,
    about: About,
    settledLows: number[],
    take: (part: CurvePart) => void,
    signal: AbortSignal,
  ): Promise<boolean> {
    const cores = Math.max(1, Math.min(MAX_SOLVERS, navigator.hardwareConcurrency - 1));
    while (others.length < cores - 1) others.push(new Solver(() => catalogue.all));
    const share = { of: cores, settledLows, claims: sharedClaims() };
    const ended = await Promise.all(
      [solver, ...others].map((one, part) => one.curve(about, { ...share, part }, take, signal)),
    );
    return ended.every(Boolean);
  }

  return { settle };
}

/** The best set at every budget, settled stretch by stretch in the background. */
export const useCurve = defineStore('curve', () => {
  const catalogue = useCatalogue();
  const settling = useSettling();
  const { wholePrice, stretches, settledCount, whole, take, begin, flush, known } = settling;
  const { settle } = useSolvers();
  const drawing = ref(false);
  const failure = ref('');
  /** Whether it is on the page just now: it is drawn for those who look. */
  const lookedAt = ref(false);
  /** Whether something that works out answers of its own lies over it. */
  const covered = ref(false);
  const seen = computed(() => lookedAt.value && !covered.value);
  /** What is asked for now: an older drawing that comes late is left alone. */
  let turn = 0;
  let drawn = new AbortController();

  /** Forget the curve: the brief has changed by more than its money. */
  function clear(): void {
    stop();
    begin();
  }

  /** Show the curve that this browser drew before, unless it differs from the answer at the present money. */
  async function showBefore(question: string, { budget, value }: Check): Promise<boolean> {
    const mine = turn;
    const before = await recall<KnownCurve>('curve', question);
    if (mine !== turn || !before) return false;
    if (pointAtOrBelow(mergeCurve(before.rough, before.settled), budget)?.value !== value) return false;
    begin(before);
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
    const question = questionOf(about, catalogue.shippedTag);
    failure.value = '';
    if (stretches.value === 0 && (await showBefore(question, check))) return;
    if (mine !== turn) return;
    drawing.value = true;
    try {
      const lows = known().settled.map((s) => s.stretch.low);
      const ended = await settle(solver, about, lows, take, signal);
      // Something newer was asked meanwhile: the drawing goes on after it, and that one says when it is done.
      if (!ended || mine !== turn) return;
    } catch (error) {
      if (mine !== turn) return;
      failure.value = (error as Error).message;
    }
    drawing.value = false;
    flush();
    if (whole.value) void remember('curve', question, known());
  }

  /** Stop settling; what is drawn stays. */
  function stop(): void {
    turn += 1;
    drawn.abort();
    drawn = new AbortController();
    drawing.value = false;
  }

  const state = { drawing, failure, lookedAt, covered, seen };
  return { ...usePoints(settling), wholePrice, stretches, settledCount, whole, ...state, draw, clear, stop };
});
