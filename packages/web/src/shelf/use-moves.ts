import { ref } from 'vue';
import { CannotMove, type Bottle } from '@uisce/core/stock';
import { useStock } from '../household/use-stock';

/** Something done with bottles, in one change; what cannot be done says why. */
export function useMoves() {
  const stock = useStock();
  const fault = ref('');
  function move(make: () => [change: string, ...bottles: Bottle[]]): void {
    try {
      const [change, ...bottles] = make();
      fault.value = '';
      stock.keep(change, ...bottles);
    } catch (error) {
      if (!(error instanceof CannotMove)) throw error;
      fault.value = error.message;
    }
  }
  return { fault, move };
}
