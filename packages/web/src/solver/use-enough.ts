import { watch } from 'vue';
import { useAdvice } from './use-advice';
import { useAnswer } from './use-answer';

/** How far the set goes and what a glass of it comes to: asked of every proven answer while somebody shows it. */
export function useEnough() {
  const advice = useAdvice();
  const answers = useAnswer();
  watch(
    [() => answers.proven, () => answers.result],
    () => {
      const { result } = answers;
      if (!answers.proven || !result) return;
      const { answer, inUse, items } = result;
      void advice.ask('enough', { result: { answer, inUse, items } });
    },
    { immediate: true },
  );
  return advice.on('enough');
}
