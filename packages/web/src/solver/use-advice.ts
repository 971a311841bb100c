import { defineStore } from 'pinia';
import { shallowReactive, toRaw } from 'vue';
import type { HouseholdBrief } from '@uisce/core/plan';
import { useCatalogue } from '../household/use-catalogue';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { Solver } from './solver';
import type { Advice, QuestionArguments, Topic } from './tasks/questions';
import { useAnswer } from './use-answer';

/** What is asked on a topic, and the brief it is about where that is not the open plan's. */
export interface Question<T extends Topic> {
  of: QuestionArguments<T>;
  brief?: HouseholdBrief;
}

/** What is known of one question, and how far it has come. */
export interface Known<T extends Topic = Topic> {
  advice: Advice<T> | undefined;
  progress: number;
  isAsking: boolean;
  failure: string;
  /** Given up before it was answered: whoever comes anew asks again. */
  isStopped: boolean;
}

/** These take seconds: they get a worker of their own, one at a time, so that short questions are not held up. */
const LONG: readonly Topic[] = ['steadiness', 'ladder', 'shops', 'evening'];
/** Questions whose answers are kept; of more, the oldest go. */
const MAX_KNOWN = 60;

/** What is large and never changed in place stands in a key by its number. */
const numbers = new WeakMap<object, number>();
let lastNumber = 0;
const numberOf = (thing: object): number => {
  const raw = toRaw(thing);
  const number = numbers.get(raw) ?? ++lastNumber;
  numbers.set(raw, number);
  return number;
};
const isLarge = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && 'bottles' in value && 'currency' in value;

/** Questions about a brief and what came back, by the whole question: the same one is asked once, whoever asks it. */
export const useAdvice = defineStore('advice', () => {
  const plans = usePlans();
  const catalogue = useCatalogue();
  const answers = useAnswer();
  const kits = useKit();
  const stock = useStock();
  const known = shallowReactive(new Map<string, Known>());
  const solvers = { short: new Solver(() => catalogue.all), long: new Solver(() => catalogue.all) };
  // The kit's question follows every answer, where its bottles are known.
  const solverFor = (topic: Topic) =>
    LONG.includes(topic) ? solvers.long : topic === 'kit' ? answers.solver : solvers.short;

  const aboutOf = (brief: HouseholdBrief = plans.briefOrEmpty) => ({
    brief: stock.withStock(brief),
    kit: kits.kit,
  });

  /** The whole question in words; undefined while there are no prices to answer it by. */
  function keyOf<T extends Topic>(topic: T, { of, brief }: Question<T>): string | undefined {
    const { prices } = catalogue;
    if (prices === undefined) return undefined;
    const whole = [topic, of, aboutOf(brief), numberOf(prices), numberOf(catalogue.all)];
    return JSON.stringify(whole, (_, value: unknown) => (isLarge(value) ? numberOf(value) : value));
  }

  /** Ask a question, whether it was asked before or not; resolves when it is answered. */
  async function ask<T extends Topic>(topic: T, { of, brief }: Question<T>, key: string): Promise<void> {
    const { prices } = catalogue;
    if (!prices) return;
    if (LONG.includes(topic)) stopLong();
    const mine: Known<T> = shallowReactive({
      advice: undefined,
      progress: 0,
      isAsking: true,
      failure: '',
      isStopped: false,
    });
    known.delete(key);
    known.set(key, mine);
    for (const [old] of [...known].slice(0, Math.max(0, known.size - MAX_KNOWN))) known.delete(old);
    try {
      const advice = await solverFor(topic).advise(
        topic,
        { ...aboutOf(brief), prices },
        of,
        (soFar, progress) => Object.assign(mine, { advice: soFar, progress }),
      );
      Object.assign(mine, { advice, progress: 1, isAsking: false });
    } catch (error) {
      Object.assign(mine, { failure: (error as Error).message, isAsking: false });
    }
  }

  /** Stop a long calculation; what it has found so far stays. */
  function stopLong(): void {
    solvers.long.end();
    for (const [key, mine] of known)
      if (mine.isAsking && LONG.some((topic) => key.startsWith(`["${topic}"`)))
        Object.assign(mine, { isAsking: false, isStopped: true });
  }

  /** What is known of a question by its key. */
  const knownOf = <T extends Topic>(key: string | undefined) =>
    key === undefined ? undefined : (known.get(key) as Known<T> | undefined);

  return { keyOf, ask, knownOf, stopLong };
});
