<script setup lang="ts">
import { writeCsv } from '@uisce/core/table';
import { computed } from 'vue';
import { minorDigits } from '@uisce/core/base';
import { PURPOSES, kittyOf, kittyRows, type Purpose } from '@uisce/core/errand';
import { useErrands } from '../household/use-errands';
import { usePlans } from '../household/use-plans';
import { saveFile } from '../ui/save-file';
import DataTable from '../ui/DataTable.vue';
import { useWords } from '../words/use-words';

/** The kitty: what was set aside, what went out and for what, and what is left. */
const errands = useErrands();
const plans = usePlans();
const words = useWords();

const PURPOSE_WORDS: Record<Purpose, string> = {
  'set-aside': 'Set aside',
  bottles: 'Bottles',
  mixers: 'Mixers',
  kit: 'Kit',
  pantry: 'For syrups',
  fresh: 'Fresh',
  trip: 'Ways',
  difference: 'Differences',
};
const left = computed(() => plans.brief?.moneyNowMinor ?? 0);
const perMonth = computed(() => plans.brief?.moneyPerMonthMinor ?? 0);
const kitty = computed(() => kittyOf(errands.entries, words.currency()));
const out = computed(() =>
  PURPOSES.filter((p) => p !== 'set-aside' && kitty.value.months.some((m) => m.byPurpose[p])),
);
const columns = computed(() => [
  { key: 'month', title: 'Month', names: true },
  { key: 'in', title: 'Set aside', figures: true },
  ...out.value.map((p) => ({ key: p, title: PURPOSE_WORDS[p], figures: true })),
  { key: 'out', title: 'Spent', figures: true },
]);
const month = (key: string) => words.month(key);
const rows = computed(() =>
  kitty.value.months.map((m) => ({
    key: m.month,
    month: month(m.month),
    in: m.inMinor === 0 ? '' : words.price(m.inMinor),
    out: words.price(m.outMinor),
    ...Object.fromEntries(out.value.map((p) => [p, m.byPurpose[p] ? words.price(m.byPurpose[p] ?? 0) : ''])),
  })),
);

function save(): void {
  const text = writeCsv(kittyRows(errands.entries, minorDigits));
  saveFile('kitty.csv', 'text/csv', text);
}
</script>

<template>
  <section class="panel" aria-labelledby="kitty-title">
    <h2 id="kitty-title">
      The kitty
      <small class="dim"
        >· {{ words.price(left + kitty.outMinor) }} put in, {{ words.price(kitty.outMinor) }} spent,
        {{ words.price(left) }} left</small
      >
    </h2>
    <p v-if="rows.length === 0" class="dim">
      What an errand costs is written here when it is put away; what is left is the Brief’s money now.
    </p>
    <DataTable
      v-else
      caption="The kitty by month"
      :most="420"
      :columns="columns"
      :rows="rows"
      :row-key="(r) => r.key"
    />
    <div class="buttons">
      <v-btn v-if="perMonth > 0" @click="errands.setAside(perMonth)"
        >Put this month’s {{ words.money(perMonth) }} in</v-btn
      >
      <v-btn v-if="errands.entries.length > 0" @click="save">Save as a table (CSV)</v-btn>
    </div>
  </section>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 10px;
}
</style>
