<script setup lang="ts">
import { computed } from 'vue';
import { glassOutline } from '../ui/drawing/outline';
import type { RackGlass } from './use-glass-rack';

/** One glass as an outline to the rack's scale, with the lines its drinks fill it to. */
const props = defineProps<{ glass: RackGlass; scale: number; height: number }>();

const PAD = 4;

const drawing = computed(() => {
  const { glass, scale, height } = props;
  const trial = glassOutline(glass.inside, glass.type, { centre: 0, bottom: height, scale });
  const width = trial.halfWidth * 2 + PAD * 2;
  const outline = glassOutline(glass.inside, glass.type, { centre: width / 2, bottom: height - 2, scale });
  const { fill } = glass;
  return {
    width,
    outline,
    band: fill ? outline.band(0, fill.middle) : '',
    line: fill && {
      y: outline.y(fill.middle),
      left: width / 2 - outline.radius(fill.middle),
      right: width / 2 + outline.radius(fill.middle),
      low: outline.y(fill.low),
      high: outline.y(fill.high),
    },
  };
});
</script>

<template>
  <svg
    :class="glass.state"
    :width="drawing.width"
    :height="height"
    :viewBox="`0 0 ${drawing.width} ${height}`"
    aria-hidden="true"
  >
    <path v-if="drawing.band" class="drink" :d="drawing.band" />
    <path class="wall" :d="drawing.outline.wall" />
    <path class="wall" :d="drawing.outline.foot" />
    <path v-if="drawing.outline.handle" class="wall" :d="drawing.outline.handle" />
    <g v-if="drawing.line">
      <line
        class="range"
        :x1="drawing.width / 2"
        :x2="drawing.width / 2"
        :y1="drawing.line.low"
        :y2="drawing.line.high"
      />
      <line
        class="line"
        :x1="drawing.line.left"
        :x2="drawing.line.right"
        :y1="drawing.line.y"
        :y2="drawing.line.y"
      />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
}

.wall {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.5;
  stroke-linejoin: round;
}

.buy .wall {
  stroke: rgb(var(--v-theme-copper));
  stroke-dasharray: 4 3;
}

.spare .wall {
  stroke: rgb(var(--v-theme-dim));
  stroke-width: 1;
}

.drink {
  fill: color-mix(in srgb, rgb(var(--v-theme-sea)) 26%, rgb(var(--v-theme-panel)));
}

.buy .drink,
.spare .drink {
  fill: none;
}

.line {
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 2;
}

.range {
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 1;
  stroke-dasharray: 2 2;
}
</style>
