<script setup lang="ts">
import { ref } from 'vue';
import type { PriceList } from '@uisce/core';
import { api, ApiError } from '../../api/client';
import { useHistory } from '../../stores/history';
import { useHousehold } from '../../stores/household';
import { useTrade } from '../../stores/trade';
import { count } from '../../words/use-words';

const MOST_FAULTS_SHOWN = 8;

const household = useHousehold();
const trade = useTrade();
const history = useHistory();
const faults = ref<string[]>([]);
const taken = ref('');

async function read(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  faults.value = [];
  taken.value = '';
  try {
    const list = await api<PriceList>('/price-lists', { method: 'POST', body: await file.text() });
    await trade.reloadPrices();
    await household.change({ priceListId: list.id });
    await history.refresh();
    taken.value = `${list.name}: ${count(list.bottles.length, 'price')} in use now.`;
  } catch (error) {
    const all =
      error instanceof ApiError
        ? [error.message, ...(error.problem.errors ?? []).map((e) => `${e.pointer}: ${e.detail}`)]
        : [(error as Error).message];
    const rest = all.length - MOST_FAULTS_SHOWN;
    faults.value = rest > 0 ? [...all.slice(0, MOST_FAULTS_SHOWN), `and ${rest} more`] : all;
  } finally {
    input.value = '';
  }
}
</script>

<template>
  <div>
    <p class="prices">
      <strong>{{ trade.prices?.name }}</strong>
      <span class="dim"> · {{ trade.prices?.bottles.length }} prices in {{ trade.prices?.currency }}</span>
    </p>
    <label class="file">
      Bring your own price file
      <input type="file" accept="application/json,.json" @change="read" />
    </label>
    <p v-if="taken" role="status">{{ taken }}</p>
    <ul v-if="faults.length > 0" class="faults" role="alert">
      <li v-for="fault in faults" :key="fault">{{ fault }}</li>
    </ul>
  </div>
</template>

<style scoped>
.prices {
  margin: 0 0 6px;
}

.file {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  min-height: 44px;
}

input {
  font: inherit;
  max-width: 100%;
}

.faults {
  margin: 8px 0 0;
  padding-inline-start: 18px;
  color: rgb(var(--v-theme-rust));
  overflow-wrap: anywhere;
}
</style>
