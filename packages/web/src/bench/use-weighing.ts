import { computed, type Ref } from 'vue';
import { batchOf, rebalance, targetReadingG, type BatchRecord } from '@uisce/core/making';
import { useTrade } from '../household/use-trade';

/** One thing to do at the bench. */
export type BenchStep =
  | { do: 'add'; part: number }
  | { do: 'rest'; rest: number; minutes: number; say: string }
  | { do: 'top-up' }
  | { do: 'bottle' };

/** Half a gram is as near as a kitchen scale shows. */
const NEAR_G = 0.5;
/** Drops and pinches are not overshot by a rounding of the display. */
const NEAR_SHARE = 0.005;

/** Where a batch stands: what is to be done next, how much, and what an overshoot has made of it. */
export function useWeighing(record: Ref<BatchRecord>) {
  const trade = useTrade();

  const recipe = computed(() => trade.catalogue.homeMade.find((h) => h.id === record.value.recipeId));
  const balanced = computed(() => rebalance(record.value.plannedG, record.value.inG));
  const planned = computed(() =>
    recipe.value ? batchOf(recipe.value, record.value.plannedG, trade.catalogue, trade.kinds) : undefined,
  );
  /** The batch as it will be, overshoot and all. */
  const batch = computed(() =>
    recipe.value ? batchOf(recipe.value, balanced.value.partsG, trade.catalogue, trade.kinds) : undefined,
  );
  /** What is in the jar by now. */
  const soFar = computed(() =>
    recipe.value ? batchOf(recipe.value, record.value.inG, trade.catalogue, trade.kinds) : undefined,
  );
  const fits = computed(() => (batch.value?.volumeMl ?? 0) <= record.value.bottleMl);

  const isIn = (part: number) => {
    const add = balanced.value.toAddG[part] ?? 0;
    return (
      add <=
      Math.max(
        NEAR_G * Number((record.value.plannedG[part] ?? 0) > 20),
        (balanced.value.partsG[part] ?? 0) * NEAR_SHARE,
      )
    );
  };

  /** All steps in order; a part that an overshoot leaves short comes again before the rest goes on. */
  const steps = computed<BenchStep[]>(() => {
    const made = recipe.value;
    if (!made) return [];
    const out: BenchStep[] = made.from.flatMap((_, part): BenchStep[] => [
      { do: 'add', part },
      ...made.rests.flatMap((r, rest): BenchStep[] =>
        r.after === part + 1 ? [{ do: 'rest', rest, minutes: r.minutes, say: r.say }] : [],
      ),
    ]);
    if (made.heated) out.push({ do: 'top-up' });
    out.push({ do: 'bottle' });
    return out;
  });
  const isDone = (step: BenchStep): boolean => {
    if (step.do === 'add') return isIn(step.part);
    if (step.do === 'rest') return step.rest < record.value.restsDone;
    if (step.do === 'top-up') return record.value.toppedUpG > 0;
    return record.value.madeOn !== null;
  };
  const now = computed(() => steps.value.find((step) => !isDone(step)));

  /** What goes in next, and what the scale is to show then. */
  const target = computed(() => {
    const step = now.value;
    if (step?.do !== 'add') return undefined;
    const addG = balanced.value.toAddG[step.part] ?? 0;
    const { tared, jarG, inG } = record.value;
    return { part: step.part, addG, readingG: tared ? addG : targetReadingG(jarG, inG, addG) };
  });
  return { recipe, planned, batch, soFar, balanced, fits, steps, isDone, now, target };
}
