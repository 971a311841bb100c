import { createSharedComposable } from '@vueuse/core';
import { computed, ref, shallowRef, toRaw, watch } from 'vue';
import { useQuestion } from '../solver/use-question';
import { CHECK_AFTER_MS, questionKey, recall, remember } from '../solver/remembered';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import type { Advice } from '../solver/tasks/questions';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import type { KitScope } from '@uisce/core/plan';

/** What the kit is asked against: the plan’s drinks, or all that count. */
function useKitAsked() {
  const answers = useAnswer();
  const plans = usePlans();
  /** Without a plan, the drinks that count are those of the whole Notebook. */
  const hasPlan = computed(() => plans.brief !== undefined);
  const scope = ref<KitScope>('planned');
  const scopeAsked = computed<KitScope>(() => (hasPlan.value ? scope.value : 'counted'));
  const asked = computed(() => {
    // The same thread answers both: before the plan is proven it would only wait.
    if (hasPlan.value && !(answers.result && answers.current && !answers.solving)) return undefined;
    const answer = hasPlan.value ? answers.result?.answer : undefined;
    const drinks = (answer?.drinks ?? []).map((d) => d.id);
    return { items: answer?.items ?? [], drinks, scope: scopeAsked.value };
  });

  return { scope, scopeAsked, asked };
}

/** The kit against the drinks it is for, worked out again whenever plan or kit changes. */
export const useKitReport = createSharedComposable(() => {
  const answers = useAnswer();
  const kits = useKit();
  const stock = useStock();
  const plans = usePlans();
  const catalogue = useCatalogue();

  const { scope, scopeAsked, asked } = useKitAsked();
  /** The last report stays until the next one is there. */
  const report = shallowRef<Advice<'kit'>>();
  const {
    found,
    failure,
    isAsking,
    ask: askSolver,
  } = useQuestion('kit', () => asked.value && { of: asked.value }, { onDemand: true });
  /** Whether there is a first report, or will be none: what else asks a thread something waits for that. */
  const said = computed(() => report.value !== undefined || failure.value !== '');
  const current = computed(
    () => remembered.value !== '' || (found.value === report.value && !isAsking.value),
  );

  /** Whether this browser is being asked what it found before: building the page would hold that up. */
  const recalling = ref(false);
  /** The question whose answer is shown from before; it is checked. */
  const remembered = ref('');
  const question = (asked: { items: string[]; drinks: string[]; scope: KitScope }) =>
    catalogue.prices
      ? questionKey(
          { brief: stock.withStock(plans.briefOrEmpty), prices: catalogue.prices, kit: kits.kit },
          catalogue.shippedTag,
          asked,
        )
      : '';

  let latest = '';

  async function ask(): Promise<void> {
    if (asked.value === undefined) return;
    const now = question(asked.value);
    // The answer was checked and is the same: so is what was asked about it.
    if (now === remembered.value) return;
    remembered.value = '';
    latest = now;
    recalling.value = report.value === undefined;
    const before = recalling.value ? await recall<Advice<'kit'>>('kit', now) : undefined;
    recalling.value = false;
    if (before) {
      report.value = before;
      remembered.value = now;
      await new Promise((resolve) => setTimeout(resolve, CHECK_AFTER_MS));
      if (remembered.value !== now) return;
    }
    await askSolver();
    if (found.value && latest === now) void remember('kit', now, toRaw(found.value));
  }
  const of = [
    () => answers.result,
    () => answers.solving,
    () => kits.kit,
    scopeAsked,
    () => catalogue.prices,
  ];
  watch(of, () => void ask(), { immediate: true });
  watch(found, (advised) => (report.value = advised ?? report.value), { immediate: true });

  return { scope, report, said, current, failure, recalling };
});
