<script setup lang="ts">
import { computed, defineAsyncComponent, ref, toRef, watch } from 'vue';
import {
  drinkCost,
  drinkKey,
  drinkProfile,
  drinkWarnings,
  methodSteps,
  READER_MEASURES,
  standardDrink,
  type Recipe,
} from '@uisce/core';
import { useHousehold } from '../../stores/household';
import { usePlans } from '../../stores/plans';
import { useTrade } from '../../stores/trade';
import { ALLERGEN_WORDS, CANON_WORDS, ERA_WORDS, MEASURE_WORDS } from '../../words/trade-words';
import { inSentence, listed, useWords } from '../../words/use-words';
import SpecTable from '../drink/SpecTable.vue';
import { useMustDrinks } from '../drink/use-must-drinks';
import CautionLine from '../plan/CautionLine.vue';
import GlassDrawing from './GlassDrawing.vue';
import StandInList from './StandInList.vue';
import VariantTable from './VariantTable.vue';
import { useLacks } from './use-lacks';

const props = defineProps<{
  recipe: Recipe;
  /** Say the name on the page too, where the sentence above does not. */
  named: boolean;
}>();

const BalanceChart = defineAsyncComponent(() => import('./BalanceChart.vue'));

const MOST_SERVINGS = 24;

const household = useHousehold();
const plans = usePlans();
const trade = useTrade();
const words = useWords();
const must = useMustDrinks();
const { fromOwned, fromPlan } = useLacks(toRef(props, 'recipe'));

const servings = ref(1);
watch(
  () => props.recipe.id,
  () => (servings.value = 1),
);

const profile = computed(() => drinkProfile(props.recipe, trade.kinds));
const glass = computed(() => trade.glasses.get(props.recipe.glass));
const steps = computed(() =>
  glass.value ? methodSteps(props.recipe, trade.kinds, glass.value, (k) => inSentence(k.name)) : [],
);
const warnings = computed(() => drinkWarnings(props.recipe, trade.kinds));
const cost = computed(() => (trade.prices ? drinkCost(props.recipe, trade.prices, trade.kinds) : undefined));
const standard = computed(() => {
  const { g, word } = standardDrink(household.settings.locale);
  const drinks = profile.value.ethanolG / g;
  return `${words.number(drinks)} ${drinks === 1 ? word[0] : word[1]}`;
});
const variants = computed(() =>
  trade.catalogue.recipes.filter((r) => drinkKey(r) === drinkKey(props.recipe)),
);
const otherGlasses = computed(() =>
  listed(props.recipe.otherGlasses.map((id) => inSentence(trade.glasses.get(id)?.name ?? id))),
);
const about = computed(() => {
  const { recipe } = props;
  return [
    trade.families.get(recipe.family)?.name,
    CANON_WORDS[recipe.canon],
    ERA_WORDS[recipe.era],
    trade.sources.get(recipe.source)?.name,
  ].filter(Boolean);
});
const reasons = computed(() => Object.values(props.recipe.because ?? {}).filter(Boolean));

function serve(change: number): void {
  servings.value = Math.min(MOST_SERVINGS, Math.max(1, servings.value + change));
}
const print = () => window.print();
</script>

<template>
  <article class="page" :aria-label="recipe.name">
    <div class="tools no-print">
      <div class="servings" role="group" aria-label="Servings">
        <button
          class="step"
          type="button"
          aria-label="One fewer"
          :disabled="servings === 1"
          @click="serve(-1)"
        >
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
      <v-btn height="44" @click="must.toggle(recipe.id)">
        {{ plans.brief?.mustDrinks.includes(recipe.id) ? 'No longer a must-have' : 'I must have this' }}
      </v-btn>
      <v-btn height="44" @click="print">Print</v-btn>
    </div>

    <h2 class="display title" :class="{ 'print-only': !named }">{{ recipe.name }}</h2>
    <div class="top">
      <div>
        <SpecTable :recipe="recipe" :servings="servings" costs large />
        <p v-if="servings > 1" class="dim">
          {{ words.volume(Math.round(profile.servedMl * servings)) }} in all once diluted; shake or stir at
          most two at a time.
        </p>
        <ol class="steps">
          <li v-for="step in steps" :key="step">{{ step }}</li>
        </ol>
        <p v-for="reason in reasons" :key="reason" class="dim">{{ reason }}</p>
      </div>
      <div>
        <GlassDrawing :recipe="recipe" />
        <p v-if="otherGlasses" class="dim small">As good in a {{ otherGlasses.replace(' and ', ' or ') }}.</p>
      </div>
    </div>

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
        <dd>
          {{ words.volume(Math.round(profile.mixMl)) }}, {{ words.volume(Math.round(profile.servedMl)) }}
        </dd>
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
        <dt>Cost at {{ trade.prices?.name }}</dt>
        <dd>
          {{ words.cost(cost.minor) }}
          <span v-if="cost.unpriced.length > 0" class="dim small">
            without {{ listed(cost.unpriced.map((k) => inSentence(trade.kindName(k)))) }}</span
          >
        </dd>
      </div>
    </dl>

    <div class="warnings">
      <CautionLine v-if="warnings.allergens.length > 0">
        Contains {{ listed(warnings.allergens.map((a) => ALLERGEN_WORDS[a])) }}.
      </CautionLine>
      <CautionLine v-for="caution in warnings.cautions" :key="caution">{{ caution }}</CautionLine>
      <CautionLine v-if="profile.abv > 0.012">
        For adults of drinking age; nobody drives after it, nor drinks it when pregnant.
      </CautionLine>
    </div>

    <section class="lacks no-print" aria-labelledby="lacks-title">
      <h2 id="lacks-title">What it lacks, and what that costs</h2>
      <p v-if="fromOwned">From what you own: {{ fromOwned }}.</p>
      <p v-if="fromPlan">With what your plan buys: {{ fromPlan }}.</p>
      <p v-if="!fromOwned && !fromPlan" class="dim">
        The plan and the prices are in two currencies; choose one of them on the Brief.
      </p>
    </section>

    <VariantTable v-if="variants.length > 1" class="part" :recipe="recipe" :variants="variants" />
    <div class="two no-print">
      <BalanceChart :recipe="recipe" />
      <StandInList :recipe="recipe" />
    </div>
    <p class="dim small about">{{ about.join(' · ') }}</p>
  </article>
</template>

<style scoped>
.page {
  padding: 18px 22px;
  background: rgb(var(--v-theme-card));
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

h2:not(.title),
.page :deep(h2:not(.title)) {
  font-family: var(--text);
  font-size: 1rem;
  font-weight: 700;
  margin: 0 0 6px;
}

.page :deep(h2 small) {
  font-size: 0.9375rem;
  font-weight: 400;
}

.title {
  margin: 0 0 8px;
  font-size: 1.5rem;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-bottom: 14px;
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

.top {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 20px;
}

.steps {
  margin: 14px 0 0;
  padding-inline-start: 24px;
  font-size: 1.0625rem;
}

.steps li {
  padding: 2px 0;
}

.steps li::marker {
  font-family: var(--display);
  color: rgb(var(--v-theme-copper));
}

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

.warnings {
  margin-top: 10px;
}

.lacks,
.part,
.two,
.about {
  margin-top: 20px;
}

.lacks p {
  margin: 2px 0;
}

.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 26px;
  align-items: start;
}

@media (max-width: 1080px) {
  .top,
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media (max-width: 600px) {
  .page {
    padding: 14px 12px;
  }
}

@media print {
  .page {
    border: 0;
    padding: 0;
  }

  .top {
    grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  }
}
</style>
