<script setup lang="ts">
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useJudgement } from '../words/judgement';
import { count, useWords } from '../words/use-words';
import DataTable from '../ui/DataTable.vue';
import { PRINT_COLUMNS, usePrintSheet } from './use-print-sheet';

/** The plan on one page: the sentence, what to buy in order, and what it makes. */
const answers = useAnswer();
const plans = usePlans();
const words = useWords();
const { open, withWords, certainty } = useJudgement();
const { waiting, rows, toMake, names, print } = usePrintSheet();
</script>

<template>
  <div>
    <v-btn class="no-print" :disabled="!answers.proven || waiting" @click="print">Print the plan</v-btn>
    <section class="print-only sheet" aria-label="The plan on one page">
      <h1>
        {{ plans.current?.name }}: {{ words.money(plans.brief?.moneyNowMinor ?? 0) }} makes
        {{ count(open, 'drink') }} {{ withWords }}
      </h1>
      <p>
        At today’s prices: {{ certainty }}. In this order drinks come early; the order itself is not proven.
      </p>
      <DataTable
        caption="What to buy, in order"
        :columns="PRINT_COLUMNS"
        :rows="rows"
        :row-key="(row) => row.itemId"
      >
        <template #cell-tick>☐</template>
        <template #cell-price="{ row }">{{ words.price(row.price) }}</template>
        <template #cell-spend="{ row }">{{ words.price(row.spend) }}</template>
      </DataTable>
      <p v-if="toMake.length > 0">To make from it: {{ toMake.join(', ') }}.</p>
      <p class="menu">{{ names.join(' · ') }}</p>
      <p>For adults of drinking age. Nobody drives after a drink. Date every syrup and opened wine.</p>
    </section>
  </div>
</template>

<style scoped>
.sheet {
  font-size: 9pt;
}

.sheet h1 {
  font-size: 14pt;
}

.sheet :deep(table) {
  font-size: 9pt;
}

.sheet :deep(:is(th, td)) {
  padding: 1.5pt 5pt;
  border-bottom: 0.5pt solid #999;
}

.menu {
  margin: 8pt 0;
  font-size: 7.5pt;
}
</style>
