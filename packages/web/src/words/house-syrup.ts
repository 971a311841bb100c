import { amountMl } from '@uisce/core/base';
import type { Slot } from '@uisce/core/catalogue';
import { rescaleSyrup, type Rescaled } from '@uisce/core/making';
import { useSettings } from '../household/use-settings';
import { useTrade } from '../household/use-trade';
import { useWords } from './use-words';

/** Plain sugar syrups: what one strength of them does, another does as well. */
const PLAIN = new Set(['simple-syrup', 'rich-syrup']);
/** Nearer than this no one can tell the two apart. */
const SAME_RATIO = 0.01;

export interface HousePour extends Rescaled {
  ratio: number;
}

/** Plain sugar syrup poured from the one that the household keeps. */
export function useHouseSyrup() {
  const household = useSettings();
  const trade = useTrade();
  const words = useWords();

  /** What a slot asks for, from the house syrup; undefined when it is poured as written. */
  function of(slot: Pick<Slot, 'kind' | 'amount'>): HousePour | undefined {
    const ratio = household.settings.houseSyrupRatio;
    const ml = amountMl(slot.amount);
    const written = Number.parseFloat(trade.kinds.get(slot.kind)?.strength ?? '');
    if (ratio === null || ml === undefined || !PLAIN.has(slot.kind) || Number.isNaN(written))
      return undefined;
    return Math.abs(written - ratio) < SAME_RATIO
      ? undefined
      : { ...rescaleSyrup(ml, written, ratio), ratio };
  }

  /** "5 ml less water". */
  function sayWater({ waterMl }: HousePour, servings: number): string {
    const ml = waterMl * servings;
    return `${words.number(Math.abs(ml))} ml ${ml < 0 ? 'less' : 'more'} water`;
  }

  return { of, sayWater };
}
