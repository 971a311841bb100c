import { defineStore } from 'pinia';
import { computed } from 'vue';
import { keptPack } from '@uisce/core/kept';
import { inTheCupboard, type Pack } from '@uisce/core/bench';
import { useKeeper } from '../kept/use-keeper';
import { useCatalogue } from './use-catalogue';
import { useToday } from './use-today';

/** What stands in the cupboard by weight: sugar, honey, nuts, acid. */
export const usePacks = defineStore('packs', () => {
  const keeper = useKeeper();
  const catalogue = useCatalogue();
  const today = useToday();

  const packs = computed<Pack[]>((before) => keeper.all(keptPack, before));
  const there = computed(() => packs.value.filter((p) => p.finishedOn === null));
  /** Grams of each that is counted. */
  const grams = computed(() => inTheCupboard(packs.value));

  function add(pantry: string, g: number): void {
    const pack: Pack = {
      id: crypto.randomUUID(),
      pantry,
      sizeG: g,
      leftG: g,
      boughtOn: today.iso(),
      finishedOn: null,
    };
    keeper.keep(keptPack, pack, `${catalogue.pantryName(pantry)} is in the cupboard`);
  }
  /** What is left of a pack, as somebody weighed it; nothing left is a pack used up. */
  function weigh(pack: Pack, leftG: number): void {
    const sizeG = Math.max(pack.sizeG, leftG);
    const finishedOn = leftG === 0 ? today.iso() : null;
    keeper.keep(
      keptPack,
      { ...pack, sizeG, leftG, finishedOn },
      `Weighed ${catalogue.pantryInSentence(pack.pantry)}`,
    );
  }

  return { packs, there, grams, add, weigh };
});
