import { formatISO } from 'date-fns';
import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import { withPaidPrices } from '@uisce/core/errand';
import {
  keptKit,
  keptOwnKind,
  keptPaidPrice,
  keptPlace,
  keptPlan,
  keptSettings,
  ONLY_ID,
  type World,
} from '@uisce/core/kept';
import { emptyKit } from '@uisce/core/kit';
import { withOwnKindsSold } from '@uisce/core/notebook';
import { ATTITUDE_MIN_FIT } from '@uisce/core/plan';
import { effectivePrices, withBatchesPriced } from '@uisce/core/prices';
import { atHome, type AtHome } from '@uisce/core/pouring';
import type { KeptStore } from './store.js';

/** What is in the house now, to pour and to plan from. */
export interface HouseNow extends AtHome {
  /** The least fit of a stand-in that the open plan takes. */
  minFit: number;
}

/** The house as it stands in the store, today. */
export function houseNow(store: KeptStore, world: World): HouseNow {
  const settings = store.get(keptSettings, ONLY_ID)?.value;
  const planId = store.get(keptPlace, ONLY_ID)?.value.planId;
  const attitude = (planId && store.get(keptPlan, planId)?.value.brief.attitude) || 'house';
  return {
    ...atHome({
      catalogue: { ...world.catalogue, homeMade: [...world.homeMade] },
      bottles: world.bottles,
      batches: world.batches,
      kit: store.get(keptKit, ONLY_ID)?.value ?? emptyKit(),
      houseSyrupRatio: settings?.houseSyrupRatio ?? null,
      today: formatISO(new Date(), { representation: 'date' }),
    }),
    minFit: ATTITUDE_MIN_FIT[attitude],
  };
}

/** The prices that hold for this household: own ones over the shop's, what was paid before either. */
export function pricesNow(store: KeptStore, world: World, catalogue: Catalogue): PriceList {
  const all = [...world.ownPrices, ...world.shops];
  const chosen = store.get(keptSettings, ONLY_ID)?.value.priceListId;
  const list = all.find((l) => l.id === chosen) ?? all[0];
  if (list === undefined) throw new Error('there is no price list');
  return pricesHere(list, store, world, catalogue);
}

/** One price list as it holds for this household. */
export function pricesHere(list: PriceList, store: KeptStore, world: World, catalogue: Catalogue): PriceList {
  const below = world.shops.filter((l) => l.id === list.over);
  const paid = store.list(keptPaidPrice).map((entry) => entry.value);
  const ownKinds = store.list(keptOwnKind).map((entry) => entry.value);
  return withBatchesPriced(withPaidPrices(withOwnKindsSold(effectivePrices(list, below), ownKinds), paid), {
    ...catalogue,
    homeMade: [...world.homeMade],
  });
}
