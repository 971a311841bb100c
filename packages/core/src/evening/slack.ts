import { clash, type Laid } from './place-schedule.js';
import type { ScheduledTask, ScheduleProblem } from './schedule.js';

/**
 * How much earlier each task could begin, the others staying where they are: as far as nothing stands in its way.
 *
 * @returns minutes by task.
 */
export function slackOf(problem: ScheduleProblem, placed: readonly ScheduledTask[]): Map<string, number> {
  const byId = new Map(problem.tasks.map((t) => [t.id, t]));
  const laid = placed.flatMap((p): Laid[] => {
    const task = byId.get(p.id);
    return task ? [{ ...p, task }] : [];
  });
  return new Map(laid.map((l) => [l.id, slackOfOne(problem, laid, l)]));
}

function slackOfOne(problem: ScheduleProblem, laid: readonly Laid[], mine: Laid): number {
  const others = laid.filter((l) => l !== mine);
  const most = Math.min(
    problem.horizon - mine.begins,
    (mine.task.freshMinutes ?? Infinity) - mine.ends,
    ...others.filter((l) => mine.task.after.includes(l.id)).map((l) => l.ends - mine.begins),
  );
  // What is in its way changes only where something else begins or ends, or a waking stretch does.
  const moments = [
    ...others.flatMap((l) => [l.begins, l.ends]),
    ...problem.awake.flatMap((w) => [w.from, w.to]),
  ];
  const steps = [0, ...moments.flatMap((m) => [m - mine.begins, m - mine.ends])]
    .filter((by) => by >= 0 && by < most)
    .sort((a, b) => a - b);
  for (const by of new Set(steps))
    if (clash(mine.task, mine.ends + by + 1, others, problem) !== undefined) return by;
  return Math.max(0, most);
}
