import { computed, type Ref } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { inGlass } from '@uisce/core/drink';
import { inHandInOrder, pourables, wayInHand } from '@uisce/core/pouring';
import { pouredWith } from '@uisce/core/plan';
import { useStock } from '../../household/use-stock';
import { useTrade } from '../../household/use-trade';
import { ALLERGEN_WORDS } from '../../words/trade-words';
import { inSentence, listed } from '../../words/use-words';
import { useAtHand } from './use-at-hand';

/**
 * What must be said of a drink on its page: of all that it may be poured with here, what is written, what is in hand
 * for it and what the plan buys.
 */
export function useWarnings(recipe: Readonly<Ref<Recipe>>) {
  const trade = useTrade();
  const atHand = useAtHand();
  const stock = useStock();
  const inHand = computed(() => inHandInOrder(stock.here.there, stock.here.kinds));
  const glass = computed(() => {
    const { kinds } = stock.here;
    const planned = pouredWith(recipe.value, trade.catalogue, atHand.planned.value, atHand.minFit.value);
    const [pourable] = pourables({ ...trade.catalogue, recipes: [recipe.value] }, atHand.minFit.value);
    const mayBe = [
      ...recipe.value.slots.flatMap((s) => s.or),
      ...planned.flatMap((p) => p.kinds),
      ...(pourable?.slots ?? []).flatMap((s) =>
        s.ways.flatMap((w) => wayInHand(w, inHand.value, kinds)?.kinds.flat() ?? []),
      ),
    ];
    return inGlass(recipe.value, kinds, { kinds: mayBe });
  });
  return computed(() => {
    const { allergens, unknown, cautions } = glass.value;
    const contains = allergens.length > 0 ? [`Contains ${listed(allergens.map((a) => ALLERGEN_WORDS[a]))}.`] : [];
    const names = [...new Set(unknown.map((k) => inSentence(trade.kindName(k))))];
    const nobody = names.length > 0 ? [`Nobody has said what allergens the ${listed(names)} holds.`] : [];
    return [...contains, ...nobody, ...cautions];
  });
} // prettier-ignore
