<script setup lang="ts">
import { computed } from 'vue';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';

const plans = usePlans();
const catalogue = useCatalogue();

const currency = computed(() => {
  const { brief } = plans;
  const listed = catalogue.prices?.currency;
  return brief && listed && brief.currency !== listed ? listed : undefined;
});

function count(): void {
  if (currency.value) plans.edit('Currency', { brief: { currency: currency.value } });
}
</script>

<template>
  <p v-if="currency" class="mismatch" role="alert">
    This plan is in {{ plans.brief?.currency }}, the prices of {{ catalogue.prices?.name }} are in
    {{ currency }}. Uisce does not convert money.
    <v-btn height="44" @click="count">Count the money in {{ currency }}</v-btn>
  </p>
</template>

<style scoped>
.mismatch {
  margin: 6px 0 0;
  color: rgb(var(--v-theme-rust));
}
</style>
