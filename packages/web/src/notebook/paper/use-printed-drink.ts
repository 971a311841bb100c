import { amountMl, inSentence } from '@uisce/core/base';
import type { Recipe } from '@uisce/core/catalogue';
import { sayMethod } from '@uisce/core/drink';
import { useNotebook } from '../../household/use-notebook';
import { useCatalogue } from '../../household/use-catalogue';
import { useOwnMeasure } from '../../words/own-measure';
import { useMayHold } from '../../ui/drink/use-warnings';
import { listed, useWords } from '../../words/use-words';
import type { BookletDrink } from './booklet-pdf';

/** A drink's words for paper: its spec in the reader's measure, and by the household's own cups where it has them. */
export function usePrintedDrink() {
  const notebook = useNotebook();
  const own = useOwnMeasure();
  const { mayHold, sayHolds } = useMayHold();
  const catalogue = useCatalogue();
  const words = useWords();

  return (recipe: Recipe): BookletDrink => {
    const held = mayHold(recipe);
    const { figures } = held;
    const glass = catalogue.glassInSentence(recipe.glass);
    const mine = notebook.ownOf(recipe.id);
    const cups = (ml: number | undefined) => {
      const plan = own.isMeasured(ml) ? own.planFor(ml) : undefined;
      return plan?.meets ? own.sayFills(plan) : '';
    };
    return {
      name: recipe.name,
      under: `${words.percent(figures.abv)} vol · ${words.volume(Math.round(figures.servedMl))} · ${glass}`,
      parts: recipe.slots.map((s) => ({
        amount: words.amount(s.amount),
        what: `${listed([s.kind, ...s.or].map((k) => catalogue.kindName(k))).replace(/ and ([^,]*)$/, ' or $1')}${s.optional ? ' (if you like)' : ''}`,
        mine: own.lines.value.length === 0 ? '' : cups(amountMl(s.amount)),
      })),
      steps: sayMethod(recipe, catalogue.kinds, glass, (k) => inSentence(k)),
      foot: [...sayHolds(held), mine?.from ? `From ${mine.from}.` : '', mine?.notes ?? '']
        .filter(Boolean)
        .join(' '),
    };
  };
}
