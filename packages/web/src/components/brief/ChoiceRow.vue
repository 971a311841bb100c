<script setup lang="ts" generic="T extends string">
defineProps<{
  name: string;
  legend: string;
  value: T;
  choices: readonly { value: T; words: string; note?: string }[];
}>();
const emit = defineEmits<{ choose: [value: T] }>();
</script>

<template>
  <fieldset>
    <legend>{{ legend }}</legend>
    <label v-for="choice in choices" :key="choice.value" :class="{ on: choice.value === value }">
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
  padding: 0;
  margin-bottom: 6px;
  font-weight: 700;
}

label {
  display: flex;
  flex: 1 1 96px;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  padding: 6px 10px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
  cursor: pointer;
}

label.on {
  border-color: rgb(var(--v-theme-sea));
  box-shadow: inset 0 0 0 1px rgb(var(--v-theme-sea));
}

input {
  flex: none;
  width: 18px;
  height: 18px;
  accent-color: rgb(var(--v-theme-sea));
}

small {
  display: block;
  font-size: 0.875rem;
}
</style>
