<script setup lang="ts">
import { computed } from 'vue';
import { idleKinds, monthsPoured } from '@uisce/core/pouring';
import { formatMoney } from '@uisce/core/base';
import { useLog } from '../household/use-log';
import { useSettings } from '../household/use-settings';
import { useStock } from '../household/use-stock';
import { useToday } from '../household/use-today';
import { useCatalogue } from '../household/use-catalogue';
import DataTable from '../ui/DataTable.vue';
import { count, sayDays, useWords } from '../words/use-words';

/** What each month poured and cost, and what was bought and pours nothing. */
const settings = useSettings();
const log = useLog();
const stock = useStock();
const today = useToday();
const catalogue = useCatalogue();
const words = useWords();

const IDLE_DAYS = 40;
const COLUMNS = [
  { key: 'month', title: 'Month', names: true },
  { key: 'glasses', title: 'Glasses', figures: true },
  { key: 'cost', title: 'Out of the bottles', figures: true },
  { key: 'each', title: 'A glass', figures: true },
];
const rows = computed(() =>
  monthsPoured(log.pours).map((m) => {
    const money = (minor: number) =>
      m.currency === null ? '' : formatMoney(minor, m.currency, settings.current.locale, { exact: true });
    return {
      id: m.month,
      month: words.month(m.month),
      glasses: m.glasses,
      cost: money(m.costMinor),
      each: m.glasses === 0 ? '' : money(Math.round(m.costMinor / m.glasses)),
    };
  }),
);
const idle = computed(() => idleKinds(stock.bottles, log.pours, today.iso(), IDLE_DAYS));
</script>

<template>
  <section class="panel" aria-labelledby="spent-title">
    <h2 id="spent-title">
      What it cost
      <small class="dim"
        >· from what its bottles cost, where that is known; fruit, ice and what is home-made are not in
        it</small
      >
    </h2>
    <DataTable caption="What each month cost" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.id" />
    <template v-if="idle.length > 0">
      <h2 class="idle">Bought, and pouring nothing</h2>
      <p v-for="i in idle" :key="i.kind">
        The {{ catalogue.kindInSentence(i.kind) }} has made nothing in {{ sayDays(i.days) }}.
      </p>
      <p class="dim">
        {{ count(idle.length, 'kind') }} to use up, to give away, or to leave out of the next plan.
      </p>
    </template>
  </section>
</template>

<style scoped>
.idle {
  margin-top: 16px;
}

p {
  margin: 2px 0;
}
</style>
