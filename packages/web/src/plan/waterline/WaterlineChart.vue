<script setup lang="ts">
import { moneyStepMinor } from '@uisce/core/base';
import { useElementSize } from '@vueuse/core';
import { LineChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { computed, ref } from 'vue';
import VChart from 'vue-echarts';
import { useChartStyle } from '../../ui/use-chart-style';
import { useAnswer } from '../../solver/use-answer';
import { useCurve } from '../../solver/use-curve';
import { usePlans } from '../../household/use-plans';
import { useSchools } from '../use-schools';
import { SCHOOL_LINES } from './school-lines';
import { count, useWords } from '../../words/use-words';

use([LineChart, GridComponent, CanvasRenderer]);

/** Room around the plot, px; the handle is placed by the same numbers. */
const INSET = { left: 44, right: 20, top: 30, bottom: 30 };
/** A hand that stays still so long is at rest. */
const REST_MS = 300;
/** Width of the flag beside the waterline, px. */
const FLAG = 170;
/** Room to the right of the waterline while nothing is drawn, in minor units. */
const ROOM = 50_000;

const answers = useAnswer();
const curve = useCurve();
const plans = usePlans();
const schools = useSchools();
const words = useWords();
const style = useChartStyle();

const box = ref<HTMLElement>();
const { width } = useElementSize(box);
const dragging = ref(false);

/** What an arrow key moves, and what a dragged line is rounded to, minor units. */
const keyStep = computed(() => moneyStepMinor(words.currency()));
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

const option = computed(() => {
  const { colours, text, across, upwards } = style.value;
  const top = curve.points.at(-1);
  // Past everything worth having, more money makes nothing more.
  const past = (isDrawn: boolean) => (top && isDrawn ? [[most.value, top.value]] : []);
  const known = [...curve.points.map((p) => [p.spend, p.value]), ...past(true)];
  const proven = [
    ...curve.points
      .filter((p) => p.proven)
      .flatMap((p) => [
        [p.spend, p.value],
        [p.provenTo, p.value],
        ...(curve.at(p.provenTo + 1)?.proven ? [] : [[p.provenTo, null]]),
      ]),
    ...past(curve.at(most.value)?.proven === true),
  ];
  const shared = { type: 'line', step: 'end', showSymbol: false, silent: true, animation: false } as const;
  return {
    aria: { enabled: false },
    grid: { ...INSET, containLabel: false },
    xAxis: {
      ...across,
      min: 0,
      max: most.value,
      splitNumber: plotWidth.value < 400 ? 3 : 5,
      axisLabel: { ...text, formatter: (v: number) => words.money(Math.round(v)), hideOverlap: true },
      axisTick: { show: false },
    },
    yAxis: { ...upwards, min: 0, splitNumber: 4 },
    series: [
      {
        ...shared,
        data: known,
        lineStyle: { color: colours.dim, width: 1.5, type: [4, 3] },
        areaStyle: { color: colours.sea, opacity: 0.14 },
      },
      {
        ...shared,
        data: proven,
        lineStyle: { color: colours.ink, width: 2 },
      },
      ...schools.drawn.map((school) => {
        const { colour, dash } = SCHOOL_LINES[school.id] ?? { colour: 'copper', dash: [6, 4] };
        return {
          ...shared,
          data: [[0, 0], ...school.steps.map((s) => [s.spend + curve.freshMinor, s.value])],
          lineStyle: { color: colours[colour], width: 1.5, type: dash },
        };
      }),
    ],
  };
});

function moveTo(minor: number): void {
  const next = Math.round(Math.min(most.value, Math.max(0, minor)) / 100) * 100;
  if (next !== plans.brief?.moneyNowMinor) plans.edit('Waterline', { brief: { moneyNowMinor: next } });
}

/** While the hand moves the curve itself answers; the plan follows when it rests or lets go. */
let resting: ReturnType<typeof setTimeout> | undefined;

function letGo(): void {
  clearTimeout(resting);
  const wanted = curve.previewMinor;
  curve.previewMinor = undefined;
  if (wanted !== undefined) moveTo(wanted);
}

function follow(event: PointerEvent): void {
  const left = box.value?.getBoundingClientRect().left ?? 0;
  const minor = ((event.clientX - left - INSET.left) / plotWidth.value) * most.value;
  const wanted = Math.min(most.value, Math.max(0, Math.round(minor / keyStep.value) * keyStep.value));
  if (curve.points.length === 0) {
    moveTo(wanted);
    return;
  }
  curve.previewMinor = wanted;
  clearTimeout(resting);
  resting = setTimeout(letGo, REST_MS);
}

function onDown(event: PointerEvent): void {
  dragging.value = true;
  (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  follow(event);
}

function onMove(event: PointerEvent): void {
  if (dragging.value) follow(event);
}

function onUp(): void {
  dragging.value = false;
  letGo();
}

const STEPS: Record<string, number> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 10,
  PageDown: -10,
};

function onKey(event: KeyboardEvent): void {
  if (event.key === 'Home') moveTo(0);
  else if (event.key === 'End') moveTo(curve.everything);
  else {
    const step = STEPS[event.key];
    if (step === undefined) return;
    moveTo(budget.value + step * keyStep.value * (event.shiftKey ? 5 : 1));
  }
  event.preventDefault();
}
</script>

<template>
  <div
    ref="box"
    class="box"
    @pointerdown="onDown"
    @pointermove="onMove"
    @pointerup="onUp"
    @pointercancel="onUp"
  >
    <VChart class="chart" :option="option" autoresize aria-hidden="true" />
    <div
      class="waterline"
      :class="{ flip: handleX + FLAG > width }"
      :style="{ transform: `translateX(${handleX}px)` }"
      role="slider"
      tabindex="0"
      aria-label="Waterline: money now"
      aria-orientation="horizontal"
      :aria-valuemin="0"
      :aria-valuemax="most / 100"
      :aria-valuenow="budget / 100"
      :aria-valuetext="spoken"
      @keydown="onKey"
    >
      <span class="flag">{{ words.money(budget) }} · {{ count(open, 'drink') }}</span>
      <span class="knob" />
    </div>
  </div>
</template>

<style scoped>
.box {
  position: relative;
  height: 232px;
  touch-action: pan-y;
  cursor: ew-resize;
}

.chart {
  width: 100%;
  height: 100%;
}

.waterline {
  position: absolute;
  inset-block: 26px 30px;
  left: -2px;
  width: 4px;
  background: rgb(var(--v-theme-sea));
}

.waterline::before {
  content: '';
  position: absolute;
  inset: 0 -20px;
}

.flag {
  position: absolute;
  top: -24px;
  left: 8px;
  white-space: nowrap;
  font-weight: 700;
  color: rgb(var(--v-theme-sea));
}

.flip .flag {
  left: auto;
  right: 8px;
}

.knob {
  position: absolute;
  top: 42%;
  left: -9px;
  width: 22px;
  height: 22px;
  border-radius: 50%;
  background: rgb(var(--v-theme-panel));
  border: 4px solid rgb(var(--v-theme-sea));
}
</style>
