<script setup lang="ts">
import { computed, ref } from 'vue';
import { heightOfMl, insideOfCapacity, volumeToMl } from '@uisce/core/glass';
import { JOB_COLOUR } from '../ui/theme/tokens';
import { glassOutline } from '../ui/drawing/outline';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';
import type { StandingBottle } from './use-shelf';

/** A bottle to scale with what is left in it; the level is dragged, or moved with the arrow keys by tenths. */
const props = defineProps<{ standing: StandingBottle; scale: number; room: number; chosen: boolean }>();
const emit = defineEmits<{ choose: []; level: [leftMl: number] }>();

const catalogue = useCatalogue();
const words = useWords();

/** A bottle we know no size of is drawn as a usual one. */
const USUAL_ML = 700;
/** The inside of a usual bottle, height and radius in mm; scaled to what this one holds. */
const INSIDE: [number, number][] = [
  [0, 34],
  [4, 37],
  [150, 37],
  [190, 14],
  [262, 13],
];
const SIDE_PX = 8;
/** Room for the board under the drawing. */
const BELOW_PX = 8;
/** Less than this is an unsteady tap. */
const MIN_DRAG_PX = 3;

const bottle = computed(() => props.standing.bottle);
const sizeMl = computed(() => bottle.value.sizeMl ?? USUAL_ML);
const inside = computed(() => insideOfCapacity(INSIDE, sizeMl.value * 1.03));
const dragged = ref<number>();
/** Where the pointer went down; and whether it has moved since, which makes it no tap. */
let downAt: number | undefined;
let hasMoved = false;
const leftMl = computed(() => dragged.value ?? bottle.value.leftMl);
const width = computed(() => Math.max(...inside.value.map(([, r]) => r)) * 2 * props.scale + SIDE_PX * 2);
const drawing = computed(() =>
  glassOutline(
    inside.value,
    { footMm: 2, stem: false, handle: false },
    { centre: width.value / 2, bottom: props.room - 2, scale: props.scale },
  ),
);
const fill = computed(() =>
  leftMl.value === null || leftMl.value <= 0
    ? ''
    : drawing.value.band(0, heightOfMl(inside.value, leftMl.value)),
);
const line = computed(() =>
  leftMl.value === null
    ? undefined
    : props.room - 2 - (heightOfMl(inside.value, leftMl.value) + 2) * props.scale,
);
const colour = computed(() => {
  const job = catalogue.kinds.get(bottle.value.kind)?.job ?? 'base';
  return job === 'base' ? 'rgb(var(--v-theme-tan))' : `rgb(var(--v-theme-${JOB_COLOUR[job]}))`;
});
const spoken = computed(() => {
  const { name, tag } = props.standing;
  const left = leftMl.value === null ? 'not measured' : `${words.volume(Math.round(leftMl.value))} left`;
  return `${name}, ${left}${tag ? `, ${tag}` : ''}`;
});

function mlAt(event: PointerEvent): number {
  const box = (event.currentTarget as Element).getBoundingClientRect();
  const heightMm = (box.bottom - BELOW_PX - 2 - event.clientY) / props.scale - 2;
  const ml = heightMm <= 0 ? 0 : volumeToMl(inside.value, heightMm);
  return Math.round(Math.min(sizeMl.value, Math.max(0, ml)) / 5) * 5;
}
function down(event: PointerEvent): void {
  hasMoved = false;
  if (!props.chosen || bottle.value.sizeMl === null) return;
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  downAt = event.clientY;
}
function move(event: PointerEvent): void {
  if (downAt === undefined) return;
  if (Math.abs(event.clientY - downAt) >= MIN_DRAG_PX) hasMoved = true;
  if (hasMoved) dragged.value = mlAt(event);
}
function up(): void {
  downAt = undefined;
  if (dragged.value === undefined) return;
  const ml = dragged.value;
  dragged.value = undefined;
  if (ml !== bottle.value.leftMl) emit('level', ml);
}
/** A tap chooses or lets go; what was dragged stays chosen. */
function tap(): void {
  if (!hasMoved) emit('choose');
}
const TENTHS: Record<string, number> = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 };
function key(event: KeyboardEvent): void {
  if (bottle.value.sizeMl === null) return;
  const tenth = sizeMl.value / 10;
  const now = leftMl.value ?? sizeMl.value;
  const step = TENTHS[event.key];
  const next =
    event.key === 'Home'
      ? 0
      : event.key === 'End'
        ? sizeMl.value
        : step === undefined
          ? undefined
          : now + step * tenth;
  if (next === undefined) return;
  event.preventDefault();
  emit('level', Math.round(Math.min(sizeMl.value, Math.max(0, next))));
}
</script>

<template>
  <button
    class="plain-button standing"
    type="button"
    :class="{ chosen }"
    :aria-pressed="chosen"
    :aria-label="spoken"
    @click="tap"
    @keydown="key"
  >
    <svg
      :width="width"
      :height="room"
      :viewBox="`0 0 ${width} ${room}`"
      :style="{ '--liquid': colour }"
      aria-hidden="true"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
    >
      <path v-if="fill" class="fill" :d="fill" />
      <path class="wall" :d="drawing.wall" />
      <path class="wall" :d="drawing.foot" />
      <line v-if="line !== undefined" class="line" x1="1" :x2="width - 1" :y1="line" :y2="line" />
    </svg>
    <span class="name">{{ standing.alike > 1 ? `${standing.alike} × ` : '' }}{{ standing.name }}</span>
    <span class="dim note">{{ leftMl === null ? 'not measured' : words.volume(Math.round(leftMl)) }}</span>
    <span v-if="standing.tag" class="note" :class="{ rust: standing.pressing }">{{ standing.tag }}</span>
  </button>
</template>

<style scoped>
.standing {
  display: flex;
  flex-direction: column;
  align-items: center;
  max-width: 116px;
  min-height: 44px;
  padding: 4px 0 8px;
  text-align: center;
  touch-action: manipulation;
}

.chosen {
  outline: 2px solid rgb(var(--v-theme-sea));
  border-radius: var(--radius);
}

svg {
  box-sizing: content-box;
  padding: 0 10px calc(v-bind(BELOW_PX) * 1px);
}

.name,
.note {
  padding-inline: 4px;
}

.chosen svg {
  cursor: ns-resize;
  touch-action: none;
}

.fill {
  fill: color-mix(in srgb, var(--liquid) 62%, rgb(var(--v-theme-panel)));
}

.wall {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.4;
}

.line {
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 1.6;
}

.name {
  font-weight: 700;
  font-size: 0.875rem;
  line-height: 1.2;
}

.note {
  font-size: 0.875rem;
}
</style>
