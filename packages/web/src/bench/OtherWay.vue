<script setup lang="ts">
import { inSentence } from '@uisce/core/base';
import { computed, ref, watchEffect } from 'vue';
import type { HomeMadePart } from '@uisce/core/catalogue';
import { useCatalogue } from '../household/use-catalogue';
import NumberField from '../ui/NumberField.vue';
import { PLAIN_PART, useMakeable, type OwnIdea } from './own-idea';

/** Anything at all, from any parts. */
const emit = defineEmits<{ idea: [idea: OwnIdea | undefined] }>();

const catalogue = useCatalogue();
const makeable = useMakeable();
const makes = ref('simple-syrup');
const things = computed(() => [
  ...catalogue.all.pantry.map((p) => ({ value: `pantry ${p.id}`, title: p.name })),
  ...catalogue.all.kinds
    .filter((k) => !k.abstract)
    .map((k) => ({ value: `kind ${k.id}`, title: inSentence(k) })),
]);
const rows = ref([
  { thing: 'pantry white-sugar', g: 200 },
  { thing: 'pantry water', g: 200 },
]);
const partOf = ({ thing, g }: { thing: string; g: number }): HomeMadePart => {
  const [from, id = ''] = thing.split(' ');
  return { ...PLAIN_PART, ...(from === 'kind' ? { kind: id } : { pantry: id }), g };
};

watchEffect(() => {
  emit('idea', {
    makes: makes.value,
    from: rows.value.map(partOf),
    how: 'Stir together until clear, and bottle clean.',
  });
});
</script>

<template>
  <div class="rows">
    <v-select v-model="makes" :items="makeable" label="It serves as" />
    <div v-for="(row, i) in rows" :key="i" class="row">
      <v-autocomplete v-model="row.thing" :items="things" :label="`Part ${i + 1}`" />
      <NumberField
        label="Grams"
        suffix="g"
        :value="row.g"
        :least="0.1"
        :most="5000"
        @change="row.g = $event ?? 1"
      />
    </div>
    <div class="buttons">
      <v-btn @click="rows.push({ thing: 'pantry citric-acid', g: 5 })">Another part</v-btn>
      <v-btn :disabled="rows.length <= 1" @click="rows.pop()">One fewer</v-btn>
    </div>
  </div>
</template>

<style scoped>
.rows,
.row {
  display: grid;
  gap: 12px;
}

.row {
  grid-template-columns: 2fr 1fr;
}

.buttons {
  display: flex;
  gap: 10px;
}
</style>
