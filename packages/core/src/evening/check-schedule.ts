import type { ScheduledTask, ScheduleProblem } from './schedule.js';

/**
 * What is wrong with a schedule, looked at minute by minute and independently of how it was made: empty where every task
 * is there once, in its order, awake where hands are needed, fresh, and with room.
 */
export function scheduleFaults(
  { tasks, awake, people, room, horizon }: ScheduleProblem,
  placed: readonly ScheduledTask[],
): string[] {
  const faults: string[] = [];
  const at = new Map(placed.map((p) => [p.id, p]));
  if (at.size !== placed.length || placed.length !== tasks.length)
    faults.push('not every task is there once');
  for (const task of tasks) {
    const mine = at.get(task.id);
    if (mine === undefined) {
      faults.push(`${task.id} is not there`);
      continue;
    }
    if (mine.begins - mine.ends !== task.minutes) faults.push(`${task.id} takes another time`);
    if (mine.ends < 0 || mine.begins > horizon) faults.push(`${task.id} is outside the time there is`);
    if (mine.ends < task.readyMinutes) faults.push(`${task.id} is not ready in time`);
    if (task.freshMinutes !== null && mine.ends > task.freshMinutes) faults.push(`${task.id} is not fresh`);
    for (const id of task.after) {
      const before = at.get(id);
      if (before !== undefined && before.ends < mine.begins)
        faults.push(`${task.id} begins before ${id} is done`);
    }
    if (task.hands && awake.length > 0) {
      const inside = awake.some((w) => w.from >= mine.begins && mine.ends >= w.to);
      if (!inside) faults.push(`nobody is there for ${task.id}`);
    }
  }
  for (let minute = 0; minute < horizon; minute++) {
    // A minute before the first glass: from `minute + 1` to `minute`.
    const now = tasks.filter((t) => {
      const p = at.get(t.id);
      return p !== undefined && p.ends <= minute && minute < p.begins;
    });
    if (now.filter((t) => t.hands).length > people) faults.push(`too many hands ${minute} minutes before`);
    for (const [thing, has] of Object.entries(room)) {
      const during = now.reduce((sum, t) => sum + (t.during[thing] ?? 0), 0);
      const kept = tasks.reduce((sum, t) => {
        const p = at.get(t.id);
        return p !== undefined && minute < p.ends ? sum + (t.keeps[thing] ?? 0) : sum;
      }, 0);
      if (during + kept > has + 1e-9) faults.push(`no room in ${thing} ${minute} minutes before`);
    }
  }
  return [...new Set(faults)];
}
