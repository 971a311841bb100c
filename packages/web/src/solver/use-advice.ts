import { defineStore } from 'pinia';
import { computed, reactive, watch } from 'vue';
import { Adviser } from './adviser';
import type { Advice, Question } from './protocol';
import { useAnswer } from './use-answer';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';

type Topic = Question['ask'];
type AdviceOn<T extends Topic> = Extract<Advice, { ask: T }>;

/** What is known on one topic, and how far it has come. */
interface Known {
  advice?: Advice;
  progress: number;
  asking: boolean;
  failure: string;
}

/** These take seconds: they get a worker of their own, so that short questions are not held up. */
const LONG: readonly Topic[] = ['steadiness', 'ladder'];

/** Questions about the answer, and what came back; forgotten when the answer changes. */
export const useAdvice = defineStore('advice', () => {
  const plans = usePlans();
  const trade = useTrade();
  const answers = useAnswer();
  const kits = useKit();
  const known = reactive(new Map<Topic, Known>());
  const advisers = { short: new Adviser(() => trade.catalogue), long: new Adviser(() => trade.catalogue) };
  const adviserFor = (topic: Topic) => (LONG.includes(topic) ? advisers.long : advisers.short);

  /** Ask about the open plan's answer, or about another brief. */
  function ask(question: Question, brief = plans.brief): void {
    if (!brief || !trade.prices) return;
    const topic = question.ask;
    if (LONG.includes(topic)) stopLong();
    const mine: Known = reactive({ progress: 0, asking: true, failure: '' });
    known.set(topic, mine);
    adviserFor(topic).ask(
      question,
      { brief, prices: trade.prices, kit: kits.kit },
      {
        onAdvice: (advice, progress) => Object.assign(mine, { advice, progress, asking: progress < 1 }),
        onFailure: (failure) => Object.assign(mine, { failure, asking: false }),
      },
    );
  }

  /** Stop a long calculation; what it has found so far stays. */
  function stopLong(): void {
    advisers.long.stop();
    for (const topic of LONG) {
      const mine = known.get(topic);
      if (mine) mine.asking = false;
    }
  }

  const on = <T extends Topic>(topic: T) =>
    computed(() => known.get(topic)?.advice as AdviceOn<T> | undefined);
  const isAsking = (topic: Topic) => known.get(topic)?.asking ?? false;
  const progressOf = (topic: Topic) => known.get(topic)?.progress ?? 0;
  const failureOf = (topic: Topic) => known.get(topic)?.failure ?? '';

  // Schools do not depend on the money in hand; everything else does.
  watch(
    () => [answers.curveKey, plans.brief?.moneyNowMinor],
    ([key], [before]) => {
      advisers.long.stop();
      for (const topic of known.keys()) if (topic !== 'schools' || key !== before) known.delete(topic);
    },
  );

  return { ask, stopLong, on, isAsking, progressOf, failureOf };
});
