<script setup lang="ts">
import { countDrinks } from '@uisce/core/plan';
import { computed, ref } from 'vue';
import { useCatalogue } from '../household/use-catalogue';
import { count } from '../words/use-words';
import { useItemWords } from '../words/use-item-words';

/** A number of drinks that opens to their names. */
const props = defineProps<{ ids: readonly string[] }>();
const catalogue = useCatalogue();
const { drinkName } = useItemWords();
const shown = ref(false);
const number = computed(() => countDrinks(props.ids, catalogue.recipes));
const names = computed(() => props.ids.map(drinkName).sort((a, b) => a.localeCompare(b)));
</script>

<template>
  <span class="names">
    <button
      v-if="ids.length > 0"
      class="plain-button link"
      type="button"
      :aria-expanded="shown"
      @click.stop="shown = !shown"
    >
      {{ count(number, 'drink') }}</button><template v-else>no drinks</template>
    <span v-if="shown" class="dim list"> ({{ names.join(' · ') }})</span>
  </span>
</template>

<style scoped>
.link {
  display: inline;
  min-height: 24px;
  font: inherit;
  color: inherit;
  text-decoration: underline dotted;
}

.list {
  font-size: 0.875rem;
}
</style>
