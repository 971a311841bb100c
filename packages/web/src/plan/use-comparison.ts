import { useElementSize } from '@vueuse/core';
import { changeBetween, countDrinks, standsOnShelf } from '@uisce/core/plan';
import { computed, ref, useTemplateRef } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed, useWords } from '../words/use-words';
import type { PlanResult } from '@uisce/core/plan';
import type { ShelfEntry } from '../ui/shelf/shelf-layout';
import { useShelfEntries } from './use-shelf-entries';

/** Length of each drawn shelf. */
export const SHELF_MM = 1100;
/** Kinds, not item ids: what is owned in one plan may be bought in the other. */
const kindsOf = (result: PlanResult | undefined) => {
  const kindOf = new Map(result?.items.map((i) => [i.id, i.kindId]));
  return new Set(result?.inUse.flatMap((id) => kindOf.get(id) ?? []));
};

/** Bottles of a shelf that the other has not come first, and say so. */
function onlyHereFirst(entries: readonly ShelfEntry[], elsewhere: ReadonlySet<string>): ShelfEntry[] {
  return entries
    .map((entry) => ({ entry, isOnlyHere: !elsewhere.has(entry.kindId) }))
    .sort((a, b) => Number(b.isOnlyHere) - Number(a.isOnlyHere) || b.entry.drinks - a.entry.drinks)
    .map(({ entry, isOnlyHere }) => (isOnlyHere ? { ...entry, note: `only here · ${entry.note}` } : entry));
}

/** "makes 12 drinks more for €20 less": one plan than another. */
function sayDifference(drinks: number, spendMinor: number, price: (minor: number) => string): string {
  const than =
    drinks === 0 ? 'as many drinks' : `${count(Math.abs(drinks), 'drink')} ${drinks > 0 ? 'more' : 'fewer'}`;
  const money = price(Math.abs(spendMinor));
  const cost = spendMinor === 0 ? 'at the same price' : `for ${money} ${spendMinor > 0 ? 'more' : 'less'}`;
  return `makes ${than} ${cost}`;
}

/** This plan beside another: the other's answer, what only one of the two has, and the difference in a sentence. */
export function useComparison() {
  const answers = useAnswer();
  const plans = usePlans();
  const catalogue = useCatalogue();
  const words = useWords();
  const { entryOf, inTheCold } = useShelfEntries();
  const box = useTemplateRef<HTMLElement>('box');
  const { width } = useElementSize(box);
  const scale = computed(() => Math.min(0.72, Math.max(0.5, width.value / SHELF_MM)));
  const others = computed(() => plans.plans.filter((p) => p.id !== plans.current?.id));
  const chosenId = ref<string>();
  const other = computed(() => others.value.find((p) => p.id === chosenId.value) ?? others.value[0]);
  const { found: theirs, failure } = useQuestion(
    'best',
    () => other.value && answers.proven && { of: {}, brief: other.value.brief },
  );
  const change = computed(() =>
    answers.result && theirs.value ? changeBetween(answers.result.answer, theirs.value.answer) : undefined,
  );
  const shelfOf = (result: PlanResult | undefined, than: PlanResult | undefined) => {
    const items = new Map(result?.items.map((i) => [i.id, i]));
    const entries = (result?.explanation.reasons ?? []).flatMap(
      (r) => entryOf(r.id, r.leaning.length, false, items.get(r.id)) ?? [],
    );
    return onlyHereFirst(
      entries.filter((entry) => !inTheCold(entry)),
      kindsOf(than),
    );
  };
  /** What does not stand on the shelf, and only one of the two has. */
  const coldOnly = computed(() => {
    const only = (result: PlanResult | undefined, than: PlanResult | undefined) => {
      const theirKinds = kindsOf(than);
      return [...kindsOf(result)].filter((kindId) => {
        const kind = catalogue.kinds.get(kindId ?? '');
        return kind !== undefined && !standsOnShelf(kind) && !theirKinds.has(kindId);
      });
    };
    const say = (kinds: readonly (string | undefined)[]) =>
      kinds.length === 0 ? 'nothing' : listed(kinds.map((k) => catalogue.kindInSentence(k ?? '')));
    return {
      here: say(only(answers.result, theirs.value)),
      there: say(only(theirs.value, answers.result)),
    };
  });
  const shelves = computed(() => [
    {
      name: plans.current?.name ?? '',
      result: answers.result,
      entries: shelfOf(answers.result, theirs.value),
    },
    { name: other.value?.name ?? '', result: theirs.value, entries: shelfOf(theirs.value, answers.result) },
  ]);
  const judgement = computed(() => {
    if (!change.value || !theirs.value || !answers.result) return '';
    const more = theirs.value.drinksMade - answers.result.drinksMade;
    return `“${other.value?.name ?? ''}” ${sayDifference(more, change.value.spend, words.price)}.`;
  });
  const open = (ids: readonly string[]) => countDrinks(ids, catalogue.recipes);

  return { scale, others, chosenId, other, theirs, failure, change, coldOnly, shelves, judgement, open };
}
