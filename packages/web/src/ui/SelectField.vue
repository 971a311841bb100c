<script setup lang="ts" generic="T extends string | number | null">
/** One of a few: a field that opens a list. */
defineProps<{
  label: string;
  value: T;
  choices: readonly { value: T; title: string }[];
}>();
const emit = defineEmits<{ choose: [value: T] }>();
</script>

<template>
  <v-select
    :label="label"
    :model-value="value"
    :items="choices as { value: T; title: string }[]"
    @update:model-value="emit('choose', $event as T)"
  />
</template>
