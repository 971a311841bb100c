import type { MissingItem, Swap } from '@uisce/core/evening';
import type { BatchedDrink } from '@uisce/core/mixed';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed, useWords } from '../words/use-words';

/** What a freezer makes of a batch. */
const FREEZER = {
  liquid: 'from the freezer it stays liquid',
  thick: 'from the freezer it pours thick',
  slush: 'in the fridge: the freezer makes slush of it',
} as const;

/** The menu of an evening in words. */
export function useMenuWords() {
  const catalogue = useCatalogue();
  const words = useWords();

  const { drinkName } = catalogue;
  const sayMissing = (missing: readonly MissingItem[]) =>
    listed(missing.map((m) => `${m.count > 1 ? `${m.count} × ` : ''}${catalogue.kindInSentence(m.kind)}`));
  const sayBatch = ({ volumeMl, glassMl, abv, freezesAtC, freezer, bottles }: BatchedDrink) => {
    const sizes = [...new Set(bottles)].map(
      (ml) => `${bottles.filter((b) => b === ml).length} × ${words.size(ml)}`,
    );
    const ml = (n: number) => words.volume(Math.round(n));
    return `${ml(volumeMl)} in ${listed(sizes)}, ${ml(glassMl)} a glass, ${words.percent(abv)} vol, freezes at ${words.number(freezesAtC, 0)} °C: ${FREEZER[freezer]}`;
  };
  /** "Southside instead of Grenadine fizz saves €6.20 and one part". */
  function saySwap({ out, in: other, moneyMinor, parts, lacking, noSoft }: Swap): string {
    const does = [
      moneyMinor === 0
        ? 'costs the same'
        : moneyMinor > 0
          ? `costs ${words.price(moneyMinor)} more`
          : `saves ${words.price(-moneyMinor)}`,
      ...(parts === 0 ? [] : [`takes ${count(Math.abs(parts), 'part')} ${parts > 0 ? 'more' : 'fewer'}`]),
      ...(lacking > 0 ? [`leaves ${count(lacking, 'drink')} lacking`] : []),
      ...(noSoft ? ['leaves nothing without alcohol on it'] : []),
    ];
    return `${drinkName(other)} instead of ${drinkName(out)} ${listed(does)}`;
  }
  return { drinkName, sayMissing, sayBatch, saySwap };
}
