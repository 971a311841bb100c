import { defineStore } from 'pinia';
import { computed } from 'vue';
import { keptTasting } from '@uisce/core/kept';
import { likedDrinks, verdictsOf, type Tasting } from '@uisce/core/notebook';
import { useKeeper } from '../kept/use-keeper';
import { useLog } from './use-log';

/** How drinks were liked: the log's verdicts, and what was written of them in the Notebook. */
export const useVerdicts = defineStore('verdicts', () => {
  const keeper = useKeeper();
  const log = useLog();

  const tastings = computed<Tasting[]>((before) => keeper.all(keptTasting, before));
  const verdicts = computed(() => verdictsOf(log.pours, tastings.value));
  /** Drinks by how they were liked, the best first. */
  const liked = computed(() => likedDrinks(verdicts.value));
  const likedOf = (drink: string) => liked.value.find((l) => l.drink === drink);

  /** What was written of a drink, the newest first. */
  const notesOn = (drink: string) =>
    tastings.value.filter((t) => t.drink === drink).sort((a, b) => (a.at > b.at ? -1 : 1));

  function taste(tasting: Omit<Tasting, 'id' | 'at'>, name: string): void {
    const kept = { ...tasting, id: crypto.randomUUID(), at: new Date().toISOString() };
    keeper.keep(keptTasting, kept, `What was thought of ${name}`.slice(0, 120));
  }
  function forget({ id }: Tasting): void {
    keeper.remove(keptTasting, id, 'A verdict goes');
  }

  return { tastings, verdicts, liked, likedOf, notesOn, taste, forget };
});
