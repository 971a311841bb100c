<script setup lang="ts">
import { computed } from 'vue';
import { READER_MEASURES } from '@uisce/core/base';
import type { Recipe } from '@uisce/core/catalogue';
import { useSettings } from '../household/use-settings';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { MEASURE_WORDS } from '../words/trade-words';
import { useMustDrinks } from '../ui/drink/use-must-drinks';
import CheckField from '../ui/CheckField.vue';
import TabRow from '../ui/TabRow.vue';
import { saveFile } from '../ui/save-file';
import { drinkPdf } from './paper/booklet-pdf';
import { usePrintedDrink } from './paper/use-printed-drink';

const MAX_SERVINGS = 24;

const props = defineProps<{ recipe: Recipe }>();
const servings = defineModel<number>('servings', { required: true });

const settings = useSettings();
const kits = useKit();
const plans = usePlans();
const must = useMustDrinks();
const printed = usePrintedDrink();

const MEASURES = READER_MEASURES.map((m) => ({ value: m, words: MEASURE_WORDS[m].short }));
const measure = computed({
  get: () => settings.current.measure,
  set: (m) => settings.change({ measure: m }),
});

function serve(change: number): void {
  servings.value = Math.min(MAX_SERVINGS, Math.max(1, servings.value + change));
}
const print = () => window.print();
async function pdf(): Promise<void> {
  saveFile(`${props.recipe.id}.pdf`, 'application/pdf', await drinkPdf(printed(props.recipe)));
}
</script>

<template>
  <div class="tools">
    <div class="servings" role="group" aria-label="Servings">
      <button class="step" type="button" aria-label="One fewer" :disabled="servings === 1" @click="serve(-1)">
        −
      </button>
      <output aria-live="polite">{{ servings }} {{ servings === 1 ? 'serving' : 'servings' }}</output>
      <button class="step" type="button" aria-label="One more" @click="serve(1)">+</button>
    </div>
    <TabRow v-model="measure" boxed name="page-measure" legend="Read it in" :choices="MEASURES" />
    <CheckField
      v-if="kits.kit.vessels.length > 0"
      :model-value="kits.kit.ownMeasures"
      label="In my measures"
      @update:model-value="kits.edit('Own measures', { ownMeasures: $event })"
    />
    <v-btn height="44" @click="must.toggle(recipe.id)">
      {{ plans.brief?.mustDrinks.includes(recipe.id) ? 'No longer a must-have' : 'I must have this' }}
    </v-btn>
    <v-btn height="44" :to="{ path: '/pour', query: { add: recipe.id } }">Pour it</v-btn>
    <v-btn height="44" @click="print">Print</v-btn>
    <v-btn height="44" aria-label="A sheet of it as a PDF" @click="pdf">PDF</v-btn>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-bottom: 14px;
}

.servings {
  display: flex;
  align-items: center;
  margin: 0;
  padding: 0;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

.servings output {
  min-width: 84px;
  text-align: center;
}

.step {
  width: 44px;
  height: 44px;
  font: inherit;
  font-size: 1.375rem;
  color: inherit;
  background: none;
  border: 0;
  cursor: pointer;
}

.step:disabled {
  color: rgb(var(--v-theme-dim));
  cursor: default;
}
</style>
