<script setup lang="ts">
import { nextTick, ref } from 'vue';

/** A file to bring in; the same one may be chosen again once it was mended. */
defineProps<{ label: string; accept: string }>();
const emit = defineEmits<{ choose: [file: File] }>();
const chosen = ref<File | null>(null);

function take(file: File | File[] | null | undefined): void {
  const one = Array.isArray(file) ? file[0] : file;
  if (!one) return;
  emit('choose', one);
  // The field forgets it: what is chosen next is another choice, even of the same file.
  chosen.value = one;
  void nextTick(() => (chosen.value = null));
}
</script>

<template>
  <v-file-input :model-value="chosen" :label="label" :accept="accept" @update:model-value="take" />
</template>
