<script setup lang="ts">
import { RouterLink } from 'vue-router';

/** The parts of a step, beside its sentence. */
defineProps<{
  label: string;
  parts: readonly { to: string; words: string; part: string }[];
  part: string;
}>();
</script>

<template>
  <nav class="ways" :aria-label="label">
    <RouterLink
      v-for="way in parts"
      :key="way.to"
      :to="way.to"
      :class="{ on: way.part === part }"
      :aria-current="way.part === part ? 'page' : undefined"
      >{{ way.words }}</RouterLink
    >
  </nav>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0 4px;
  align-self: flex-start;
}

a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 12px;
  color: inherit;
  text-decoration: none;
  border-block-end: 2px solid transparent;
}

a.on {
  border-block-end-color: rgb(var(--v-theme-copper));
  font-weight: 700;
}
</style>
