<script setup lang="ts">
import { inSentence } from '@uisce/core/base';
import { computed, defineAsyncComponent, ref, toRef, watch } from 'vue';
import { drinkKey, type Recipe } from '@uisce/core/catalogue';
import { sayMethod } from '@uisce/core/drink';
import { useCatalogue } from '../household/use-catalogue';
import { CANON_WORDS, ERA_WORDS, REGION_WORDS } from '../words/trade-words';
import { useHouseSyrup } from '../words/house-syrup';
import { listed, useWords } from '../words/use-words';
import { useWarnings } from '../ui/drink/use-warnings';
import SpecTable from '../ui/drink/SpecTable.vue';
import CautionLine from '../ui/CautionLine.vue';
import TabRow from '../ui/TabRow.vue';
import TradeWords from '../ui/TradeWords.vue';
import DrinkFigures from './DrinkFigures.vue';
import DrinkTools from './DrinkTools.vue';
import GlassDrawing from '../ui/drink/GlassDrawing.vue';
import HomeMadeList from './HomeMadeList.vue';
import StandInList from './StandInList.vue';
import VariantTable from './VariantTable.vue';
import TastingPanel from './TastingPanel.vue';
import VersionsPanel from './VersionsPanel.vue';
import { useLacks } from './use-lacks';

const props = defineProps<{
  recipe: Recipe;
  /** Say the name on the page too, where the sentence above does not. */
  named: boolean;
  /** Whether the house makes it otherwise than it is printed. */
  isHouseSpec?: boolean;
}>();

/** A house spec: which of the two is read. */
const asPrinted = defineModel<boolean>('asPrinted', { default: false });
const SPECS = [
  { value: 'house' as const, words: 'The house’s spec' },
  { value: 'printed' as const, words: 'As printed' },
];

const BalanceChart = defineAsyncComponent(() => import('./BalanceChart.vue'));

const catalogue = useCatalogue();
const house = useHouseSyrup();
const words = useWords();
const { fromOwned, fromPlan } = useLacks(toRef(props, 'recipe'));

const servings = ref(1);
watch(
  () => props.recipe.id,
  () => (servings.value = 1),
);

const profile = computed(() => house.figuresOf(props.recipe));
const glass = computed(() => catalogue.glasses.get(props.recipe.glass));
const steps = computed(() =>
  glass.value ? sayMethod(props.recipe, catalogue.kinds, inSentence(glass.value), (k) => inSentence(k)) : [],
);
const warnings = useWarnings(toRef(props, 'recipe'));
const variants = computed(() => catalogue.all.recipes.filter((r) => drinkKey(r) === drinkKey(props.recipe)));
const otherGlasses = computed(() =>
  listed(props.recipe.otherGlasses.map((id) => catalogue.glassInSentence(id))),
);
const about = computed(() => {
  const { recipe } = props;
  return [
    catalogue.families.get(recipe.family)?.name,
    CANON_WORDS[recipe.canon],
    ERA_WORDS[recipe.era],
    recipe.region && REGION_WORDS[recipe.region],
    catalogue.sources.get(recipe.source)?.name,
  ].filter(Boolean);
});
const reasons = computed(() => Object.values(props.recipe.because ?? {}).filter(Boolean));
</script>

<template>
  <article class="page" :aria-label="recipe.name">
    <TabRow
      v-if="isHouseSpec"
      :model-value="asPrinted ? 'printed' : 'house'"
      class="no-print"
      name="spec"
      legend="Which spec"
      :choices="SPECS"
      @update:model-value="asPrinted = $event === 'printed'"
    />
    <DrinkTools v-model:servings="servings" class="no-print" :recipe="recipe" />

    <h2 class="display title" :class="{ 'print-only': !named }">{{ recipe.name }}</h2>
    <p class="print-only">For {{ servings }} {{ servings === 1 ? 'serving' : 'servings' }}</p>
    <div class="top">
      <div>
        <SpecTable :recipe="recipe" :servings="servings" costs large />
        <p v-if="servings > 1" class="dim">
          {{ words.volume(Math.round(profile.servedMl * servings)) }} in all once diluted; shake or stir at
          most two at a time.
        </p>
        <ol class="steps">
          <li v-for="step in steps" :key="step"><TradeWords :text="step" /></li>
        </ol>
        <p v-for="reason in reasons" :key="reason" class="dim">{{ reason }}</p>
      </div>
      <div>
        <GlassDrawing :recipe="recipe" />
        <p v-if="otherGlasses" class="dim small">As good in a {{ otherGlasses.replace(' and ', ' or ') }}.</p>
      </div>
    </div>

    <DrinkFigures :recipe="recipe" />

    <div class="warnings">
      <CautionLine v-for="caution in warnings" :key="caution">{{ caution }}</CautionLine>
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

    <TastingPanel class="part" :recipe="recipe" />
    <VersionsPanel class="part" :recipe="recipe" />
    <VariantTable v-if="variants.length > 1" class="part" :recipe="recipe" :variants="variants" />
    <HomeMadeList class="part" :recipe="recipe" />
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
  background: rgb(var(--v-theme-panel));
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
    background: none;
  }

  .top {
    grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  }
}
</style>
