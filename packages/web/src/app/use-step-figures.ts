import { computed } from 'vue';
import { useBatches } from '../household/use-batches';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useTrade } from '../household/use-trade';
import { useAnswer } from '../solver/use-answer';
import { useKitFigure } from '../words/kit-figure';
import { count, useWords } from '../words/use-words';

/** The one telling figure of each step, by its name; empty while there is none. */
export function useStepFigures() {
  const answers = useAnswer();
  const batches = useBatches();
  const plans = usePlans();
  const trade = useTrade();
  const stock = useStock();
  const words = useWords();
  const kit = useKitFigure();
  return computed<Record<string, string>>(() => {
    const made = batches.onShelf.length + (batches.onBench ? 1 : 0);
    return {
      Brief: plans.brief ? words.money(plans.brief.moneyNowMinor) : '',
      Kit: kit.value,
      Plan: answers.result ? count(answers.result.open, 'drink') : '',
      Bench: made > 0 ? count(made, 'batch', 'batches') : '',
      Shelf: stock.standing.length > 0 ? count(stock.standing.length, 'bottle') : '',
      Notebook: trade.drinkCount > 0 ? String(trade.drinkCount) : '',
    };
  });
}
