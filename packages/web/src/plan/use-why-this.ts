import { computed } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useItemWords } from '../words/use-item-words';
import { count, listed, useWords } from '../words/use-words';
import { countDrinks } from '@uisce/core/plan';
import { useCatalogue } from '../household/use-catalogue';

/** Why a bottle is in the best set, or why it is not: solved again without it, or with it. */
export function useWhyThis(props: Readonly<{ itemId: string }>) {
  const answers = useAnswer();
  const catalogue = useCatalogue();
  const words = useWords();
  const { drinkName } = useItemWords();
  const { found: mine, failure } = useQuestion('why', () => {
    const { result, proven } = answers;
    return proven && result && { of: { answer: result.answer, itemId: props.itemId } };
  });
  const inSet = computed(() => answers.result?.answer.items.includes(props.itemId) ?? false);
  const change = computed(() => mine.value?.why?.without ?? mine.value?.whyNot?.withIt);
  const others = computed(() => change.value?.joined.filter((id) => id !== props.itemId) ?? []);
  const gone = computed(() => change.value?.left.filter((id) => id !== props.itemId) ?? []);
  const worth = computed(() => Math.abs(change.value?.value ?? 0));
  /** Drinks that the other set makes fewer, variants of one counted once. */
  const fewer = computed(() => {
    const counted = (ids: readonly string[]) => countDrinks(ids, catalogue.recipes);
    return counted(change.value?.lost ?? []) - counted(change.value?.added ?? []);
  });
  const loss = computed(() =>
    fewer.value > 0
      ? `makes ${count(fewer.value, 'drink')} fewer`
      : fewer.value < 0
        ? `makes ${count(-fewer.value, 'drink')} more`
        : 'makes as many',
  );
  /** By taste and match drinks count for more and less than one: said where that differs from their number. */
  const weighted = computed(() =>
    Math.abs(worth.value - fewer.value) < 0.005
      ? ''
      : `${fewer.value > 0 ? ', worth ' : ', but worth '}${words.number(worth.value, 2)} less to you`,
  );
  const held = computed(() => {
    const by = mine.value?.why?.heldBy;
    if (by?.kind === 'owned') return 'It is here because you own it.';
    if (by?.kind === 'kept') return 'It is here because you keep it always.';
    return by ? `${listed(by.drinks.map(drinkName))} cannot be made without it.` : '';
  });

  return { mine, failure, inSet, change, others, gone, loss, weighted, held };
}
