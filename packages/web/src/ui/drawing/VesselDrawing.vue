<script setup lang="ts">
import { computed } from 'vue';
import type { Cup } from '@uisce/core/catalogue';
import { cupInside } from '@uisce/core/measure';
import { useWords } from '../../words/use-words';
import { glassOutline } from './outline';

/** A measure's cups side by side, each with its lines. */
const props = defineProps<{
  cups: readonly Cup[];
  name: string;
  /** How far a cup is filled, ml, by its name. */
  filled?: ReadonlyMap<string, number>;
}>();
const words = useWords();

const TALLEST_PX = 108;
const LABEL_PX = 34;
const MIN_LABEL_STEP = 12;

const drawing = computed(() => {
  const shapes = props.cups.map((cup) => ({ cup, inside: cupInside(cup) }));
  const tallest = Math.max(...shapes.map((s) => s.inside.at(-1)?.[0] ?? 0));
  const scale = Math.min(1.7, TALLEST_PX / (tallest + 4));
  const bottom = tallest * scale + 10;
  let left = 4;
  const cups = shapes.map(({ cup, inside }) => {
    const half = Math.max(...inside.map(([, r]) => r)) * scale + 3;
    const centre = left + half;
    const outline = glassOutline(
      inside,
      { footMm: 1, stem: false, handle: false },
      { centre, bottom, scale },
    );
    let above = Infinity;
    const lines = cup.lines.map((line, i) => {
      const height = inside[i + 1]?.[0] ?? 0;
      const y = outline.y(height);
      // From the bottom up no label comes nearer to the one below than its own height.
      const labelY = Math.min(y + 4, above - MIN_LABEL_STEP);
      above = labelY;
      return {
        y,
        labelY,
        half: outline.radius(height),
        brim: i === cup.lines.length - 1,
        text: words.number(line.ml),
      };
    });
    left += half * 2 + LABEL_PX;
    const at = cup.lines.findIndex((line) => line.ml === props.filled?.get(cup.name));
    const liquid = at < 0 ? '' : outline.band(0, inside[at + 1]?.[0] ?? 0);
    return { centre, outline, lines, liquid, right: centre + half };
  });
  const top = Math.min(0, ...cups.flatMap((c) => c.lines.map((l) => l.labelY - 12)));
  return { cups, width: left, height: bottom + 4, top };
});
</script>

<template>
  <svg
    :viewBox="`0 ${drawing.top} ${drawing.width} ${drawing.height - drawing.top}`"
    :width="drawing.width"
    :height="drawing.height - drawing.top"
    role="img"
    :aria-label="`${name}: ${cups.map((c) => `${c.name} ${c.lines.map((l) => `${l.ml} ml`).join(', ')}`).join('; ')}`"
  >
    <g v-for="(cup, i) in drawing.cups" :key="i">
      <path v-if="cup.liquid" class="liquid" :d="cup.liquid" />
      <path class="wall" :d="cup.outline.wall" />
      <path class="wall" :d="cup.outline.foot" />
      <g v-for="(line, l) in cup.lines" :key="l">
        <line
          v-if="!line.brim"
          class="line"
          :x1="cup.centre - line.half"
          :x2="cup.centre + line.half"
          :y1="line.y"
          :y2="line.y"
        />
        <text :x="cup.right + 4" :y="line.labelY">{{ line.text }}</text>
      </g>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  max-width: 100%;
}

.liquid {
  fill: color-mix(in srgb, rgb(var(--v-theme-gorse)) 48%, rgb(var(--v-theme-panel)));
}

.wall {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.6;
}

.line {
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 1.4;
}

text {
  font-size: 12px;
  fill: rgb(var(--v-theme-ink));
}
</style>
