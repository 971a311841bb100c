<script setup lang="ts">
import { inSentence } from '@uisce/core/base';
import { ScatterChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, TooltipComponent } from 'echarts/components';
import { use, type ECElementEvent } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { computed, ref } from 'vue';
import VChart from 'vue-echarts';
import { useRouter } from 'vue-router';
import type { Recipe } from '@uisce/core/catalogue';
import { drinkFigures, per100Ml } from '@uisce/core/drink';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';
import { useChartStyle } from '../ui/use-chart-style';
import DataTable from '../ui/DataTable.vue';

use([ScatterChart, GridComponent, MarkAreaComponent, TooltipComponent, CanvasRenderer]);

const props = defineProps<{ recipe: Recipe }>();

const catalogue = useCatalogue();
const words = useWords();
const style = useChartStyle();
const router = useRouter();
const asTable = ref(false);

const family = computed(() => catalogue.families.get(props.recipe.family));
const members = computed(() =>
  catalogue.all.recipes
    .filter((r) => r.family === props.recipe.family)
    .map((recipe) => {
      const profile = drinkFigures(recipe, catalogue.kinds);
      return {
        recipe,
        abv: profile.abv,
        sugar: per100Ml(profile.sugarG, profile),
        acid: per100Ml(profile.acidG, profile),
      };
    })
    .sort((a, b) => b.abv - a.abv),
);
const here = computed(() => members.value.find((m) => m.recipe.id === props.recipe.id));

/** Where a figure stands among its family, in words. */
function place(of: (m: (typeof members.value)[number]) => number, more: string, less: string): string {
  const mine = here.value ? of(here.value) : 0;
  const below = members.value.filter((m) => of(m) < mine - 1e-9).length / members.value.length;
  if (below >= 0.67) return `${more} than most`;
  return below <= 0.33 && members.value.some((m) => of(m) > mine + 1e-9) ? `${less} than most` : '';
}
const sentence = computed(() => {
  const parts = [
    place((m) => m.abv, 'stronger', 'lighter'),
    place((m) => m.sugar, 'sweeter', 'drier'),
    place((m) => m.acid, 'sharper', 'softer'),
  ].filter((p) => p !== '');
  return parts.length > 0 ? `${parts.join(', ')}.` : 'In the middle of its family.';
});

const COLUMNS = [
  { key: 'name', title: 'Drink', names: true },
  { key: 'abv', title: '% vol', figures: true },
  { key: 'sugar', title: 'Sugar g/100 ml', figures: true },
  { key: 'acid', title: 'Acid g/100 ml', figures: true },
];

const option = computed(() => {
  const { colours, text, across, upwards, named } = style.value;
  const point = (m: (typeof members.value)[number]) => ({
    value: [m.sugar, m.abv * 100],
    name: m.recipe.name,
    id: m.recipe.id,
  });
  const bands = family.value;
  return {
    aria: { enabled: false },
    grid: { left: 42, right: 16, top: 14, bottom: 40 },
    tooltip: {
      formatter: (p: { name: string; value: [number, number] }) =>
        `${p.name}: ${words.number(p.value[1])} % vol, ${words.number(p.value[0])} g sugar`,
    },
    xAxis: { ...across, ...named('sugar, g in 100 ml', 26), min: 0 },
    yAxis: { ...upwards, min: 0, axisLabel: { ...text, formatter: '{value} %' } },
    series: [
      {
        type: 'scatter',
        animation: false,
        symbolSize: 9,
        itemStyle: { color: colours.slate, opacity: 0.55 },
        data: members.value.filter((m) => m !== here.value).map(point),
        ...(bands
          ? {
              markArea: {
                silent: true,
                itemStyle: { color: colours.sea, opacity: 0.1 },
                data: [
                  [
                    { coord: [bands.sugarGPer100Ml[0], bands.abv[0] * 100] },
                    { coord: [bands.sugarGPer100Ml[1], bands.abv[1] * 100] },
                  ],
                ],
              },
            }
          : {}),
      },
      {
        type: 'scatter',
        animation: false,
        symbol: 'diamond',
        symbolSize: 18,
        itemStyle: { color: colours.copper },
        data: here.value ? [point(here.value)] : [],
        z: 3,
      },
    ],
  };
});

function open({ data }: ECElementEvent): void {
  const id = (data as { id?: string } | null)?.id;
  if (id) void router.push(`/notebook/${id}`);
}
</script>

<template>
  <section class="balance" aria-labelledby="balance-title" tabindex="0" @keydown.t.stop="asTable = !asTable">
    <div class="panel-head">
      <h2 id="balance-title">Among the {{ family && inSentence(family) }}</h2>
      <button class="plain-button switch" type="button" :aria-pressed="asTable" @click="asTable = !asTable">
        {{ asTable ? 'Chart' : 'Table' }}
      </button>
    </div>
    <p class="dim said"><span class="diamond" aria-hidden="true"></span> {{ recipe.name }}: {{ sentence }}</p>
    <DataTable
      v-if="asTable"
      caption="Figures of the family"
      :columns="COLUMNS"
      :rows="members"
      :row-key="(m) => m.recipe.id"
      :row-class="(m) => (m === here ? 'best' : '')"
      :most="250"
    >
      <template #cell-name="{ row }">{{ row.recipe.name }}</template>
      <template #cell-abv="{ row }">{{ words.number(row.abv * 100) }}</template>
      <template #cell-sugar="{ row }">{{ words.number(row.sugar) }}</template>
      <template #cell-acid="{ row }">{{ words.number(row.acid, 2) }}</template>
    </DataTable>
    <VChart v-else class="chart" :option="option" autoresize @click="open" />
  </section>
</template>

<style scoped>
.chart {
  height: 250px;
}

.said {
  margin: 0 0 4px;
  font-size: 0.9375rem;
}

.diamond {
  display: inline-block;
  width: 9px;
  height: 9px;
  margin-inline-end: 4px;
  background: rgb(var(--v-theme-copper));
  transform: rotate(45deg);
}

.switch {
  min-height: 44px;
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
