<script setup lang="ts">
/** A day. */
defineProps<{ label: string; value: string | null }>();
const emit = defineEmits<{ change: [value: string | null] }>();
</script>

<template>
  <v-text-field
    type="date"
    :label="label"
    :model-value="value ?? ''"
    @change="emit('change', ($event.target as HTMLInputElement).value || null)"
  />
</template>
