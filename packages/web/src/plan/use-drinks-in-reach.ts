import { computed, ref } from 'vue';
import { matchOf, type Recipe } from '@uisce/core/catalogue';
import type { DrinkMade } from '@uisce/core/planner';
import { DrinkSearch } from '@uisce/core/find';
import { countDrinks } from '@uisce/core/plan';
import { useAnswer } from '../solver/use-answer';
import { useCatalogue } from '../household/use-catalogue';
import { listed, useWords } from '../words/use-words';
import { useItemWords } from '../words/use-item-words';

type Tab = 'open' | 'soft' | 'notMade' | 'dropped';
interface Row {
  recipe: Recipe;
  note: string;
}
const TABS = [
  { value: 'open', words: 'In reach' },
  { value: 'soft', words: 'Without alcohol' },
  { value: 'notMade', words: 'Not yet' },
  { value: 'dropped', words: 'Left out' },
] as const;

/** The drinks in reach, not yet in reach and left out, each with a note, as the search and the tab leave them. */
export function useDrinksInReach() {
  const answers = useAnswer();
  const catalogue = useCatalogue();
  const words = useWords();
  const { itemInSentence } = useItemWords();
  const sought = ref('');
  const shown = ref<Tab>('open');
  const spread = ref<string>();
  const search = computed(() => new DrinkSearch(catalogue.all));
  const found = computed(() =>
    sought.value.trim() === '' ? undefined : new Set(search.value.find(sought.value)),
  );
  function row(id: string, note: string): Row[] {
    const recipe = catalogue.recipes.get(id);
    return recipe && (found.value?.has(id) ?? true) ? [{ recipe, note }] : [];
  }
  const lists = computed(() => {
    const { result } = answers;
    if (!result) return { open: [], soft: [], notMade: [], dropped: [] };
    const made = (drinks: readonly DrinkMade[]) =>
      drinks.flatMap((d) => row(d.id, d.fit < 1 ? `${matchOf(d.fit)} stand-in` : ''));
    const soft = new Set(result.soft.map((d) => d.id));
    return {
      open: made(result.answer.drinks.filter((d) => !soft.has(d.id))),
      soft: made(result.soft),
      notMade: [...result.explanation.notMade]
        .sort((a, b) => (a.lacks.length ? a.cost : Infinity) - (b.lacks.length ? b.cost : Infinity))
        .flatMap((d) => {
          const lacks = d.lacks.map((id) => itemInSentence(id));
          return row(
            d.id,
            lacks.length > 0 ? `lacks ${listed(lacks)}, ${words.price(d.cost)}` : 'nothing allowed makes it',
          );
        }),
      dropped: result.dropped.flatMap((d) =>
        row(
          d.recipeId,
          d.disliked.length > 0 ? `you said no to ${listed(d.disliked)}` : 'less known than you count',
        ),
      ),
    };
  });
  /** Variants of one drink are listed each, and counted once. */
  const drinksIn = (tab: Tab) =>
    countDrinks(
      lists.value[tab].map((r) => r.recipe.id),
      catalogue.recipes,
    );
  const rows = computed(() =>
    shown.value === 'open' || shown.value === 'soft'
      ? [...lists.value[shown.value]].sort((a, b) => a.recipe.name.localeCompare(b.recipe.name))
      : lists.value[shown.value],
  );
  /** Drinks without alcohol have a list of their own where they are counted beside. */
  const tabs = computed(() =>
    TABS.filter((tab) => tab.value !== 'soft' || lists.value.soft.length > 0).map((tab) => ({
      ...tab,
      note: drinksIn(tab.value),
    })),
  );

  return { sought, shown, spread, rows, tabs };
}
