import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { catalogueSchema, kindIndex, type Catalogue, type CatalogueText, type PriceList } from '@uisce/core';
import { api } from '../api/client';
import { useHousehold } from './household';

/** The catalogue and the price lists: what there is to pour and what it costs. */
export const useTrade = defineStore('trade', () => {
  const text = shallowRef<CatalogueText>();
  const catalogue = shallowRef<Catalogue>({ kinds: [], standIns: [], glasses: [], recipes: [] });
  const priceLists = ref<PriceList[]>([]);
  const household = useHousehold();

  const kinds = computed(() => kindIndex(catalogue.value.kinds));
  const recipes = computed(() => new Map(catalogue.value.recipes.map((r) => [r.id, r])));
  const glasses = computed(() => new Map(catalogue.value.glasses.map((g) => [g.id, g])));
  const prices = computed(
    () => priceLists.value.find((l) => l.id === household.settings.priceListId) ?? priceLists.value[0],
  );
  const bottles = computed(() => new Map(prices.value?.bottles.map((b) => [b.id, b])));

  async function load(): Promise<void> {
    const [words, lists] = await Promise.all([
      api<CatalogueText>('/catalogue'),
      api<PriceList[]>('/price-lists'),
    ]);
    text.value = words;
    catalogue.value = catalogueSchema.parse(words);
    priceLists.value = lists;
  }

  async function reloadPrices(): Promise<void> {
    priceLists.value = await api<PriceList[]>('/price-lists');
  }

  /** A kind's name, or its id while the catalogue is on its way. */
  function kindName(id: string): string {
    return kinds.value.get(id)?.name ?? id;
  }

  return {
    text,
    catalogue,
    priceLists,
    kinds,
    recipes,
    glasses,
    prices,
    bottles,
    load,
    reloadPrices,
    kindName,
  };
});
