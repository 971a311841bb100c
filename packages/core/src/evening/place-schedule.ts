import type { NotInTime, ScheduledTask, ScheduleProblem, ScheduleTask } from './schedule.js';
import { waiting } from './schedule.js';

/** Up to so many tasks every order is tried; beyond, many orders. */
const MAX_EXACT = 7;
/** Orders tried beyond that: enough for thirty tasks in a second. */
const TRIES = 400;

/** A schedule, or why there is none. */
export type Schedule =
  | { ok: true; placed: ScheduledTask[]; proven: boolean }
  | { ok: false; not: NotInTime; placed: ScheduledTask[] };

/** One thing laid down already: when, and what it takes. */
export interface Laid extends ScheduledTask {
  task: ScheduleTask;
}

/** What speaks against a task ending at a time beside those that are laid; undefined where nothing does. */
export function clash(
  task: ScheduleTask,
  ends: number,
  laid: readonly Laid[],
  problem: ScheduleProblem,
): { next: number; why: NotInTime['why'] } | undefined {
  const begins = ends + task.minutes;
  if (task.hands && problem.awake.length > 0) {
    const inside = problem.awake.some((w) => w.from >= begins && ends >= w.to);
    if (!inside) {
      // The next earlier stretch that is long enough, or the end of this one.
      const later = problem.awake
        .filter((w) => w.to > ends && w.from - w.to >= task.minutes)
        .map((w) => w.to);
      return { next: later.length === 0 ? Infinity : Math.min(...later), why: 'no-hands' };
    }
  }
  // Times at which something changes while it lasts: the ends of what is laid, and its own.
  const during = laid.filter((l) => l.ends < begins && ends < l.begins);
  if (task.hands) {
    const busy = during.filter((l) => l.task.hands);
    const moments = [ends, ...busy.map((l) => l.ends).filter((m) => m > ends)];
    if (moments.some((m) => busy.filter((l) => l.ends <= m && m < l.begins).length >= problem.people))
      return { next: Math.min(...busy.map((l) => l.begins)), why: 'no-hands' };
  }
  for (const [thing, has] of Object.entries(problem.room)) {
    const own = task.during[thing] ?? 0;
    const keeps = task.keeps[thing] ?? 0;
    if (own === 0 && keeps === 0) continue;
    const usedAt = (m: number) =>
      laid.reduce(
        (sum, l) =>
          sum +
          (l.ends <= m && m < l.begins ? (l.task.during[thing] ?? 0) : 0) +
          (m < l.ends ? (l.task.keeps[thing] ?? 0) : 0),
        0,
      );
    const moments = [0, ends, ...laid.flatMap((l) => [l.ends, l.begins])].filter((m) => m < begins);
    const over = moments.some((m) => usedAt(m) + (m >= ends ? own : keeps) > has + 1e-9);
    if (over) {
      const changes = laid.flatMap((l) => [l.begins, l.ends]).filter((m) => m > ends);
      return { next: changes.length === 0 ? Infinity : Math.min(...changes), why: 'no-room' };
    }
  }
  return undefined;
}

/** As late as it can end once these are laid; or what stands against it. */
function latest(
  task: ScheduleTask,
  from: number,
  laid: readonly Laid[],
  problem: ScheduleProblem,
): number | NotInTime {
  let ends = Math.max(from, task.readyMinutes);
  let why: NotInTime['why'] = 'no-time';
  while (Number.isFinite(ends)) {
    if (task.freshMinutes !== null && ends > task.freshMinutes)
      return { task: task.id, why: why === 'no-time' ? 'not-fresh' : why };
    if (ends + task.minutes > problem.horizon) return { task: task.id, why };
    const against = clash(task, ends, laid, problem);
    if (against === undefined) return ends;
    why = against.why;
    ends = Math.max(ends + 1, against.next);
  }
  return { task: task.id, why };
}

/** Lay tasks down in this order, last things first, each as late as it can be. */
function lay(
  order: readonly ScheduleTask[],
  problem: ScheduleProblem,
): Laid[] | { not: NotInTime; laid: Laid[] } {
  const laid: Laid[] = [];
  const begins = new Map<string, number>();
  for (const task of order) {
    const followers = problem.tasks.filter((t) => t.after.includes(task.id));
    const from = Math.max(0, ...followers.map((f) => begins.get(f.id) ?? 0));
    const ends = latest(task, from, laid, problem);
    if (typeof ends !== 'number') return { not: ends, laid };
    laid.push({ id: task.id, ends, begins: ends + task.minutes, task });
    begins.set(task.id, ends + task.minutes);
  }
  return laid;
}

/** Tasks whose followers are all laid. */
function ready(
  tasks: readonly ScheduleTask[],
  done: ReadonlySet<string>,
  all: readonly ScheduleTask[],
): ScheduleTask[] {
  return tasks.filter((t) => !done.has(t.id) && all.every((f) => !f.after.includes(t.id) || done.has(f.id)));
}

/** A circle of tasks that wait for each other, if there is one. */
function circle(tasks: readonly ScheduleTask[]): string | undefined {
  const done = new Set<string>();
  for (let next = ready(tasks, done, tasks); next.length > 0; next = ready(tasks, done, tasks))
    for (const t of next) done.add(t.id);
  return tasks.find((t) => !done.has(t.id))?.id;
}

/**
 * When to do what so that everything is ready and fresh at the first glass: laid back from it, each as late as hands,
 * room and freshness let it be, so that in all the least time is spent waiting. Of up to seven tasks every order is
 * tried; of more, many, until nothing can be later than it is.
 *
 * @example placeSchedule(problem) // { ok: true, placed: [{ id: 'ice', begins: 2880, ends: 2600 }, …], proven: true }
 */
export function placeSchedule(problem: ScheduleProblem): Schedule {
  const { tasks } = problem;
  const turning = circle(tasks);
  if (turning !== undefined) return { ok: false, not: { task: turning, why: 'circle' }, placed: [] };
  let best: Laid[] | undefined;
  let least = Infinity;
  let fault: { not: NotInTime; laid: Laid[] } | undefined;
  const bound = leastWaiting(tasks);
  /** Whether it is proven that there is nothing better. */
  const judge = (order: readonly ScheduleTask[]): boolean => {
    const laid = lay(order, problem);
    if (!Array.isArray(laid)) {
      // What got furthest says most about what stands in the way.
      if (fault === undefined || laid.laid.length > fault.laid.length) fault = laid;
      return false;
    }
    const sum = waiting(laid);
    if (sum < least) [best, least] = [laid, sum];
    return least <= bound;
  };
  const exact = tasks.length <= MAX_EXACT;
  if (exact) everyOrder(tasks, judge);
  else manyOrders(tasks, judge);
  const placed = (laid: readonly Laid[]) => laid.map(({ id, begins, ends }) => ({ id, begins, ends }));
  if (best) return { ok: true, placed: placed(best), proven: exact || least <= bound };
  const not = fault?.not ?? { task: tasks[0]?.id ?? '', why: 'no-time' as const };
  return { ok: false, not, placed: placed(fault?.laid ?? []) };
}

/** What is waited at the least: each task as late as those that follow it let it be, everything else being free. */
function leastWaiting(tasks: readonly ScheduleTask[]): number {
  const known = new Map<string, number>();
  const tail = (task: ScheduleTask): number => {
    const before = known.get(task.id);
    if (before !== undefined) return before;
    const mine = Math.max(
      task.readyMinutes,
      ...tasks.filter((f) => f.after.includes(task.id)).map((f) => tail(f) + f.minutes),
    );
    known.set(task.id, mine);
    return mine;
  };
  return tasks.reduce((sum, task) => sum + tail(task), 0);
}

function everyOrder(
  tasks: readonly ScheduleTask[],
  judge: (order: readonly ScheduleTask[]) => boolean,
): void {
  const order: ScheduleTask[] = [];
  const done = new Set<string>();
  const go = (): boolean => {
    if (order.length === tasks.length) return judge(order);
    for (const task of ready(tasks, done, tasks)) {
      order.push(task);
      done.add(task.id);
      const enough = go();
      done.delete(task.id);
      order.pop();
      if (enough) return true;
    }
    return false;
  };
  go();
}

/** Orders by urgency, then the same with chance in it: always the same chance. */
function manyOrders(
  tasks: readonly ScheduleTask[],
  judge: (order: readonly ScheduleTask[]) => boolean,
): void {
  let seed = 1;
  const chance = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
  const urgency = (t: ScheduleTask) => (t.freshMinutes ?? 1e6) + t.minutes * (t.hands ? 0.1 : 1);
  for (let i = 0; i < TRIES; i++) {
    const noise = i === 0 ? 0 : (i / TRIES) * 2;
    const key = new Map(tasks.map((t) => [t.id, urgency(t) * (1 + noise * (chance() - 0.5))]));
    const order: ScheduleTask[] = [];
    const done = new Set<string>();
    while (order.length < tasks.length) {
      const next = ready(tasks, done, tasks).sort(
        (a, b) => (key.get(a.id) ?? 0) - (key.get(b.id) ?? 0) || (a.id < b.id ? -1 : 1),
      )[0];
      if (next === undefined) return;
      order.push(next);
      done.add(next.id);
    }
    if (judge(order)) return;
  }
}
