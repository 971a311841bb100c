<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue';
import type { PriceList } from '@uisce/core/catalogue';
import { litrePrices } from '@uisce/core/errand';
import { useCatalogue } from '../household/use-catalogue';
import { listed, useWords } from '../words/use-words';

/** What a kind costs by the litre at every shop that asks in this money, and what was paid for it before. */
const props = defineProps<{ kind: string }>();

const MAX_PAID = 5;

const catalogue = useCatalogue();
const words = useWords();

const lists = shallowRef<PriceList[]>([]);
watch(
  () => catalogue.prices,
  async (prices) => {
    const shops = catalogue.priceLists.filter((l) => l.currency === prices?.currency && !l.over);
    const all = await Promise.all(shops.map((l) => catalogue.listOf(l.id).catch(() => undefined)));
    if (prices === catalogue.prices) lists.value = all.filter((l) => l !== undefined);
  },
  { immediate: true },
);
const told = computed(() => litrePrices(props.kind, lists.value, catalogue.paid));
const name = (id: string) => catalogue.priceLists.find((l) => l.id === id)?.name ?? id;
const now = computed(() =>
  told.value.now.map((p) => `${name(p.shop)} ${words.price(p.perLitreMinor)} (${words.size(p.ml)})`),
);
const paid = computed(() =>
  told.value.paid
    .slice(-MAX_PAID)
    .map((p) => `${words.price(p.perLitreMinor)} on ${words.shortDay(p.on ?? '')} at ${name(p.shop)}`),
);
const dear = computed(() => told.value.farDearer.map((p) => name(p.shop)));
</script>

<template>
  <p v-if="now.length > 0" class="dim litre">
    By the litre: {{ listed(now) }}.
    <template v-if="paid.length > 0">Paid: {{ listed(paid) }}.</template>
    <strong v-if="dear.length > 0"
      >{{ listed(dear) }} {{ dear.length === 1 ? 'asks' : 'ask' }} at least a quarter more.</strong
    >
  </p>
</template>

<style scoped>
.litre {
  margin: 4px 0;
}
</style>
