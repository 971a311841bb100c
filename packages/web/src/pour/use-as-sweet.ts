import { isPlainSyrup } from '@uisce/core/bench';
import { asSweetMl } from '@uisce/core/drink';
import type { PourStep } from '@uisce/core/pouring';
import { useCatalogue } from '../household/use-catalogue';
import { useStock } from '../household/use-stock';
import { useWords } from '../words/use-words';

/** Where the bottle or batch in this house is sweeter than a spec means, or less sweet: how much of it sweetens as much. */
export function useAsSweet() {
  const catalogue = useCatalogue();
  const stock = useStock();
  const words = useWords();

  /** One sentence for a step; empty where what is poured is as the spec means it. */
  function asSweet({ part }: PourStep): string {
    const [usual, here] = [catalogue.kinds.get(part?.kind ?? ''), stock.here.kinds.get(part?.kind ?? '')];
    if (!part?.ml || !usual || !here) return '';
    // Where one syrup is kept for all, the step says already how much of it sweetens as much.
    if (stock.here.houseSyrupRatio !== null && isPlainSyrup(part.kind)) return '';
    const ml = asSweetMl(part.ml, usual, here);
    if (ml === undefined) return '';
    const is = here.sugarGPerL > usual.sugarGPerL ? 'sweeter' : 'less sweet';
    return `Yours is ${is} than most: ${words.volume(ml)} of it sweetens as much.`;
  }
  return { asSweet };
}
