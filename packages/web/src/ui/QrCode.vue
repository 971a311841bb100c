<script setup lang="ts">
import { asyncComputed } from '@vueuse/core';
import { qrSquares } from './paper/qr-squares';

/** An address as a code that telephones read: dark on light, whatever the light of the page. */
const props = defineProps<{ text: string; label: string }>();
const code = asyncComputed(() => qrSquares(props.text));
const QUIET = 4;
</script>

<template>
  <svg
    v-if="code"
    class="code"
    role="img"
    :aria-label="label"
    :viewBox="`${-QUIET} ${-QUIET} ${code.size + 2 * QUIET} ${code.size + 2 * QUIET}`"
  >
    <rect
      :x="-QUIET"
      :y="-QUIET"
      :width="code.size + 2 * QUIET"
      :height="code.size + 2 * QUIET"
      fill="#fbf9f4"
    />
    <path
      :d="code.dark.map(([x, y]) => `M${x} ${y}h1v1h-1z`).join('')"
      fill="#1c2a2b"
      shape-rendering="crispEdges"
    />
  </svg>
</template>

<style scoped>
.code {
  width: 100%;
  max-width: 220px;
  display: block;
}
</style>
