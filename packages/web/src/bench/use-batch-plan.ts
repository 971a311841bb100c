import { createSharedComposable } from '@vueuse/core';
import { computed, ref } from 'vue';
import { addDays } from '@uisce/core/base';
import { batchCost, batchOfVolume, batchUsingUp, BOTTLE_FULL, keeping, type Batch } from '@uisce/core/bench';
import { weeklyUseMl } from '@uisce/core/plan';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { useToday } from '../household/use-today';

/** What decides the size of a batch: a bottle to fill, what will be poured in time, or something to use up. */
export type SizedBy = 'bottle' | 'need' | 'use-up';

const USUAL_BOTTLE_ML = 500;
const MIN_ML = 50;

/** The batch that is being thought about: worked out again as you type. */
export const useBatchPlan = createSharedComposable(() => {
  const catalogue = useCatalogue();
  const plans = usePlans();
  const answers = useAnswer();
  const today = useToday();

  const recipeId = ref('simple');
  const sizedBy = ref<SizedBy>('bottle');
  const bottleMl = ref(USUAL_BOTTLE_ML);
  const part = ref(0);
  const partG = ref(200);

  const recipe = computed(
    () => catalogue.all.homeMade.find((h) => h.id === recipeId.value) ?? catalogue.all.homeMade[0],
  );
  /** ml poured before it spoils, from the plan's drinks. */
  const neededMl = computed(() => {
    const { brief } = plans;
    const made = recipe.value;
    if (!brief || !made) return 0;
    const drinks = answers.made.flatMap((d) => catalogue.recipes.get(d.id) ?? []);
    const trial = batchOfVolume(made, USUAL_BOTTLE_ML, catalogue.all, catalogue.kinds);
    const { days } = keeping(trial, catalogue.all);
    return (weeklyUseMl(made.makes, drinks, brief.drinksPerWeek) * days) / 7;
  });
  const batch = computed<Batch | undefined>(() => {
    const made = recipe.value;
    if (!made) return undefined;
    if (sizedBy.value === 'use-up') {
      const at = Math.min(part.value, made.from.length - 1);
      return batchUsingUp(made, at, partG.value, catalogue.all, catalogue.kinds);
    }
    const ml = sizedBy.value === 'need' ? Math.max(MIN_ML, neededMl.value) : bottleMl.value * BOTTLE_FULL;
    return batchOfVolume(made, ml, catalogue.all, catalogue.kinds);
  });
  const keeps = computed(() => (batch.value ? keeping(batch.value, catalogue.all) : undefined));
  const cost = computed(() =>
    batch.value && catalogue.prices ? batchCost(batch.value, catalogue.prices, catalogue.kinds) : undefined,
  );
  const useBy = computed(() => addDays(today.iso(), keeps.value?.days ?? 0));

  return { recipeId, sizedBy, bottleMl, part, partG, recipe, neededMl, batch, keeps, cost, useBy };
});
