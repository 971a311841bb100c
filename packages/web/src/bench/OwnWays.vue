<script setup lang="ts">
import { ref, watch } from 'vue';
import { homeMadeSchema, type HomeMade } from '@uisce/core/catalogue';
import { refusedBecause, scaledBatch } from '@uisce/core/bench';
import { useCatalogue } from '../household/use-catalogue';
import { useBatchWords } from '../words/batch-words';
import ChoiceRow from '../ui/ChoiceRow.vue';
import NumberField from '../ui/NumberField.vue';
import { leadsToWrongInput } from '../ui/wrong-input';
import CautionLine from '../ui/CautionLine.vue';
import CitrusWay from './CitrusWay.vue';
import LiqueurWay from './LiqueurWay.vue';
import OtherWay from './OtherWay.vue';
import type { OwnIdea } from './own-idea';
import { useBatchPlan } from './use-batch-plan';

/** A recipe of one's own: extended citrus by its schools, a liqueur from a syrup, or anything at all. */
type Way = 'citrus' | 'liqueur' | 'own';

const catalogue = useCatalogue();
const { recipeName, partName, grams } = useBatchWords();
const { recipeId } = useBatchPlan();

const way = ref<Way>('citrus');
const WAYS: { value: Way; words: string }[] = [
  { value: 'citrus', words: 'Extended citrus' },
  { value: 'liqueur', words: 'A liqueur' },
  { value: 'own', words: 'Something else' },
];
const called = ref('my way');
const keepsDays = ref(14);
const fault = ref('');
const card = ref<HTMLElement>();

/** What is being thought of. */
const thought = ref<OwnIdea>();
watch(way, () => (thought.value = undefined), { flush: 'pre' });

async function keep(): Promise<void> {
  const idea = thought.value;
  if (!idea || leadsToWrongInput(card.value)) return;
  const recipe = homeMadeSchema.safeParse({
    id: `own-${Date.now().toString(36)}`,
    way: called.value.trim(),
    effort: way.value === 'citrus' ? 3 : 2,
    keepsDays: keepsDays.value,
    ...idea,
  });
  if (!recipe.success) {
    fault.value =
      recipe.error.issues[0]?.path[0] === 'way'
        ? 'Give it a name.'
        : (recipe.error.issues[0]?.message ?? 'Something is missing.');
    return;
  }
  fault.value =
    refusedBecause(scaledBatch(recipe.data, 1, catalogue.all, catalogue.kinds), catalogue.all) ?? '';
  if (fault.value !== '') return;
  await catalogue.keepOwnRecipes(
    [...catalogue.ownRecipes, recipe.data],
    `Own recipe ${recipeName(recipe.data)}`,
  );
  recipeId.value = recipe.data.id;
  document.getElementById('make-title')?.scrollIntoView();
}
const drop = (recipe: HomeMade) =>
  catalogue.keepOwnRecipes(
    catalogue.ownRecipes.filter((r) => r.id !== recipe.id),
    `No more ${recipeName(recipe)}`,
  );
</script>

<template>
  <section ref="card" class="panel" aria-labelledby="own-title">
    <h2 id="own-title">
      Your own way
      <small class="dim"
        >·
        {{
          catalogue.ownRecipes.length === 0
            ? 'kept beside the others'
            : catalogue.ownRecipes.map(recipeName).join('; ')
        }}</small
      >
    </h2>
    <ChoiceRow name="own-way" legend="What is it?" :value="way" :choices="WAYS" @choose="way = $event" />
    <CitrusWay v-if="way === 'citrus'" @idea="thought = $event" />
    <LiqueurWay v-else-if="way === 'liqueur'" @idea="thought = $event" />
    <OtherWay v-else @idea="thought = $event" />
    <ul v-if="thought" class="plain-list parts">
      <li v-for="(p, i) in thought.from" :key="i">{{ grams(p.g) }} {{ partName(p) }}</li>
    </ul>
    <div class="field-row">
      <v-text-field v-model="called" label="Called" maxlength="60" />
      <NumberField
        label="Keeps at most"
        suffix="days"
        :value="keepsDays"
        :least="1"
        :most="400"
        @change="keepsDays = Math.round($event ?? 14)"
      />
      <v-btn color="sea" :disabled="!thought" @click="keep">Save</v-btn>
    </div>
    <p role="alert" class="rust">{{ fault }}</p>
    <ul v-if="catalogue.ownRecipes.length > 0" class="plain-list">
      <li v-for="r in catalogue.ownRecipes" :key="r.id">
        {{ recipeName(r) }}
        <button class="plain-button link dim" type="button" @click="drop(r)">take it off the list</button>
      </li>
    </ul>
    <CautionLine v-if="way === 'citrus'"
      >Acid powders sting eyes and teeth: weigh, never taste neat.</CautionLine
    >
  </section>
</template>

<style scoped>
p {
  margin: 0;
}

.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 8px 0 12px;
  font-weight: 700;
}

.link {
  min-height: 32px;
}
</style>
