import { expose } from 'comlink';
import type { Catalogue } from '@uisce/core/catalogue';
import { bestPlan, type PlanResult } from '@uisce/core/plan';
import type { About, From, TimedResult } from './about';
import { drawCurve, type CurvePart, type CurveShare } from './tasks/curve';
import { searchFor } from './tasks/held';
import { answerQuestion, type QuestionArguments, type Told, type Topic } from './tasks/questions';

let catalogue: Catalogue | undefined;
/** The turn of the newest request, in memory shared with the page: whatever is older stops. */
let latest: Int32Array | undefined;

function known(): Catalogue {
  if (catalogue === undefined) throw new Error('a solver was asked before it had the catalogue');
  return catalogue;
}
const isStale = (turn: number) => latest !== undefined && Atomics.load(latest, 0) !== turn;

const api = {
  start(shared: SharedArrayBuffer | null): void {
    latest = shared ? new Int32Array(shared) : undefined;
  },

  load(loaded: Catalogue): void {
    catalogue = loaded;
  },

  /** The best set; undefined when something newer was asked meanwhile. */
  answer(
    turn: number,
    about: About,
    from: From | null,
    onBetter: (result: TimedResult) => void,
  ): TimedResult | undefined {
    if (isStale(turn)) return undefined;
    const began = performance.now();
    const timed = (result: PlanResult): TimedResult => ({
      ...result,
      ms: Math.round(performance.now() - began),
    });
    const control = {
      ...(from ? { start: from.items, startProven: from.proven } : {}),
      shouldStop: () => isStale(turn),
      onBetter: (better: PlanResult) => onBetter(timed(better)),
    };
    const result = bestPlan({ ...about, catalogue: known() }, control, searchFor(about, known()));
    return result && timed(result);
  },

  /** This solver's part of the curve; true when it was drawn to its end. */
  async curve(
    turn: number,
    about: About,
    share: CurveShare,
    send: (part: CurvePart) => void,
  ): Promise<boolean> {
    if (isStale(turn)) return false;
    await drawCurve(about, share, known(), () => isStale(turn), send);
    return !isStale(turn);
  },

  advise<T extends Topic>(
    topic: T,
    about: About,
    asked: QuestionArguments<T>,
    tell: (soFar: Told, progress: number) => void,
  ): Told {
    return answerQuestion(topic, about, asked, known(), tell);
  },
};

export type SolverApi = typeof api;
expose(api);
