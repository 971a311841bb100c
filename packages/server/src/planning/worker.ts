import { performance } from 'node:perf_hooks';
import {
  OutOfTimeError,
  solveFrontier,
  solvePlan,
  type Frontier,
  type PlanAnswer,
  type PlanProblem,
} from '@uisce/core/planner';

export interface SolveTask {
  kind: 'solve' | 'frontier';
  problem: PlanProblem;
  seconds: number;
}

export type SolveResult =
  { kind: 'answer'; answer: PlanAnswer | Frontier; ms: number } | { kind: 'out-of-time' };

/** Runs in a worker thread: one task at a time, stopping itself when its time is up. */
export default function run({ kind, problem, seconds }: SolveTask): SolveResult {
  const started = performance.now();
  const remainingSeconds = () => seconds - (performance.now() - started) / 1000;
  try {
    const answer = (kind === 'solve' ? solvePlan : solveFrontier)(problem, { remainingSeconds });
    return { kind: 'answer', answer, ms: Math.round(performance.now() - started) };
  } catch (error) {
    if (error instanceof OutOfTimeError) return { kind: 'out-of-time' };
    throw error;
  }
}
