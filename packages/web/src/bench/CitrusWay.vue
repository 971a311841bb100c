<script setup lang="ts">
import { computed, ref, watchEffect } from 'vue';
import { acidAsFresh, extendedCitrus, extendedCitrusParts, type ExtendedCitrus } from '@uisce/core/bench';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';
import NumberField from '../ui/NumberField.vue';
import type { OwnIdea } from './own-idea';
import SelectField from '../ui/SelectField.vue';

/** Extended citrus by the schools' parameters, and how sour it comes out against fresh juice. */
const emit = defineEmits<{ idea: [idea: OwnIdea | undefined] }>();

const catalogue = useCatalogue();
const words = useWords();

const FRUIT = [
  { id: 'lime-juice', citricToMalic: 2 },
  { id: 'lemon-juice', citricToMalic: 99 },
  { id: 'orange-juice', citricToMalic: 3 },
  { id: 'grapefruit-juice', citricToMalic: 6 },
];
/** Grams of acid to a gram of peel from which on the schools say 1. */
const SCHOOLS_FROM = 0.7;
const fruit = ref('lime-juice');
const citrus = ref<Omit<ExtendedCitrus, 'juice'>>({
  peelG: 29,
  juiceG: 110,
  acidToPeel: 1,
  citricToMalic: 2,
  waterToPeel: 15,
});
const fruits = computed(() => FRUIT.map(({ id }) => ({ value: id, title: catalogue.kindName(id) })));
function pick(id: string): void {
  fruit.value = id;
  citrus.value.citricToMalic = FRUIT.find((f) => f.id === fruit.value)?.citricToMalic ?? 2;
  // Lime and lemon as the schools have it; what is milder takes as much as its own juice holds.
  const { peelG } = citrus.value;
  const asFresh = juice.value ? acidAsFresh({ ...citrus.value, juice: juice.value }) / peelG : 1;
  citrus.value.acidToPeel = asFresh > SCHOOLS_FROM ? 1 : Math.round(asFresh * 100) / 100;
}
const juice = computed(() => catalogue.kinds.get(fruit.value));
const sour = computed(() =>
  juice.value ? extendedCitrus({ ...citrus.value, juice: juice.value }) : undefined,
);
const verdict = computed(() => {
  const s = sour.value;
  if (!s) return '';
  const ratio = s.acidity / s.freshAcidity;
  return ratio > 1.15 ? 'sharper than fresh' : ratio < 0.85 ? 'softer than fresh' : 'as sour as fresh';
});

watchEffect(() => {
  emit(
    'idea',
    juice.value && {
      makes: fruit.value,
      from: extendedCitrusParts({ ...citrus.value, juice: juice.value }),
      how: 'Rub the acids into the peel, leave it 2 to 3 h, blend briefly with water and juice, strain, bottle.',
    },
  );
});
</script>

<template>
  <div class="field-row">
    <SelectField label="Of" :value="fruit" :choices="fruits" @choose="pick" />
    <NumberField
      label="Peel"
      suffix="g"
      :value="citrus.peelG"
      :least="1"
      :most="2000"
      @change="citrus.peelG = $event ?? 29"
    />
    <NumberField
      label="Juice"
      suffix="g"
      :value="citrus.juiceG"
      :least="0"
      :most="5000"
      @change="citrus.juiceG = $event ?? 0"
    />
    <NumberField
      label="Acid to peel"
      suffix="to 1"
      :value="citrus.acidToPeel"
      :least="0.02"
      :most="3"
      @change="citrus.acidToPeel = $event ?? 1"
    />
    <NumberField
      label="Citric to malic"
      suffix="to 1"
      :value="citrus.citricToMalic"
      :least="0.2"
      :most="99"
      @change="citrus.citricToMalic = $event ?? 2"
    />
    <NumberField
      label="Water to peel"
      suffix="to 1"
      :value="citrus.waterToPeel"
      :least="4"
      :most="25"
      @change="citrus.waterToPeel = $event ?? 15"
    />
    <p v-if="sour" class="wide" aria-live="polite">
      <strong>{{ words.percent(sour.acidity) }}</strong> acid against
      {{ words.percent(sour.freshAcidity) }} in fresh juice: {{ verdict }}. Makes
      {{ words.number(sour.massG, 0) }} g.
      <span class="dim"
        >Schools: lime 2 to 1 (most) or about 6 to 1 (less tart), lemon all citric; water 15 to 16.7 times the
        peel.</span
      >
    </p>
  </div>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
