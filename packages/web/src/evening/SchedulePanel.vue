<script setup lang="ts">
import type { ScheduleTask } from '@uisce/core/evening';
import { computed } from 'vue';
import { useEvenings } from '../household/use-evenings';
import CheckField from '../ui/CheckField.vue';
import { listed, sayDays, useWords } from '../words/use-words';
import { useMenuWords } from './use-menu-words';
import { useEvening } from './use-evening';

/** What to start when, so that it is ready and fresh: counted back from the first glass. */
const evenings = useEvenings();
const words = useWords();
const {
  evening,
  plan,
  placed,
  ahead,
  isLate,
  now,
  taskOf,
  taskName,
  taskInSentence,
  sayMoment,
  sayMinutes,
  momentOf,
} = useEvening();
const { drinkName } = useMenuWords();

const ROOM = { width: 1000, left: 200, right: 190, top: 26, row: 26, bar: 44 };
const HOUR = 60;
const MARK_WIDTH = 92;
/** Tasks shown, and minutes of slack that are worth saying. */
const SHOWN = 6;
const WORTH_SAYING = 30;
const WHY = {
  'no-time': 'there is not the time for it',
  'not-fresh': 'it would not be fresh',
  'no-room': 'there is no room for it',
  'no-hands': 'nobody is there to do it',
  circle: 'tasks wait for each other',
} as const;

/** What is done in one row, in the colour of what begins it. */
const rows = computed(() => {
  interface Row {
    name: string;
    kind: ScheduleTask['kind'];
    parts: { begins: number; ends: number; waits: boolean }[];
  }
  const all = new Map<string, Row>();
  for (const p of placed.value) {
    const task = taskOf(p.id);
    const isIce = task?.kind === 'fill' || task?.kind === 'freeze';
    const key = task?.row ?? p.id;
    const row = all.get(key) ?? { name: isIce ? 'Ice' : taskName(key), kind: task?.kind, parts: [] };
    row.parts.push({ ...p, waits: !task?.hands });
    all.set(key, row);
  }
  return [...all.values()];
});
const longest = computed(() => Math.max(2 * HOUR, ...placed.value.map((p) => p.begins)));
/** The last hours matter most: time is drawn by its root. */
const x = (minutesBefore: number) =>
  ROOM.left + (1 - Math.sqrt(minutesBefore / longest.value)) * (ROOM.width - ROOM.left - ROOM.right);
const height = computed(() => ROOM.top + rows.value.length * ROOM.row + ROOM.bar);
/** Pours in each hour of the night, to the right of the first glass. */
const hours = computed(() => {
  const byHour = plan.value?.pours.byHour ?? [];
  const most = Math.max(1, ...byHour);
  const width = Math.min(38, (ROOM.right - 12) / Math.max(1, byHour.length));
  return byHour.map((pours, h) => ({
    pours,
    x: x(0) + 4 + h * width,
    width: width - 3,
    tall: (pours / most) * (ROOM.bar - 18),
  }));
});
const marks = computed(() => {
  const out: { x: number; words: string }[] = [];
  for (const before of [48 * HOUR, 24 * HOUR, 12 * HOUR, 6 * HOUR, 3 * HOUR, HOUR])
    if (before < longest.value && x(before) - (out.at(-1)?.x ?? 0) > MARK_WIDTH)
      out.push({ x: x(before), words: sayMoment(before) });
  return out;
});
const COLOURS: Partial<Record<NonNullable<ScheduleTask['kind']>, string>> = {
  buy: 'slate',
  fill: 'sea',
  freeze: 'sea',
  batch: 'copper',
  chill: 'copper',
  make: 'gorse',
  rest: 'gorse',
  squeeze: 'sea',
  glasses: 'slate',
  cold: 'slate',
};
const colour = (kind: ScheduleTask['kind']) => `rgb(var(--v-theme-${(kind && COLOURS[kind]) ?? 'peat'}))`;
const not = computed(() => (plan.value && !plan.value.schedule.ok ? plan.value.schedule.not : undefined));
/** What to drop or buy instead. */
const instead = computed(() => {
  const i = plan.value?.instead;
  if (!i) return '';
  if (i.is === 'bags') return 'Buy the ice in bags instead.';
  if (i.is === 'by-the-glass') return `Make ${drinkName(i.drink)} by the glass instead.`;
  if (i.is === 'bought') return `Buy it instead: ${i.label}.`;
  if (i.is === 'off-the-menu') return `Take ${listed(i.drinks.map(drinkName))} off the menu instead.`;
  return 'Ask somebody to help, or begin sooner.';
});
const next = computed(() =>
  ahead.value.slice(0, SHOWN).map((p) => {
    const slack = plan.value?.slack.get(p.id) ?? 0;
    return { ...p, early: slack >= WORTH_SAYING ? `; up to ${sayMinutes(slack)} earlier will do` : '' };
  }),
);

function tick(id: string): void {
  const done = evening.value?.done ?? [];
  // Trays that were filled freeze by themselves.
  const isFreezing = (t: ScheduleTask) => t.kind === 'freeze' && t.after.includes(id);
  const also = plan.value?.tasks.filter(isFreezing).map((t) => t.id) ?? [];
  evenings.edit(`Done: ${taskName(id)}`.slice(0, 120), { done: [...done, id, ...also] });
}
const left = computed(() => {
  const first = ahead.value[0];
  if (!first) return '';
  if (isLate.value) return 'late, so all that follows is planned from now';
  const hours = (momentOf(first.begins).getTime() - now.value.getTime()) / 3_600_000;
  return hours <= 0
    ? 'now'
    : hours < 24
      ? `in ${words.number(hours, 0)} h`
      : `in ${sayDays(Math.round(hours / 24))}`;
});
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
