<script setup lang="ts">
import { readCsv, writeCsv } from '@uisce/core/table';
import { ref } from 'vue';
import { writesMonthFirst } from '@uisce/core/base';
import { readStockRows, stockRows, STOCK_COLUMNS } from '@uisce/core/stock';
import { useSettings } from '../household/use-settings';
import { useToday } from '../household/use-today';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { count } from '../words/use-words';
import FileField from '../ui/FileField.vue';
import { saveFile } from '../ui/save-file';

/** The bottles as a table, out and in. */
const stock = useStock();
const catalogue = useCatalogue();
const settings = useSettings();
const today = useToday();
const taken = ref('');
const faults = ref<string[]>([]);

const MAX_FAULTS_SHOWN = 8;

function save(): void {
  const text = writeCsv(stockRows(stock.bottles), STOCK_COLUMNS);
  saveFile('stock.csv', 'text/csv', text);
}
async function take(file: File): Promise<void> {
  const { columns, rows } = readCsv(await file.text());
  const read = readStockRows(columns, rows, {
    kinds: catalogue.kinds,
    currency: catalogue.prices?.currency ?? 'EUR',
    today: today.iso(),
    monthFirst: writesMonthFirst(settings.current.locale),
    newId: () => crypto.randomUUID(),
  });
  faults.value = read.faults.slice(0, MAX_FAULTS_SHOWN).map((f) => `Row ${f.row}: ${f.detail}.`);
  const isTaken = read.noTable === undefined && read.faults.length === 0;
  taken.value =
    read.noTable ??
    (isTaken
      ? `${count(read.bottles.length, 'bottle')} taken over.`
      : `Nothing was taken over: ${count(new Set(read.faults.map((f) => f.row)).size, 'row')} cannot be read.`);
  if (isTaken) stock.keep('Stock from a table', ...read.bottles);
}
</script>

<template>
  <section class="panel" aria-labelledby="stock-file">
    <h2 id="stock-file">
      As a table <small class="dim">· one bottle a row; an id that is here is that bottle</small>
    </h2>
    <div class="out">
      <v-btn :disabled="stock.bottles.length === 0" @click="save">Save as a table (CSV)</v-btn>
      <FileField label="Bring a table in" accept=".csv,text/csv" @choose="take" />
    </div>
    <p v-if="taken" role="status">{{ taken }}</p>
    <ul v-if="faults.length > 0" class="plain-list rust">
      <li v-for="f in faults" :key="f">{{ f }}</li>
    </ul>
  </section>
</template>

<style scoped>
.out {
  display: grid;
  grid-template-columns: auto minmax(160px, 1fr);
  gap: 12px;
  align-items: center;
}

@media (max-width: 560px) {
  .out {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
