<script setup lang="ts">
import { defineAsyncComponent, ref, watch } from 'vue';

/** A sheet over the page, with its title and a way out. */
withDefaults(defineProps<{ title: string; width?: number }>(), { width: 460 });
const shown = defineModel<boolean>({ required: true });

const DialogSheet = defineAsyncComponent(() => import('./DialogSheet.vue'));
const wanted = ref(false);
watch(
  shown,
  (is) => {
    if (is) wanted.value = true;
  },
  { immediate: true },
);
</script>

<template>
  <DialogSheet v-if="wanted" v-model="shown" :title="title" :width="width">
    <slot />
  </DialogSheet>
</template>
