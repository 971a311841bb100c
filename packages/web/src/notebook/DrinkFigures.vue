<script setup lang="ts">
import { computed } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { standardDrink } from '@uisce/core/drink';
import { useSettings } from '../household/use-settings';
import { useCatalogue } from '../household/use-catalogue';
import { useHouseSyrup } from '../words/house-syrup';
import { useGlassCost } from '../ui/drink/use-glass-cost';
import { listed, useWords } from '../words/use-words';

const props = defineProps<{ recipe: Recipe }>();

const settings = useSettings();
const catalogue = useCatalogue();
const house = useHouseSyrup();
const words = useWords();

const profile = computed(() => house.figuresOf(props.recipe));
const glassCost = useGlassCost();
const cost = computed(() => glassCost.costOf(props.recipe));
const standard = computed(() => {
  const { g, word } = standardDrink(settings.current.locale);
  const drinks = profile.value.ethanolG / g;
  return `${words.number(drinks)} ${drinks === 1 ? word[0] : word[1]}`;
});
</script>

<template>
  <dl class="figures">
    <div>
      <dt>Strength</dt>
      <dd>{{ words.percent(profile.abv) }} vol</dd>
    </div>
    <div>
      <dt>Alcohol</dt>
      <dd>{{ standard }}</dd>
    </div>
    <div>
      <dt>Poured, then served</dt>
      <dd>{{ words.volume(Math.round(profile.mixMl)) }}, {{ words.volume(Math.round(profile.servedMl)) }}</dd>
    </div>
    <div>
      <dt>Sugar, acid</dt>
      <dd>{{ words.number(profile.sugarG) }} g, {{ words.number(profile.acidG) }} g</dd>
    </div>
    <div>
      <dt>Energy</dt>
      <dd>{{ words.number(profile.kcal, 0) }} kcal</dd>
    </div>
    <div v-if="cost">
      <dt>Cost</dt>
      <dd>
        {{ words.price(cost.minor) }}
        <span class="dim small">{{ glassCost.sayWhose(cost) }}</span>
        <span v-if="cost.unpriced.length > 0" class="dim small">
          without {{ listed(cost.unpriced.map((k) => catalogue.kindInSentence(k))) }}</span
        >
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 10px 18px;
  margin: 18px 0 0;
  padding-top: 14px;
  border-top: 1px solid rgb(var(--v-theme-line));
}

dt {
  font-size: 0.875rem;
  color: rgb(var(--v-theme-dim));
}

dd {
  margin: 0;
  font-size: 1.0625rem;
  font-weight: 700;
}

.small {
  font-size: 0.9375rem;
  font-weight: 400;
}
</style>
