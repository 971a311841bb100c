import { createSharedComposable } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { useAdvice } from '../solver/use-advice';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import type { KitReport, KitScope } from '../solver/protocol';

/** The kit against the drinks it is for, worked out again whenever plan or kit changes. */
export const useKitReport = createSharedComposable(() => {
  const advice = useAdvice();
  const answers = useAnswer();
  const kits = useKit();

  const scope = ref<KitScope>('planned');
  /** The last report stays until the next one is there. */
  const report = shallowRef<KitReport>();
  const found = advice.on('kit');
  const failure = computed(() => advice.failureOf('kit'));
  const current = computed(() => found.value?.report === report.value && !advice.isAsking('kit'));

  function ask(): void {
    const answer = answers.result?.answer;
    if (answer && answers.current) advice.ask({ ask: 'kit', answer, scope: scope.value });
  }
  watch([() => answers.result, () => kits.kit, scope], ask, { immediate: true });
  watch(
    found,
    (advised) => {
      if (advised) report.value = advised.report;
    },
    { immediate: true },
  );

  return { scope, report, current, failure };
});
