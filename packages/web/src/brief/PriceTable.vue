<script setup lang="ts">
import { readCsv } from '@uisce/core/table';
import { computed, ref } from 'vue';
import { foldText, lowerFirst } from '@uisce/core/base';
import { priceListSchema, type PriceList } from '@uisce/core/catalogue';
import {
  guessMapping,
  NEEDED_COLUMNS,
  PRICE_COLUMNS,
  readPriceTable,
  type ColumnMapping,
  type PriceColumn,
} from '@uisce/core/prices';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed } from '../words/use-words';
import SelectField from '../ui/SelectField.vue';
import CheckField from '../ui/CheckField.vue';

const props = defineProps<{ name: string; text: string }>();
const emit = defineEmits<{ take: [list: PriceList]; leave: [] }>();

const plans = usePlans();
const catalogue = useCatalogue();

const COLUMN_WORDS: Record<PriceColumn, string> = {
  kind: 'Kind of bottle',
  label: 'Label',
  size: 'Size',
  price: 'Price',
  currency: 'Currency',
  tier: 'Mixing or finer',
  widthMm: 'Width in mm',
  heightMm: 'Height in mm',
};

const parsed = computed(() => readCsv(props.text));
const headings = computed(() => parsed.value.columns);
const mapping = ref<ColumnMapping>(guessMapping(headings.value));
const alone = ref(false);

const missing = computed(() => NEEDED_COLUMNS.filter((c) => !mapping.value[c]));
const reading = computed(() =>
  readPriceTable(
    parsed.value.rows,
    mapping.value,
    catalogue.kinds,
    plans.brief?.currency ?? catalogue.prices?.currency ?? 'EUR',
  ),
);
const broken = computed(() =>
  parsed.value.faults.map((e) => `${e.row === undefined ? 'The file' : `Row ${e.row + 2}`}: ${e.message}`),
);
/** The shop these prices lie over; own prices already in use keep the shop below them. */
const shop = computed(() =>
  catalogue.priceLists.find((l) => l.id === (catalogue.prices?.over ?? catalogue.prices?.id)),
);

const columnChoices = computed(() => [
  { value: '', title: 'not in the file' },
  ...headings.value.map((heading) => ({ value: heading, title: heading })),
]);
function choose(column: PriceColumn, heading: string): void {
  const others = Object.entries(mapping.value).filter(([c]) => c !== column);
  mapping.value = Object.fromEntries(heading === '' ? others : [...others, [column, heading]]);
}

const idOf = (name: string) =>
  foldText(name)
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'prices';

function take(): void {
  const over = alone.value || !shop.value ? {} : { over: shop.value.id };
  emit(
    'take',
    priceListSchema.parse({
      format: 'uisce-prices/1',
      id: `own-${idOf(props.name)}`.slice(0, 80),
      name: props.name.slice(0, 80),
      currency: plans.brief?.currency ?? 'EUR',
      provenance: 'Brought in by the household from a table.',
      bottles: reading.value.bottles,
      ...over,
    }),
  );
}
</script>

<template>
  <section class="table" aria-labelledby="table-title">
    <h3 id="table-title">{{ name }} <small class="dim">· which column is which?</small></h3>
    <div class="columns">
      <SelectField
        v-for="column in PRICE_COLUMNS"
        :key="column"
        :label="COLUMN_WORDS[column]"
        :value="mapping[column] ?? ''"
        :choices="columnChoices"
        @choose="choose(column, $event)"
      />
    </div>
    <p v-if="reading.refusal" class="bad" role="alert">{{ reading.refusal }}</p>
    <p v-else-if="missing.length > 0" class="bad" role="alert">
      Say which column holds the {{ listed(missing.map((c) => lowerFirst(COLUMN_WORDS[c]))) }}.
    </p>
    <template v-else>
      <p role="status">
        {{ count(reading.bottles.length, 'price') }} read<template v-if="reading.faults.length > 0"
          >; {{ count(reading.faults.length, 'row') }} cannot be taken:</template
        >
      </p>
      <ul v-if="reading.faults.length + broken.length > 0" class="bad" aria-label="Rows that cannot be taken">
        <li v-for="line in broken" :key="line">{{ line }}</li>
        <li v-for="fault in reading.faults" :key="`${fault.row}-${fault.column}`">
          Row {{ fault.row }}, {{ fault.column }}: {{ fault.message }}
        </li>
      </ul>
      <CheckField
        v-if="shop"
        v-model="alone"
        :label="`Use these alone, without ${shop.name} for what they do not name`"
      />
      <v-btn height="44" :disabled="reading.bottles.length === 0" @click="take">
        Use {{ count(reading.bottles.length, 'price') }}
      </v-btn>
    </template>
    <v-btn height="44" class="ms-2" @click="emit('leave')">Cancel</v-btn>
  </section>
</template>

<style scoped>
.table {
  margin-top: 12px;
  padding: 12px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

h3 {
  margin: 0 0 8px;
  font-size: 1rem;
}

h3 small {
  font-weight: 400;
}

.columns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px;
}

.columns label {
  font-size: 0.9375rem;
}

.bad {
  margin: 8px 0;
  padding-inline-start: 18px;
  color: rgb(var(--v-theme-rust));
  overflow-wrap: anywhere;
}

p.bad {
  padding: 0;
}

.alone {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}

.alone input {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-sea));
}
</style>
