<script setup lang="ts">
import { LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { computed, ref } from 'vue';
import VChart from 'vue-echarts';
import { useTheme } from 'vuetify';
import { FRIDGE_C, KITCHEN_C, REGULATORY_ACTIVITY, saturation, waterActivity } from '@uisce/core/making';
import { useWords } from '../words/use-words';

use([LineChart, GridComponent, MarkLineComponent, CanvasRenderer]);

/** Water activity and saturation by strength, with this batch on them. */
const props = defineProps<{ brix: number }>();

const words = useWords();
const theme = useTheme();
const asTable = ref(false);

const STRENGTHS = Array.from({ length: 46 }, (_, i) => 30 + i);
const TABLED = [30, 40, 50, 55, 60, 63.6, 66.7, 70, 75];

const option = computed(() => {
  const colours = theme.current.value.colors as Record<string, string>;
  const text = { color: colours.dim, fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 12 };
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
    xAxis: {
      type: 'value', min: 30, max: 75, name: '°Brix', nameLocation: 'middle', nameGap: 26, nameTextStyle: text,
      axisLabel: text, axisLine: { lineStyle: { color: colours.line } }, splitLine: { show: false },
    },
    yAxis: { type: 'value', min: 0.2, max: 1.4, axisLabel: text, splitLine: { lineStyle: { color: colours.line } } },
    series: [
      {
        ...line('water activity', waterActivity, colours.sea),
        markLine: {
          silent: true, symbol: 'none', label: { ...text, formatter: '{b}', position: 'insideEndTop' },
          data: [
            { yAxis: REGULATORY_ACTIVITY, name: String(REGULATORY_ACTIVITY), lineStyle: { color: colours.rust } },
            { xAxis: props.brix, name: 'this batch', lineStyle: { color: colours.copper, type: 'solid', width: 2 } },
          ],
        },
      },
      line('saturation in the kitchen', (b) => saturation(b, KITCHEN_C), colours.gorse),
      line('saturation in the fridge', (b) => saturation(b, FRIDGE_C), colours.slate, true),
    ],
  }; // prettier-ignore
});
</script>

<template>
  <section class="card" aria-labelledby="why-title" @keydown.t.exact="asTable = !asTable">
    <div class="card-head">
      <h2 id="why-title">Why it keeps, or does not <small class="dim">· by strength</small></h2>
      <v-btn :aria-pressed="asTable" @click="asTable = !asTable">{{ asTable ? 'Chart' : 'Table' }}</v-btn>
    </div>
    <div
      v-if="!asTable"
      role="img"
      :aria-label="`At ${words.number(brix)} °Brix water activity is ${words.number(waterActivity(brix), 2)}; saturation in the kitchen ${words.number(saturation(brix, KITCHEN_C), 2)}`"
    >
      <VChart class="chart" :option="option" autoresize />
    </div>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">°Brix</th>
          <th scope="col">Water activity</th>
          <th scope="col">Saturation, kitchen</th>
          <th scope="col">Saturation, fridge</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="b in TABLED" :key="b">
          <td>{{ words.number(b) }}</td>
          <td>{{ words.number(waterActivity(b), 2) }}</td>
          <td>{{ words.number(saturation(b, KITCHEN_C), 2) }}</td>
          <td>{{ words.number(saturation(b, FRIDGE_C), 2) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="dim">
      Green: water activity; below {{ REGULATORY_ACTIVITY }} (rust) rules ask for neither acid nor chilling,
      yet some yeasts and moulds grow. Gold and grey: saturation in the kitchen and in the fridge; above 1
      sugar comes out in time.
    </p>
  </section>
</template>

<style scoped>
.chart {
  height: 230px;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 5px 8px 5px 0;
  text-align: end;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

p {
  margin: 6px 0 0;
  font-size: 0.9375rem;
}
</style>
