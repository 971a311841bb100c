<script setup lang="ts">
import { BarChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { computed, ref } from 'vue';
import VChart from 'vue-echarts';
import { paceOf, weeksPoured } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { usePlans } from '../household/use-plans';
import { useToday } from '../household/use-today';
import DataTable from '../ui/DataTable.vue';
import { useChartStyle } from '../ui/use-chart-style';
import { count, useWords } from '../words/use-words';

use([BarChart, GridComponent, CanvasRenderer]);

/** Glasses a week, and the pace they make. */
const log = useLog();
const plans = usePlans();
const style = useChartStyle();
const today = useToday();
const words = useWords();
const asTable = ref(false);

const WEEKS = 14;
const COLUMNS = [
  { key: 'from', title: 'Week from', names: true },
  { key: 'glasses', title: 'Glasses', figures: true },
];
const weeks = computed(() => weeksPoured(log.pours, today.iso(), WEEKS));
const rows = computed(() => weeks.value.map((w) => ({ from: words.shortDay(w.from), glasses: w.glasses })));
const pace = computed(() => paceOf(log.pours, today.iso()));
const says = computed(() => {
  const expected = plans.brief?.drinksPerWeek;
  if (!pace.value) return 'Two weeks of it, and eight drinks, make a pace.';
  const is = `${words.number(pace.value.glassesPerWeek)} a week, the last weeks counting most`;
  return expected === undefined ? `${is}.` : `${is}; the Brief expects ${expected}.`;
});
const option = computed(() => {
  const { colours, text, across, upwards } = style.value;
  return {
    aria: { enabled: false },
    grid: { left: 30, right: 8, top: 10, bottom: 26 },
    xAxis: {
      ...across,
      type: 'category' as const,
      data: weeks.value.map((w) => w.from.slice(5)),
      axisTick: { show: false },
    },
    yAxis: { ...upwards, minInterval: 1, axisLabel: text },
    series: [
      {
        type: 'bar' as const,
        silent: true,
        animation: false,
        barMaxWidth: 22,
        itemStyle: { color: colours.sea },
        data: weeks.value.map((w) => w.glasses),
      },
    ],
  };
});
</script>

<template>
  <section class="panel" aria-labelledby="weeks-title" @keydown.t.exact="asTable = !asTable">
    <div class="panel-head">
      <h2 id="weeks-title">By the week</h2>
      <v-btn :aria-pressed="asTable" @click="asTable = !asTable">{{ asTable ? 'Chart' : 'Table' }}</v-btn>
    </div>
    <div
      v-if="!asTable"
      role="img"
      :aria-label="`Glasses by the week: ${weeks.map((w) => w.glasses).join(', ')}; ${count(WEEKS, 'week')}`"
    >
      <VChart class="chart" :option="option" autoresize />
    </div>
    <DataTable
      v-else
      caption="Glasses by the week"
      :columns="COLUMNS"
      :rows="rows"
      :row-key="(r) => r.from"
    />
    <p class="dim">{{ says }}</p>
  </section>
</template>

<style scoped>
.chart {
  height: 170px;
}

p {
  margin: 4px 0 0;
}
</style>
