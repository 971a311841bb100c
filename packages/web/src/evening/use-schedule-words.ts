import type { ScheduleTask } from '@uisce/core/evening';
import { computed } from 'vue';
import { useEvenings } from '../household/use-evenings';
import { listed, sayDays, useWords } from '../words/use-words';
import { useMenuWords } from './use-menu-words';
import { useEvening } from './use-evening';

export const ROOM = { width: 1000, left: 200, right: 190, top: 26, row: 26, bar: 44 };
const HOUR = 60;
const MARK_WIDTH = 92;
/** Tasks shown, and minutes of slack that are worth saying. */
const SHOWN = 6;
const WORTH_SAYING = 30;
export const WHY = {
  'no-time': 'there is not the time for it',
  'not-fresh': 'it would not be fresh',
  'no-room': 'there is no room for it',
  'no-hands': 'nobody is there to do it',
  circle: 'tasks wait for each other',
} as const;
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
export const colour = (kind: ScheduleTask['kind']) =>
  `rgb(var(--v-theme-${(kind && COLOURS[kind]) ?? 'peat'}))`;

/** Tasks of one row of the drawing, in minutes before the first glass. */
interface ScheduleRow {
  name: string;
  kind: ScheduleTask['kind'];
  parts: { begins: number; ends: number; waits: boolean }[];
}

/** The schedule as it is drawn: rows along time, the night's hours to the right of the first glass. */
export function useScheduleDrawing() {
  const { plan, placed, taskOf, taskName, sayMoment } = useEvening();
  /** What is done in one row, in the colour of what begins it. */
  const rows = computed(() => {
    const all = new Map<string, ScheduleRow>();
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

  return { rows, x, height, hours, marks };
}

/** What to start next, how much time is left, and what to change where there is not enough. */
export function useScheduleWords() {
  const evenings = useEvenings();
  const words = useWords();
  const { evening, plan, ahead, isLate, now, taskName, sayMinutes, momentOf } = useEvening();
  const { drinkName } = useMenuWords();
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

  return { not, instead, next, tick, left };
}
