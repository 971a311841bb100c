import { useElementVisibility } from '@vueuse/core';
import { computed, useTemplateRef } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useItemWords } from '../words/use-item-words';
import { count } from '../words/use-words';

export const DRAWS = 200;
const MAX_TIES = 12;

/** Sets just as good, and how often each bottle stays when prices wander. */
export function useHowSteady() {
  const answers = useAnswer();
  const { itemsInSentence } = useItemWords();
  /** It takes a second of a core after every change: for those who look. */
  const here = useTemplateRef<HTMLElement>('here');
  const isSeen = useElementVisibility(here);
  const { found: ties, failure: noTies } = useQuestion('ties', () => {
    const { result, proven } = answers;
    return isSeen.value && proven && result && { of: { answer: result.answer, most: MAX_TIES } };
  });
  const steadiness = useQuestion('steadiness', () => answers.proven && { of: { draws: DRAWS } }, {
    onDemand: true,
  });
  const { found: steady, isAsking: isDrawing } = steadiness;
  const rows = computed(() => {
    const { result } = answers;
    if (!steady.value || !result) return [];
    const { draws, picked } = steady.value;
    // What is owned is not bought, nor is what is made at home: its packs are.
    const owned = new Set(
      [...result.items.filter((i) => i.owned || i.made), ...result.packs.filter((p) => p.owned)].map(
        (i) => i.id,
      ),
    );
    const chosen = new Set(result.answer.items);
    return Object.entries(picked)
      .filter(([id]) => !owned.has(id))
      .map(([id, n]) => ({ id, in100: Math.round((100 * n) / draws), chosen: chosen.has(id) }))
      .sort((a, b) => b.in100 - a.in100);
  });
  const always = computed(() => rows.value.filter((r) => r.in100 === 100));
  const wavering = computed(() => rows.value.filter((r) => r.in100 < 100 && r.in100 >= 5));
  const judgement = computed(() => {
    if (!steady.value) return '';
    return `With every price up to 15 % higher or lower, ${count(always.value.length, 'thing')} on the list ${always.value.length === 1 ? 'is' : 'are'} always bought.`;
  });
  /** What one set has that not all have. */
  function own(set: readonly string[]): string {
    const shared = new Set(ties.value?.shared);
    return itemsInSentence(set.filter((id) => !shared.has(id)));
  }

  return { ties, noTies, steadiness, steady, isDrawing, always, wavering, judgement, own };
}
