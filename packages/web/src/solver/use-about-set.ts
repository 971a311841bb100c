import { useAnswer } from './use-answer';
import { useQuestion } from './use-question';

/**
 * What is asked of every proven set while somebody shows it: how far it goes and what a glass of it comes to, or the
 * larger bottles that money left over is best put into.
 */
export function useAboutSet<T extends 'enough' | 'larger'>(topic: T) {
  const answers = useAnswer();
  return useQuestion(topic, () => {
    const { result } = answers;
    if (!answers.proven || !result) return undefined;
    const { answer, inUse, items } = result;
    return { of: { result: { answer, inUse, items } } };
  });
}
