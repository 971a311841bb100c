import { performance } from 'node:perf_hooks';
import { loadShipped } from '@uisce/catalogue';
import { faultsOfZod, MOST_FAULTS, type Fault } from '@uisce/core/base';
import type { HomeMade } from '@uisce/core/catalogue';
import { bestAtShops, compareShops, shopsQuestionSchema, type ShopsQuestion } from '@uisce/core/errand';
import {
  OutOfTimeError,
  planProblemSchema,
  solveFrontier,
  solvePlan,
  type Frontier,
  type PlanAnswer,
} from '@uisce/core/planner';
import type { z } from 'zod';

export interface SolveTask {
  kind: 'solve' | 'frontier' | 'shops';
  /** As it was sent: checked here, so that a large one full of faults holds up nobody. */
  problem: unknown;
  /** The household's own ways of making things, where what is asked is about the trade. */
  homeMade?: readonly HomeMade[];
  seconds: number;
}

export type SolveResult =
  | { kind: 'answer'; answer: PlanAnswer | Frontier | ShopsTold; ms: number }
  | { kind: 'faults'; faults: Fault[] }
  | { kind: 'out-of-time' }
  | { kind: 'out-of-memory' };

/** The sets of shops with their best plans, and which of them is best. */
export interface ShopsTold {
  sets: {
    shops: string[];
    status: PlanAnswer['status'];
    value: number;
    open: number;
    spend: number;
    tripMinor: number;
    minutes: number;
    items: string[];
  }[];
  single: string[];
  best: string[];
}

function shopsTold(
  { brief, ownedKinds, kit, lists, trips, hourMinor }: ShopsQuestion,
  homeMade: readonly HomeMade[],
  remainingSeconds: () => number,
): ShopsTold {
  const { catalogue } = loadShipped();
  const matter = {
    ...{ brief: { ...brief, ownedKinds }, lists, ...(kit ? { kit } : {}) },
    catalogue: { ...catalogue, homeMade: [...catalogue.homeMade, ...homeMade] },
  };
  const answers = bestAtShops(matter, trips, { remainingSeconds }) ?? [];
  const told = compareShops(answers, lists, hourMinor);
  return {
    sets: answers.map(({ shops, result: { answer, open }, tripMinor, minutes }) => ({
      ...{ shops, open, tripMinor, minutes, items: answer.items },
      ...{ status: answer.status, value: answer.value, spend: answer.spend },
    })),
    single: told?.single.shops ?? [],
    best: told?.best.shops ?? [],
  };
}

/** Runs in a worker thread: one task at a time, stopping itself when its time is up. */
export default function run({ kind, problem, homeMade = [], seconds }: SolveTask): SolveResult {
  const started = performance.now();
  const remainingSeconds = () => seconds - (performance.now() - started) / 1000;
  const told = (answer: PlanAnswer | Frontier | ShopsTold): SolveResult => ({
    ...{ kind: 'answer', answer, ms: Math.round(performance.now() - started) },
  });
  const faults = (error: z.ZodError): SolveResult => ({
    ...{ kind: 'faults', faults: faultsOfZod(error).slice(0, MOST_FAULTS) },
  });
  try {
    if (kind === 'shops') {
      const asked = shopsQuestionSchema.safeParse(problem);
      return asked.success ? told(shopsTold(asked.data, homeMade, remainingSeconds)) : faults(asked.error);
    }
    const parsed = planProblemSchema.safeParse(problem);
    if (!parsed.success) return faults(parsed.error);
    return told((kind === 'solve' ? solvePlan : solveFrontier)(parsed.data, { remainingSeconds }));
  } catch (error) {
    if (error instanceof OutOfTimeError) return { kind: 'out-of-time' };
    throw error;
  }
}
