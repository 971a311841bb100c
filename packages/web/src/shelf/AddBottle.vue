<script setup lang="ts">
import { inSentence, parseMoney } from '@uisce/core/base';
import { computed, ref } from 'vue';
import { bottleThere, withLeft } from '@uisce/core/stock';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useToday } from '../household/use-today';
import DateField from '../ui/DateField.vue';
import NumberField from '../ui/NumberField.vue';
import { leadsToWrongInput } from '../ui/wrong-input';

/** One bottle written down by a form: what stands on its label, what it cost, since when it is here. */
const stock = useStock();
const catalogue = useCatalogue();
const today = useToday();

const USUAL_ML = 700;
const form = ref<HTMLElement>();
const isOpen = ref(false);
const kindId = ref<string | null>(null);
const label = ref('');
const sizeMl = ref<number>(USUAL_ML);
const leftMl = ref<number | null>(null);
const abv = ref<number | null>(null);
const paid = ref('');
const shop = ref('');
const boughtOn = ref<string | null>(null);
const openedOn = ref<string | null>(null);

const kinds = computed(() =>
  catalogue.all.kinds
    .filter((k) => !k.abstract && k.supply !== 'fresh')
    .map((k) => ({ value: k.id, title: k.name }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
const kind = computed(() => catalogue.kinds.get(kindId.value ?? ''));
const currency = computed(() => catalogue.prices?.currency ?? 'EUR');

const reading = computed(() => parseMoney(paid.value, currency.value));
const payFault = computed(() => (paid.value.trim() === '' || reading.value.ok ? '' : reading.value.reason));
function save(): void {
  if (!kind.value || payFault.value !== '' || leadsToWrongInput(form.value)) return;
  const bought = boughtOn.value;
  const priceMinor = reading.value.ok ? reading.value.minor : null;
  const full = {
    ...bottleThere(crypto.randomUUID(), kind.value.id, kind.value.storage),
    label: label.value.trim() === '' ? null : label.value.trim(),
    sizeMl: sizeMl.value,
    abv: abv.value === null ? null : abv.value / 100,
    priceMinor,
    currency: priceMinor === null ? null : currency.value,
    shop: shop.value.trim(),
    boughtOn: bought,
    openedOn: openedOn.value !== null && bought !== null && openedOn.value < bought ? bought : openedOn.value,
  };
  const left = Math.min(leftMl.value ?? sizeMl.value, sizeMl.value);
  stock.keep(`A bottle of ${inSentence(kind.value)}`, withLeft(full, left, today.iso()));
  isOpen.value = false;
  for (const text of [label, shop, paid]) text.value = '';
  for (const number of [leftMl, abv]) number.value = null;
  for (const choice of [kindId, boughtOn, openedOn]) choice.value = null;
}
</script>

<template>
  <section class="panel" aria-labelledby="add-title">
    <div class="panel-head">
      <h2 id="add-title">One bottle <small class="dim">· as its label says</small></h2>
      <v-btn :aria-expanded="isOpen" @click="isOpen = !isOpen">{{
        isOpen ? 'Close' : 'Write a bottle down'
      }}</v-btn>
    </div>
    <form v-if="isOpen" ref="form" class="fields" @submit.prevent="save">
      <v-autocomplete v-model="kindId" :items="kinds" label="What is it" />
      <v-text-field v-model="label" label="On the label" maxlength="80" />
      <NumberField
        label="It holds"
        suffix="ml"
        :value="sizeMl"
        :least="10"
        :most="20000"
        @change="sizeMl = $event ?? USUAL_ML"
      />
      <NumberField
        label="Left in it"
        suffix="ml"
        optional
        nothing="full"
        :value="leftMl"
        :least="0"
        :most="20000"
        @change="leftMl = $event"
      />
      <NumberField
        label="Strength"
        suffix="% vol"
        optional
        nothing="usual"
        :value="abv"
        :least="0"
        :most="96"
        @change="abv = $event"
      />
      <v-text-field v-model="paid" label="Paid" :suffix="currency" :error-messages="payFault" />
      <v-text-field v-model="shop" label="Where" maxlength="80" />
      <DateField label="Bought" :value="boughtOn" @change="boughtOn = $event" />
      <DateField label="Opened" :value="openedOn" @change="openedOn = $event" />
      <v-btn color="sea" type="submit" :disabled="!kind">Put it on the shelf</v-btn>
    </form>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 10px;
  align-items: center;
  margin-top: 10px;
}
</style>
