import { daysOnceOpen } from '@uisce/core/catalogue';
import { computed } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { count, useWords } from '../words/use-words';
import { useMayHold } from '../ui/drink/use-warnings';
import { useDecisions } from './use-decisions';

export const CHOICES = [
  { value: 'free', words: 'Let the plan decide' },
  { value: 'keep', words: 'Keep always' },
  { value: 'never', words: 'Never' },
  { value: 'own', words: 'I own it' },
] as const;

/** One bottle of the plan: what leans on it, what it holds, and what is decided of it. */
export function useBottle(props: Readonly<{ itemId: string }>) {
  const answers = useAnswer();
  const stock = useStock();
  const catalogue = useCatalogue();
  const words = useWords();
  const decisions = useDecisions();
  const { sayHolds } = useMayHold();
  const item = computed(() => answers.itemById.get(props.itemId));
  const kind = computed(() => catalogue.kinds.get(item.value?.kindId ?? ''));
  const bottle = computed(() => item.value?.bottle);
  /** What its bottles hold here, a stated ingredient or not. */
  const holds = computed(() => {
    const here = stock.here.kinds.get(kind.value?.id ?? '');
    return here
      ? sayHolds({
          allergens: here.allergens,
          mayHold: here.mayHold,
          unknown: here.allergensStated ? [] : [here.id],
        })
      : [];
  });
  /** What is made at home: of what it is worth, and how much of a whole batch the packs hold. */
  const madeWords = computed(() => {
    const share = answers.result?.batchShares[kind.value?.id ?? ''] ?? 1;
    const worth = `made of ${words.price(bottle.value?.priceMinor ?? 0)} worth`;
    const ml = words.volume(Math.floor((bottle.value?.ml ?? 0) * share));
    return share < 1 ? `${worth} a whole batch; the packs are shared: enough for ${ml} of it` : worth;
  });
  const keepsDays = computed(() => kind.value && daysOnceOpen(kind.value, bottle.value));
  const reason = computed(() => answers.result?.explanation.reasons.find((r) => r.id === props.itemId));
  const lift = computed(() => answers.result?.explanation.lifts.find((l) => l.id === props.itemId));
  const drinks = computed(() =>
    [...(reason.value?.leaning ?? lift.value?.adds ?? [])]
      .map((d) => ({ ...d, name: catalogue.recipes.get(d.id)?.name ?? d.id }))
      .sort((a, b) => a.name.localeCompare(b.name)),
  );
  const judgement = computed(() => {
    if (!reason.value)
      return lift.value
        ? `Would add ${count(lift.value.adds.length, 'drink')}`
        : 'Adds nothing more from here';
    const { leaning, closes } = reason.value;
    const lean = `${count(leaning.length, 'drink')} ${leaning.length === 1 ? 'leans' : 'lean'} on it`;
    return closes.length === leaning.length ? lean : `${lean}; ${closes.length} would close without it`;
  });
  const state = computed(() => {
    const kindId = kind.value?.id ?? '';
    if (decisions.isOwned(kindId)) return 'own';
    if (decisions.isNever(kindId)) return 'never';
    return decisions.isKept(props.itemId) ? 'keep' : 'free';
  });

  return { item, kind, bottle, holds, madeWords, keepsDays, reason, drinks, judgement, state };
}
