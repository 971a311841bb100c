<script setup lang="ts">
import { computed, useId } from 'vue';
import { SHELF_CLEARANCE_MM } from '@uisce/core/plan';
import { JOB_COLOUR } from '../theme/tokens';
import type { ShelfEntry } from './shelf-layout';
import { outline } from './silhouettes';

const props = defineProps<{ entry: ShelfEntry; scale: number; selected: boolean }>();

const width = computed(() => props.entry.widthMm * props.scale);
/** From one of several to the next, px. */
const step = computed(() => (props.entry.widthMm + SHELF_CLEARANCE_MM) * props.scale);
const height = computed(() => props.entry.heightMm * props.scale);
const shape = computed(() => outline(props.entry.silhouette, width.value, height.value));
const colour = computed(() => `rgb(var(--v-theme-${JOB_COLOUR[props.entry.job]}))`);
const glass = computed(() =>
  props.entry.job === 'base'
    ? 'rgb(var(--v-theme-tan))'
    : `color-mix(in srgb, ${colour.value} 46%, rgb(var(--v-theme-panel)))`,
);
/** How full it is drawn: by height, which is nearly by volume where a bottle is straight. */
const level = computed(() => props.entry.level ?? 1);
const surface = computed(() => height.value - level.value * (height.value - shape.value.fullAt));
const clip = useId();
const fontSize = computed(() => Math.min(19, Math.max(12, width.value * 0.34)));
</script>

<template>
  <g :class="{ ghost: entry.ghost, selected }" :style="{ '--job': colour, '--glass': glass }">
    <g v-for="i in entry.count ?? 1" :key="i" :transform="`translate(${(i - 1) * step} 0)`">
      <path class="body" :class="{ part: level < 1 }" :d="shape.body" />
      <g v-if="level < 1" :clip-path="`url(#${clip})`">
        <clipPath :id="clip"><path :d="shape.body" /></clipPath>
        <rect class="liquid" x="0" :y="surface" :width="width" :height="height - surface" />
      </g>
      <path class="cap" :d="shape.cap" />
      <rect class="label" v-bind="shape.label" />
    </g>
    <text
      class="number"
      :x="shape.label.x + shape.label.width / 2"
      :y="shape.label.y + shape.label.height / 2"
      :font-size="fontSize"
    >
      {{ entry.drinks }}
    </text>
  </g>
</template>

<style scoped>
.body {
  fill: var(--glass);
  stroke: var(--job);
  stroke-width: 1.5;
}

/* Glass, with what is left in it drawn by itself. */
.part {
  fill: color-mix(in srgb, var(--glass) 22%, rgb(var(--v-theme-panel)));
}

.liquid {
  fill: var(--glass);
}

.cap {
  fill: var(--job);
}

.label {
  fill: rgb(var(--v-theme-paper));
}

.number {
  font-family: var(--display);
  font-weight: 650;
  fill: #1c2a2b;
  text-anchor: middle;
  dominant-baseline: central;
}

.ghost .body,
.ghost .cap {
  fill: none;
  stroke: rgb(var(--v-theme-dim));
  stroke-dasharray: 4 3;
  stroke-width: 1.2;
}

.ghost .label {
  fill: none;
}

.ghost .number {
  fill: rgb(var(--v-theme-dim));
}

.selected .body {
  stroke-width: 3;
}
</style>
