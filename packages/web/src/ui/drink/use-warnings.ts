import { computed, type Ref } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { drinkWarnings } from '@uisce/core/drink';
import { pouredWith } from '@uisce/core/plan';
import { useTrade } from '../../household/use-trade';
import { useAtHand } from './use-at-hand';

/** What must be said of a drink as it is poured here: a stand-in brings its own allergens. */
export function useWarnings(recipe: Readonly<Ref<Recipe>>) {
  const trade = useTrade();
  const atHand = useAtHand();
  return computed(() => {
    const poured = pouredWith(recipe.value, trade.catalogue, atHand.planned.value, atHand.minFit.value);
    return drinkWarnings(
      recipe.value,
      trade.kinds,
      poured.flatMap((p) => p.kinds),
    );
  });
}
