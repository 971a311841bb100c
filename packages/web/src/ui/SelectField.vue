<script setup lang="ts" generic="T extends string | number | null">
/** One of a few: a field that opens a list. */
defineProps<{
  label: string;
  value: T;
  choices: readonly { value: T; title: string }[];
  /** In a table: its label is only read out. */
  bare?: boolean;
}>();
const emit = defineEmits<{ choose: [value: T] }>();
</script>

<template>
  <v-select
    :label="bare ? undefined : label"
    :aria-label="bare ? label : undefined"
    :density="bare ? 'compact' : 'comfortable'"
    :model-value="value"
    :items="choices as { value: T; title: string }[]"
    @update:model-value="emit('choose', $event as T)"
  />
</template>
