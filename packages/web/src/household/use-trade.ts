import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import {
  catalogueSchema,
  drinkKey,
  emptyCatalogue,
  kindIndex,
  type Catalogue,
  type CatalogueText,
  type HomeMade,
  type PriceList,
  type PriceListSummary,
} from '@uisce/core/catalogue';
import { effectivePrices } from '@uisce/core/prices';
import { api, ApiError } from '../kept/client';
import { useHistory } from '../kept/use-history';
import { useHousehold } from './use-settings';

/** The catalogue and the price lists: what there is to pour and what it costs. */
export const useTrade = defineStore('trade', () => {
  const loaded = ref(false);
  const catalogue = shallowRef<Catalogue>(emptyCatalogue());
  let shipped = emptyCatalogue();
  const ownRecipes = shallowRef<HomeMade[]>([]);
  const priceLists = ref<PriceListSummary[]>([]);
  /** Own prices laid over their shop, or a shop by itself. */
  const prices = shallowRef<PriceList>();
  const household = useHousehold();

  const kinds = computed(() => kindIndex(catalogue.value.kinds));
  const recipes = computed(() => new Map(catalogue.value.recipes.map((r) => [r.id, r])));
  const glasses = computed(() => new Map(catalogue.value.glasses.map((g) => [g.id, g])));
  const tools = computed(() => new Map(catalogue.value.tools.map((t) => [t.id, t])));
  const families = computed(() => new Map(catalogue.value.families.map((f) => [f.id, f])));
  const sources = computed(() => new Map(catalogue.value.sources.map((s) => [s.id, s])));
  /** Drinks in the catalogue, variants of one drink counted once. */
  const drinkCount = computed(() => new Set(catalogue.value.recipes.map(drinkKey)).size);
  const bottles = computed(() => new Map(prices.value?.bottles.map((b) => [b.id, b])));

  async function load(): Promise<void> {
    const [words] = await Promise.all([api<CatalogueText>('/catalogue'), reloadPrices()]);
    shipped = catalogueSchema.parse(words);
    await reloadOwnRecipes();
    loaded.value = true;
  }

  /** The household's own ways of making things stand beside the shipped ones. */
  async function reloadOwnRecipes(): Promise<void> {
    ownRecipes.value = await api<HomeMade[]>('/home-made');
    showOwnRecipes();
  }

  function showOwnRecipes(): void {
    catalogue.value = { ...shipped, homeMade: [...shipped.homeMade, ...ownRecipes.value] };
  }

  /** Keep own recipes, with words for the undo list. */
  async function keepOwnRecipes(recipes: HomeMade[], change: string): Promise<void> {
    await api('/home-made', { method: 'PUT', body: { recipes, change } });
    ownRecipes.value = recipes;
    showOwnRecipes();
    await useHistory().refresh();
  }

  /** Read the names of all lists, and the prices of the one in use with the shop below it. */
  async function reloadPrices(): Promise<void> {
    const read = (id: string) => api<PriceList>(`/price-lists/${id}`);
    const [lists, chosen] = await Promise.all([
      api<PriceListSummary[]>('/price-lists'),
      // A list that is gone (its coming was undone) leaves the first shop in use.
      read(household.settings.priceListId).catch((error: unknown) => {
        if (error instanceof ApiError && error.problem.status === 404) return undefined;
        throw error;
      }),
    ]);
    priceLists.value = lists;
    const list = chosen ?? (await read(lists[0]?.id ?? household.settings.priceListId));
    const shops = list.over === undefined ? [] : [await read(list.over)];
    prices.value = effectivePrices(list, shops);
  }

  // Another shop was chosen, here or by an undo: its prices are read when they are needed.
  watch(
    () => household.settings.priceListId,
    () => {
      if (loaded.value) void reloadPrices();
    },
  );

  /** A kind's name, or its id while the catalogue is on its way. */
  function kindName(id: string): string {
    return kinds.value.get(id)?.name ?? id;
  }

  return {
    loaded,
    catalogue,
    priceLists,
    kinds,
    recipes,
    glasses,
    tools,
    families,
    sources,
    prices,
    bottles,
    drinkCount,
    load,
    reloadPrices,
    ownRecipes,
    reloadOwnRecipes,
    keepOwnRecipes,
    kindName,
  };
});
