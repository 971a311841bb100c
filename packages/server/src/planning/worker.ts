import { constants, setPriority } from 'node:os';
import { performance } from 'node:perf_hooks';
import { isWorkerThread } from 'piscina';
import { loadShipped } from '@uisce/catalogue';
import { faultsOfZod, MAX_FAULTS, type Fault } from '@uisce/core/base';
import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import { bestAtShops, compareShops, shopsQuestionSchema, type ShopsQuestion } from '@uisce/core/errand';
import {
  askMenu,
  menuAskedSchema,
  placeSchedule,
  slackOf,
  scheduleProblemSchema,
  type MenuAsked,
  type MenuTold,
  type NotInTime,
  type ScheduledTask,
  type ScheduleProblem,
} from '@uisce/core/evening';
import { answerBrief, briefQuestionSchema, type BriefAnswer, type BriefQuestion } from '@uisce/core/plan';
import {
  OutOfTimeError,
  planProblemSchema,
  solveFrontier,
  solvePlan,
  type Frontier,
  type PlanAnswer,
} from '@uisce/core/planner';
import { kindsWith, libraryOf, type OwnLibrary } from '@uisce/core/household';
import { pourables } from '@uisce/core/pouring';
import type { z } from 'zod';
import type { HouseNow } from '../kept/house-now.js';

// What takes minutes gives way to what takes a blink. On Linux a thread has a priority of its own; elsewhere this would be
// the whole server's.
if (isWorkerThread && process.platform === 'linux') setPriority(0, constants.priority.PRIORITY_LOW);

const NO_MENU = 'fewer drinks than that can be made here, or more must stand on the menu';

export interface SolveTask {
  kind: 'solve' | 'frontier' | 'brief' | 'shops' | 'menu' | 'schedule';
  /** As it was sent: checked here, so that a large one full of faults holds up nobody. */
  problem: unknown;
  /** What the household added to the library, where what is asked is about the trade. */
  own?: OwnLibrary;
  /** What is in the house, where a menu is asked for. */
  house?: MenuHouseSent;
  /** Prices as they hold here, where a brief is asked about. */
  prices?: PriceList;
  seconds: number;
}

/** The house as it is sent: kinds that differ from the library, not all of them. */
type MenuHouseSent = Omit<HouseNow, 'kinds'> & { prices: PriceList };

export type SolveResult =
  | {
      kind: 'answer';
      answer: PlanAnswer | Frontier | BriefAnswer | ShopsTold | MenuTold | ScheduleTold;
      ms: number;
    }
  | { kind: 'faults'; faults: Fault[] }
  | { kind: 'out-of-time' }
  | { kind: 'out-of-memory' };

/** The sets of shops with their best plans, and which of them is best. */
export interface ShopsTold {
  sets: {
    shops: string[];
    status: PlanAnswer['status'];
    value: number;
    drinksMade: number;
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
  catalogue: Catalogue,
  remainingSeconds: () => number,
): ShopsTold {
  const matter = {
    brief: { ...brief, ownedKinds },
    lists,
    ...(kit ? { kit } : {}),
    catalogue,
  };
  const answers = bestAtShops(matter, trips, { remainingSeconds }) ?? [];
  const told = compareShops(answers, lists, hourMinor);
  return {
    sets: answers.map(({ shops, result: { answer, drinksMade }, tripMinor, minutes }) => ({
      shops,
      drinksMade,
      tripMinor,
      minutes,
      items: answer.items,
      status: answer.status,
      value: answer.value,
      spend: answer.spend,
    })),
    single: told?.single.shops ?? [],
    best: told?.best.shops ?? [],
  };
}

/** What the Plan would say of a brief, by the library of this household. */
function briefTold(
  asked: BriefQuestion,
  prices: PriceList,
  catalogue: Catalogue,
  remainingSeconds: () => number,
): BriefAnswer {
  return answerBrief(asked, { prices, catalogue }, { remainingSeconds });
}

/** When to do what, by how much each could begin earlier, and what stands in the way. */
interface ScheduleTold {
  ok: boolean;
  starts: (ScheduledTask & { slack: number })[];
  proven: boolean;
  conflict?: NotInTime;
}

function scheduleTold(problem: ScheduleProblem): ScheduleTold {
  const schedule = placeSchedule(problem);
  const slack = schedule.ok ? slackOf(problem, schedule.placed) : new Map<string, number>();
  return {
    ok: schedule.ok,
    starts: schedule.placed.map((p) => ({ ...p, slack: slack.get(p.id) ?? 0 })),
    proven: schedule.ok && schedule.proven,
    ...(schedule.ok ? {} : { conflict: schedule.not }),
  };
}

/** The best menu of the library from what is in the house; what is found when the time is up is not proven. */
function menuTold(
  asked: MenuAsked,
  { minMatch, ...house }: MenuHouseSent,
  catalogue: Catalogue,
  isOver: () => boolean,
): MenuTold | Fault[] | undefined {
  const ready = pourables(catalogue, minMatch);
  const kinds = kindsWith(catalogue, house.changed);
  return askMenu(asked, { ...house, ready, kinds, catalogue }, { isOver });
}

/** Runs in a worker thread: one task at a time, stopping itself when its time is up. */
export default function run({ kind, problem, own, house, prices, seconds }: SolveTask): SolveResult {
  const started = performance.now();
  const remainingSeconds = () => seconds - (performance.now() - started) / 1000;
  const library = () => (own ? libraryOf(loadShipped().catalogue, own) : loadShipped().catalogue);
  const told = (answer: Extract<SolveResult, { kind: 'answer' }>['answer']): SolveResult => ({
    kind: 'answer',
    answer,
    ms: Math.round(performance.now() - started),
  });
  const faults = (error: z.ZodError): SolveResult => ({
    kind: 'faults',
    faults: faultsOfZod(error).slice(0, MAX_FAULTS),
  });
  try {
    if (kind === 'shops') {
      const asked = shopsQuestionSchema.safeParse(problem);
      return asked.success ? told(shopsTold(asked.data, library(), remainingSeconds)) : faults(asked.error);
    }
    if (kind === 'brief' && prices)
      return told(briefTold(briefQuestionSchema.parse(problem), prices, library(), remainingSeconds));
    if (kind === 'schedule') return told(scheduleTold(scheduleProblemSchema.parse(problem)));
    if (kind === 'menu' && house) {
      const menu = menuTold(menuAskedSchema.parse(problem), house, library(), () => remainingSeconds() <= 0);
      return menu === undefined
        ? { kind: 'faults', faults: [{ code: 'mismatch', pointer: '/size', detail: NO_MENU }] }
        : Array.isArray(menu)
          ? { kind: 'faults', faults: menu }
          : told(menu);
    }
    const parsed = planProblemSchema.safeParse(problem);
    if (!parsed.success) return faults(parsed.error);
    return told((kind === 'solve' ? solvePlan : solveFrontier)(parsed.data, { remainingSeconds }));
  } catch (error) {
    if (error instanceof OutOfTimeError) return { kind: 'out-of-time' };
    throw error;
  }
}
