<script setup lang="ts">
import { LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { computed, ref } from 'vue';
import VChart from 'vue-echarts';
import { FRIDGE_C, KITCHEN_C, REGULATORY_ACTIVITY, saturation, waterActivity } from '@uisce/core/bench';
import { useWords } from '../words/use-words';
import { useChartStyle } from '../ui/use-chart-style';
import DataTable from '../ui/DataTable.vue';

use([LineChart, GridComponent, MarkLineComponent, CanvasRenderer]);

/** Water activity and saturation by strength, with this batch on them. */
const props = defineProps<{ brix: number; activity: number }>();

const words = useWords();
const style = useChartStyle();
const asTable = ref(false);

const STRENGTHS = Array.from({ length: 46 }, (_, i) => 30 + i);
const TABLED = [30, 40, 50, 55, 60, 63.6, 66.7, 70, 75];

const COLUMNS = [
  { key: 'brix', title: '°Brix', figures: true },
  { key: 'activity', title: 'Water activity', figures: true },
  { key: 'kitchen', title: 'Saturation, kitchen', figures: true },
  { key: 'fridge', title: 'Saturation, fridge', figures: true },
];
const tabled = computed(() =>
  TABLED.map((b) => ({
    brix: words.number(b),
    activity: words.number(waterActivity(b), 2),
    kitchen: words.number(saturation(b, KITCHEN_C), 2),
    fridge: words.number(saturation(b, FRIDGE_C), 2),
  })),
);

const option = computed(() => {
  const { colours, text, across, upwards, named } = style.value;
  const line = (name: string, of: (brix: number) => number, colour: string | undefined, dashed = false) => ({
    type: 'line',
    name,
    silent: true,
    animation: false,
    showSymbol: false,
    data: STRENGTHS.map((b) => [b, of(b)]),
    lineStyle: { color: colour, width: 2, ...(dashed ? { type: 'dashed' } : {}) },
  });
  return {
    aria: { enabled: false },
    grid: { left: 44, right: 18, top: 16, bottom: 40 },
    xAxis: { ...across, ...named('°Brix', 26), min: 30, max: 75 },
    yAxis: { ...upwards, min: 0.2, max: 1.4 },
    series: [
      {
        ...line('water activity', waterActivity, colours.sea),
        markLine: {
          silent: true,
          symbol: 'none',
          label: { ...text, formatter: '{b}', position: 'insideEndTop' },
          data: [
            {
              yAxis: REGULATORY_ACTIVITY,
              name: String(REGULATORY_ACTIVITY),
              lineStyle: { color: colours.rust },
            },
            {
              xAxis: props.brix,
              name: 'this batch',
              lineStyle: { color: colours.copper, type: 'solid', width: 2 },
            },
          ],
        },
      },
      {
        ...line('this batch', () => props.activity, colours.copper),
        data: [[props.brix, props.activity]],
        showSymbol: true,
        symbolSize: 10,
        itemStyle: { color: colours.copper },
      },
      line('saturation in the kitchen', (b) => saturation(b, KITCHEN_C), colours.gorse),
      line('saturation in the fridge', (b) => saturation(b, FRIDGE_C), colours.slate, true),
    ],
  };
});
</script>

<template>
  <section class="panel" aria-labelledby="why-title" @keydown.t.exact="asTable = !asTable">
    <div class="panel-head">
      <h2 id="why-title">Why it keeps, or does not <small class="dim">· by strength</small></h2>
      <v-btn :aria-pressed="asTable" @click="asTable = !asTable">{{ asTable ? 'Chart' : 'Table' }}</v-btn>
    </div>
    <div
      v-if="!asTable"
      role="img"
      :aria-label="`At ${words.number(brix)} °Brix water activity is ${words.number(activity, 2)}; saturation in the kitchen ${words.number(saturation(brix, KITCHEN_C), 2)}`"
    >
      <VChart class="chart" :option="option" autoresize />
    </div>
    <DataTable
      v-else
      caption="Why it keeps, by strength"
      :columns="COLUMNS"
      :rows="tabled"
      :row-key="(row) => row.brix"
    />
    <p class="dim">
      Green: water activity of sugar in water, and this batch’s own as a dot; below
      {{ REGULATORY_ACTIVITY }} (rust) rules ask for neither acid nor chilling, yet some yeasts and moulds
      grow. Gold and grey: saturation in the kitchen and in the fridge; above 1 sugar comes out in time.
    </p>
  </section>
</template>

<style scoped>
.chart {
  height: 230px;
}

p {
  margin: 6px 0 0;
  font-size: 0.9375rem;
}
</style>
