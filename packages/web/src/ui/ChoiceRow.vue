<script setup lang="ts" generic="T extends string">
defineProps<{
  name: string;
  legend: string;
  hideLegend?: boolean;
  value: T;
  choices: readonly { value: T; words: string; note?: string }[];
}>();
const emit = defineEmits<{ choose: [value: T] }>();
</script>

<template>
  <fieldset>
    <legend :class="{ 'sr-only': hideLegend }">{{ legend }}</legend>
    <label
      v-for="choice in choices"
      :key="choice.value"
      class="choice"
      :class="{ on: choice.value === value }"
    >
      <input
        type="radio"
        :name="name"
        :value="choice.value"
        :checked="choice.value === value"
        @change="emit('choose', choice.value)"
      />
      <span
        >{{ choice.words }}<small v-if="choice.note" class="dim">{{ choice.note }}</small></span
      >
    </label>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0 0 14px;
  padding: 0;
  border: 0;
}

legend {
  margin-bottom: 6px;
  font-weight: 700;
}

label {
  flex: 1 1 96px;
  gap: 10px;
}

small {
  display: block;
  font-size: 0.875rem;
}
</style>
