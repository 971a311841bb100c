import { useTimeoutFn } from '@vueuse/core';
import { computed, watch } from 'vue';
import { actsOf, recipeOfBatch } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useCatalogue } from '../household/use-catalogue';
import { useNotices } from '../kept/use-notices';
import { useRing } from '../ui/use-ring';
import { useBatchWords } from '../words/batch-words';

/** What the bench waits for rings on whatever page is open when its time is up. */
export function useBenchTimer(): void {
  const batches = useBatches();
  const catalogue = useCatalogue();
  const notices = useNotices();
  const { recipeName } = useBatchWords();
  const { ring } = useRing();

  const due = computed(() => {
    const record = batches.onBench;
    const recipe = record && recipeOfBatch(record, catalogue.all.homeMade);
    const minutes = recipe && actsOf(recipe)[record?.actsDone ?? 0]?.minutes;
    if (!record?.actStartedAt || !recipe || minutes === undefined) return undefined;
    return { at: Date.parse(record.actStartedAt) + minutes * 60_000, name: recipeName(recipe) };
  });
  const left = () => (due.value ? due.value.at - Date.now() : 0);
  const timer = useTimeoutFn(
    () => {
      if (!due.value) return;
      notices.say(`${due.value.name}: the time is up.`);
      ring();
    },
    left,
    { immediate: false },
  );
  watch(
    () => due.value?.at,
    (at) => {
      timer.stop();
      // What was over before the page was opened is said at the bench, and rings no more.
      if (at !== undefined && left() > 0) timer.start();
    },
    { immediate: true },
  );
}
