<script setup lang="ts">
import { writeCsv } from '@uisce/core/table';
import { computed, ref, watch } from 'vue';
import type { Fault } from '@uisce/core/base';
import { currencyRefusal, PRICE_COLUMNS, writePriceTable } from '@uisce/core/prices';
import { keptOwnPrices, keptSettings, readKept } from '@uisce/core/kept';
import { ApiError } from '../kept/client';
import { useKeeper } from '../kept/use-keeper';
import { useSettings } from '../household/use-settings';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { count } from '../words/use-words';
import PriceTable from './PriceTable.vue';
import FileField from '../ui/FileField.vue';
import { saveFile } from '../ui/save-file';

const MAX_FAULTS_SHOWN = 8;
const MAX_NAME = 80;

const settings = useSettings();
const plans = usePlans();
const catalogue = useCatalogue();
const keeper = useKeeper();
const faults = ref<string[]>([]);
const taken = ref('');
/** A table that was chosen and waits for its columns to be confirmed. */
const table = ref<{ name: string; text: string }>();

/** Keep a list and use it from now on: one change, taken back as one. */
async function take(body: unknown): Promise<void> {
  const read = readKept(keptOwnPrices, body);
  if (!read.ok) {
    say('The price file has faults; nothing was taken over.', read.faults);
    return;
  }
  const list = read.value;
  try {
    await keeper.keepNow(
      `Prices of ${list.name}`,
      keeper.write(keptOwnPrices, list),
      keeper.write(keptSettings, { ...settings.current, priceListId: list.id }),
    );
    taken.value = `${list.name}: ${count(list.bottles.length, 'price')} in use now.`;
    table.value = undefined;
  } catch (error) {
    say((error as Error).message, error instanceof ApiError ? error.faults : []);
  }
}

/** What was wrong, fault by fault; pointers start at the file. */
function say(first: string, found: readonly Fault[]): void {
  const all = [first, ...found.map((f) => `${f.pointer.replace('/writes/0/value', '')}: ${f.detail}`)];
  const rest = all.length - MAX_FAULTS_SHOWN;
  faults.value = rest > 0 ? [...all.slice(0, MAX_FAULTS_SHOWN), `and ${rest} more`] : all;
}

/** A file's JSON; undefined, with words, when it is none. */
function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    say(`The file is not JSON: ${(error as Error).message}`, []);
    return undefined;
  }
}

/** Why a list in JSON cannot serve the open plan; undefined when it can, or when the server must say. */
function refusal(list: unknown): string | undefined {
  const { currency } = list as { currency?: unknown };
  return typeof currency === 'string' && plans.brief
    ? currencyRefusal(currency, plans.brief.currency)
    : undefined;
}

async function read(file: File): Promise<void> {
  faults.value = [];
  taken.value = '';
  const text = await file.text();
  if (!/\.json$/i.test(file.name)) {
    table.value = { name: file.name.replace(/\.\w+$/, ''), text };
    return;
  }
  table.value = undefined;
  const list = parsed(text);
  if (list === undefined) return;
  const refused = refusal(list);
  if (refused === undefined) await take(list);
  else faults.value = [refused];
}

/** The household's own list in use, where it is one. */
const own = computed(() => keeper.all(keptOwnPrices).find((l) => l.id === catalogue.prices?.id));
const name = ref('');
watch(own, (list) => (name.value = list?.name ?? ''), { immediate: true });
function rename(): void {
  const typed = name.value.trim();
  if (own.value && typed !== '' && typed !== own.value.name)
    keeper.keep(keptOwnPrices, { ...own.value, name: typed.slice(0, MAX_NAME) }, `Prices renamed “${typed}”`);
}
/** Delete the list in use and go back to the shop that it lies over, or to the first in its currency. */
function remove(): void {
  const list = own.value;
  if (!list) return;
  const below =
    catalogue.priceLists.find((l) => l.id === list.over) ??
    catalogue.priceLists.find((l) => !l.own && l.currency === list.currency);
  keeper.keepAll(
    `Delete the prices “${list.name}”`,
    keeper.writeGone(keptOwnPrices, list.id),
    ...(below ? [keeper.write(keptSettings, { ...settings.current, priceListId: below.id })] : []),
  );
}

/** Save the prices in use as a table that can be changed and brought in again. */
function save(): void {
  if (!catalogue.prices) return;
  const csv = writeCsv(writePriceTable(catalogue.prices), PRICE_COLUMNS);
  saveFile(`${catalogue.prices.id}.csv`, 'text/csv', csv);
}
</script>

<template>
  <div>
    <p class="prices">
      <strong>{{ catalogue.prices?.name }}</strong>
      <span class="dim">
        · {{ catalogue.prices?.bottles.length }} prices in {{ catalogue.prices?.currency }}</span
      >
    </p>
    <FileField
      label="Bring your own price file"
      accept=".csv,text/csv,.json,application/json"
      @choose="read"
    />
    <v-btn height="44" class="mt-2" @click="save">Save these prices as a table (CSV)</v-btn>
    <div v-if="own" class="own">
      <v-text-field
        v-model="name"
        label="Name of your prices"
        hide-details
        :maxlength="MAX_NAME"
        @change="rename"
      />
      <v-btn height="44" @click="remove">Delete these prices</v-btn>
    </div>
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

.own {
  display: flex;
  gap: 10px;
  align-items: flex-start;
  margin-top: 10px;
}

.faults {
  margin: 8px 0 0;
  padding-inline-start: 18px;
  color: rgb(var(--v-theme-rust));
  overflow-wrap: anywhere;
}
</style>
