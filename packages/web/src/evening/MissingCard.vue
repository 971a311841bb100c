<script setup lang="ts">
import { computed } from 'vue';
import { useErrands } from '../household/use-errands';
import { useEvenings } from '../household/use-evenings';
import { useTrade } from '../household/use-trade';
import DataTable from '../ui/DataTable.vue';
import { count, useWords } from '../words/use-words';
import { useEvening } from './use-evening';

/** What it takes, against what is there; what is missing goes to the errand in one tap. */
const errands = useErrands();
const evenings = useEvenings();
const trade = useTrade();
const words = useWords();
const { plan, missingMinor } = useEvening();

const COLUMNS = [
  { key: 'name', title: 'It takes', names: true },
  { key: 'wanted', title: 'Wanted', figures: true },
  { key: 'there', title: 'There', figures: true },
  { key: 'short', title: 'Short', figures: true },
];
const rows = computed(() =>
  (plan.value?.quantities.wanted ?? []).map((w) => {
    const say = (n: number) => (w.pieces > 0 ? String(Math.round(n)) : words.volume(Math.round(n)));
    return {
      ...{ id: w.kind, name: trade.kindName(w.kind), wanted: say(w.pieces > 0 ? w.pieces : w.ml) },
      there: w.there === undefined ? 'not counted' : say(w.there),
      short: w.short > 0 ? say(w.short) : '',
    };
  }),
);
const toBuy = computed(() => (plan.value?.missing ?? []).filter((m) => m.ware.is !== 'made'));
const isOn = computed(() => errands.open?.lines.some((l) => l.id.startsWith('evening-')) ?? false);
const ice = computed(() => {
  const i = plan.value?.ice;
  if (!i) return '';
  const made = i.trays
    .filter((t) => t.cycles > 0)
    .map((t) => `${count(t.cycles, 'turn')} of ${t.count} × ${t.mould.name.toLowerCase()}`);
  const kg = (g: number) => `${words.number(g / 1000)} kg`;
  return `Ice: ${kg(i.neededG)}${made.length > 0 ? `; ${made.join(', ')} make ${kg(i.madeG)}` : ''}${i.bags > 0 ? `; buy ${count(i.bags, 'bag')} of 2 kg` : ''}.`;
});
</script>

<template>
  <section class="card" aria-labelledby="takes-title">
    <div class="card-head">
      <h2 id="takes-title">
        What it takes
        <small v-if="missingMinor > 0" class="dim">· {{ words.price(missingMinor) }} to buy</small>
      </h2>
      <v-btn v-if="toBuy.length > 0" :disabled="isOn" @click="evenings.toErrand(toBuy)">{{
        isOn ? 'On the errand' : `Put ${count(toBuy.length, 'thing')} on the errand`
      }}</v-btn>
    </div>
    <DataTable caption="What the evening takes" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.id" />
    <p>{{ ice }}</p>
  </section>
</template>
