<script setup lang="ts">
import { useItemWords } from '../words/use-item-words';
import { useWords } from '../words/use-words';
import DrinkNames from '../ui/DrinkNames.vue';
import { useGrowth } from './use-growth';

/** The cheapest way from this set to wanted drinks, and what else it adds. */
const words = useWords();
const { itemsInSentence } = useItemWords();
const { wanted, growth, failure, besides, drinks } = useGrowth();
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
