import { computed, type Ref } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { inGlass, type InGlass } from '@uisce/core/drink';
import { HOT_IN_TIN, inHandInOrder, isHotInTin, pourables, wayInHand } from '@uisce/core/pouring';
import { pouredWith } from '@uisce/core/plan';
import { useStock } from '../../household/use-stock';
import { useCatalogue } from '../../household/use-catalogue';
import { ALLERGEN_WORDS } from '../../words/trade-words';
import { listed } from '../../words/use-words';
import { useAtHand } from './use-at-hand';

/**
 * What a drink may hold on its page, on screen or on paper: of all that it may be poured with here, what is written, what
 * is in hand for it and what the plan buys.
 */
export function useMayHold() {
  const catalogue = useCatalogue();
  const atHand = useAtHand();
  const stock = useStock();
  const inHand = computed(() => inHandInOrder(stock.here.there, stock.here.kinds));

  function mayHold(recipe: Recipe): InGlass {
    const { kinds } = stock.here;
    const planned = pouredWith(recipe, catalogue.all, atHand.planned.value, atHand.minMatch.value);
    const [pourable] = pourables({ ...catalogue.all, recipes: [recipe] }, atHand.minMatch.value);
    const here = (pourable?.slots ?? []).flatMap((s) =>
      s.ways.flatMap((w) => wayInHand(w, inHand.value, kinds)?.kinds.flat() ?? []),
    );
    const or = recipe.slots.flatMap((s) => s.or);
    return inGlass(recipe, kinds, { kinds: [...or, ...planned.flatMap((p) => p.kinds), ...here] });
  }
  /** "Contains nuts.", "May hold milk.", and what nobody has said. */
  function sayHolds({
    allergens,
    mayHold,
    unknown,
  }: Pick<InGlass, 'allergens' | 'mayHold' | 'unknown'>): string[] {
    const names = [...new Set(unknown.map((k) => catalogue.kindInSentence(k)))];
    return [
      ...(allergens.length > 0 ? [`Contains ${listed(allergens.map((a) => ALLERGEN_WORDS[a]))}.`] : []),
      ...(mayHold.length > 0 ? [`May hold ${listed(mayHold.map((a) => ALLERGEN_WORDS[a]))}.`] : []),
      ...(names.length > 0 ? [`Nobody has said what allergens are in the ${listed(names)}.`] : []),
    ];
  }
  return { mayHold, sayHolds };
}

/** What must be said of a drink on its page: what it may hold, and what is to be taken care of. */
export function useWarnings(recipe: Readonly<Ref<Recipe>>) {
  const catalogue = useCatalogue();
  const { mayHold, sayHolds } = useMayHold();
  return computed(() => {
    const glass = mayHold(recipe.value);
    const hot = isHotInTin(recipe.value, catalogue.kinds) ? [HOT_IN_TIN] : [];
    return [...sayHolds(glass), ...glass.cautions, ...hot];
  });
}
