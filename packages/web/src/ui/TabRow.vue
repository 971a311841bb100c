<script setup lang="ts" generic="T extends string">
/** A few readings of one thing side by side, one of them shown: arrows move between them. */
defineProps<{
  name: string;
  legend: string;
  choices: readonly { value: T; words: string; note?: string | number; tone?: 'good' | 'bad' }[];
  /** Whether what it is about is written beside it. */
  showLegend?: boolean;
  /** Drawn as one box, where it stands beside other controls. */
  boxed?: boolean;
}>();
const value = defineModel<T>({ required: true });
</script>

<template>
  <fieldset class="tabs" :class="{ boxed }">
    <legend :class="{ 'sr-only': !showLegend }">{{ legend }}</legend>
    <label v-for="tab in choices" :key="tab.value" :class="[tab.tone, { on: value === tab.value }]">
      <input v-model="value" type="radio" :name="name" :value="tab.value" class="sr-only" />
      {{ tab.words }} <span v-if="tab.note !== undefined" class="dim">{{ tab.note }}</span>
    </label>
  </fieldset>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
  margin: 0 0 10px;
  padding: 0;
  border: 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

label {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
  cursor: pointer;
  border-bottom: 3px solid transparent;
}

.on {
  font-weight: 700;
  border-color: rgb(var(--v-theme-copper));
}

label:has(:focus-visible) {
  outline: 3px solid rgb(var(--v-theme-gorse));
  outline-offset: 1px;
}

.boxed {
  flex-wrap: nowrap;
  gap: 0;
  margin: 0;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
}

.boxed label {
  padding: 0 11px;
}
</style>
