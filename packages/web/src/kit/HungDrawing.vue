<script setup lang="ts">
import type { ToolDrawing } from './tool-drawings';

defineProps<{ drawing: ToolDrawing; state: 'owned' | 'buy' | 'spare'; kitchen?: boolean }>();
</script>

<template>
  <svg class="hung" :class="[state, { kitchen }]" viewBox="0 -8 64 104" aria-hidden="true">
    <path class="hook" d="M32,-8v6q0,5 4,3" />
    <path class="body" :d="drawing.body" />
    <path class="lines" :d="drawing.lines" />
  </svg>
</template>

<style scoped>
.hung {
  width: 58px;
  display: block;
}

.kitchen {
  width: 40px;
}

.hook {
  fill: none;
  stroke: rgb(var(--v-theme-wood));
  stroke-width: 2;
}

.body,
.lines {
  fill: none;
  stroke: rgb(var(--v-theme-dim));
  stroke-width: 1.2;
  stroke-linejoin: round;
  stroke-linecap: round;
}

.owned .body {
  fill: color-mix(in srgb, rgb(var(--v-theme-tan)) 62%, rgb(var(--v-theme-panel)));
}

.kitchen.owned .body {
  fill: color-mix(in srgb, rgb(var(--v-theme-slate)) 34%, rgb(var(--v-theme-panel)));
}

.owned .body,
.owned .lines {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.6;
}

.buy .body {
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 2;
  stroke-dasharray: 4 3;
}

.buy .lines {
  stroke: rgb(var(--v-theme-copper));
}

.spare {
  opacity: 0.75;
}
</style>
