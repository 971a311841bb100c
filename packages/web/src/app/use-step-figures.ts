import { joinShops, linesOf } from '@uisce/core/errand';
import { computed, watch } from 'vue';
import { useBatches } from '../household/use-batches';
import { useErrands } from '../household/use-errands';
import { useEvenings } from '../household/use-evenings';
import { useLog } from '../household/use-log';
import { usePouring } from '../household/use-pouring';
import { usePlans } from '../household/use-plans';
import { usePractice } from '../household/use-practice';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useAnswer } from '../solver/use-answer';
import { useKitFigure } from '../words/kit-figure';
import { count, useWords } from '../words/use-words';

const LOOK_AFTER_MS = 1500;

/** The one telling figure of each step, by its name; empty while there is none. */
export function useStepFigures() {
  const answers = useAnswer();
  const batches = useBatches();
  const plans = usePlans();
  const catalogue = useCatalogue();
  const errands = useErrands();
  const stock = useStock();
  const words = useWords();
  const kit = useKitFigure();
  const log = useLog();
  const evenings = useEvenings();
  const practice = usePractice();
  const pouring = usePouring();
  // What is poured now is looked up once the page has come to rest.
  watch(
    () => answers.proven,
    (proven) => {
      if (proven) setTimeout(pouring.begin, LOOK_AFTER_MS);
    },
    { immediate: true },
  );
  /** What the plan buys, or how much of it is in the basket. */
  const errand = computed(() => {
    const lines = errands.open?.lines.filter((l) => l.state === 'basket' || l.state === 'wanted');
    if (lines) return `${lines.filter((l) => l.state === 'basket').length} of ${lines.length}`;
    if (!answers.result || !catalogue.prices) return '';
    const toBuy = linesOf(answers.result, joinShops([catalogue.prices]), [catalogue.prices]).length;
    return toBuy > 0 ? `${toBuy} to buy` : '';
  });
  return computed<Record<string, string>>(() => {
    const made = batches.onShelf.length + (batches.onBench ? 1 : 0);
    return {
      Brief: plans.brief ? words.money(plans.brief.moneyNowMinor) : '',
      Kit: kit.value,
      Plan: answers.result ? count(answers.result.drinksMade, 'drink') : '',
      Errand: errand.value,
      Bench: made > 0 ? count(made, 'batch', 'batches') : '',
      Pour: log.round ? 'half made' : pouring.count.value === undefined ? '' : `${pouring.count.value} now`,
      Evening: evenings.next ? words.weekday(evenings.next.on) : '',
      Shelf: stock.standing.length > 0 ? count(stock.standing.length, 'bottle') : '',
      Practice: practice.due.length > 0 ? `${practice.due.length} due` : '',
      Notebook: catalogue.drinkCount > 0 ? String(catalogue.drinkCount) : '',
    };
  });
}
