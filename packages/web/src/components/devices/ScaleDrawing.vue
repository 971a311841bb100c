<script setup lang="ts">
import { computed } from 'vue';
import { heightOfMl, type Glass, type ScaleReading } from '@uisce/core';
import { useWords } from '../../words/use-words';
import { glassOutline } from '../glass/outline';

/** A scale with what stands on it, and its reading. */
const props = defineProps<{
  reading: ScaleReading;
  stepG: number;
  vessel?: { inside: Glass['inside']; type: Glass; waterMl: number } | undefined;
}>();

const words = useWords();
const WIDTH = 260;
const PLATE_Y = 168;
const TALLEST_PX = 140;

const drawing = computed(() => {
  const { vessel } = props;
  if (!vessel) return undefined;
  const tall = (vessel.inside.at(-1)?.[0] ?? 0) + vessel.type.footMm + 4;
  const scale = Math.min(1.6, TALLEST_PX / tall);
  const outline = glassOutline(vessel.inside, vessel.type, { centre: WIDTH / 2, bottom: PLATE_Y, scale });
  const level = heightOfMl(vessel.inside, vessel.waterMl);
  return { outline, water: vessel.waterMl > 0 ? outline.band(0, level) : '' };
});
const shown = computed(() => {
  const { g } = props.reading;
  if (g === undefined) return 'Err';
  return `${words.fixed(g, props.stepG < 1 ? 1 : 0)} g`;
});
</script>

<template>
  <svg
    class="scale"
    :viewBox="`0 0 ${WIDTH} 250`"
    role="img"
    :aria-label="reading.g === undefined ? 'Overload' : `The scale shows ${shown}`"
  >
    <g v-if="drawing">
      <path v-if="drawing.water" class="water" :d="drawing.water" />
      <path class="glass" :d="drawing.outline.wall" />
      <path class="glass" :d="drawing.outline.foot" />
      <path v-if="drawing.outline.handle" class="glass" :d="drawing.outline.handle" />
    </g>
    <rect class="plate" x="28" :y="PLATE_Y" width="204" height="10" rx="3" />
    <path class="case" :d="`M18,${PLATE_Y + 14}H242L252,242H8Z`" />
    <rect class="window" x="66" :y="PLATE_Y + 24" width="128" height="40" rx="3" />
    <text class="figure" x="184" :y="PLATE_Y + 53" text-anchor="end">{{ shown }}</text>
    <circle
      v-if="reading.stable && reading.g !== undefined"
      class="steady"
      cx="78"
      :cy="PLATE_Y + 44"
      r="4"
    />
  </svg>
</template>

<style scoped>
.scale {
  width: 100%;
  max-width: 300px;
  display: block;
}

.glass {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.6;
}

.water {
  fill: color-mix(in srgb, rgb(var(--v-theme-slate)) 36%, rgb(var(--v-theme-card)));
}

.plate {
  fill: rgb(var(--v-theme-bead));
  stroke: rgb(var(--v-theme-ink));
}

.case {
  fill: color-mix(in srgb, rgb(var(--v-theme-slate)) 22%, rgb(var(--v-theme-card)));
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.4;
}

.window {
  fill: rgb(var(--v-theme-bog));
}

.figure {
  fill: #e3c98a;
  font-size: 26px;
  font-variant-numeric: tabular-nums;
}

.steady {
  fill: #78bbb0;
}
</style>
