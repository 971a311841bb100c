import { computed, type Ref } from 'vue';
import { recipeOfBatch, weighingOf, type BatchRecord, type BenchStep } from '@uisce/core/bench';
import { useCatalogue } from '../household/use-catalogue';
import { useBatchWords } from '../words/batch-words';
import { ACT_WORDS } from './own-idea';

/** Where the batch on the bench stands: what is to be done next, how much, and what an overshoot has made of it. */
export function useWeighing(record: Ref<BatchRecord>) {
  const catalogue = useCatalogue();
  const { partName, minutes } = useBatchWords();
  const recipe = computed(() => recipeOfBatch(record.value, catalogue.all.homeMade));
  const weighing = computed(() =>
    recipe.value ? weighingOf(recipe.value, record.value, catalogue.all, catalogue.kinds) : undefined,
  );
  /** Something hot is in it, or it was on the heat. */
  const isHot = computed(() =>
    (weighing.value?.steps ?? []).some(({ step, done }) => {
      if (!done) return false;
      if (step.do === 'add') return recipe.value?.from[step.part]?.hot ?? false;
      return step.do === 'act' && (step.what.do === 'heat' || step.what.do === 'toast');
    }),
  );
  function sayStep(step: BenchStep): string {
    const part = step.do === 'add' ? recipe.value?.from[step.part] : undefined;
    if (part) return partName(part);
    if (step.do === 'act') {
      const { do: what, minutes: long } = step.what;
      return long === undefined ? ACT_WORDS[what] : `${ACT_WORDS[what]}, ${minutes(long)}`;
    }
    return step.do === 'top-up' ? 'weigh again' : 'bottle it';
  }
  return { recipe, weighing, isHot, sayStep };
}
