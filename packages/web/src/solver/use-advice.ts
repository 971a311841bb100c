import type { HouseholdBrief } from '@uisce/core/plan';
import { defineStore } from 'pinia';
import { computed, reactive, watch } from 'vue';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { Solver } from './solver';
import type { Advice, QuestionArguments, Topic } from './tasks/questions';
import { useAnswer } from './use-answer';

/** What is known on one topic, and how far it has come. */
interface Known {
  advice?: unknown;
  progress: number;
  asking: boolean;
  failure: string;
}

/** These take seconds: they get a worker of their own, so that short questions are not held up. The kit's follows every answer, where its bottles are known. */
const LONG: readonly Topic[] = ['steadiness', 'ladder', 'shops', 'evening'];

/** Questions about the answer, and what came back; forgotten when the answer changes. */
export const useAdvice = defineStore('advice', () => {
  const plans = usePlans();
  const catalogue = useCatalogue();
  const answers = useAnswer();
  const kits = useKit();
  const stock = useStock();
  const known = reactive(new Map<Topic, Known>());
  const solvers = { short: new Solver(() => catalogue.all), long: new Solver(() => catalogue.all) };
  const solverFor = (topic: Topic) =>
    LONG.includes(topic) ? solvers.long : topic === 'kit' ? answers.solver : solvers.short;

  /** Ask about the open plan's answer, or about another brief. */
  async function ask<T extends Topic>(
    topic: T,
    asked: QuestionArguments<T>,
    brief: HouseholdBrief = plans.briefOrEmpty,
  ): Promise<void> {
    const { prices } = catalogue;
    if (!prices) return;
    const isLong = LONG.includes(topic);
    if (isLong) stopLong();
    const mine: Known = reactive({ progress: 0, asking: true, failure: '' });
    known.set(topic, mine);
    const about = { brief: stock.withStock(brief), prices, kit: kits.kit };
    try {
      const advice = await solverFor(topic).advise(topic, about, asked, (soFar, progress) =>
        Object.assign(mine, { advice: soFar, progress }),
      );
      Object.assign(mine, { advice, progress: 1, asking: false });
    } catch (error) {
      Object.assign(mine, { failure: (error as Error).message, asking: false });
    }
  }

  /** Stop a long calculation; what it has found so far stays. */
  function stopLong(): void {
    solvers.long.end();
    for (const topic of LONG) {
      const mine = known.get(topic);
      if (mine) mine.asking = false;
    }
  }

  const on = <T extends Topic>(topic: T) => computed(() => known.get(topic)?.advice as Advice<T> | undefined);
  const isAsking = (topic: Topic) => known.get(topic)?.asking ?? false;
  const progressOf = (topic: Topic) => known.get(topic)?.progress ?? 0;
  const failureOf = (topic: Topic) => known.get(topic)?.failure ?? '';

  // Schools do not depend on the money in hand; everything else does.
  watch(
    () => [answers.curveKey, answers.bottleMoney],
    ([key], [before]) => {
      solvers.long.end();
      for (const topic of known.keys()) if (topic !== 'schools' || key !== before) known.delete(topic);
    },
  );

  return { ask, stopLong, on, isAsking, progressOf, failureOf };
});
