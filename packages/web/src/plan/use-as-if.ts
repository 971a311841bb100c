import { makeUpOf } from '@uisce/core/plan';
import { computed, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { sayMakeUp } from '../words/judgement';

export const WAYS = [
  { value: 'nothing', words: 'As if I owned nothing' },
  { value: 'too', words: 'As if I had this too' },
] as const;

/** The same brief as if nothing were owned, or as if more were: nothing of it is kept. */
export function useAsIf() {
  const answers = useAnswer();
  const plans = usePlans();
  const stock = useStock();
  const catalogue = useCatalogue();
  const way = ref<(typeof WAYS)[number]['value']>('nothing');
  const too = ref<string[]>([]);
  const choices = computed(() =>
    catalogue.all.kinds
      .filter((k) => k.supply === 'bottle' && !k.abstract && !stock.owned.includes(k.id))
      .map((k) => ({ value: k.id, title: k.name }))
      .sort((a, b) => a.title.localeCompare(b.title)),
  );
  const owned = computed(() => (way.value === 'nothing' ? [] : [...stock.owned, ...too.value]));
  const asks = computed(() => way.value === 'nothing' || too.value.length > 0);
  const { found, failure } = useQuestion('best', () => {
    const { brief } = plans;
    return asks.value && answers.proven && brief && { of: {}, brief: { ...brief, ownedKinds: owned.value } };
  });
  const more = computed(() => (found.value?.drinksMade ?? 0) - (answers.result?.drinksMade ?? 0));
  const makeUp = computed(() => sayMakeUp(makeUpOf(found.value, catalogue.kinds)));

  return { way, too, choices, asks, found, failure, more, makeUp };
}
