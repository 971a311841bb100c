import { upperFirst } from '@uisce/core/base';
import type { Lift } from '@uisce/core/plan';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useAnswer } from '../solver/use-answer';
import { useCurve } from '../solver/use-curve';
import { usePlans } from '../household/use-plans';
import { useItemWords } from '../words/use-item-words';
import { useWords } from '../words/use-words';

const MAX_SHOWN = 7;
/** A bottle is looked at here, a tool in the Kit; of sugar there is nothing more to say. */
export const ELEMENTS = { kit: RouterLink, pack: 'div', bottle: 'button' } as const;
export const attributes = { kit: { to: '/kit' }, pack: {}, bottle: { type: 'button' } } as const;

/** What is one bottle, tool or pack away, the most drinks for the money first. */
export function useOneBottleOff() {
  const answers = useAnswer();
  const { itemName } = useItemWords();
  const words = useWords();
  const curve = useCurve();
  const plans = usePlans();
  const money = computed(() => plans.brief?.moneyNowMinor ?? 0);
  const leftOver = computed(() => answers.bottleMoney - (answers.result?.answer.spend ?? 0));
  /** What the best set of so much more money makes beyond this one; undefined until the curve is proven there. */
  function bestGain(more: number): number | undefined {
    const best = curve.at(money.value + more);
    return best?.proven && answers.result ? best.point.drinksMade - answers.result.drinksMade : undefined;
  }
  /** One row for each ingredient, tool or pack: its cheapest size, and the others it is sold in. */
  const offers = computed(() => {
    const rows = new Map<string, Lift[]>();
    for (const lift of answers.result?.explanation.lifts ?? []) {
      if (lift.adds.length === 0) continue;
      const of = answers.itemById.get(lift.id)?.kindId ?? lift.id;
      rows.set(of, [...(rows.get(of) ?? []), lift]);
    }
    return [...rows.values()].map((lifts) =>
      [...lifts].sort((a, b) => a.price - b.price || (a.id < b.id ? -1 : 1)),
    );
  });
  const sizeOf = (id: string) => {
    const ml = answers.itemById.get(id)?.bottle?.ml;
    return ml === undefined ? '' : words.size(ml);
  };
  const rows = computed(() =>
    offers.value
      .flatMap(([cheapest, ...larger]) => (cheapest ? [{ ...cheapest, larger }] : []))
      .sort((a, b) => a.price / a.adds.length - b.price / b.adds.length || (a.id < b.id ? -1 : 1))
      .slice(0, MAX_SHOWN)
      .map((lift) => ({
        ...lift,
        more: Math.max(0, lift.price - leftOver.value),
        best: bestGain(Math.max(0, lift.price - leftOver.value)),
        name: upperFirst(itemName(lift.id)),
        size: sizeOf(lift.id),
        is: answers.kitById.has(lift.id)
          ? ('kit' as const)
          : answers.packById.has(lift.id)
            ? ('pack' as const)
            : ('bottle' as const),
      })),
  );

  return { sizeOf, rows };
}
