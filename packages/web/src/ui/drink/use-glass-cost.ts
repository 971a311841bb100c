import { computed } from 'vue';
import { kindAndAncestors, type Recipe } from '@uisce/core/catalogue';
import { drinkCost, type CostBottle, type DrinkCost } from '@uisce/core/drink';
import { useAnswer } from '../../solver/use-answer';
import { useStock } from '../../household/use-stock';
import { useCatalogue } from '../../household/use-catalogue';
import { listed } from '../../words/use-words';

/** What a glass costs, the same wherever it is shown: by the household's own bottles, else the plan's, else as sold. */
export function useGlassCost() {
  const answers = useAnswer();
  const stock = useStock();
  const catalogue = useCatalogue();

  /** The bottle each kind is reckoned by, itself or something that is one. */
  const bottles = computed(() => {
    const found = new Map<string, CostBottle>();
    const take = (kindId: string, bottle: CostBottle) => {
      for (const id of kindAndAncestors(kindId, catalogue.kinds)) if (!found.has(id)) found.set(id, bottle);
    };
    for (const { kind, sizeMl, priceMinor, currency } of stock.standing)
      if (
        catalogue.kinds.has(kind) &&
        sizeMl &&
        priceMinor !== null &&
        currency === catalogue.prices?.currency
      )
        take(kind, { ml: sizeMl, priceMinor, whose: 'yours' });
    for (const id of answers.result?.inUse ?? []) {
      const item = answers.itemById.get(id);
      if (item?.bottle && !item.owned && !item.made)
        take(item.kindId, { ml: item.bottle.ml, priceMinor: item.bottle.priceMinor, whose: 'plan' });
    }
    return found;
  });

  const costOf = (recipe: Recipe): DrinkCost | undefined =>
    catalogue.prices && drinkCost(recipe, catalogue.prices, catalogue.kinds, (id) => bottles.value.get(id));

  /** By whose bottles a cost is reckoned: "gin by your bottle, vermouth by the plan’s; the rest as it is sold". */
  function sayWhose({ slots }: DrinkCost): string {
    const of = (whose: 'yours' | 'plan') => [
      ...new Set(slots.filter((s) => s.whose === whose).map((s) => catalogue.kindInSentence(s.slot.kind))),
    ];
    const parts = [
      of('yours').length > 0 ? `${listed(of('yours'))} by what you paid` : '',
      of('plan').length > 0 ? `${listed(of('plan'))} by the plan’s bottles` : '',
    ].filter((p) => p !== '');
    return parts.length > 0 ? `${parts.join(', ')}; the rest as it is sold` : 'by the cheapest that is sold';
  }

  return { costOf, sayWhose };
}
