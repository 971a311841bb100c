<script setup lang="ts">
import { computed, ref } from 'vue';
import { OWN_TAG, standingOf, type CollectionStanding } from './collection-needs';
import CollectionSheet from './CollectionSheet.vue';
import { useNotebook } from '../household/use-notebook';
import { usePlans } from '../household/use-plans';
import { count } from '../words/use-words';
import { useCollectionNeeds } from './use-collection-needs';
import { useIndex } from './use-index';
import { useAtHand } from '../ui/drink/use-at-hand';

/** The collection that the index is narrowed to: what of it the plan makes, what it needs, and all of it wanted in one tap. */
const atHand = useAtHand();
const notebook = useNotebook();
const plans = usePlans();
const { wanted } = useIndex();

const chosen = computed(() =>
  wanted.collection.startsWith(OWN_TAG)
    ? undefined
    : notebook.collections.find((c) => c.id === wanted.collection),
);
const { fromOwned, fromPlan } = useCollectionNeeds(chosen);
const stands = computed<CollectionStanding | undefined>(() =>
  chosen.value
    ? standingOf(chosen.value.drinks, atHand.open.value, plans.brief?.mustDrinks ?? [])
    : undefined,
);
const editing = ref(false);
function want(): void {
  const brief = plans.brief;
  if (!chosen.value || !brief || !stands.value) return;
  const mustDrinks = [...brief.mustDrinks, ...stands.value.notWanted];
  plans.edit(`Must have all of ${chosen.value.name}`.slice(0, 120), { brief: { mustDrinks } });
}
function dissolve(): void {
  if (chosen.value) notebook.dissolve(chosen.value);
  wanted.collection = '';
}
</script>

<template>
  <div v-if="chosen && stands" class="collection">
    <p>
      <strong>{{ chosen.name }}</strong>: {{ count(chosen.drinks.length, 'drink') }}, your plan makes
      {{ stands.open }}<template v-if="chosen.note"> · {{ chosen.note }}</template
      ><template v-if="chosen.book"> · from {{ chosen.book }}</template>
    </p>
    <p v-if="fromOwned">To pour them all from what you own: {{ fromOwned }}.</p>
    <p v-if="fromPlan">Beyond what your plan buys: {{ fromPlan }}.</p>
    <div class="buttons">
      <v-btn :disabled="stands.notWanted.length === 0" @click="want">{{
        stands.notWanted.length === 0 ? 'The plan has to make them all' : 'The plan must make them all'
      }}</v-btn>
      <button class="plain-button link" type="button" @click="editing = true">Change it</button>
      <button class="plain-button link" type="button" @click="dissolve">Dissolve it</button>
    </div>
    <CollectionSheet v-model="editing" :collection="chosen" />
  </div>
</template>

<style scoped>
.collection {
  max-height: 42vh;
  overflow-y: auto;
}

.collection p {
  margin: 0 0 6px;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
}
</style>
