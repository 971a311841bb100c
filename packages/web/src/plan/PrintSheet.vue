<script setup lang="ts">
import { countDrinks } from '@uisce/core/plan';
import { computed, nextTick, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { useJudgement } from '../words/judgement';
import { useItemWords } from '../words/use-item-words';
import { count, useWords } from '../words/use-words';
import DataTable from '../ui/DataTable.vue';

/** The plan on one page: the sentence, what to buy in order, and what it makes. */
const answers = useAnswer();
const plans = usePlans();
const catalogue = useCatalogue();
const words = useWords();
const { open, withWords, certainty } = useJudgement();
const { itemName, drinkName } = useItemWords();

const waiting = ref(false);
const { found, ask } = useQuestion(
  'shopping',
  () => answers.result && { of: { answer: answers.result.answer } },
  { onDemand: true },
);
const rows = computed(() =>
  (found.value ?? []).map((p, i, all) => ({
    ...p,
    name: itemName(p.itemId),
    size: sizeOf(p.itemId),
    price: p.spend - (all[i - 1]?.spend ?? 0),
    open: countDrinks(p.open, catalogue.recipes),
  })),
);
function sizeOf(itemId: string): string {
  const { bottle } = answers.itemById.get(itemId) ?? {};
  const g = answers.packById.get(itemId)?.g;
  if (bottle) return words.size(bottle.ml);
  return g === undefined ? '' : words.mass(g);
}
/** What is made at home from what is bought. */
const toMake = computed(() =>
  (answers.result?.inUse ?? []).filter((id) => answers.itemById.get(id)?.made).map(itemName),
);
const names = computed(() => answers.made.map((d) => drinkName(d.id)).sort((a, b) => a.localeCompare(b)));

async function print(): Promise<void> {
  waiting.value = true;
  await ask();
  waiting.value = false;
  if (!found.value) return;
  await nextTick();
  window.print();
}

const COLUMNS = [
  { key: 'tick', title: '' },
  { key: 'name', title: 'Buy' },
  { key: 'size', title: 'Size', figures: true },
  { key: 'price', title: 'Price', figures: true },
  { key: 'spend', title: 'So far', figures: true },
  { key: 'open', title: 'Drinks in reach', figures: true },
];
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
        :columns="COLUMNS"
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
