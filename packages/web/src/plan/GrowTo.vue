<script setup lang="ts">
import { computed, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useCatalogue } from '../household/use-catalogue';
import { useItemWords } from '../words/use-item-words';
import { useWords } from '../words/use-words';
import DrinkNames from '../ui/DrinkNames.vue';

/** The cheapest way from this set to wanted drinks, and what else it adds. */
const answers = useAnswer();
const catalogue = useCatalogue();
const words = useWords();
const { itemsInSentence } = useItemWords();

const wanted = ref<string[]>([]);
const { found: growth, failure } = useQuestion('grow', () => {
  const { result, proven } = answers;
  const drinks = [...wanted.value];
  return proven && result && drinks.length > 0 && { of: { answer: result.answer, drinks } };
});
const besides = computed(() => growth.value?.change?.added.filter((d) => !wanted.value.includes(d)) ?? []);
const drinks = computed(() => {
  const open = new Set(answers.made.map((d) => d.id));
  const counted = new Set(answers.result?.explanation.notMade.map((d) => d.id));
  return catalogue.all.recipes
    .filter((r) => counted.has(r.id) && !open.has(r.id))
    .map((r) => ({ value: r.id, title: r.name }))
    .sort((a, b) => a.title.localeCompare(b.title));
});
</script>

<template>
  <div>
    <v-autocomplete v-model="wanted" :items="drinks" label="Drinks I want" multiple chips closable-chips />
    <p aria-live="polite">
      <template v-if="wanted.length === 0"
        >Choose one or more drinks that are not in reach; the cheapest way to all of them is worked
        out.</template
      >
      <template v-else-if="!growth">{{ failure || 'Working it out.' }}</template>
      <template v-else-if="!growth.change"
        >Nothing you allow and nothing on sale makes all of these.</template
      >
      <template v-else>
        <strong>{{ words.price(growth.cost) }} more</strong>, for {{ itemsInSentence(growth.change.joined) }}.
        <template v-if="besides.length > 0">It also adds <DrinkNames :ids="besides" />.</template>
        <template v-else>It adds nothing else.</template>
        <span class="dim"> Proven cheapest; your limits are left aside.</span>
      </template>
    </p>
  </div>
</template>
