<script setup lang="ts">
import { ref } from 'vue';

/** A file to bring in; the same one may be chosen again once it was mended. */
defineProps<{ label: string; accept: string }>();
const emit = defineEmits<{ choose: [file: File] }>();
const chosen = ref<File | null>(null);

function take(file: File | File[] | null | undefined): void {
  const one = Array.isArray(file) ? file[0] : file;
  chosen.value = null;
  if (one) emit('choose', one);
}
</script>

<template>
  <v-file-input :model-value="chosen" :label="label" :accept="accept" @update:model-value="take" />
</template>
