import { createSharedComposable } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { useAdvice } from '../solver/use-advice';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import type { Advice } from '../solver/tasks/questions';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';
import type { KitScope } from '@uisce/core/plan';

/** The kit against the drinks it is for, worked out again whenever plan or kit changes. */
export const useKitReport = createSharedComposable(() => {
  const advice = useAdvice();
  const answers = useAnswer();
  const kits = useKit();
  const plans = usePlans();
  const trade = useTrade();

  /** Without a plan, the drinks that count are those of the whole Notebook. */
  const hasPlan = computed(() => plans.brief !== undefined);
  const scope = ref<KitScope>('planned');
  const scopeAsked = computed<KitScope>(() => (hasPlan.value ? scope.value : 'counted'));
  /** The last report stays until the next one is there. */
  const report = shallowRef<Advice<'kit'>>();
  const found = advice.on('kit');
  const failure = computed(() => advice.failureOf('kit'));
  const current = computed(() => found.value === report.value && !advice.isAsking('kit'));

  function ask(): void {
    if (hasPlan.value && !(answers.result && answers.current)) return;
    const items = hasPlan.value ? (answers.result?.answer.items ?? []) : [];
    void advice.ask('kit', { items, scope: scopeAsked.value });
  }
  watch([() => answers.result, () => kits.kit, scopeAsked, () => trade.prices], ask, { immediate: true });
  watch(
    found,
    (advised) => {
      if (advised) report.value = advised;
    },
    { immediate: true },
  );

  return { scope, report, current, failure };
});
