import { performance } from 'node:perf_hooks';
import { faultsOfZod, MOST_FAULTS, type Fault } from '@uisce/core/base';
import {
  OutOfTimeError,
  planProblemSchema,
  solveFrontier,
  solvePlan,
  type Frontier,
  type PlanAnswer,
} from '@uisce/core/planner';

export interface SolveTask {
  kind: 'solve' | 'frontier';
  /** As it was sent: checked here, so that a large one full of faults holds up nobody. */
  problem: unknown;
  seconds: number;
}

export type SolveResult =
  | { kind: 'answer'; answer: PlanAnswer | Frontier; ms: number }
  | { kind: 'faults'; faults: Fault[] }
  | { kind: 'out-of-time' }
  | { kind: 'out-of-memory' };

/** Runs in a worker thread: one task at a time, stopping itself when its time is up. */
export default function run({ kind, problem, seconds }: SolveTask): SolveResult {
  const started = performance.now();
  const remainingSeconds = () => seconds - (performance.now() - started) / 1000;
  const parsed = planProblemSchema.safeParse(problem);
  if (!parsed.success) return { kind: 'faults', faults: faultsOfZod(parsed.error).slice(0, MOST_FAULTS) };
  try {
    const answer = (kind === 'solve' ? solvePlan : solveFrontier)(parsed.data, { remainingSeconds });
    return { kind: 'answer', answer, ms: Math.round(performance.now() - started) };
  } catch (error) {
    if (error instanceof OutOfTimeError) return { kind: 'out-of-time' };
    throw error;
  }
}
