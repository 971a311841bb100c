<script setup lang="ts">
import { computed, ref } from 'vue';
import { METHODS } from '@uisce/core/catalogue';
import type { ReadLine } from '@uisce/core/notebook';
import { useCatalogue } from '../../household/use-catalogue';
import SelectField from '../../ui/SelectField.vue';
import { METHOD_WORDS } from '../../words/trade-words';
import { count } from '../../words/use-words';
import OwnKindSheet from '../OwnKindSheet.vue';
import { useKindChoices } from '../../ui/use-kind-choices';
import LineFields from './LineFields.vue';
import { useWriting } from './use-writing';

/** The ingredients that were understood, in fields; what is changed there is written into the text. */
const catalogue = useCatalogue();
const { current, said, tell, aside, chosen, recipe, edit, takeOut, add } = useWriting();
const { choices, matches } = useKindChoices();

const methods = METHODS.map((value) => ({ value, title: METHOD_WORDS[value] }));
const glasses = computed(() => catalogue.all.glasses.map((g) => ({ value: g.id, title: g.name })));
const families = computed(() => catalogue.all.families.map((f) => ({ value: f.id, title: f.name })));

/** A line that is not sure keeps its words: they are said to be the kind. One that is sure is written anew. */
function change(i: number, line: ReadLine, part: Parameters<typeof edit>[1]): void {
  if (part.kind !== undefined && isAsked(line)) said.value = { ...said.value, [line.says]: part.kind };
  else edit(i, part);
}
const isAsked = (line: ReadLine) => line.notes.some((n) => n === 'unsure' || n === 'unknown');

const asking = ref(false);
const asked = ref<ReadLine>();
function ownKind(line: ReadLine): void {
  asked.value = line;
  asking.value = true;
}
</script>

<template>
  <template v-if="current">
    <ul class="plain-list" aria-label="Ingredients">
      <li v-for="(line, i) in current.lines" :key="i">
        <p v-if="line.garnish" class="dim">{{ line.text }} · garnish</p>
        <LineFields
          v-else
          :line="line"
          @edit="change(i, line, $event)"
          @out="takeOut(i)"
          @own-kind="ownKind(line)"
        />
      </li>
    </ul>
    <v-autocomplete
      class="add"
      :model-value="null"
      :items="choices"
      :custom-filter="matches"
      density="compact"
      label="Another ingredient"
      @update:model-value="$event && add($event)"
    />
  </template>
  <details v-if="aside.length > 0" open class="aside">
    <summary>{{ count(aside.length, 'line') }} not part of the recipe</summary>
    <ul class="plain-list" aria-label="Not part of the recipe">
      <li v-for="line in aside" :key="line">
        <span class="dim">{{ line }}</span>
        <v-btn :aria-label="`“${line}” is an ingredient`" @click="tell(line, 'measured')"
          >An ingredient</v-btn
        >
      </li>
    </ul>
  </details>
  <div v-if="recipe" class="field-row">
    <SelectField
      label="Made"
      :value="recipe.method"
      :choices="methods"
      @choose="chosen = { ...chosen, method: $event }"
    />
    <SelectField
      label="Glass"
      :value="recipe.glass"
      :choices="glasses"
      @choose="chosen = { ...chosen, glass: $event }"
    />
    <SelectField
      label="Family"
      :value="recipe.family"
      :choices="families"
      @choose="chosen = { ...chosen, family: $event }"
    />
  </div>
  <OwnKindSheet
    v-if="asked"
    v-model="asking"
    :says="asked.says"
    @kept="asked && (said = { ...said, [asked.says]: $event })"
  />
</template>

<style scoped>
.aside {
  margin-bottom: 14px;
}

.aside li {
  margin-top: 6px;
  display: flex;
  gap: 10px;
  justify-content: space-between;
  align-items: center;
}

.add {
  margin: 10px 0;
}
</style>
