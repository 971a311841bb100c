import { usePlans } from '../../household/use-plans';
import { useCatalogue } from '../../household/use-catalogue';

/** Drinks the reader must have: add one, or let it go. */
export function useMustDrinks() {
  const plans = usePlans();
  const catalogue = useCatalogue();

  function toggle(id: string): void {
    const { brief } = plans;
    if (!brief) return;
    const has = brief.mustDrinks.includes(id);
    const mustDrinks = has ? brief.mustDrinks.filter((d) => d !== id) : [...brief.mustDrinks, id];
    const name = catalogue.recipes.get(id)?.name ?? id;
    plans.edit(has ? `${name} no longer a must` : `Must have ${name}`, { brief: { mustDrinks } });
  }

  return { toggle };
}
