import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import {
  keptAsk,
  keptBatch,
  keptBottle,
  keptEvening,
  keptOwnDrink,
  keptOwnKind,
  keptOwnPrices,
  keptOwnRecipes,
  keptPerson,
  keptPlan,
  keptRound,
  ONLY_ID,
  readKept,
  type ChangeWrite,
  type Kept,
  type World,
} from '@uisce/core/kept';
import { withOwn } from '@uisce/core/notebook';
import type { Library } from './library.js';
import type { KeptReader } from './store.js';

/** What stored things are held against: the catalogue, the shops, and what the household added to both. */
export function worldOf(
  store: KeptReader,
  library: Pick<Library, 'catalogue' | 'withoutOwnWays'>,
  shops: readonly PriceList[],
): World {
  return {
    get catalogue() {
      return library.withoutOwnWays;
    },
    shops,
    get homeMade() {
      return library.catalogue.homeMade;
    },
    get ownPrices() {
      return store.list(keptOwnPrices).map((entry) => entry.value);
    },
    get batches() {
      return store.list(keptBatch).map((entry) => entry.value);
    },
    get plans() {
      return store.list(keptPlan).map((entry) => entry.value);
    },
    get evenings() {
      return store.list(keptEvening).map((entry) => entry.value);
    },
    get bottles() {
      return store.list(keptBottle).map((entry) => entry.value);
    },
    get people() {
      return store.list(keptPerson).map((entry) => entry.value);
    },
    get asks() {
      return store.list(keptAsk).map((entry) => entry.value);
    },
    get round() {
      return store.get(keptRound, ONLY_ID)?.value.round ?? null;
    },
    get ownDrinks() {
      return store.list(keptOwnDrink).map((entry) => entry.value);
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
  /** Many of a thing, with what is written of it in their place and without what goes. */
  const after = <T extends { id: string }>(kept: Kept<T>, now: readonly T[]): T[] => {
    const touched = new Set(writes.flatMap((w) => (w.thing === kept.name ? [w.id] : [])));
    return [...now.filter((one) => !touched.has(one.id)), ...written(kept)];
  };
  // Asked for each thing that is written; worked out once for all of them.
  let catalogue: Catalogue | undefined;
  return {
    get catalogue() {
      catalogue ??= withOwn(world.catalogue, written(keptOwnDrink), written(keptOwnKind));
      return catalogue;
    },
    shops: world.shops,
    get homeMade() {
      return [...world.homeMade, ...written(keptOwnRecipes).flat()];
    },
    get ownPrices() {
      return [...world.ownPrices, ...written(keptOwnPrices)];
    },
    get batches() {
      return after(keptBatch, world.batches);
    },
    get plans() {
      return after(keptPlan, world.plans);
    },
    get evenings() {
      return after(keptEvening, world.evenings);
    },
    get bottles() {
      return after(keptBottle, world.bottles);
    },
    get people() {
      return after(keptPerson, world.people);
    },
    get asks() {
      return after(keptAsk, world.asks);
    },
    // What a round was before the change tells whether it begins with it.
    get round() {
      return world.round;
    },
    get ownDrinks() {
      return after(keptOwnDrink, world.ownDrinks);
    },
  };
}
