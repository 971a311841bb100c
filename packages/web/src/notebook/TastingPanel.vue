<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { RouterLink } from 'vue-router';
import type { Recipe } from '@uisce/core/catalogue';
import { bestOfFamilies } from '@uisce/core/notebook';
import { useLog } from '../household/use-log';
import { useNotebook } from '../household/use-notebook';
import { useCatalogue } from '../household/use-catalogue';
import { useVerdicts } from '../household/use-verdicts';
import SelectField from '../ui/SelectField.vue';
import VerdictTaps from '../ui/drink/VerdictTaps.vue';
import { useWords } from '../words/use-words';

/** How a drink was liked, here and in the log; and what is thought of it now. */
const props = defineProps<{ recipe: Recipe }>();
const log = useLog();
const notebook = useNotebook();
const catalogue = useCatalogue();
const verdicts = useVerdicts();
const words = useWords();

const blank = () => ({ verdict: null as number | null, note: '', by: '' });
const draft = ref(blank());
watch(
  () => props.recipe.id,
  () => (draft.value = blank()),
);
const people = computed(() => [
  { value: '', title: 'nobody by name' },
  ...log.people.map((p) => ({ value: p.name, title: p.name })),
]);
const own = computed(() => notebook.ownOf(props.recipe.id));
const liked = computed(() => verdicts.likedOf(props.recipe.id));
const notes = computed(() =>
  verdicts.notesOn(props.recipe.id).map((t) => {
    const version = own.value?.versions.findIndex((v) => v.at === t.version) ?? -1;
    return {
      tasting: t,
      note: t.note,
      verdict: t.verdict === null ? '' : `${t.verdict} of 5`,
      about: [t.by, words.dayAt(t.at), version >= 0 ? `version ${version + 1}` : '']
        .filter(Boolean)
        .join(', '),
    };
  }),
);
const best = computed(() => {
  const found = bestOfFamilies(verdicts.verdicts, (id) => catalogue.recipes.get(id)?.family).get(
    props.recipe.family,
  );
  const drink = found && catalogue.recipes.get(found.drink);
  return found && drink ? { id: drink.id, name: drink.name, mean: words.number(found.mean) } : undefined;
});
const family = computed(() => catalogue.familyInSentence(props.recipe.family));
const isSaid = computed(() => draft.value.verdict !== null || draft.value.note.trim() !== '');
function keep(): void {
  const version = own.value?.versions[own.value.current]?.at ?? null;
  const { verdict, by, note } = draft.value;
  verdicts.taste({ drink: props.recipe.id, version, by, verdict, note: note.trim() }, props.recipe.name);
  draft.value = blank();
}
</script>

<template>
  <section class="no-print" aria-labelledby="tasting-title">
    <h2 id="tasting-title">
      How it was liked
      <small v-if="liked" class="dim"
        >· {{ words.number(liked.mean) }} of 5,
        {{ liked.times === 1 ? 'once' : `${liked.times} times` }}</small
      >
    </h2>
    <p v-if="best" class="dim">
      <template v-if="best.id === recipe.id">Best liked of the {{ family }}.</template>
      <template v-else
        >Best liked of the {{ family }}:
        <RouterLink :to="`/notebook/${best.id}`">{{ best.name }}</RouterLink>, {{ best.mean }} of 5.</template
      >
    </p>
    <ul class="plain-list">
      <li v-for="n in notes" :key="n.tasting.id">
        <span
          ><strong v-if="n.verdict">{{ n.verdict }}</strong
          ><template v-if="n.note"> “{{ n.note }}”</template> <span class="dim">{{ n.about }}</span></span
        >
        <button
          type="button"
          class="plain-button link"
          :aria-label="`Delete what was thought: ${n.about}`"
          @click="verdicts.forget(n.tasting)"
        >
          Delete
        </button>
      </li>
    </ul>
    <form class="stack" @submit.prevent="keep">
      <VerdictTaps v-model="draft.verdict" :label="`How do you like ${recipe.name}?`" />
      <div class="field-row">
        <v-text-field v-model="draft.note" label="What it tastes of" maxlength="2000" />
        <SelectField
          v-if="log.people.length > 0"
          label="Who says so"
          :value="draft.by"
          :choices="people"
          @choose="draft = { ...draft, by: $event }"
        />
        <v-btn type="submit" :disabled="!isSaid">Write it down</v-btn>
      </div>
    </form>
  </section>
</template>

<style scoped>
li {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  align-items: center;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.link {
  flex: none;
}

p {
  margin: 0 0 4px;
}

a {
  color: inherit;
}

form {
  margin-top: 10px;
}
</style>
