import { refDebounced } from '@vueuse/core';
import { computed, shallowRef, watch, type ComputedRef, type ShallowRef } from 'vue';
import type { Advice, Topic } from './tasks/questions';
import { useAdvice, type Question } from './use-advice';

interface Options {
  /** Asked only when `ask` is called, not by itself. */
  onDemand?: boolean;
  /** Asked when the question has stood still for so long. */
  debounceMs?: number;
}

/** What is known of the question as it stands now. */
export interface Answered<T extends Topic> {
  /** Its answer, or what of a long one has been found so far. */
  found: ComputedRef<Advice<T> | undefined>;
  /** The last answer to any question on the topic: it stays on screen until the next one is there. */
  last: ShallowRef<Advice<T> | undefined>;
  isAsking: ComputedRef<boolean>;
  /** 0 to 1. */
  progress: ComputedRef<number>;
  failure: ComputedRef<string>;
  /** Ask it as it stands, again or for the first time; resolves when it is answered. */
  ask(): Promise<void>;
}

/**
 * A question to the planner that is asked anew whenever what it asks changes: another plan, other prices, another kit too. The
 * same question asked in two places is asked once, and different ones on one topic do not get in each other's way.
 *
 * @param asked what is asked now; undefined while nothing is.
 * @example const { found } = useQuestion('ties', () => proven && { of: { answer, most: 12 } })
 */
export function useQuestion<T extends Topic>(
  topic: T,
  asked: () => Question<T> | undefined | false,
  { onDemand = false, debounceMs = 0 }: Options = {},
): Answered<T> {
  const advice = useAdvice();
  const question = computed(() => asked() || undefined);
  const keyNow = computed(() => question.value && advice.keyOf(topic, question.value));
  const key = debounceMs > 0 ? refDebounced(keyNow, debounceMs) : keyNow;
  const known = computed(() => (key.value === keyNow.value ? advice.knownOf<T>(key.value) : undefined));
  const found = computed(() => known.value?.advice);
  const last = shallowRef<Advice<T>>();

  async function ask(): Promise<void> {
    if (question.value && keyNow.value !== undefined) await advice.ask(topic, question.value, keyNow.value);
  }
  if (!onDemand)
    // Also when what is on screen was forgotten, since so many others were asked meanwhile.
    watch(
      [key, () => advice.knownOf<T>(key.value) === undefined] as const,
      ([now]) => {
        if (now === undefined || now !== keyNow.value) return;
        const before = advice.knownOf<T>(now);
        if (before === undefined || before.isStopped) void ask();
      },
      { immediate: true },
    );
  watch(
    found,
    (now) => {
      if (now !== undefined) last.value = now;
    },
    { immediate: true },
  );

  return {
    found,
    last,
    isAsking: computed(() => known.value?.isAsking ?? false),
    progress: computed(() => known.value?.progress ?? 0),
    failure: computed(() => known.value?.failure ?? ''),
    ask,
  };
}
