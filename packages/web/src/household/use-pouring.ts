import { createSharedComposable } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { batchedGlassMl, drinkOfMixed, fromMixed } from '@uisce/core/evening';
import { ATTITUDE_MIN_FIT, opinionOf } from '@uisce/core/plan';
import { withHouseSyrup } from '@uisce/core/making';
import {
  asksToBeUsed,
  pourablesInSlices,
  pourNow,
  ranked,
  withFillings,
  type Order,
  type Pourable,
  type PourNow,
} from '@uisce/core/pouring';
import { freshPieces } from '@uisce/core/stock';
import { useKit } from './use-kit';
import { useLog } from './use-log';
import { usePlans } from './use-plans';
import { useSettings } from './use-settings';
import { useStock } from './use-stock';
import { useToday } from './use-today';
import { useTrade } from './use-trade';

/** So many drinks are made ready before the page may breathe. */
const SLICE = 12;
/** Poured as it stands, nothing in place of anything. */
const ASIS = { fit: 1, standIns: [], ifThere: [], fillings: [] };
const breath = () => new Promise<void>((resolve) => setTimeout(resolve));

/** What the house pours now, worked out anew whenever its bottles, its kit or its log change. */
export const usePouring = createSharedComposable(() => {
  const household = useSettings();
  const kits = useKit();
  const log = useLog();
  const plans = usePlans();
  const stock = useStock();
  const today = useToday();
  const trade = useTrade();

  const minFit = computed(() => ATTITUDE_MIN_FIT[plans.brief?.attitude ?? 'house']);
  const wanted = ref(false);
  const ready = shallowRef<Pourable[]>();
  let turn = 0;
  watch(
    [wanted, () => trade.loaded, () => trade.catalogue.recipes, minFit],
    async ([is, loaded, , fit]) => {
      if (!is || !loaded) return;
      const mine = (turn += 1);
      const all: Pourable[] = [];
      for (const slice of pourablesInSlices(trade.catalogue, fit, SLICE)) {
        all.push(...slice);
        await breath();
        if (mine !== turn) return;
      }
      ready.value = all;
    },
    { immediate: true },
  );

  const now = computed(() =>
    ready.value === undefined
      ? undefined
      : pourNow(
          ready.value,
          {
            there: stock.there,
            freshPieces: freshPieces(stock.bottles, trade.kinds, today.iso()),
            kit: kits.kit,
          },
          trade.catalogue,
          trade.kinds,
          minFit.value,
        ),
  );
  const liked = ({ pourable }: PourNow) => {
    const { brief } = plans;
    return brief ? [...pourable.tastes].filter((t) => opinionOf(brief, t) === 'like').length : 0;
  };
  /** Drinks that stand mixed in a bottle: they are poured from it before they are made. */
  const mixed = computed(() => {
    const found = new Map<string, PourNow>();
    for (const { kind, ml } of stock.there.values()) {
      const drink = drinkOfMixed(kind);
      const pourable = drink && ready.value?.find((p) => p.recipe.id === drink);
      if (!drink || !pourable) continue;
      const glasses = Math.floor(ml / Math.round(batchedGlassMl(pourable.recipe, trade.kinds)));
      if (glasses > 0) found.set(drink, { ...ASIS, pourable, glasses, runsOut: kind });
    }
    return found;
  });
  /** In the order in which this household would want them. */
  const drinks = computed(() => {
    if (now.value === undefined) return [];
    const made = now.value.drinks.filter((d) => !mixed.value.has(d.pourable.recipe.id));
    return ranked([...mixed.value.values(), ...made], log.pours, stock.there, today.iso(), liked);
  });
  const asks = computed(() => asksToBeUsed(drinks.value));
  const count = computed(() => now.value?.drinks.length);

  /** A drink as it is poured here: the bottles in hand, the syrup that is kept. */
  function orderOf({ pourable, fillings }: PourNow, glasses = 1, who: string[] = []): Order {
    const { recipe } = pourable;
    if (glasses <= (mixed.value.get(recipe.id)?.glasses ?? 0))
      return { drink: fromMixed(recipe, trade.kinds), of: recipe.id, count: glasses, for: who };
    const ratio = household.settings.houseSyrupRatio;
    const drink = withHouseSyrup(withFillings(recipe, fillings), ratio, trade.kinds).recipe;
    return { drink, of: recipe.id, count: glasses, for: who };
  }

  return {
    /** Begin to look, once it is asked for. */
    begin: () => (wanted.value = true),
    ready,
    now,
    drinks,
    asks,
    count,
    orderOf,
  };
});
