import type { ScheduledTask, ScheduleProblem, ScheduleTask } from './schedule.js';

type Placed = ReadonlyMap<string, ScheduledTask>;

/** What is wrong with one task in its place. */
function taskFaults(task: ScheduleTask, at: Placed, { awake, horizon }: ScheduleProblem): string[] {
  const mine = at.get(task.id);
  if (mine === undefined) return [`${task.id} is not there`];
  const inside = awake.some((w) => w.from >= mine.begins && mine.ends >= w.to);
  const isLate = (id: string) => (at.get(id)?.ends ?? Infinity) < mine.begins;
  const faults: [boolean, string][] = [
    [mine.begins - mine.ends !== task.minutes, `${task.id} takes another time`],
    [mine.ends < 0 || mine.begins > horizon, `${task.id} is outside the time there is`],
    [mine.ends < task.readyMinutes, `${task.id} is not ready in time`],
    [mine.ends > (task.freshMinutes ?? Infinity), `${task.id} is not fresh`],
    ...task.after.map((id): [boolean, string] => [isLate(id), `${task.id} begins before ${id} is done`]),
    [task.hands && awake.length > 0 && !inside, `nobody is there for ${task.id}`],
  ];
  return faults.flatMap(([is, fault]) => (is ? [fault] : []));
}

/** What is wrong in one minute before the first glass: from `minute + 1` to `minute`. */
function minuteFaults(minute: number, at: Placed, { tasks, people, room }: ScheduleProblem): string[] {
  const isKept = ({ id }: ScheduleTask) => minute < (at.get(id)?.ends ?? -1);
  const now = tasks.filter((t) => {
    const p = at.get(t.id);
    return p !== undefined && p.ends <= minute && minute < p.begins;
  });
  const faults =
    now.filter((t) => t.hands).length > people ? [`too many hands ${minute} minutes before`] : [];
  for (const [thing, has] of Object.entries(room)) {
    const during = now.reduce((sum, t) => sum + (t.during[thing] ?? 0), 0);
    const kept = tasks.filter(isKept).reduce((sum, t) => sum + (t.keeps[thing] ?? 0), 0);
    if (during + kept > has + 1e-9) faults.push(`no room in ${thing} ${minute} minutes before`);
  }
  return faults;
}

/**
 * What is wrong with a schedule, looked at minute by minute and independently of how it was made: empty where every task
 * is there once, in its order, awake where hands are needed, fresh, and with room.
 */
export function scheduleFaults(problem: ScheduleProblem, placed: readonly ScheduledTask[]): string[] {
  const { tasks, horizon } = problem;
  const at = new Map(placed.map((p) => [p.id, p]));
  const isWhole = at.size === placed.length && placed.length === tasks.length;
  const faults = [
    ...(isWhole ? [] : ['not every task is there once']),
    ...tasks.flatMap((task) => taskFaults(task, at, problem)),
    ...Array.from({ length: horizon }, (_, minute) => minuteFaults(minute, at, problem)).flat(),
  ];
  return [...new Set(faults)];
}
