import { moneyStepMinor } from '@uisce/core/base';
import { tryOnScopeDispose, useElementSize } from '@vueuse/core';
import { computed, useTemplateRef, type Ref } from 'vue';
import { useChartStyle } from '../../ui/use-chart-style';
import { useAnswer } from '../../solver/use-answer';
import { useCurve } from '../../solver/use-curve';
import { usePlans } from '../../household/use-plans';
import { useSchools } from '../use-schools';
import { INSET, waterlineOption } from './waterline-option';
import { count, useWords } from '../../words/use-words';

/** A hand that stays still so long is at rest. */
const REST_MS = 300;
/** Width of the flag beside the waterline, px. */
export const FLAG = 170;
/** Room to the right of the waterline while nothing is drawn, in minor units. */
const ROOM = 50_000;
const STEPS: Record<string, number> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 10,
  PageDown: -10,
};

/** The waterline's slider: the money of the plan as a hand drags it, or keys move it. */
function useMoneyDrag(most: Readonly<Ref<number>>, moneyAt: (clientX: number) => number) {
  const curve = useCurve();
  const plans = usePlans();
  const words = useWords();
  /** What an arrow key moves, and what a dragged line is rounded to, minor units. */
  const keyStep = computed(() => moneyStepMinor(words.currency()));
  const within = (minor: number) => Math.min(most.value, Math.max(0, minor));
  let isDragging = false;

  function moveTo(minor: number): void {
    const next = Math.round(within(minor) / 100) * 100;
    if (next !== plans.brief?.moneyNowMinor) plans.edit('Waterline', { brief: { moneyNowMinor: next } });
  }

  /** While the hand moves the curve itself answers; the plan follows when it rests or lets go. */
  let resting: ReturnType<typeof setTimeout> | undefined;
  tryOnScopeDispose(() => clearTimeout(resting));

  function letGo(): void {
    clearTimeout(resting);
    const wanted = curve.previewMinor;
    curve.previewMinor = undefined;
    if (wanted !== undefined) moveTo(wanted);
  }

  function follow(event: PointerEvent): void {
    const wanted = within(Math.round(moneyAt(event.clientX) / keyStep.value) * keyStep.value);
    if (curve.points.length === 0) return moveTo(wanted);
    curve.previewMinor = wanted;
    clearTimeout(resting);
    resting = setTimeout(letGo, REST_MS);
  }

  function onDown(event: PointerEvent): void {
    isDragging = true;
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    follow(event);
  }

  function onMove(event: PointerEvent): void {
    if (isDragging) follow(event);
  }

  function onUp(): void {
    isDragging = false;
    letGo();
  }

  function onKey(event: KeyboardEvent): void {
    const step = STEPS[event.key];
    if (event.key === 'Home') moveTo(0);
    else if (event.key === 'End') moveTo(curve.everything);
    else if (step === undefined) return;
    else moveTo((plans.brief?.moneyNowMinor ?? 0) + step * keyStep.value * (event.shiftKey ? 5 : 1));
    event.preventDefault();
  }

  return { onDown, onMove, onUp, onKey };
}

/** The waterline: drinks along the money as a chart, with the handle that is dragged over it. */
export function useWaterline() {
  const answers = useAnswer();
  const curve = useCurve();
  const plans = usePlans();
  const schools = useSchools();
  const words = useWords();
  const style = useChartStyle();
  const box = useTemplateRef<HTMLElement>('box');
  const { width } = useElementSize(box);
  const budget = computed(() => curve.previewMinor ?? plans.brief?.moneyNowMinor ?? 0);
  const most = computed(() => {
    // Before the far end of the curve is known, leave room to move.
    const far = curve.everything > 0 ? curve.everything : budget.value + ROOM;
    const wanted = Math.max(far, budget.value);
    return Math.ceil(wanted / 10_000) * 10_000;
  });
  const plotWidth = computed(() => Math.max(1, width.value - INSET.left - INSET.right));
  const handleX = computed(() => INSET.left + (budget.value / most.value) * plotWidth.value);
  const open = computed(() => curve.preview?.point.drinksMade ?? answers.result?.drinksMade ?? 0);
  const spoken = computed(() => `${words.money(budget.value)} makes ${count(open.value, 'drink')}`);
  const option = computed(() =>
    waterlineOption(
      {
        points: curve.points,
        isProvenAt: (minor) => curve.at(minor)?.proven === true,
        mostMinor: most.value,
        schools: schools.drawn.map(({ id, steps }) => ({
          id,
          steps: steps.map((s) => ({ spend: s.spend + curve.freshMinor, value: s.value })),
        })),
        splitNumber: plotWidth.value < 400 ? 3 : 5,
        money: words.money,
      },
      style.value,
    ),
  );
  const drag = useMoneyDrag(most, (clientX) => {
    const left = box.value?.getBoundingClientRect().left ?? 0;
    return ((clientX - left - INSET.left) / plotWidth.value) * most.value;
  });

  return { width, budget, most, handleX, open, spoken, option, ...drag };
}
