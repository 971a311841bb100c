import type { Recipe, Slot } from '@uisce/core/catalogue';
import { drinkFigures } from '@uisce/core/drink';
import { fromHouseSyrup, withHouseSyrup, type Rescaled } from '@uisce/core/bench';
import { useSettings } from '../household/use-settings';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from './use-words';

export interface HousePour extends Rescaled {
  ratio: number;
}

/** Plain sugar syrup poured from the one that the household keeps. */
export function useHouseSyrup() {
  const settings = useSettings();
  const catalogue = useCatalogue();
  const words = useWords();

  /** What a slot asks for, from the house syrup; undefined when it is poured as written. */
  function of(slot: Pick<Slot, 'kind' | 'amount'>): HousePour | undefined {
    const ratio = settings.current.houseSyrupRatio;
    const poured = fromHouseSyrup(slot, ratio, catalogue.kinds);
    return ratio === null || !poured ? undefined : { ...poured, ratio };
  }

  /** "5 ml less water". */
  function sayWater({ waterMl }: HousePour, servings: number): string {
    const ml = waterMl * servings;
    return `${words.volume(Math.abs(ml))} ${ml < 0 ? 'less' : 'more'} water`;
  }

  /** A drink as it is poured here, and the kinds it is poured from. */
  const asPoured = (recipe: Recipe) =>
    withHouseSyrup(recipe, settings.current.houseSyrupRatio, catalogue.kinds);
  /** Its figures as it is poured here. */
  const figuresOf = (recipe: Recipe) => {
    const poured = asPoured(recipe);
    return drinkFigures(poured.recipe, poured.kinds);
  };

  return { of, sayWater, asPoured, figuresOf };
}
