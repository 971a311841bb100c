import type { PriceList } from '@uisce/core/catalogue';
import {
  keptBatch,
  keptOwnDrink,
  keptOwnKind,
  keptOwnPrices,
  keptOwnRecipes,
  keptPlan,
  ONLY_ID,
  readKept,
  type ChangeWrite,
  type Kept,
  type World,
} from '@uisce/core/kept';
import { withOwn } from '@uisce/core/notebook';
import type { Library } from './library.js';
import type { KeptStore } from './store.js';

/** What stored things are held against: the catalogue, the shops, and what the household added to both. */
export function worldOf(
  store: KeptStore,
  library: Pick<Library, 'catalogue'>,
  shops: readonly PriceList[],
): World {
  return {
    get catalogue() {
      return library.catalogue;
    },
    shops,
    get homeMade() {
      return [...library.catalogue.homeMade, ...(store.get(keptOwnRecipes, ONLY_ID)?.value ?? [])];
    },
    get ownPrices() {
      return store.list(keptOwnPrices).map((entry) => entry.value);
    },
    get batches() {
      return store.list(keptBatch).map((entry) => entry.value);
    },
    get planIds() {
      return new Set(store.list(keptPlan).map((entry) => entry.id));
    },
  };
}

/** The world as a change of several things will leave it: its parts may lean on each other. */
export function worldWith(world: World, writes: ChangeWrite['writes']): World {
  const written = <T>(kept: Kept<T>): T[] =>
    writes.flatMap((write) => {
      const read = readKept(kept, write.value);
      return write.thing === kept.name && read.ok ? [read.value] : [];
    });
  return {
    get catalogue() {
      return withOwn(world.catalogue, written(keptOwnDrink), written(keptOwnKind));
    },
    shops: world.shops,
    get homeMade() {
      return [...world.homeMade, ...written(keptOwnRecipes).flat()];
    },
    get ownPrices() {
      return [...world.ownPrices, ...written(keptOwnPrices)];
    },
    get batches() {
      const given = written(keptBatch);
      const ids = new Set(given.map((b) => b.id));
      return [...world.batches.filter((b) => !ids.has(b.id)), ...given];
    },
    get planIds() {
      return new Set([...world.planIds, ...written(keptPlan).map((plan) => plan.id)]);
    },
  };
}
