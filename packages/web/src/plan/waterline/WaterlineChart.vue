<script setup lang="ts">
import VChart from 'vue-echarts';
import { count, useWords } from '../../words/use-words';
import { FLAG, useWaterline } from './use-waterline';

const words = useWords();
const { width, budget, most, handleX, open, spoken, option, onDown, onMove, onUp, onKey } = useWaterline();
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
