import { inSentence } from '@uisce/core/base';
import { computed, type Ref } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { compilePlan, wayToDrink } from '@uisce/core/plan';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useItemWords } from '../words/use-item-words';
import { listed, useWords } from '../words/use-words';

/** What a drink lacks, from what is owned and from what the plan buys, and what that costs. */
export function useLacks(recipe: Ref<Recipe>) {
  const answers = useAnswer();
  const plans = usePlans();
  const catalogue = useCatalogue();
  const words = useWords();
  const kits = useKit();
  const stock = useStock();
  const { itemInSentence } = useItemWords();

  /** The plan's problem with this drink in it, whatever the tastes say. */
  const compiled = computed(() => {
    const { brief } = plans;
    if (!brief || !catalogue.prices || brief.currency !== catalogue.prices.currency) return undefined;
    const mustDrinks = [...new Set([...brief.mustDrinks, recipe.value.id])];
    return compilePlan({ ...stock.withStock(brief), mustDrinks }, catalogue.prices, catalogue.all, kits.kit);
  });

  function say(items: readonly string[] | undefined): string {
    const problem = compiled.value?.problem;
    if (!problem || items === undefined) return '';
    const known = new Set(problem.items.map((i) => i.id));
    const way = wayToDrink(
      problem,
      recipe.value.id,
      items.filter((id) => known.has(id)),
    );
    if (way === undefined) return 'nothing on sale makes it at this attitude to stand-ins';
    if (way.items.length === 0) return 'nothing is lacking';
    const lacking = way.items.map((id) => {
      const item = compiled.value?.items.get(id);
      const { kit, packs } = compiled.value ?? {};
      const price = item?.priceMinor ?? kit?.get(id)?.priceMinor ?? packs?.get(id)?.priceMinor ?? 0;
      // Any glass that takes it would do: the cheapest is named, whatever the recipe calls for.
      const glass = kit?.get(id)?.entry.glass;
      const name = item ? inSentence(item.kind) : itemInSentence(id);
      const what =
        glass !== undefined && glass !== recipe.value.glass ? `a glass that takes it: ${name}` : name;
      return `${what} (${words.price(price)})`;
    });
    const sum = way.items.length > 1 ? `, together ${words.price(way.cost)}` : '';
    return `lacks ${listed(lacking)}${sum}`;
  }

  const fromOwned = computed(() => say(compiled.value?.problem.owned));
  const fromPlan = computed(() => say(answers.result?.answer.items));
  return { fromOwned, fromPlan };
}
