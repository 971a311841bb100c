<script setup lang="ts">
import { computed } from 'vue';
import { lineMinor, type ErrandLine } from '@uisce/core/errand';
import { usePlans } from '../household/use-plans';
import CheckField from '../ui/CheckField.vue';
import TabRow from '../ui/TabRow.vue';
import { count, useWords } from '../words/use-words';
import { useErrand } from './use-errand';

/** What goes on the list, before one sets out. */
const plans = usePlans();
const words = useWords();
const { part, withRestock, withFresh, restock, fresh, preview, ladder, setOut } = useErrand();

const sum = (lines: readonly ErrandLine[]) => words.price(lines.reduce((all, l) => all + lineMinor(l), 0));
const perMonth = computed(() => plans.brief?.moneyPerMonthMinor ?? 0);
const PARTS = [
  { value: 'all', words: 'All of the plan' },
  { value: 'month', words: 'This month’s step' },
] as const;
</script>

<template>
  <section class="panel before" aria-labelledby="before-title">
    <h2 id="before-title" class="sr-only">What goes on the list</h2>
    <TabRow
      v-if="perMonth > 0"
      v-model="part"
      boxed
      name="part"
      legend="How much of the plan"
      :choices="PARTS"
    />
    <CheckField
      v-if="restock.length > 0"
      v-model="withRestock"
      :label="`Also what is nearly empty: ${sum(restock)}`"
    />
    <CheckField
      v-if="fresh.length > 0"
      v-model="withFresh"
      :label="`Fresh things for a week: ${sum(fresh)}`"
    />
    <v-btn color="sea" variant="flat" size="large" :disabled="preview.length === 0" @click="setOut">
      {{ preview.length === 0 ? 'Set out' : `Set out for ${count(preview.length, 'thing')}` }}
    </v-btn>
    <p v-if="part === 'month'" class="dim wide">
      {{
        ladder
          ? 'What this month’s money buys on the way to the best of all months; the ladder stands in the Plan.'
          : 'Looking for the best order of months.'
      }}
    </p>
  </section>
</template>

<style scoped>
.before {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 24px;
  align-items: center;
  padding-block: 10px;
}

.before > .v-btn {
  margin-inline-start: auto;
}

.wide {
  flex: 1 0 100%;
  margin: 0;
}
</style>
