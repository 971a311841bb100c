import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import {
  demand,
  free,
  refuse,
  sooner,
  type Evening,
  type MenuCriterion,
  type OnTheMenu,
  type Swap,
} from '@uisce/core/evening';
import { mayBatch, mixedRecipe } from '@uisce/core/mixed';
import { servings } from '@uisce/core/pouring';
import { batchOf, beginBatch } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useEvenings } from '../household/use-evenings';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useMayHold } from '../ui/drink/use-warnings';
import { count } from '../words/use-words';
import { useMenuWords } from './use-menu-words';
import { useEvening } from './use-evening';

export const SIZES = [2, 3, 4, 5].map((value) => ({ value, title: `${value} drinks` }));
const NOT_AHEAD = {
  alone: 'poured from its bottle',
  egg: 'made by the glass: egg falls',
  cream: 'made by the glass: cream goes off',
  fizz: 'made by the glass: it would go flat',
  juice: 'made by the glass: its juice is best fresh',
  pressed: 'made by the glass: what is pressed goes dull',
  hot: 'made by the glass: hot',
  shaken: 'made by the glass: it wants its air',
  layered: 'made by the glass: in layers',
} as const;
export const CRITERIA: Record<MenuCriterion, string> = {
  seats: 'everyone finds two',
  money: 'least missing',
  parts: 'fewest parts',
  work: 'least work',
  variety: 'most variety',
};

/** The menu: what stands on it, how often it is poured, what is short for it, what is mixed ahead. */
export function useMenu() {
  const batches = useBatches();
  const router = useRouter();
  const stock = useStock();
  const catalogue = useCatalogue();
  const { sayHolds } = useMayHold();
  const { drinkName, sayMissing, sayBatch } = useMenuWords();
  const { evening, plan, isAsking } = useEvening();
  const batchOfDrink = computed(() => new Map((plan.value?.batches ?? []).map((b) => [b.drink, b])));
  const rows = computed(() =>
    [...(plan.value?.drinks ?? [])]
      .sort((a, b) => b.glasses - a.glasses)
      .map((d) => {
        const ahead = batchOfDrink.value.get(d.id);
        const why = mayBatch(d.drink, catalogue.kinds);
        const mixed = d.mixed > 0 ? `${count(d.mixed, 'glass', 'glasses')} mixed already` : '';
        return {
          ...d,
          contains: sayHolds(d.glass).join(' '),
          short: d.missing.length > 0 ? `short: ${sayMissing(d.missing)}` : 'all there',
          ahead,
          how: ahead ? `mixed ahead: ${sayBatch(ahead.batch)}` : mixed || (why ? NOT_AHEAD[why] : ''),
        };
      }),
  );
  /** What must stand on it and does not. */
  const cannot = computed(() =>
    isAsking.value
      ? []
      : (evening.value?.must ?? [])
          .filter((id) => !plan.value?.drinks.some((d) => d.id === id))
          .map(drinkName),
  );
  /** Onto the bench, to be weighed like any batch. */
  async function mix({ drink }: OnTheMenu, glasses: number): Promise<void> {
    const { kinds } = stock.here;
    const recipe = mixedRecipe(drink, glasses, kinds);
    const grams = recipe.from.map((p) => p.g);
    const batch = batchOf(recipe, grams, catalogue.all, kinds);
    const bottleMl = batchOfDrink.value.get(drink.id)?.batch.bottles[0];
    const begun = beginBatch(crypto.randomUUID(), batch, new Date().toISOString(), bottleMl);
    batches.keep({ ...begun, recipe }, `Begin ${drink.name}`);
    await router.push('/bench');
  }
  return { rows, cannot, mix };
}

/** What is wished of the menu: what must stand on it and what never, what comes in its place, what counts first. */
export function useMenuWishes() {
  const evenings = useEvenings();
  const catalogue = useCatalogue();
  const { drinkName } = useMenuWords();
  const { evening } = useEvening();
  function wish(change: string, wished: (e: Evening) => Partial<Evening>): void {
    const e = evening.value;
    if (e) evenings.edit(change.slice(0, 120), wished(e));
  }
  const never = (id: string) => wish(`Not ${drinkName(id)}`, (e) => refuse(e, id));
  const keep = (id: string, on: boolean) =>
    wish(`${on ? 'Keep' : 'Free'} ${drinkName(id)}`, (e) => (on ? demand(e, id, e.size) : free(e, id)));
  const take = ({ out, in: other }: Swap) =>
    wish(`${drinkName(other)} instead of ${drinkName(out)}`, (e) => demand(refuse(e, out), other, e.size));
  const wanted = ref<string | null>(null);
  const choices = computed(() =>
    [...catalogue.recipes.values(), ...servings(catalogue.kinds.values())]
      .filter((r) => !evening.value?.must.includes(r.id))
      .map((r) => ({ value: r.id, title: r.variant ? `${r.name}, ${r.variant}` : r.name }))
      .sort((a, b) => a.title.localeCompare(b.title)),
  );
  function want(id: string | null): void {
    wanted.value = null;
    if (id) wish(`${drinkName(id)} stands on it`, (e) => demand(e, id, e.size));
  }
  const first = (criterion: MenuCriterion) =>
    wish(`Sooner: ${CRITERIA[criterion]}`, (e) => ({ order: sooner(e.order, criterion) }));

  return { never, keep, take, wanted, choices, want, first };
}
