import { inSentence } from '@uisce/core/base';
import { computed, type Ref } from 'vue';
import type { Collection } from '@uisce/core/notebook';
import { compilePlan, fewestBottles, type FewestBottles } from '@uisce/core/plan';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useAnswer } from '../solver/use-answer';
import { useItemWords } from '../words/use-item-words';
import { count, listed, useWords } from '../words/use-words';

/** What a collection needs to be poured whole: the fewest bottles, from what is owned and beyond what the plan buys. */
export function useCollectionNeeds(collection: Ref<Collection | undefined>) {
  const answers = useAnswer();
  const kits = useKit();
  const plans = usePlans();
  const stock = useStock();
  const catalogue = useCatalogue();
  const words = useWords();
  const { itemInSentence } = useItemWords();

  const compiled = computed(() => {
    const { brief } = plans;
    const of = collection.value;
    if (!of || !brief || catalogue.prices?.currency !== brief.currency) return undefined;
    const mustDrinks = of.drinks.filter((d) => catalogue.recipes.has(d));
    return compilePlan({ ...stock.withStock(brief), mustDrinks }, catalogue.prices, catalogue.all, kits.kit);
  });
  function fewest(more: readonly string[]): FewestBottles | undefined {
    const problem = compiled.value?.problem;
    if (!problem) return undefined;
    const known = new Set(problem.items.map((i) => i.id));
    const owned = [...new Set([...problem.owned, ...more.filter((id) => known.has(id))])];
    return fewestBottles({ ...problem, owned }, collection.value?.drinks ?? []);
  }
  const itemWords = (id: string) => {
    const kind = compiled.value?.items.get(id)?.kind;
    return kind ? inSentence(kind) : itemInSentence(id);
  };
  function say(found: FewestBottles | undefined): string {
    if (found === undefined) return 'nothing on sale makes all of them at this attitude to stand-ins';
    const names = (ids: readonly string[]) => listed([...new Set(ids.map((id) => itemWords(id)))]);
    const { bottles, others, cost } = found;
    if (bottles.length + others.length === 0) return 'nothing is lacking';
    const parts = [
      bottles.length > 0 ? `${count(bottles.length, 'more bottle')} (${names(bottles)})` : 'no more bottle',
      ...(others.length > 0 ? [names(others)] : []),
    ];
    return `${parts.join(', and ')}; ${words.price(cost)}`;
  }
  const fromOwned = computed(() => (compiled.value ? say(fewest([])) : ''));
  const fromPlan = computed(() =>
    compiled.value && answers.result ? say(fewest(answers.result.answer.items)) : '',
  );
  return { fromOwned, fromPlan };
}
