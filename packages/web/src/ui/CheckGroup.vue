<script setup lang="ts" generic="T extends string">
import CheckField from './CheckField.vue';

/** Any of a few, each ticked by itself, under one legend. */
defineProps<{
  legend: string;
  choices: readonly { value: T; words: string }[];
  /** What more is read out of each, where its words stand in another group as well. */
  about?: string;
}>();
const chosen = defineModel<T[]>({ required: true });

function tick(value: T, on: boolean): void {
  chosen.value = on ? [...chosen.value, value] : chosen.value.filter((v) => v !== value);
}
</script>

<template>
  <fieldset>
    <legend>{{ legend }}</legend>
    <CheckField
      v-for="choice in choices"
      :key="choice.value"
      :model-value="chosen.includes(choice.value)"
      :label="choice.words"
      :about="about ?? ''"
      @update:model-value="tick(choice.value, $event)"
    />
  </fieldset>
</template>

<style scoped>
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  border: 0;
  padding: 0;
  margin: 0;
}
</style>
