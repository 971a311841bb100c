<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { useEvenings } from '../household/use-evenings';
import { useCatalogue } from '../household/use-catalogue';
import DataTable from '../ui/DataTable.vue';
import { count, listed, useWords } from '../words/use-words';
import { useEvening } from './use-evening';
import { MISSING_COLUMNS, useMissing, useServedWith } from './use-missing';

/** What it takes, against what is there; what is missing goes to the errand in one tap. */
const evenings = useEvenings();
const catalogue = useCatalogue();
const words = useWords();
const { missingMinor } = useEvening();
const { rows, toBuy, toMake, dressingMinor, isOn, by } = useMissing();
const { ice, glasses, garnishes } = useServedWith();
</script>

<template>
  <section class="panel" aria-labelledby="takes-title">
    <div class="panel-head">
      <h2 id="takes-title">
        What it takes
        <small v-if="missingMinor > 0" class="dim">· {{ words.price(missingMinor) }} missing</small>
        <small v-if="dressingMinor > 0" class="dim">
          · {{ words.price(dressingMinor) }} more to dress the glasses</small
        >
      </h2>
      <v-btn v-if="toBuy.length > 0" :disabled="isOn" @click="evenings.toErrand(toBuy, by)">{{
        isOn ? 'On the errand' : `Put ${count(toBuy.length, 'thing')} on the errand, by ${words.weekday(by)}`
      }}</v-btn>
    </div>
    <div class="two-columns">
      <DataTable
        caption="What the evening takes"
        :columns="MISSING_COLUMNS"
        :rows="rows"
        :row-key="(r) => r.id"
      />
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
