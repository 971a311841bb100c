import { watch } from 'vue';
import { useAdvice } from './use-advice';
import { useAnswer } from './use-answer';

/**
 * What is asked of every proven set while somebody shows it: how far it goes and what a glass of it comes to, or the
 * larger bottles that money left over is best put into.
 */
export function useAboutSet<T extends 'enough' | 'larger'>(topic: T) {
  const advice = useAdvice();
  const answers = useAnswer();
  watch(
    [() => answers.proven, () => answers.result],
    () => {
      const { result } = answers;
      if (!answers.proven || !result) return;
      const { answer, inUse, items } = result;
      void advice.ask(topic, { result: { answer, inUse, items } });
    },
    { immediate: true },
  );
  return advice.on(topic);
}
