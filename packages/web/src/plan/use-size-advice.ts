import { daysOnceOpen, type Kind } from '@uisce/core/catalogue';
import { homeSizes, sizesLargeEnough, typicalPours } from '@uisce/core/plan';
import { computed } from 'vue';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';

export const SIZE_COLUMNS = [
  { key: 'size', title: 'Sold as' },
  { key: 'glasses', title: 'Glasses', figures: true },
  { key: 'price', title: 'Price', figures: true },
  { key: 'enough', title: 'Large enough' },
];

/** The sizes a kind is sold in, how many glasses each pours, and which are large enough for the brief. */
export function useSizeAdvice(props: Readonly<{ kind: Kind }>) {
  const plans = usePlans();
  const catalogue = useCatalogue();
  const brief = computed(() => plans.briefOrEmpty);
  const pourMl = computed(() => typicalPours(catalogue.all).get(props.kind.id) ?? 0);
  const sizes = computed(() => {
    const bottles = homeSizes(catalogue.prices?.bottles ?? [], props.kind).filter((b) => !b.homeMade);
    const enough = new Set(sizesLargeEnough(bottles, props.kind, pourMl.value, brief.value));
    return bottles.map((bottle) => ({
      bottle,
      glasses: pourMl.value > 0 ? Math.floor(bottle.ml / pourMl.value) : undefined,
      isEnough: enough.has(bottle),
    }));
  });
  const cheapest = computed(
    () =>
      sizes.value
        .filter((s) => s.isEnough)
        .sort((a, b) => a.bottle.priceMinor - b.bottle.priceMinor || a.bottle.ml - b.bottle.ml)[0],
  );
  const keepsDays = computed(() => daysOnceOpen(props.kind, cheapest.value?.bottle));

  return { brief, pourMl, sizes, cheapest, keepsDays };
}
