import type { PriceList } from '@uisce/core/catalogue';
import { atHome, pricesOf, type AtHome } from '@uisce/core/household';
import {
  keptBatch,
  keptBottle,
  keptKit,
  keptOwnKind,
  keptPaidPrice,
  keptPlace,
  keptPlan,
  keptSettings,
  ONLY_ID,
  type Kept,
  type World,
} from '@uisce/core/kept';
import { emptyKit } from '@uisce/core/kit';
import { ATTITUDE_MIN_MATCH } from '@uisce/core/plan';
import { houseMoment } from './house-clock.js';
import type { Library } from './library.js';
import type { KeptStore } from './store.js';

/** What is in the house now, to pour and to plan from. */
export interface HouseNow extends AtHome {
  /** The least fit of a stand-in that the open plan takes. */
  minMatch: number;
}

const valuesOf = <T>(store: KeptStore, kept: Kept<T>): T[] => store.list(kept).map((entry) => entry.value);

/** The house as it stands in the store, today. */
export function houseNow(store: KeptStore, { catalogue }: Pick<Library, 'catalogue'>): HouseNow {
  const settings = store.get(keptSettings, ONLY_ID)?.value;
  const planId = store.get(keptPlace, ONLY_ID)?.value.planId;
  const attitude = (planId && store.get(keptPlan, planId)?.value.brief.attitude) || 'house';
  return {
    ...atHome({
      catalogue,
      bottles: valuesOf(store, keptBottle),
      batches: valuesOf(store, keptBatch),
      kit: store.get(keptKit, ONLY_ID)?.value ?? emptyKit(),
      houseSyrupRatio: settings?.houseSyrupRatio ?? null,
      today: houseMoment(store).day,
    }),
    minMatch: ATTITUDE_MIN_MATCH[attitude],
  };
}

/** The prices that hold for this household: of the list that it chose, or the first. */
export function pricesNow(
  store: KeptStore,
  world: Pick<World, 'ownPrices' | 'shops'>,
  library: Pick<Library, 'catalogue'>,
): PriceList {
  const all = [...world.ownPrices, ...world.shops];
  const chosen = store.get(keptSettings, ONLY_ID)?.value.priceListId;
  const list = all.find((l) => l.id === chosen) ?? all[0];
  if (list === undefined) throw new Error('there is no price list');
  return pricesHere(list, store, world, library);
}

/** One price list as it holds for this household. */
export function pricesHere(
  list: PriceList,
  store: KeptStore,
  { shops }: Pick<World, 'shops'>,
  { catalogue }: Pick<Library, 'catalogue'>,
): PriceList {
  const own = { paid: valuesOf(store, keptPaidPrice), kinds: valuesOf(store, keptOwnKind) };
  return pricesOf(list, shops, own, catalogue);
}
