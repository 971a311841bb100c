<script setup lang="ts">
import CheckField from '../ui/CheckField.vue';
import { useEvening } from './use-evening';
import { ROOM, WHY, colour, useScheduleDrawing, useScheduleWords } from './use-schedule-words';

/** What to start when, so that it is ready and fresh: counted back from the first glass. */
const { evening, placed, taskName, taskInSentence, sayMoment, sayMinutes } = useEvening();
const { rows, x, height, hours, marks } = useScheduleDrawing();
const { not, instead, next, tick, left } = useScheduleWords();
</script>

<template>
  <section class="panel" aria-labelledby="schedule-title">
    <h2 id="schedule-title">
      The tide
      <small class="dim"
        >· what to start when, so that it is ready and fresh; counted back from the first glass</small
      >
    </h2>
    <p v-if="not" class="rust" role="status">
      It cannot all be done in time: {{ taskInSentence(not.task) }}, since {{ WHY[not.why] }}.
      {{ instead }}
    </p>
    <svg
      v-if="rows.length > 0"
      class="drawn"
      :viewBox="`0 0 ${ROOM.width} ${height}`"
      role="img"
      :aria-label="`The tide: ${placed.map((p) => `${taskName(p.id)} from ${sayMoment(p.begins)}`).join('; ')}`"
    >
      <g v-for="m in marks" :key="m.words">
        <line class="mark" :x1="m.x" :x2="m.x" :y1="ROOM.top - 4" :y2="height" />
        <text class="dim-text" :x="m.x" :y="14" text-anchor="middle">{{ m.words }}</text>
      </g>
      <g v-for="(row, i) in rows" :key="row.name">
        <text :x="0" :y="ROOM.top + i * ROOM.row + 17">
          {{ row.name.length > 26 ? `${row.name.slice(0, 25)}…` : row.name }}
        </text>
        <template v-for="(p, k) in row.parts" :key="k">
          <line
            v-if="p.ends > 0 && k === row.parts.length - 1"
            class="keeps"
            :x1="x(p.ends)"
            :x2="x(0)"
            :y1="ROOM.top + i * ROOM.row + 12"
            :y2="ROOM.top + i * ROOM.row + 12"
            :style="{ stroke: colour(row.kind) }"
          />
          <rect
            :x="x(p.begins)"
            :y="ROOM.top + i * ROOM.row + 3"
            :width="Math.max(4, x(p.ends) - x(p.begins) - 1)"
            height="18"
            :style="{ fill: colour(row.kind) }"
            :class="{ waits: p.waits }"
          />
        </template>
      </g>
      <text class="dim-text" :x="0" :y="height - 4">Pours an hour</text>
      <g v-for="h in hours" :key="h.x">
        <rect class="pours" :x="h.x" :y="height - h.tall" :width="h.width" :height="h.tall" />
        <text class="dim-text" :x="h.x + h.width / 2" :y="height - h.tall - 4" text-anchor="middle">
          {{ h.pours }}
        </text>
      </g>
      <line class="first" :x1="x(0)" :x2="x(0)" :y1="ROOM.top - 4" :y2="height" />
      <text class="first-text" :x="x(0) + 6" :y="14">{{ evening?.from }}</text>
    </svg>
    <p v-if="next.length > 0" class="next">Next, {{ left }}:</p>
    <ul class="plain-list tasks">
      <li v-for="(p, i) in next" :key="p.id" :class="{ large: i === 0 }">
        <CheckField
          :model-value="false"
          :label="taskName(p.id)"
          about="is done"
          @update:model-value="tick(p.id)"
        />
        <span class="dim">{{ sayMoment(p.begins) }}, {{ sayMinutes(p.begins - p.ends) }}{{ p.early }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}

text {
  font-size: 14px;
  fill: rgb(var(--v-theme-ink));
}

.dim-text {
  fill: rgb(var(--v-theme-dim));
}

.mark {
  stroke: rgb(var(--v-theme-line));
}

.pours {
  fill: rgb(var(--v-theme-copper));
  fill-opacity: 0.7;
}

.keeps {
  stroke-width: 2;
  stroke-dasharray: 2 5;
}

.waits {
  fill-opacity: 0.35;
}

.first {
  stroke: rgb(var(--v-theme-copper));
  stroke-width: 2.5;
}

.first-text {
  fill: rgb(var(--v-theme-copper));
  font-weight: 700;
}

.next {
  margin: 10px 0 0;
}

li .dim {
  display: block;
  margin: -8px 0 6px 36px;
}

.tasks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(400px, 1fr));
  gap: 0 20px;
}

@media (max-width: 700px) {
  .drawn {
    display: none;
  }

  .tasks {
    grid-template-columns: minmax(0, 1fr);
  }

  .large {
    padding: 10px 0 14px;
    border-bottom: 1px solid rgb(var(--v-theme-line));
  }

  .large :deep(label),
  .large .dim {
    font-size: 1.5rem;
  }
}
</style>
