import { inSentence } from '@uisce/core/base';
import { useLocalStorage } from '@vueuse/core';
import { dequal } from 'dequal';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import {
  drinkKey,
  emptyCatalogue,
  kindIndex,
  type Catalogue,
  type HomeMade,
  type Kind,
  type PriceList,
  type PriceListSummary,
} from '@uisce/core/catalogue';
import type { PaidPrice } from '@uisce/core/errand';
import { libraryOf, pricesOf } from '@uisce/core/household';
import { kindsOfMixed } from '@uisce/core/mixed';
import {
  keptBatch,
  keptOwnDrink,
  keptOwnKind,
  keptOwnPrices,
  keptOwnRecipes,
  keptPaidPrice,
} from '@uisce/core/kept';
import { servingById } from '@uisce/core/pouring';
import type { OwnDrink, OwnKind } from '@uisce/core/notebook';
import { api, apiTagged } from '../kept/client';
import { useKeeper } from '../kept/use-keeper';
import { useSettings } from './use-settings';

/** The shop in use when this browser was last here, so that its prices can be asked for at once. */
const lastShop = useLocalStorage('uisce:shop', '');

/** The shipped catalogue, and the library with what the household wrote: its drinks count wherever the shipped ones do. */
function useLibrary() {
  const keeper = useKeeper();
  const settings = useSettings();
  const loaded = ref(false);
  const shipped = shallowRef<Catalogue>(emptyCatalogue());
  /** Tells this release of the shipped catalogue, read by this school of freshness, from others. */
  const releaseTag = ref('');
  const shippedTag = computed(() =>
    freshness.value === 'between' ? releaseTag.value : `${releaseTag.value} ${freshness.value}`,
  );
  const freshness = computed(() => settings.current.freshness);
  const ownRecipes = computed(() => keeper.single(keptOwnRecipes));
  /** The household's own ways of making things stand beside the shipped ones. */
  const ownDrinks = computed<OwnDrink[]>((before) => keeper.all(keptOwnDrink, before));
  const ownKinds = computed<OwnKind[]>((before) => keeper.all(keptOwnKind, before));
  /** The library with what the household wrote: its drinks count wherever the shipped ones do. */
  const catalogue = computed<Catalogue>(() => {
    // A worker is sent it as it is: what is reactive cannot be.
    const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
    return libraryOf(shipped.value, {
      drinks: plain(ownDrinks.value),
      kinds: plain(ownKinds.value),
      homeMade: plain(ownRecipes.value),
      freshness: freshness.value,
    });
  });

  return { loaded, shipped, releaseTag, shippedTag, ownRecipes, ownKinds, catalogue };
}

type Library = ReturnType<typeof useLibrary>;

/** What things cost here: the shops, own prices laid over them, and what was paid. */
function usePrices({ loaded, catalogue, ownRecipes, ownKinds }: Library) {
  const keeper = useKeeper();
  const settings = useSettings();
  const shops = ref<PriceListSummary[]>([]);
  const ownPrices = computed<PriceList[]>((before) => keeper.all(keptOwnPrices, before));
  /** Prices that were paid: at their shop they hold before what its list says. */
  const paid = computed<PaidPrice[]>((before) => keeper.all(keptPaidPrice, before));
  const priceLists = computed<PriceListSummary[]>(() => [
    ...ownPrices.value,
    ...shops.value.filter((s) => !ownPrices.value.some((own) => own.id === s.id)),
  ]);
  /** Own prices laid over their shop, or a shop by itself. */
  const prices = shallowRef<PriceList>();

  const read = new Map<string, Promise<PriceList>>();
  function shop(id: string): Promise<PriceList> {
    const list = read.get(id) ?? api<PriceList>(`/price-lists/${id}`);
    read.set(id, list);
    // Asked again, it may be there.
    list.catch(() => read.delete(id));
    return list;
  }

  /** The prices in use: the chosen list with the shop below it. A list that is gone leaves the first one in use. */
  async function readPrices(): Promise<void> {
    const id = settings.current.priceListId;
    const summary = priceLists.value.find((list) => list.id === id) ?? priceLists.value[0];
    if (summary === undefined) return;
    const list = await listOf(summary.id);
    lastShop.value = summary.over ?? summary.id;
    if (settings.current.priceListId === id) prices.value = list;
  }

  /** A shop's prices as they hold for this household: own ones over the shop's, what was paid before either. */
  async function listOf(id: string): Promise<PriceList> {
    const list = ownPrices.value.find((own) => own.id === id) ?? (await shop(id));
    const below = list.over === undefined ? [] : [await shop(list.over)];
    return pricesOf(list, below, { paid: paid.value, kinds: ownKinds.value }, catalogue.value);
  }

  // Another shop was chosen, or own prices came or went, here or elsewhere.
  watch([() => settings.current.priceListId, ownPrices, ownRecipes, ownKinds, paid], () => {
    if (loaded.value) void readPrices();
  });

  return { shops, paid, priceLists, prices, shop, readPrices, listOf };
}

/** The things of the library by their ids. */
function useIndexes({ shipped, catalogue }: Library) {
  const keeper = useKeeper();
  const soldKinds = computed(() => kindIndex(catalogue.value.kinds));
  /** Drinks that stand mixed in bottles are kinds of their own; the same list while nothing of it has changed. */
  const mixedKinds = computed<Kind[]>((before) => {
    const now = kindsOfMixed(keeper.all(keptBatch), catalogue.value, soldKinds.value);
    return before && dequal(before, now) ? before : now;
  });
  const kinds = computed<ReadonlyMap<string, Kind>>(() =>
    mixedKinds.value.length === 0
      ? soldKinds.value
      : new Map([...soldKinds.value, ...mixedKinds.value.map((k) => [k.id, k] as const)]),
  );
  /** Shipped drinks as they are printed, whatever the house makes of them. */
  const printed = computed(() => new Map(shipped.value.recipes.map((r) => [r.id, r])));
  const recipes = computed(() => new Map(catalogue.value.recipes.map((r) => [r.id, r])));
  const glasses = computed(() => new Map(catalogue.value.glasses.map((g) => [g.id, g])));
  const tools = computed(() => new Map(catalogue.value.tools.map((t) => [t.id, t])));
  const families = computed(() => new Map(catalogue.value.families.map((f) => [f.id, f])));
  const pantry = computed(() => new Map(catalogue.value.pantry.map((p) => [p.id, p])));
  const sources = computed(() => new Map(catalogue.value.sources.map((s) => [s.id, s])));

  return { kinds, printed, recipes, glasses, tools, families, sources, pantry };
}

type Indexes = Pick<
  ReturnType<typeof useIndexes>,
  'kinds' | 'recipes' | 'glasses' | 'tools' | 'families' | 'pantry'
>;

/** How things of the catalogue are called, by their ids. */
function useNames({ kinds, recipes, glasses, tools, families, pantry }: Indexes) {
  /** How a thing of the catalogue is called within a sentence, by its id. */
  const spoken =
    (index: () => ReadonlyMap<string, { name: string; proper?: boolean | undefined }>) => (id: string) => {
      const found = index().get(id);
      return found ? inSentence(found) : id;
    };
  const kindInSentence = spoken(() => kinds.value);
  const glassInSentence = spoken(() => glasses.value);
  const toolInSentence = spoken(() => tools.value);
  const familyInSentence = spoken(() => families.value);

  /** A drink's name; what is poured by itself has one, too. */
  const drinkName = (id: string) => (recipes.value.get(id) ?? servingById(id, kinds.value))?.name ?? id;

  /** A kind's name, or its id while the catalogue is on its way. */
  function kindName(id: string): string {
    return kinds.value.get(id)?.name ?? id;
  }

  const pantryInSentence = spoken(() => pantry.value);
  function pantryName(id: string): string {
    return pantry.value.get(id)?.name ?? id;
  }

  return {
    drinkName,
    kindName,
    kindInSentence,
    glassInSentence,
    toolInSentence,
    familyInSentence,
    pantryName,
    pantryInSentence,
  };
}

/** The catalogue and the price lists: what there is to pour and what it costs. */
export const useCatalogue = defineStore('catalogue', () => {
  const keeper = useKeeper();
  const library = useLibrary();
  const { loaded, shipped, releaseTag, shippedTag, ownRecipes, catalogue } = library;
  const { shops, paid, priceLists, prices, shop, readPrices, listOf } = usePrices(library);
  const { kinds, printed, recipes, glasses, tools, families, sources, pantry } = useIndexes(library);
  /** Drinks in the catalogue, variants of one drink counted once. */
  const drinkCount = computed(() => new Set(catalogue.value.recipes.map(drinkKey)).size);
  const bottles = computed(() => new Map(prices.value?.bottles.map((b) => [b.id, b])));

  /** Read what came with the program. */
  async function load(): Promise<void> {
    // Most likely it is the shop of last time: it comes with the rest.
    if (lastShop.value !== '') void shop(lastShop.value).catch(() => undefined);
    const [read, lists] = await Promise.all([
      apiTagged<Catalogue>('/catalogue'),
      api<PriceListSummary[]>('/price-lists'),
    ]);
    shops.value = lists.filter((list) => !list.own);
    shipped.value = read.body;
    releaseTag.value = read.tag;
    loaded.value = true;
  }

  /** Keep own recipes, with words for the undo list. Batches begun before they kept a copy take one of what goes. */
  function keepOwnRecipes(recipes: HomeMade[], change: string): void {
    const gone = new Map(ownRecipes.value.filter((r) => !recipes.includes(r)).map((r) => [r.id, r]));
    const orphans = keeper.all(keptBatch).flatMap((batch) => {
      const recipe = batch.recipe ? undefined : gone.get(batch.recipeId);
      return recipe ? [keeper.write(keptBatch, { ...batch, recipe })] : [];
    });
    keeper.keepAll(change, keeper.write(keptOwnRecipes, recipes), ...orphans);
  }

  const names = useNames({ kinds, recipes, glasses, tools, families, pantry });
  return {
    loaded,
    all: catalogue,
    shippedTag,
    priceLists,
    kinds,
    printed,
    recipes,
    glasses,
    tools,
    families,
    sources,
    prices,
    bottles,
    drinkCount,
    load,
    readPrices,
    paid,
    listOf,
    ownRecipes,
    keepOwnRecipes,
    pantry,
    ...names,
  };
});
