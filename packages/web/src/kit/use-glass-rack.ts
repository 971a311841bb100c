import { computed } from 'vue';
import type { Glass } from '@uisce/core/catalogue';
import {
  capacityMl,
  glassServes,
  heightOfMl,
  insideOfCapacity,
  servedDrink,
  standsIn,
  type ServedDrink,
} from '@uisce/core/glass';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';
import { useKitReport } from './use-kit-report';

/** Glasses of one make on the rack. */
export interface RackGlass {
  id: string;
  name: string;
  type: Glass;
  capacityMl: number;
  inside: Glass['inside'];
  state: 'owned' | 'buy' | 'spare';
  count: number;
  priceMinor: number | undefined;
  /** How the drinks in question stand in it. */
  fits: string[];
  short: string[];
  over: number;
  /** Heights in mm to which the drinks that look right fill it: the lowest, the middle, the highest. */
  fill: { low: number; middle: number; high: number } | undefined;
}

/** How drinks stand in a glass of a type and capacity: which look right, which short, how many would overflow. */
function stand(type: Glass, brimMl: number, drinks: readonly ServedDrink[]) {
  const inside = insideOfCapacity(type.inside, brimMl);
  const fits: string[] = [];
  const short: string[] = [];
  let over = 0;
  const heights: number[] = [];
  for (const drink of drinks) {
    const fit = standsIn(drink, { capacityMl: brimMl });
    const hotInCold = drink.hot && !glassServes(drink, { type: type.id, capacityMl: brimMl }, 'home');
    if (fit.verdict === 'over' || hotInCold) over += 1;
    else if (fit.verdict === 'short') short.push(drink.recipe.id);
    else {
      fits.push(drink.recipe.id);
      heights.push(heightOfMl(inside, drink.servedMl + fit.iceG));
    }
  }
  heights.sort((a, b) => a - b);
  const at = (share: number) =>
    heights[Math.min(heights.length - 1, Math.floor(heights.length * share))] ?? 0;
  const fill = heights.length === 0 ? undefined : { low: at(0), middle: at(0.5), high: at(1) };
  return { inside, fits, short, over, fill };
}

/** The household's glasses, and those on sale, against the drinks in question. */
export function useGlassRack() {
  const kits = useKit();
  const catalogue = useCatalogue();
  const { report } = useKitReport();

  const drinks = computed<ServedDrink[]>(() =>
    (report.value?.drinks ?? []).flatMap((id) => {
      const recipe = catalogue.recipes.get(id);
      return recipe ? [servedDrink(recipe, catalogue.kinds)] : [];
    }),
  );

  const owned = computed<RackGlass[]>(() =>
    kits.kit.glasses.flatMap((g) => {
      const type = catalogue.glasses.get(g.type);
      if (!type) return [];
      const stood = stand(type, g.capacityMl, drinks.value);
      return [
        {
          id: g.id,
          name: g.name,
          type,
          capacityMl: g.capacityMl,
          state: 'owned' as const,
          count: g.count,
          priceMinor: undefined,
          ...stood,
        },
      ];
    }),
  );
  const onSale = computed<RackGlass[]>(() => {
    const buy = new Map(report.value?.cover.buy.map((b) => [b.id, b]));
    return (catalogue.prices?.kit ?? []).flatMap((entry) => {
      const type = catalogue.glasses.get(entry.glass ?? '');
      if (!type) return [];
      const wanted = buy.get(entry.id);
      const brimMl = entry.capacityMl ?? capacityMl(type.inside);
      return [
        {
          id: entry.id,
          name: type.name,
          type,
          capacityMl: brimMl,
          state: wanted ? ('buy' as const) : ('spare' as const),
          count: entry.pieces * (wanted?.sets ?? 1),
          priceMinor: wanted?.priceMinor ?? entry.priceMinor,
          ...stand(type, brimMl, drinks.value),
        },
      ];
    });
  });
  const rack = computed(() => [...owned.value, ...onSale.value.filter((g) => g.state === 'buy')]);
  const spare = computed(() => onSale.value.filter((g) => g.state === 'spare'));

  return { rack, spare, drinks };
}
