import type { PriceList } from '../catalogue/price-list.js';
import type { ScheduleTask } from './schedule.js';
import type { MenuPour } from './wanted.js';

/** What to do about a task that there is no time for. */
export type Instead =
  | { is: 'bags' }
  | { is: 'by-the-glass'; drink: string }
  | { is: 'bought'; kind: string; label: string }
  | { is: 'off-the-menu'; drinks: string[] }
  | { is: 'help' };

/**
 * What to drop or buy instead of what cannot be done in time: ice in bags, a batch made by the glass, a syrup from the
 * shop, or the drinks that ask for it taken off the menu.
 */
export function insteadOf(
  { kind, of = '' }: Pick<ScheduleTask, 'kind' | 'of'>,
  drinks: readonly MenuPour[],
  prices: Pick<PriceList, 'bottles'>,
): Instead {
  if (kind === 'fill' || kind === 'freeze') return { is: 'bags' };
  if (kind === 'batch' || kind === 'chill') return { is: 'by-the-glass', drink: of };
  if (kind === 'make' || kind === 'rest') {
    const sold = prices.bottles.find((b) => b.kind === of && !b.homeMade);
    return sold
      ? { is: 'bought', kind: of, label: sold.label }
      : { is: 'off-the-menu', drinks: using(drinks, of) };
  }
  return { is: 'help' };
}

const using = (drinks: readonly MenuPour[], kind: string) =>
  drinks.filter(({ drink }) => drink.slots.some((s) => s.kind === kind)).map(({ drink }) => drink.id);
