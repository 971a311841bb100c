<script setup lang="ts">
import { ref } from 'vue';
import ComparePlans from './ComparePlans.vue';
import GrowTo from './GrowTo.vue';
import GuestBottles from './GuestBottles.vue';
import HowSteady from './HowSteady.vue';

/** Questions that go beyond the set itself, one at a time. */
const TABS = [
  { value: 'steady', words: 'How steady' },
  { value: 'grow', words: 'I want this drink' },
  { value: 'guests', words: 'Guests bring a bottle' },
  { value: 'compare', words: 'Compare plans' },
] as const;
const shown = ref<(typeof TABS)[number]['value']>('steady');
</script>

<template>
  <section class="card" aria-labelledby="beyond-title">
    <h2 id="beyond-title" class="sr-only">Beyond this set</h2>
    <fieldset class="tabs">
      <legend class="sr-only">What to ask</legend>
      <label v-for="tab in TABS" :key="tab.value" :class="{ on: shown === tab.value }">
        <input v-model="shown" type="radio" name="beyond" :value="tab.value" class="sr-only" />
        {{ tab.words }}
      </label>
    </fieldset>
    <HowSteady v-if="shown === 'steady'" />
    <GrowTo v-else-if="shown === 'grow'" />
    <GuestBottles v-else-if="shown === 'guests'" />
    <ComparePlans v-else />
  </section>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
  border: 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
  padding: 0;
  margin: 0 0 10px;
}

.tabs label {
  display: flex;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
  border-bottom: 3px solid transparent;
}

.tabs .on {
  font-weight: 700;
  border-color: rgb(var(--v-theme-copper));
}

.tabs label:has(:focus-visible) {
  outline: 2px solid rgb(var(--v-theme-sea));
}
</style>
