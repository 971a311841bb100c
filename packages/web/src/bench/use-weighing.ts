import { computed, type Ref } from 'vue';
import { weighingOf, type BatchRecord } from '@uisce/core/making';
import { useTrade } from '../household/use-trade';

/** Where the batch on the bench stands: what is to be done next, how much, and what an overshoot has made of it. */
export function useWeighing(record: Ref<BatchRecord>) {
  const trade = useTrade();
  const recipe = computed(() => trade.catalogue.homeMade.find((h) => h.id === record.value.recipeId));
  const weighing = computed(() =>
    recipe.value ? weighingOf(recipe.value, record.value, trade.catalogue, trade.kinds) : undefined,
  );
  return { recipe, weighing };
}
