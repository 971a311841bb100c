<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Pour } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { useToday } from '../household/use-today';
import AppDialog from '../ui/AppDialog.vue';
import DataTable from '../ui/DataTable.vue';
import DateField from '../ui/DateField.vue';
import NumberField from '../ui/NumberField.vue';
import { count, useWords } from '../words/use-words';
import VerdictRow from '../ui/drink/VerdictRow.vue';

/** The log itself, the newest first. */
const log = useLog();
const words = useWords();
const today = useToday();

const PAGE = 25;
const shown = ref(PAGE);
const COLUMNS = [
  { key: 'day', title: 'Evening', narrow: true },
  { key: 'name', title: 'Drink', names: true },
  { key: 'glasses', title: 'Glasses', figures: true },
  { key: 'verdict', title: 'Liked', figures: true },
  { key: 'open', title: 'Change', narrow: true },
];
// What an earlier release wrote down of rounds given up was drunk by nobody.
const all = computed(() =>
  log.pours.filter((p) => p.glasses > 0).sort((a, b) => (a.on + a.at < b.on + b.at ? 1 : -1)),
);
const rows = computed(() =>
  all.value.slice(0, shown.value).map((p) => ({
    id: p.id,
    day: words.shortDay(p.on),
    name: p.name,
    glasses: p.glasses,
    for: p.for.join(' and '),
    note: p.note,
    verdict: p.verdict === null ? '' : String(p.verdict),
  })),
);
const openId = ref('');
const isOpen = computed({
  get: () => pour.value !== undefined,
  set: (is) => {
    if (!is) openId.value = '';
  },
});
const pour = computed<Pour | undefined>(() => log.pours.find((p) => p.id === openId.value));
const who = computed(() => (pour.value?.for ?? []).join(', '));
function setDay(on: string | null): void {
  if (pour.value && on !== null && on <= today.iso())
    log.edit(pour.value.id, `${pour.value.name} of another day`, { on });
}
function setFor(text: string): void {
  const names = text
    .split(/,| and /)
    .map((n) => n.trim().slice(0, 60))
    .filter((n) => n !== '')
    .slice(0, 20);
  if (pour.value) log.edit(pour.value.id, `${pour.value.name} for whom`, { for: names });
}
function takeBack(): void {
  log.takeBack(openId.value);
  openId.value = '';
}
</script>

<template>
  <section class="panel" aria-labelledby="log-title">
    <div class="panel-head">
      <h2 id="log-title">Poured</h2>
      <a class="link" href="/api/pours.csv" download>All of it as a table (CSV)</a>
    </div>
    <DataTable caption="What was poured" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.id">
      <template #cell-name="{ row }">
        {{ row.name }} <span v-if="row.for" class="dim">for {{ row.for }}</span>
        <span v-if="row.note" class="dim note">{{ row.note }}</span>
      </template>
      <template #cell-open="{ row }">
        <v-btn :aria-label="`Change the ${row.name} of ${row.day}`" @click="openId = row.id">Change</v-btn>
      </template>
    </DataTable>
    <v-btn v-if="shown < all.length" class="more" @click="shown += PAGE">{{
      count(Math.min(PAGE, all.length - shown), 'more entry', 'more entries')
    }}</v-btn>
    <AppDialog v-model="isOpen" :title="pour?.name ?? ''" :width="620">
      <div v-if="pour" class="stack">
        <p class="dim">
          {{ words.day(pour.on) }}, {{ count(pour.glasses, 'glass', 'glasses') }},
          {{ words.volume(Math.round(pour.servedMl)) }} at {{ words.percent(pour.abv) }} vol.
        </p>
        <div class="field-row">
          <DateField label="On the evening of" :value="pour.on" @change="setDay" />
          <NumberField
            label="Glasses"
            suffix="glasses"
            :value="pour.glasses"
            :least="1"
            :most="99"
            @change="$event && log.recount(pour, Math.round($event))"
          />
          <v-text-field
            label="For"
            :model-value="who"
            maxlength="300"
            @change="setFor(($event.target as HTMLInputElement).value)"
          />
        </div>
        <VerdictRow :pour="pour" />
        <div>
          <v-btn @click="takeBack">It was never poured: put it back into the bottles</v-btn>
        </div>
      </div>
    </AppDialog>
  </section>
</template>

<style scoped>
.note {
  display: block;
  font-weight: 400;
}

.more {
  margin-top: 8px;
}

.link {
  color: inherit;
  display: inline-flex;
  align-items: center;
}
</style>
