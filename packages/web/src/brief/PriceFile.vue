<script setup lang="ts">
import Papa from 'papaparse';
import { ref } from 'vue';
import type { PriceList } from '@uisce/core/catalogue';
import { currencyRefusal, PRICE_COLUMNS, writePriceTable } from '@uisce/core/prices';
import { api, ApiError } from '../kept/client';
import { useHistory } from '../kept/use-history';
import { useHousehold } from '../household/use-settings';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';
import { count } from '../words/use-words';
import PriceTable from './PriceTable.vue';

const MOST_FAULTS_SHOWN = 8;

const household = useHousehold();
const plans = usePlans();
const trade = useTrade();
const history = useHistory();
const faults = ref<string[]>([]);
const taken = ref('');
/** A table that was chosen and waits for its columns to be confirmed. */
const table = ref<{ name: string; text: string }>();

async function take(body: PriceList | string): Promise<void> {
  try {
    const list = await api<PriceList>('/price-lists', { method: 'POST', body });
    await household.change({ priceListId: list.id });
    await trade.reloadPrices();
    await history.refresh();
    taken.value = `${list.name}: ${count(list.bottles.length, 'price')} in use now.`;
    table.value = undefined;
  } catch (error) {
    const all =
      error instanceof ApiError
        ? [error.message, ...(error.problem.errors ?? []).map((e) => `${e.pointer}: ${e.detail}`)]
        : [(error as Error).message];
    const rest = all.length - MOST_FAULTS_SHOWN;
    faults.value = rest > 0 ? [...all.slice(0, MOST_FAULTS_SHOWN), `and ${rest} more`] : all;
  }
}

/** Why a list in JSON cannot serve the open plan; undefined when it can, or when the server must say. */
function refusal(text: string): string | undefined {
  try {
    const { currency } = JSON.parse(text) as { currency?: unknown };
    return typeof currency === 'string' && plans.brief
      ? currencyRefusal(currency, plans.brief.currency)
      : undefined;
  } catch {
    return undefined;
  }
}

async function read(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  faults.value = [];
  taken.value = '';
  const text = await file.text();
  input.value = '';
  if (!/\.json$/i.test(file.name)) {
    table.value = { name: file.name.replace(/\.\w+$/, ''), text };
    return;
  }
  table.value = undefined;
  const refused = refusal(text);
  if (refused === undefined) await take(text);
  else faults.value = [refused];
}

/** Save the prices in use as a table that can be changed and brought in again. */
function save(): void {
  if (!trade.prices) return;
  const csv = Papa.unparse(writePriceTable(trade.prices), { columns: [...PRICE_COLUMNS] });
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([csv], { type: 'text/csv' }));
  link.download = `${trade.prices.id}.csv`;
  link.click();
  URL.revokeObjectURL(link.href);
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
      <input type="file" accept=".csv,text/csv,.json,application/json" @change="read" />
    </label>
    <v-btn height="44" class="mt-2" @click="save">Save these prices as a table (CSV)</v-btn>
    <PriceTable v-if="table" :key="table.name" v-bind="table" @take="take" @leave="table = undefined" />
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
