import type { Catalogue } from '@uisce/core/catalogue';
import { bestPlan } from '@uisce/core/plan';
import type { About, From, TimedResult } from '../solver/about';
import { searchFor } from '../solver/tasks/held';
import { drawCurve, type CurvePart, type CurveShare } from '../solver/tasks/curve';
import {
  answerQuestion,
  type Advice,
  type QuestionArguments,
  type Told,
  type Topic,
} from '../solver/tasks/questions';

/** What was asked of solvers since the test began, and a hand on when they answer. */
export const asked = {
  answers: [] as { about: About; from: From | null }[],
  curves: [] as { about: About; share: CurveShare }[],
  topics: [] as Topic[],
  /** Solvers answer when this is settled. */
  gate: Promise.resolve(),
  /** And have proven it when this is; undefined is at once. */
  proof: undefined as Promise<void> | undefined,
  /** Whether drawing settles one stretch and then takes its time over the rest. */
  drawsLittle: false,
  /** A topic on which a solver fails. */
  failsOn: undefined as Topic | undefined,
};

/** The solver without its thread: the same answers, on the page. */
export class Solver {
  private turn = 0;
  constructor(private readonly catalogue: () => Catalogue) {}

  wake(): void {
    this.turn += 0;
  }

  async answer(
    about: About,
    from: From | null,
    onBetter: (result: TimedResult) => void,
  ): Promise<TimedResult | undefined> {
    const turn = ++this.turn;
    asked.answers.push({ about, from });
    await asked.gate;
    const catalogue = this.catalogue();
    const control = from ? { start: from.items, startProven: from.proven } : {};
    const result = bestPlan({ ...about, catalogue }, control, searchFor(about, catalogue));
    if (turn !== this.turn || result === undefined) return undefined;
    onBetter({ ...result, ms: 5 });
    if (asked.proof) await asked.proof;
    if (turn !== this.turn) return undefined;
    return { ...result, ms: 7 };
  }

  async curve(
    about: About,
    share: CurveShare,
    onPart: (part: CurvePart) => void,
    signal: AbortSignal,
  ): Promise<boolean> {
    const turn = ++this.turn;
    signal.addEventListener('abort', () => turn === this.turn && this.stop());
    asked.curves.push({ about, share });
    const isStale = () => turn !== this.turn;
    await drawCurve(about, share, this.catalogue(), isStale, (part) => {
      if (!isStale()) onPart(asked.drawsLittle ? { ...part, settled: part.settled.slice(0, 1) } : part);
    });
    if (asked.drawsLittle) await new Promise(() => undefined);
    return !isStale();
  }

  async advise<T extends Topic>(
    topic: T,
    about: About,
    question: QuestionArguments<T>,
    tell: (soFar: Advice<T>, progress: number) => void,
  ): Promise<Advice<T> | undefined> {
    asked.topics.push(topic);
    await asked.gate;
    if (topic === asked.failsOn) throw new Error('Out of memory');
    const soFar = (told: Told, progress: number) => {
      const advice = told[topic];
      if (advice !== undefined) tell(advice, progress);
    };
    return answerQuestion(topic, about, question, this.catalogue(), soFar)[topic];
  }

  stop(): void {
    this.turn += 1;
  }

  end(): void {
    this.stop();
  }
}
