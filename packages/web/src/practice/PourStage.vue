<script setup lang="ts">
import { computed } from 'vue';
import { outline } from '../ui/shelf/silhouettes';

/** A stage with one bottle: tilted while it is held, the stream as thick as it runs, the cup below it covered or seen. */
const props = defineProps<{
  held: boolean;
  running: boolean;
  inCupMl: number;
  runsMlPerS: number;
  targetMl: number;
  /** Whether the cup is seen while it fills. */
  seen: boolean;
  /** What the button says. */
  label: string;
}>();
const emit = defineEmits<{ hold: []; letGo: [] }>();

const ROOM = { width: 520, height: 330 };
const BOTTLE = { width: 62, height: 190 };
const CUP = { x: 231, top: 236, width: 66, height: 76, ml: 90 };
const shape = outline('round-shouldered', BOTTLE.width, BOTTLE.height);
const TILTED = 112;

const level = computed(() => Math.min(1, props.inCupMl / CUP.ml) * CUP.height);
const mark = computed(() => CUP.top + CUP.height - Math.min(1, props.targetMl / CUP.ml) * CUP.height);
const covered = computed(() => !props.seen && props.running);
const thick = computed(() => Math.min(7, props.runsMlPerS / 6));

function key(event: KeyboardEvent, down: boolean): void {
  if (event.key !== ' ' && event.key !== 'Enter') return;
  event.preventDefault();
  if (event.repeat) return;
  if (down) emit('hold');
  else emit('letGo');
}
function press(event: PointerEvent): void {
  (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  emit('hold');
}
</script>

<template>
  <button
    type="button"
    class="plain-button stage"
    :aria-label="label"
    :aria-pressed="held"
    @pointerdown="press"
    @pointerup="emit('letGo')"
    @pointercancel="emit('letGo')"
    @contextmenu.prevent
    @keydown="key($event, true)"
    @keyup="key($event, false)"
    @blur="emit('letGo')"
  >
    <svg :viewBox="`0 0 ${ROOM.width} ${ROOM.height}`" aria-hidden="true">
      <line
        class="counter"
        x1="20"
        :x2="ROOM.width - 20"
        :y1="CUP.top + CUP.height + 2"
        :y2="CUP.top + CUP.height + 2"
      />
      <g :transform="`translate(150 ${held ? 40 : 120})`" class="bottle">
        <g :transform="`rotate(${held ? TILTED : 0} ${BOTTLE.width / 2} ${BOTTLE.height / 3})`" class="tilts">
          <path class="body" :d="shape.body" />
          <path class="cap" :d="shape.cap" />
          <rect class="label" v-bind="shape.label" />
          <path class="spout" :d="`M ${BOTTLE.width / 2 - 4} 2 l 2 -24 l 8 -8`" />
        </g>
      </g>
      <line
        v-if="thick > 0.2"
        class="stream"
        :x1="CUP.x + CUP.width / 2"
        :x2="CUP.x + CUP.width / 2"
        :y1="124"
        :y2="CUP.top + CUP.height - (covered ? 0 : level)"
        :stroke-width="thick"
      />
      <g>
        <rect
          v-if="!covered"
          class="liquid"
          :x="CUP.x"
          :y="CUP.top + CUP.height - level"
          :width="CUP.width"
          :height="level"
        />
        <path
          class="cup"
          :class="{ covered }"
          :d="`M ${CUP.x} ${CUP.top} v ${CUP.height} h ${CUP.width} v ${-CUP.height}`"
        />
        <line
          v-if="!covered"
          class="mark"
          :x1="CUP.x - 10"
          :x2="CUP.x + CUP.width + 10"
          :y1="mark"
          :y2="mark"
        />
      </g>
    </svg>
    <span class="word">{{ held ? 'Let go' : running ? 'It still runs' : label }}</span>
  </button>
</template>

<style scoped>
.stage {
  display: grid;
  gap: 6px;
  width: 100%;
  padding: 8px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: var(--radius);
  touch-action: none;
  user-select: none;
  -webkit-user-select: none;
}

svg {
  width: 100%;
  max-height: 42vh;
}

.word {
  justify-self: center;
  font-weight: 700;
}

.counter {
  stroke: rgb(var(--v-theme-line));
  stroke-width: 3;
}

.body {
  fill: color-mix(in srgb, rgb(var(--v-theme-tan)) 60%, rgb(var(--v-theme-panel)));
  stroke: rgb(var(--v-theme-ink));
}

.cap,
.label {
  fill: rgb(var(--v-theme-slate));
}

.spout {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 5;
}

.stream {
  stroke: rgb(var(--v-theme-copper));
  stroke-linecap: round;
}

.liquid {
  fill: color-mix(in srgb, rgb(var(--v-theme-copper)) 60%, rgb(var(--v-theme-panel)));
}

.cup {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2.5;
}

.cup.covered {
  fill: rgb(var(--v-theme-slate));
}

.mark {
  stroke: rgb(var(--v-theme-sea));
  stroke-width: 2;
  stroke-dasharray: 5 4;
}

@media (prefers-reduced-motion: no-preference) {
  .bottle,
  .tilts {
    transition: transform 120ms;
  }
}
</style>
