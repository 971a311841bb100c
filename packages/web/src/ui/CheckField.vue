<script setup lang="ts">
/** Yes or no, with its words beside it. */
defineProps<{
  label: string;
  disabled?: boolean;
  /** Whether the words are only read out. */
  hideLabel?: boolean;
  /** What more is read out, where the words alone do not say what they are about. */
  about?: string;
}>();
const on = defineModel<boolean>({ required: true });
</script>

<template>
  <v-checkbox v-model="on" :disabled="disabled ?? false">
    <template #label>
      <span :class="{ 'sr-only': hideLabel }"
        ><slot>{{ label }}</slot></span
      ><span v-if="about" class="sr-only">&nbsp;{{ about }}</span>
    </template>
  </v-checkbox>
</template>
