<script setup lang="ts">
import { computed } from 'vue';
import { lineMinor, type Ware } from '@uisce/core/errand';
import { useErrands } from '../household/use-errands';
import { count, listed, useWords } from '../words/use-words';
import { useErrand } from './use-errand';

/** What to leave and to take instead, when the shop is not as its list said. */
const errands = useErrands();
const words = useWords();
const { swap, takeSwap, wareInSentence, wareSize, shopName } = useErrand();

/** With its size: another one of the same kind may be left, or taken. */
const sized = (ware: Ware, ...more: string[]) => {
  const about = [wareSize(ware), ...more].filter((w) => w !== '').join(', ');
  return about === '' ? '' : ` (${about})`;
};
const leave = computed(() =>
  (errands.open?.lines ?? [])
    .filter((l) => swap.value?.leave.includes(l.id))
    .map((l) => `${wareInSentence(l.ware)}${sized(l.ware)}`),
);
const take = computed(() =>
  (swap.value?.take ?? []).map((l) => ({
    id: l.id,
    words: wareInSentence(l.ware),
    about: sized(l.ware, `${words.price(lineMinor(l))} at ${shopName(l.shop)}`),
  })),
);
const gain = computed(() => {
  const { listed: rest, best } = swap.value ?? {};
  if (!rest || !best) return '';
  const over = rest.overMinor > 0 ? `, which would be ${words.price(rest.overMinor)} too much` : '';
  return `${count(best.drinksMade, 'drink')} for ${words.price(best.spendMinor)} more; the list as it stands makes ${rest.drinksMade} for ${words.price(rest.spendMinor)}${over}.`;
});
</script>

<template>
  <section v-if="swap" class="panel swap" aria-labelledby="swap-title" aria-live="polite">
    <h2 id="swap-title">Better now <small class="dim">· what is in the basket stays</small></h2>
    <p v-if="leave.length > 0">Leave {{ listed(leave) }}.</p>
    <p v-if="take.length > 0">
      Take
      <template v-for="(t, i) in take" :key="t.id"
        ><template v-if="i > 0">{{ i === take.length - 1 ? ' and ' : ', ' }}</template
        ><strong>{{ t.words }}</strong
        >{{ t.about }}</template
      >.
    </p>
    <p class="dim">{{ gain }}</p>
    <v-btn color="sea" variant="flat" @click="takeSwap">Take the swap</v-btn>
  </section>
</template>

<style scoped>
.swap {
  border-inline-start: 4px solid rgb(var(--v-theme-copper));
}

.swap p {
  margin: 0 0 8px;
}
</style>
