<script setup lang="ts">
/** A day. */
defineProps<{ label: string; value: string | null; hideLabel?: boolean }>();
const emit = defineEmits<{ change: [value: string | null] }>();
</script>

<template>
  <v-text-field
    type="date"
    :label="hideLabel ? '' : label"
    :aria-label="hideLabel ? label : undefined"
    :model-value="value ?? ''"
    @change="emit('change', ($event.target as HTMLInputElement).value || null)"
  />
</template>
