<script setup lang="ts">
import { computed } from 'vue';
import { count } from '../../words/use-words';
import { JOB_WORD } from '../theme/tokens';
import BottleDrawing from './BottleDrawing.vue';
import { standingEndPx, standingMm, standOnBoards, type ShelfEntry } from './shelf-layout';

const props = defineProps<{
  entries: ShelfEntry[];
  /** Length of one board. */
  lengthMm: number;
  /** px per mm. */
  scale: number;
  kind: 'tray' | 'cart' | 'shelf' | 'bookcase' | 'fridge';
  label: string;
  selectedId: string | undefined;
}>();
const emit = defineEmits<{ select: [entry: ShelfEntry] }>();

/** A bottle that joins or leaves slides for so long; a timer ends it, whatever the browser says. */
const SLIDE_MS = 150;
const BOARD_PX = 8;
const TIER_PX = 51;
const TOP_PX = 10;

const boards = computed(() => {
  let y = TOP_PX;
  return standOnBoards(props.entries, props.lengthMm, props.scale, props.kind === 'fridge').map((board) => {
    const tallest = Math.max(60, ...board.standing.map((s) => s.entry.heightMm * props.scale));
    const floor = y + tallest;
    y = floor + BOARD_PX + board.tiers * TIER_PX + 12;
    return { ...board, floor };
  });
});
const boardPx = computed(() => props.lengthMm * props.scale);
const width = computed(() => {
  const ends = boards.value.flatMap((b) => b.standing.map((t) => standingEndPx(t, props.scale)));
  return Math.ceil(Math.max(boardPx.value, ...ends) + 4);
});
const height = computed(() => {
  const last = boards.value.at(-1);
  return last ? last.floor + BOARD_PX + last.tiers * TIER_PX : 0;
});

function spoken(entry: ShelfEntry): string {
  const does = entry.ghost
    ? `would add ${count(entry.drinks, 'drink')}`
    : `${count(entry.drinks, 'drink')} ${entry.drinks === 1 ? 'leans' : 'lean'} on it`;
  return `${entry.name}, ${JOB_WORD[entry.job]}, ${entry.note}${entry.kept ? ', always kept' : ''}: ${does}`;
}

/** A bottle on its way out is looked at still, and is no button any more: another size of it may stand there already. */
function letGo(bottle: Element): void {
  bottle.setAttribute('aria-hidden', 'true');
  bottle.setAttribute('tabindex', '-1');
}
</script>

<template>
  <div class="scroll" :class="kind">
    <svg :width="width" :height="height" role="group" :aria-label="label">
      <g v-for="(board, b) in boards" :key="b">
        <rect
          class="board"
          :x="0"
          :y="board.floor"
          :width="boardPx"
          :height="kind === 'fridge' ? 2 : BOARD_PX"
        />
        <path
          v-if="kind === 'tray'"
          class="trim"
          :d="`M1,${board.floor - 14}V${board.floor + BOARD_PX - 1}H${boardPx - 1}V${board.floor - 14}`"
        />
        <template v-if="kind === 'cart'">
          <circle class="trim" :cx="26" :cy="board.floor + BOARD_PX + 6" r="6" />
          <circle class="trim" :cx="boardPx - 26" :cy="board.floor + BOARD_PX + 6" r="6" />
        </template>
        <path
          v-if="kind === 'bookcase'"
          class="trim"
          :d="`M1,0V${board.floor}M${boardPx - 1},0V${board.floor}`"
        />
        <path
          v-for="s in board.standing.filter((t) => t.tier > 0)"
          :key="`string ${s.entry.id}`"
          class="string"
          :d="`M${s.tagX + 3},${board.floor + BOARD_PX}v${s.tier * TIER_PX + 4}`"
        />
        <TransitionGroup name="bottle" :duration="SLIDE_MS" @before-leave="letGo">
          <g
            v-for="s in board.standing"
            :key="s.entry.id"
            class="standing"
            role="button"
            tabindex="0"
            :aria-label="spoken(s.entry)"
            :aria-pressed="s.entry.id === selectedId"
            @click="emit('select', s.entry)"
            @keydown.enter.prevent="emit('select', s.entry)"
            @keydown.space.prevent="emit('select', s.entry)"
          >
            <g class="place" :style="{ transform: `translate(${s.xMm * scale}px, 0px)` }">
              <rect
                class="hit"
                :width="Math.max(24, standingMm(s.entry) * scale)"
                :y="board.floor - s.entry.heightMm * scale"
                :height="s.entry.heightMm * scale + BOARD_PX"
              />
              <g :transform="`translate(0 ${board.floor - s.entry.heightMm * scale})`">
                <BottleDrawing :entry="s.entry" :scale="scale" :selected="s.entry.id === selectedId" />
              </g>
              <g :transform="`translate(0 ${board.floor + BOARD_PX})`" aria-hidden="true">
                <text class="tag" :y="s.tier * TIER_PX + 18">
                  <tspan
                    v-for="(line, i) in s.tagLines"
                    :key="i"
                    x="0"
                    :dy="i === 0 ? 0 : 15"
                    class="tag-name"
                  >
                    {{ line }}
                  </tspan>
                  <tspan x="0" dy="15" class="tag-note">
                    {{ s.entry.kept ? 'kept · ' : '' }}{{ s.entry.note }}
                  </tspan>
                </text>
              </g>
            </g>
          </g>
        </TransitionGroup>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.scroll {
  overflow: auto hidden;
}

svg {
  display: block;
  max-width: none;
}

.board {
  fill: rgb(var(--v-theme-wood));
}

.fridge .board {
  fill: rgb(var(--v-theme-line));
}

.trim {
  fill: none;
  stroke: rgb(var(--v-theme-wood));
  stroke-width: 3;
}

.standing {
  cursor: pointer;
  transition: opacity 150ms ease-out;
}

/* Not on the group's own child: the list would move that by itself and lose its place. */
.place {
  transition: transform 150ms ease-out;
}

.standing:focus-visible {
  outline: 3px solid rgb(var(--v-theme-gorse));
  outline-offset: 1px;
}

.bottle-leave-active {
  pointer-events: none;
}

.bottle-enter-from,
.bottle-leave-to {
  opacity: 0;
}

.hit {
  fill: transparent;
}

.string {
  stroke: rgb(var(--v-theme-line));
  stroke-width: 1.5;
}

.tag {
  paint-order: stroke;
  stroke: rgb(var(--v-theme-panel));
  stroke-width: 5px;
  stroke-linejoin: round;
}

.tag-name {
  font-size: 13.5px;
  font-weight: 650;
  fill: rgb(var(--v-theme-ink));
}

.tag-note {
  font-size: 12.5px;
  fill: rgb(var(--v-theme-dim));
}
</style>
