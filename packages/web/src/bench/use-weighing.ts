import { computed, type Ref } from 'vue';
import { recipeOfBatch, weighingOf, type BatchRecord } from '@uisce/core/bench';
import { useTrade } from '../household/use-trade';

/** Where the batch on the bench stands: what is to be done next, how much, and what an overshoot has made of it. */
export function useWeighing(record: Ref<BatchRecord>) {
  const trade = useTrade();
  const recipe = computed(() => recipeOfBatch(record.value, trade.catalogue.homeMade));
  const weighing = computed(() =>
    recipe.value ? weighingOf(recipe.value, record.value, trade.catalogue, trade.kinds) : undefined,
  );
  return { recipe, weighing };
}
