/** One thing to be made in a round: how long it takes, how much it loses in a second of standing, and what must be before. */
export interface Task {
  seconds: number;
  /** What a second of standing costs it. */
  fades: number;
  /** The place of the task that must be done before. */
  after?: number;
}

/** More tasks than this are taken in the order of their urgency alone. */
const MAX_EXACT = 14;

/**
 * The order in which the least is lost by standing: everybody drinks when the last glass is done. Exact up to
 * fourteen tasks, by the best order of every subset; beyond, by how fast each fades for its length.
 *
 * @returns places of tasks, first to last; among equals the earlier place first.
 * @example bestOrder([{ seconds: 60, fades: 2 }, { seconds: 60, fades: 1 }]) // [1, 0]
 */
export function bestOrder(tasks: readonly Task[]): number[] {
  const n = tasks.length;
  if (n > MAX_EXACT) return byUrgency(tasks);
  // From the end: the last task of a set stands for nothing, and lengthens the standing of all before it.
  const size = 1 << n;
  const best = new Float64Array(size).fill(Infinity);
  const last = new Int8Array(size).fill(-1);
  best[0] = 0;
  for (let set = 1; set < size; set++) {
    for (let i = n - 1; i >= 0; i--) {
      if (!mayBeLast(tasks, i, set)) continue;
      const before = set & ~(1 << i);
      const fading = fadesOf(tasks, before) * (tasks[i]?.seconds ?? 0);
      const loss = (best[before] ?? Infinity) + fading;
      if (loss < (best[set] ?? Infinity) - 1e-9) {
        best[set] = loss;
        last[set] = i;
      }
    }
  }
  const order: number[] = [];
  for (let set = size - 1; set > 0;) {
    const i = last[set] ?? -1;
    if (i < 0) return byUrgency(tasks);
    order.unshift(i);
    set &= ~(1 << i);
  }
  return order;
}

/** A task is last of a set only if nothing in it must come after it, and it has what must come before. */
function mayBeLast(tasks: readonly Task[], i: number, set: number): boolean {
  const isIn = (j: number) => (set & (1 << j)) !== 0;
  const needed = tasks[i]?.after;
  return (
    isIn(i) &&
    !tasks.some((t, j) => j !== i && isIn(j) && t.after === i) &&
    (needed === undefined || (needed !== i && isIn(needed)))
  );
}

function fadesOf(tasks: readonly Task[], set: number): number {
  return tasks.reduce((sum, task, i) => (set & (1 << i) ? sum + task.fades : sum), 0);
}

function byUrgency(tasks: readonly Task[]): number[] {
  const urgency = (i: number) => (tasks[i]?.fades ?? 0) / Math.max(1, tasks[i]?.seconds ?? 1);
  const open = tasks.map((_, i) => i);
  const order: number[] = [];
  while (open.length > 0) {
    const ready = open.filter((i) => {
      const after = tasks[i]?.after;
      return after === undefined || order.includes(after);
    });
    const next = (ready.length > 0 ? ready : open).reduce((a, b) => (urgency(b) < urgency(a) ? b : a));
    order.push(next);
    open.splice(open.indexOf(next), 1);
  }
  return order;
}
