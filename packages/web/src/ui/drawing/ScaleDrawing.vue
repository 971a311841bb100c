<script setup lang="ts">
import { computed } from 'vue';
import type { Glass } from '@uisce/core/catalogue';
import type { ScaleReading } from '@uisce/core/devices';
import { heightOfMl } from '@uisce/core/glass';
import { useWords } from '../../words/use-words';
import { glassOutline } from './outline';

/** A scale with what stands on it, and its reading. */
const props = defineProps<{
  reading: ScaleReading;
  stepG: number;
  vessel?:
    | {
        inside: Glass['inside'];
        type: Pick<Glass, 'footMm' | 'stem' | 'handle'>;
        /** What is in it, and up to where it is to be filled. */
        waterMl: number;
        lineMl?: number;
        /** Theme colour of what is in it. */
        colour?: string;
      }
    | undefined;
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
  const line = vessel.lineMl === undefined ? undefined : heightOfMl(vessel.inside, vessel.lineMl);
  return {
    outline,
    water: vessel.waterMl > 0 ? outline.band(0, level) : '',
    colour: `rgb(var(--v-theme-${vessel.colour ?? 'slate'}))`,
    line: line === undefined ? undefined : { y: outline.y(line), half: outline.radius(line) },
  };
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
    :viewBox="`0 ${drawing ? 0 : PLATE_Y - 20} ${WIDTH} ${drawing ? 250 : 270 - PLATE_Y}`"
    role="img"
    :aria-label="reading.g === undefined ? 'Overload' : `The scale shows ${shown}`"
  >
    <g v-if="drawing">
      <path v-if="drawing.water" class="water" :d="drawing.water" :style="{ '--liquid': drawing.colour }" />
      <path class="glass" :d="drawing.outline.wall" />
      <path class="glass" :d="drawing.outline.foot" />
      <line
        v-if="drawing.line"
        class="line"
        :x1="WIDTH / 2 - drawing.line.half"
        :x2="WIDTH / 2 + drawing.line.half"
        :y1="drawing.line.y"
        :y2="drawing.line.y"
      />
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
  fill: color-mix(in srgb, var(--liquid) 40%, rgb(var(--v-theme-panel)));
}

.line {
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 2;
  stroke-dasharray: 5 3;
}

.plate {
  fill: rgb(var(--v-theme-bead));
  stroke: rgb(var(--v-theme-ink));
}

.case {
  fill: color-mix(in srgb, rgb(var(--v-theme-slate)) 22%, rgb(var(--v-theme-panel)));
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
