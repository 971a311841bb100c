<script setup lang="ts">
import { computed } from 'vue';
import type { Ounce } from '@uisce/core/notebook';
import FileField from '../../ui/FileField.vue';
import SelectField from '../../ui/SelectField.vue';
import FoundDrinks from './FoundDrinks.vue';
import FoundNotebook from './FoundNotebook.vue';
import { useImport } from './use-import';

/** A file comes in: it is read beside the page, shown for what it is, and kept as far as it is wanted. */
const bringing = useImport();
const { name, progress, found, ounce, done } = bringing;
const isBusy = computed(() => progress.value !== undefined);
const OUNCES: { value: Ounce; title: string }[] = [
  { value: 'us-oz', title: 'US, 29.6 ml' },
  { value: 'bar-oz', title: 'bar, 30 ml' },
  { value: 'imperial-oz', title: 'imperial, 28.4 ml' },
];
</script>

<template>
  <section class="panel" aria-labelledby="in-title">
    <h2 id="in-title">In: recipes from a file</h2>
    <FileField
      label="Text, a page, JSON-LD, a table, or a notebook"
      accept=".txt,.md,.html,.htm,.json,.jsonld,.csv,.tsv,text/*"
      @choose="bringing.open($event)"
    />
    <p v-if="done" role="status">{{ done }}</p>
    <div v-if="isBusy" class="busy">
      <p role="status">{{ name }}: {{ Math.round((progress ?? 0) * 100) }} %</p>
      <div class="share-bar"><span :style="{ width: `${(progress ?? 0) * 100}%` }" /></div>
      <v-btn @click="bringing.stop()">Stop</v-btn>
    </div>
    <p v-if="found?.is === 'nothing'" class="rust" role="alert">{{ name }}: {{ found.why }}</p>
    <template v-else-if="found">
      <SelectField
        v-if="found.is === 'drinks' && found.hasOunces"
        class="ounce"
        label="Which ounce does it mean?"
        :value="ounce"
        :choices="OUNCES"
        @choose="bringing.meanOunce($event)"
      />
      <FoundDrinks v-if="found.is === 'drinks'" :bringing="bringing" />
      <FoundNotebook v-else :bringing="bringing" />
    </template>
    <p v-else-if="!isBusy" class="dim">
      Recipes in any order and measure, one or thousands; English, German, French, Spanish or Italian.
    </p>
  </section>
</template>

<style scoped>
.busy {
  display: grid;
  gap: 8px;
  justify-items: start;
}

.busy .share-bar {
  width: 100%;
}

.ounce {
  margin-top: 10px;
}
</style>
