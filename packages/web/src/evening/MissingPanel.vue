<script setup lang="ts">
import { lowerFirst } from '@uisce/core/base';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { isForEvening, type WantedKind } from '@uisce/core/evening';
import { useErrands } from '../household/use-errands';
import { useEvenings } from '../household/use-evenings';
import { useCatalogue } from '../household/use-catalogue';
import DataTable from '../ui/DataTable.vue';
import { count, listed, useWords } from '../words/use-words';
import { useEvening } from './use-evening';

/** What it takes, against what is there; what is missing goes to the errand in one tap. */
const errands = useErrands();
const evenings = useEvenings();
const catalogue = useCatalogue();
const words = useWords();
const { plan, missingMinor, placed, dayOf, firstGlass } = useEvening();

const COLUMNS = [
  { key: 'name', title: 'It takes', names: true },
  { key: 'wanted', title: 'Wanted', figures: true },
  { key: 'there', title: 'There', figures: true },
  { key: 'short', title: 'Short', figures: true },
  { key: 'buy', title: 'To buy', figures: true },
];
const say = ({ unit }: WantedKind, n: number) =>
  unit === 'pieces' ? words.number(n) : words.volume(Math.round(n));
const rows = computed(() =>
  (plan.value?.quantities.wanted ?? []).map((w) => ({
    id: w.kind,
    name: catalogue.kindName(w.kind),
    wanted: say(w, w.wanted),
    there: w.there === undefined ? 'not counted' : say(w, w.there),
    short: w.short > 0 ? say(w, w.short) : '',
    buy: w.buy
      ? w.buy.ware.is === 'made'
        ? `make it, ${words.price(w.buy.priceMinor)}`
        : `${w.buy.count} × ${w.buy.label}, ${words.price(w.buy.priceMinor)}`
      : w.short > 0
        ? 'sold nowhere here'
        : '',
  })),
);
const toBuy = computed(() => (plan.value?.missing ?? []).filter((m) => m.ware.is !== 'made'));
const toMake = computed(() => (plan.value?.missing ?? []).filter((m) => m.ware.is === 'made'));
const isOn = computed(() => errands.open?.lines.some(isForEvening) ?? false);
/** The day on which the schedule has the shopping; else the evening's own. */
const by = computed(() => dayOf(placed.value.find((p) => p.id === 'buy')?.ends ?? 0));
const ice = computed(() => {
  const i = plan.value?.ice;
  if (!i) return '';
  const made = i.trays
    .filter((t) => t.cycles > 0)
    .map(
      (t) =>
        `${count(t.cycles, 'turn')} of ${t.count} × ${lowerFirst(t.mould.name)}, ${words.number(t.hours)} h each,`,
    );
  const kg = (g: number) => `${words.number(g / 1000)} kg`;
  const crushed = plan.value?.quantities.crushedG ?? 0;
  return (
    [
      `Ice: ${kg(i.neededG)}${crushed > 0 ? `, ${kg(crushed)} of it crushed` : ''}${i.blocks > 0 ? ` and ${count(i.blocks, 'block')}` : ''}`,
      made.length > 0 ? `${made.join(' ')} make ${kg(i.madeG)}` : '',
      i.bags > 0 ? `buy ${count(i.bags, 'bag')} of 2 kg` : '',
      `${words.number(i.litres)} l of the freezer at the end`,
    ]
      .filter(Boolean)
      .join('; ') + '.'
  );
});
const glasses = computed(() =>
  (plan.value?.glasses ?? []).map((g) => {
    const at = g.washes.map((minute) =>
      words.time(new Date((firstGlass.value?.getTime() ?? 0) + minute * 60_000).toISOString()),
    );
    const washed = at.length === 0 ? '' : `, ${count(at.length, 'wash', 'washes')}, at ${listed(at)}`;
    const has = g.owned === undefined ? 'how many there are, nobody said' : `${g.owned} there`;
    return `${g.name}: ${count(g.pours, 'pour')}, ${has}${g.owned === undefined ? '' : washed || ', no wash between'}`;
  }),
);
const garnishes = computed(() =>
  (plan.value?.quantities.garnishes ?? []).map((g) => `${g.garnish} for ${g.glasses}`),
);
</script>

<template>
  <section class="panel" aria-labelledby="takes-title">
    <div class="panel-head">
      <h2 id="takes-title">
        What it takes
        <small v-if="missingMinor > 0" class="dim">· {{ words.price(missingMinor) }} missing</small>
      </h2>
      <v-btn v-if="toBuy.length > 0" :disabled="isOn" @click="evenings.toErrand(toBuy, by)">{{
        isOn ? 'On the errand' : `Put ${count(toBuy.length, 'thing')} on the errand, by ${words.weekday(by)}`
      }}</v-btn>
    </div>
    <div class="two-columns">
      <DataTable caption="What the evening takes" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.id" />
      <div>
        <p v-if="toMake.length > 0">
          To make: {{ listed(toMake.map((m) => catalogue.kindInSentence(m.kind))) }},
          <RouterLink to="/bench">on the bench</RouterLink>.
        </p>
        <p v-if="garnishes.length > 0">Garnish: {{ listed(garnishes) }}.</p>
        <p>{{ ice }}</p>
        <p v-for="line in glasses" :key="line" class="glasses">{{ line }}.</p>
      </div>
    </div>
  </section>
</template>

<style scoped>
a {
  color: inherit;
}

.glasses {
  margin: 4px 0;
}

.two-columns {
  grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
}

@media (max-width: 900px) {
  .two-columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
