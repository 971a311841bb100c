<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core';
import { watch } from 'vue';
import { useNotices } from '../kept/use-notices';

/** Long enough to be read twice. */
const SHOWN_MS = 8000;

const notices = useNotices();
const { start } = useTimeoutFn(() => (notices.shown = false), SHOWN_MS, { immediate: false });
watch(
  () => [notices.text, notices.shown],
  () => {
    if (notices.shown) start();
  },
);
</script>

<template>
  <!-- No part of it is fetched: what it says most is that the server is away. -->
  <div class="notice" role="status">
    <p v-if="notices.shown">{{ notices.text }}</p>
  </div>
</template>

<style scoped>
.notice {
  position: fixed;
  inset-block-end: 16px;
  inset-inline-end: 16px;
  z-index: 2500;
  max-width: min(560px, calc(100vw - 32px));
  pointer-events: none;
}

p {
  margin: 0;
  padding: 14px 18px;
  border-radius: 4px;
  background: rgb(var(--v-theme-bog));
  color: #f3efe6;
}

@media (max-width: 820px) {
  .notice {
    inset-block-end: 76px;
  }
}
</style>
