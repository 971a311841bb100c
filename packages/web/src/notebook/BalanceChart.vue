<script setup lang="ts">
import { ScatterChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, TooltipComponent } from 'echarts/components';
import { use, type ECElementEvent } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { computed, ref } from 'vue';
import VChart from 'vue-echarts';
import { useTheme } from 'vuetify';
import { useRouter } from 'vue-router';
import type { Recipe } from '@uisce/core/catalogue';
import { drinkProfile, per100Ml } from '@uisce/core/drink';
import { useTrade } from '../household/use-trade';
import { useWords } from '../words/use-words';

use([ScatterChart, GridComponent, MarkAreaComponent, TooltipComponent, CanvasRenderer]);

const props = defineProps<{ recipe: Recipe }>();

const trade = useTrade();
const words = useWords();
const theme = useTheme();
const router = useRouter();
const asTable = ref(false);

const family = computed(() => trade.families.get(props.recipe.family));
const members = computed(() =>
  trade.catalogue.recipes
    .filter((r) => r.family === props.recipe.family)
    .map((recipe) => {
      const profile = drinkProfile(recipe, trade.kinds);
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

const option = computed(() => {
  const colours = theme.current.value.colors as Record<string, string>;
  const text = { color: colours.dim, fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 12 };
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
    xAxis: {
      type: 'value',
      name: 'sugar, g in 100 ml',
      nameLocation: 'middle',
      nameGap: 26,
      nameTextStyle: text,
      min: 0,
      axisLabel: text,
      axisLine: { lineStyle: { color: colours.line } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min: 0,
      axisLabel: { ...text, formatter: '{value} %' },
      splitLine: { lineStyle: { color: colours.line } },
    },
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
    <div class="card-head">
      <h2 id="balance-title">Among the {{ family?.name.toLowerCase() }}</h2>
      <button class="plain-button switch" type="button" :aria-pressed="asTable" @click="asTable = !asTable">
        {{ asTable ? 'Chart' : 'Table' }}
      </button>
    </div>
    <p class="dim said"><span class="diamond" aria-hidden="true"></span> {{ recipe.name }}: {{ sentence }}</p>
    <div v-if="asTable" class="scroll" tabindex="0" role="group" aria-label="Figures of the family">
      <table>
        <thead>
          <tr>
            <th scope="col">Drink</th>
            <th scope="col">% vol</th>
            <th scope="col">Sugar g/100 ml</th>
            <th scope="col">Acid g/100 ml</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="m in members" :key="m.recipe.id" :class="{ mine: m === here }">
            <th scope="row">{{ m.recipe.name }}</th>
            <td>{{ words.number(m.abv * 100) }}</td>
            <td>{{ words.number(m.sugar) }}</td>
            <td>{{ words.number(m.acid, 2) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
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

.scroll {
  max-height: 250px;
  overflow-y: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
}

th,
td {
  padding: 4px 6px 4px 0;
  text-align: start;
  font-weight: 400;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

thead th,
.mine th,
.mine td {
  font-weight: 700;
}
</style>
