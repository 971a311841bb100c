import { countDrinks } from '@uisce/core/plan';
import { computed, nextTick, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useCatalogue } from '../household/use-catalogue';
import { useItemWords } from '../words/use-item-words';
import { useWords } from '../words/use-words';

export const PRINT_COLUMNS = [
  { key: 'tick', title: '' },
  { key: 'name', title: 'Buy' },
  { key: 'size', title: 'Size', figures: true },
  { key: 'price', title: 'Price', figures: true },
  { key: 'spend', title: 'So far', figures: true },
  { key: 'open', title: 'Drinks in reach', figures: true },
];

/** The plan for paper: what to buy in the order that adds most drinks early, and what it makes. */
export function usePrintSheet() {
  const answers = useAnswer();
  const catalogue = useCatalogue();
  const words = useWords();
  const { itemName, drinkName } = useItemWords();
  const waiting = ref(false);
  const { found, ask } = useQuestion(
    'shopping',
    () => answers.result && { of: { answer: answers.result.answer } },
    { onDemand: true },
  );
  const rows = computed(() =>
    (found.value ?? []).map((p, i, all) => ({
      ...p,
      name: itemName(p.itemId),
      size: sizeOf(p.itemId),
      price: p.spend - (all[i - 1]?.spend ?? 0),
      open: countDrinks(p.open, catalogue.recipes),
    })),
  );
  function sizeOf(itemId: string): string {
    const { bottle } = answers.itemById.get(itemId) ?? {};
    const g = answers.packById.get(itemId)?.g;
    if (bottle) return words.size(bottle.ml);
    return g === undefined ? '' : words.mass(g);
  }
  /** What is made at home from what is bought. */
  const toMake = computed(() =>
    (answers.result?.inUse ?? []).filter((id) => answers.itemById.get(id)?.made).map(itemName),
  );
  const names = computed(() => answers.made.map((d) => drinkName(d.id)).sort((a, b) => a.localeCompare(b)));
  async function print(): Promise<void> {
    waiting.value = true;
    await ask();
    waiting.value = false;
    if (!found.value) return;
    await nextTick();
    window.print();
  }

  return { waiting, rows, toMake, names, print };
}
