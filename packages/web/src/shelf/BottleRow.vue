<script setup lang="ts">
import { computed } from 'vue';
import LevelBottle from './LevelBottle.vue';
import type { StandingBottle } from './use-shelf';

/** Bottles side by side on a board, to one scale. */
const props = defineProps<{
  standing: readonly StandingBottle[];
  chosenId: string | undefined;
  board: 'wood' | 'cold';
}>();
const emit = defineEmits<{ choose: [id: string]; level: [id: string, leftMl: number] }>();

const SCALE = 0.62;
/** A usual bottle stands 265 mm high inside; a larger one is larger in all directions. */
const ROOM_PX = 176;
const LARGE_ML = 760;
const room = computed(() => {
  const largest = Math.max(0, ...props.standing.map((s) => s.bottle.sizeMl ?? 700));
  return Math.round(ROOM_PX * Math.max(0.62, Math.cbrt(Math.max(largest, 120) / LARGE_ML)));
});
</script>

<template>
  <ul class="plain-list row" :class="board">
    <li v-for="s in standing" :key="s.bottle.id">
      <LevelBottle
        :standing="s"
        :scale="SCALE"
        :room="room"
        :chosen="s.bottle.id === chosenId"
        @choose="emit('choose', s.bottle.id)"
        @level="emit('level', s.bottle.id, $event)"
      />
    </li>
  </ul>
</template>

<style scoped>
.row {
  --board: rgb(var(--v-theme-wood));

  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
}

.cold {
  --board: rgb(var(--v-theme-dim) / 45%);
}

/* One board under all of them, and past the last. */
.row > li,
.row::after {
  background: linear-gradient(var(--board), var(--board)) 0 calc(v-bind(room) * 1px + 4px) / 100% 6px
    no-repeat;
}

.row::after {
  flex: 1;
  align-self: stretch;
  content: '';
}
</style>
