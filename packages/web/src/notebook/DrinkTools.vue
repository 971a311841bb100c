<script setup lang="ts">
import { READER_MEASURES } from '@uisce/core/base';
import type { Recipe } from '@uisce/core/catalogue';
import { useSettings } from '../household/use-settings';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { MEASURE_WORDS } from '../words/trade-words';
import { useMustDrinks } from '../ui/drink/use-must-drinks';

const MOST_SERVINGS = 24;

defineProps<{ recipe: Recipe }>();
const servings = defineModel<number>('servings', { required: true });

const household = useSettings();
const kits = useKit();
const plans = usePlans();
const must = useMustDrinks();

function serve(change: number): void {
  servings.value = Math.min(MOST_SERVINGS, Math.max(1, servings.value + change));
}
const print = () => window.print();
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
    <fieldset class="measures">
      <legend class="sr-only">Read it in</legend>
      <label v-for="m in READER_MEASURES" :key="m" :class="{ on: household.settings.measure === m }">
        <input
          type="radio"
          name="page-measure"
          class="sr-only"
          :value="m"
          :checked="household.settings.measure === m"
          @change="household.change({ measure: m })"
        />
        {{ MEASURE_WORDS[m].short }}
      </label>
    </fieldset>
    <label v-if="kits.kit.vessels.length > 0" class="own">
      <input
        type="checkbox"
        :checked="kits.kit.ownMeasures"
        @change="kits.edit('Own measures', { ownMeasures: ($event.target as HTMLInputElement).checked })"
      />
      In my measures
    </label>
    <v-btn height="44" @click="must.toggle(recipe.id)">
      {{ plans.brief?.mustDrinks.includes(recipe.id) ? 'No longer a must-have' : 'I must have this' }}
    </v-btn>
    <v-btn height="44" @click="print">Print</v-btn>
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

.own {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}

.own input {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-sea));
}

.servings,
.measures {
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

.measures label {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 11px;
  cursor: pointer;
}

.measures .on {
  font-weight: 700;
  box-shadow: inset 0 -3px 0 rgb(var(--v-theme-copper));
}

.measures label:focus-within {
  outline: 3px solid rgb(var(--v-theme-gorse));
}
</style>
