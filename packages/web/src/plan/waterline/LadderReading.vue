<script setup lang="ts">
import { LineChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { computed, ref } from 'vue';
import VChart from 'vue-echarts';
import { useTheme } from 'vuetify';
import { useAdvice } from '../../solver/use-advice';
import { useQuestion } from '../../solver/use-question';
import { useAnswer } from '../../solver/use-answer';
import { usePlans } from '../../household/use-plans';
import { count, useWords } from '../../words/use-words';
import LadderTable from './LadderTable.vue';
import SelectField from '../../ui/SelectField.vue';

use([LineChart, GridComponent, CanvasRenderer]);

/** The waterline read by months: what to buy when, each month keeping what is bought. */
defineProps<{ asTable: boolean }>();

const MONTHS = [4, 6, 9, 12] as const;

const { stopLong } = useAdvice();
const answers = useAnswer();
const plans = usePlans();
const words = useWords();
const theme = useTheme();

const months = ref<(typeof MONTHS)[number]>(6);
const perMonth = computed(() => plans.brief?.moneyPerMonthMinor ?? 0);
const {
  found: ladder,
  failure,
  isAsking,
  progress,
} = useQuestion('ladder', () => answers.proven && perMonth.value > 0 && { of: { months: months.value } });

const certainty = computed(() => {
  if (!ladder.value) return '';
  const { proven, total, bound } = ladder.value;
  if (proven) return 'Proven best order';
  return `A good order, at most ${words.number((100 * (bound - total)) / Math.max(total, 1), 1)} % from the best`;
});
const behind = computed(() => {
  const last = ladder.value?.rungs.at(-1);
  return last ? last.bestOpen - last.drinksMade : 0;
});
/** The skipped month that leaves most in reach at the end. */
const skip = computed(() => {
  const best = [...(ladder.value?.skips ?? [])].sort((a, b) => b.last - a.last || b.total - a.total)[0];
  if (!best) return '';
  const lost = words.number(Math.max(0, -best.total), 1);
  return best.last > 0.005
    ? `Skipping month ${best.month} once would leave ${words.number(best.last, 2)} more in reach at the end, and on the way ${lost} drinks fewer for a month.`
    : `Skipping a month once wins nothing by the end: the best to skip, month ${best.month}, leaves ${lost} drinks fewer for a month.`;
});

const option = computed(() => {
  const colours = theme.current.value.colors as Record<string, string>;
  const rungs = ladder.value?.rungs ?? [];
  const text = { color: colours.dim, fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 12 };
  const shared = { type: 'line', silent: true, animation: false, symbolSize: 7 } as const;
  return {
    aria: { enabled: false },
    grid: { left: 44, right: 20, top: 14, bottom: 30 },
    xAxis: {
      type: 'category',
      data: rungs.map((_, t) => (t === 0 ? 'now' : `${t}`)),
      axisLabel: text,
      axisLine: { lineStyle: { color: colours.line } },
      axisTick: { show: false },
    },
    yAxis: {
      type: 'value',
      min: 0,
      axisLabel: text,
      splitLine: { lineStyle: { color: colours.line } },
    },
    series: [
      {
        ...shared,
        data: rungs.map((r) => r.bestValue),
        symbol: 'emptyCircle',
        lineStyle: { color: colours.dim, width: 1.5, type: [4, 3] },
        itemStyle: { color: colours.dim },
      },
      {
        ...shared,
        data: rungs.map((r) => r.value),
        symbol: 'circle',
        lineStyle: { color: colours.ink, width: 2 },
        itemStyle: { color: colours.ink },
        areaStyle: { color: colours.sea, opacity: 0.14 },
      },
    ],
  };
});
</script>

<template>
  <div class="ladder">
    <p v-if="perMonth === 0">
      Say on the <RouterLink to="/brief">Brief</RouterLink> what you can spend each month, and this shows what
      to buy when.
    </p>
    <template v-else>
      <p class="lead" aria-live="polite">
        <template v-if="ladder">
          <strong>{{ certainty }}</strong> · after {{ months }} months
          {{ count(ladder.rungs.at(-1)?.drinksMade ?? 0, 'drink') }},
          {{
            behind > 0
              ? `${behind} fewer than the best set at that money`
              : 'as many as the best set at that money'
          }}.
        </template>
        <template v-else-if="failure">{{ failure }}</template>
        <template v-else-if="isAsking">Working out the order.</template>
        <template v-else-if="ladder === null"
          >What you ask for cannot be met with this money month by month.</template
        >
      </p>
      <LadderTable v-if="asTable" :rungs="ladder?.rungs ?? []" />
      <VChart v-else class="chart" :option="option" autoresize aria-hidden="true" />
      <p v-if="!asTable" class="dim foot">
        Line: bought month by month at {{ words.money(perMonth) }} a month. Dashed: the best set that money
        could have bought at once. What to buy is in the table.
      </p>
      <p v-if="skip && !isAsking" class="foot">{{ skip }}</p>
      <p v-if="isAsking" class="dim foot">
        Trying a skipped month: {{ Math.round(100 * progress) }} %.
        <button class="plain-button link" type="button" @click="stopLong">Stop</button>
      </p>
      <SelectField
        class="horizon"
        label="Over"
        :value="months"
        :choices="MONTHS.map((m) => ({ value: m, title: `${m} months` }))"
        @choose="months = $event"
      />
    </template>
  </div>
</template>

<style scoped>
.lead {
  margin: 2px 0 4px;
}

.chart {
  height: 190px;
}

.foot {
  margin: 4px 0 0;
  font-size: 0.875rem;
}

.horizon {
  max-width: 180px;
  margin-top: 12px;
}
</style>
