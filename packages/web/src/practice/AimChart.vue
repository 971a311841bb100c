<script setup lang="ts">
import { BarChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { computed } from 'vue';
import VChart from 'vue-echarts';
import type { Trial } from '@uisce/core/practice';
import { useChartStyle } from '../ui/use-chart-style';

use([BarChart, GridComponent, MarkLineComponent, TooltipComponent, CanvasRenderer]);

/** Pours by how far off they were, in steps of five in the hundred; what is near enough in another colour. */
const props = defineProps<{ trials: readonly Trial[] }>();
const style = useChartStyle();

const STEP = 5;
const MOST = 30;
const bins = computed(() => {
  const counts = new Map<number, number>();
  for (let at = -MOST; at <= MOST; at += STEP) counts.set(at, 0);
  for (const t of props.trials) {
    const off = Math.round(((t.pouredMl / t.targetMl - 1) * 100) / STEP) * STEP;
    const at = Math.max(-MOST, Math.min(MOST, off));
    counts.set(at, (counts.get(at) ?? 0) + 1);
  }
  return [...counts];
});
const words = (at: number) => (at === 0 ? '0' : at > 0 ? `+${at} %` : `${at} %`.replace('-', '−'));
const option = computed(() => {
  const { colours, text, upwards, named } = style.value;
  return {
    aria: { enabled: false },
    grid: { left: 30, right: 12, top: 12, bottom: 40 },
    tooltip: { formatter: (p: { name: string; value: number }) => `${p.name}: ${p.value}` },
    xAxis: {
      type: 'category',
      data: bins.value.map(([at]) => words(at)),
      axisLabel: { ...text, interval: 1 },
      axisLine: { lineStyle: { color: colours.line } },
      axisTick: { show: false },
      ...named('too little · too much', 26),
    },
    yAxis: { ...upwards, minInterval: 1 },
    series: [
      {
        type: 'bar',
        animation: false,
        barCategoryGap: '20%',
        data: bins.value.map(([at, n]) => ({
          value: n,
          itemStyle: { color: at === 0 ? colours.sea : colours.slate },
        })),
      },
    ],
  };
});
const said = computed(() => {
  const near = bins.value.find(([at]) => at === 0)?.[1] ?? 0;
  return `Of ${props.trials.length} pours ${near} lie nearest to just right.`;
});
</script>

<template>
  <figure :aria-label="said">
    <VChart :option="option" autoresize />
  </figure>
</template>

<style scoped>
figure {
  height: 200px;
  margin: 0;
}
</style>
