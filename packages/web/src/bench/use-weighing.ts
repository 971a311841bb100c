import { computed, type Ref } from 'vue';
import { recipeOfBatch, weighingOf, type BatchRecord } from '@uisce/core/bench';
import { useCatalogue } from '../household/use-catalogue';

/** Where the batch on the bench stands: what is to be done next, how much, and what an overshoot has made of it. */
export function useWeighing(record: Ref<BatchRecord>) {
  const catalogue = useCatalogue();
  const recipe = computed(() => recipeOfBatch(record.value, catalogue.all.homeMade));
  const weighing = computed(() =>
    recipe.value ? weighingOf(recipe.value, record.value, catalogue.all, catalogue.kinds) : undefined,
  );
  return { recipe, weighing };
}
