import { createSharedComposable } from '@vueuse/core';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import type { MayBe } from '@uisce/core/drink';
import { ATTITUDE_MIN_MATCH, opinionOf } from '@uisce/core/plan';
import {
  asksToBeUsed,
  inItsPlace,
  mixedNow,
  orderHere,
  pourables,
  pourablesInSlices,
  pourNow,
  ranked,
  servingById,
  timesPoured,
  type Order,
  type Pourable,
  type PourNow,
  type PouringNow,
} from '@uisce/core/pouring';
import { useLimits } from './use-limits';
import { useLog } from './use-log';
import { usePlans } from './use-plans';
import { useStock } from './use-stock';
import { useToday } from './use-today';
import { useCatalogue } from './use-catalogue';

/** So many drinks are made ready before the page may breathe. */
const SLICE = 12;
const breath = () => new Promise<void>((resolve) => setTimeout(resolve));

/** Every drink made ready to be looked up against any stock, in slices, once it is asked for. */
function useReadied(minMatch: Ref<number>) {
  const catalogue = useCatalogue();
  const wanted = ref(false);
  const ready = shallowRef<Pourable[]>();
  let turn = 0;
  watch(
    [wanted, () => catalogue.loaded, () => catalogue.all.recipes, minMatch],
    async ([is, loaded, , match]) => {
      if (!is || !loaded) return;
      const mine = (turn += 1);
      const all: Pourable[] = [];
      for (const slice of pourablesInSlices(catalogue.all, match, SLICE)) {
        all.push(...slice);
        await breath();
        if (mine !== turn) return;
      }
      ready.value = all;
    },
    { immediate: true },
  );

  return { wanted, ready };
}

/** Drinks, other ways of them, and what is poured all the same, each by its own id. */
function byItsId(now: PouringNow | undefined): ReadonlyMap<string, PourNow> {
  const all = [
    ...(now?.short ?? []).flatMap((s) => s.anyway ?? []),
    ...[...(now?.variants.values() ?? [])].flat(),
    ...(now?.drinks ?? []),
  ];
  return new Map(all.map((d) => [d.pourable.recipe.id, d]));
}

/** A kind by itself, as it is poured here: a wine, a beer, a spirit neat. */
function useServings() {
  const stock = useStock();
  const catalogue = useCatalogue();
  return (id: string): PourNow | undefined => {
    const recipe = servingById(id, stock.here.kinds);
    if (recipe === undefined) return undefined;
    const serving = pourables({ ...catalogue.all, recipes: [recipe] }, 1);
    const {
      drinks: [here],
      short: [lacking],
    } = pourNow(serving, stock.here, catalogue.all, stock.here.kinds, 1);
    return here ?? lacking?.anyway;
  };
}

/** What the house pours now, worked out anew whenever its bottles, its kit or its log change. */
export const usePouring = createSharedComposable(() => {
  const limitsOf = useLimits();
  const log = useLog();
  const plans = usePlans();
  const stock = useStock();
  const today = useToday();
  const catalogue = useCatalogue();

  const minMatch = computed(() => ATTITUDE_MIN_MATCH[plans.brief?.attitude ?? 'house']);
  const { wanted, ready } = useReadied(minMatch);
  const times = computed(() => timesPoured(log.pours));
  const now = computed(() =>
    ready.value === undefined
      ? undefined
      : pourNow(
          ready.value,
          { ...stock.here, poured: times.value },
          catalogue.all,
          stock.here.kinds,
          minMatch.value,
        ),
  );
  const liked = ({ glass }: PourNow) => {
    const { brief } = plans;
    return brief ? [...glass.tastes].filter((t) => opinionOf(brief, t) === 'like').length : 0;
  };
  /** Drinks that stand mixed in a bottle: they are poured from it before they are made. */
  const mixed = computed(() => mixedNow(ready.value ?? [], stock.here, stock.here.kinds));
  /** In the order in which this household would want them. */
  const drinks = computed(() => {
    if (now.value === undefined) return [];
    const made = now.value.drinks.filter((d) => !mixed.value.has(d.pourable.recipe.id));
    return ranked([...mixed.value.values(), ...made], log.pours, stock.there, today.iso(), liked);
  });
  const asks = computed(() => asksToBeUsed(drinks.value));
  const count = computed(() => now.value?.drinks.length);

  const madeNow = computed(() => byItsId(now.value));
  const servingNow = useServings();
  const find = (id: string): PourNow | undefined =>
    mixed.value.get(id) ?? madeNow.value.get(id) ?? servingNow(id);
  /** A drink as it is poured here, for whom: what they cannot have goes with it. */
  function orderOf({ pourable: { recipe } }: PourNow, glasses = 1, who: readonly string[] = []): Order {
    const made = madeNow.value.get(recipe.id) ?? servingNow(recipe.id);
    const here = { recipe, now: made, mixed: mixed.value.get(recipe.id) };
    return orderHere(here, glasses, who, stock.here, stock.here.kinds, limitsOf);
  }

  /** What may come into the glasses of an order before they are full: where its bottles give fewer. */
  function mayBe({ of, count }: Pick<Order, 'of' | 'count'>): MayBe {
    const here = { now: madeNow.value.get(of), mixed: mixed.value.get(of) };
    const pourable = here.now?.pourable ?? here.mixed?.pourable;
    return pourable ? inItsPlace(pourable, here, count, stock.here, stock.here.kinds) : { kinds: [] };
  }

  return {
    /** Begin to look, once it is asked for. */
    begin: () => (wanted.value = true),
    ready,
    now,
    drinks,
    asks,
    count,
    find,
    orderOf,
    mayBe,
  };
});
