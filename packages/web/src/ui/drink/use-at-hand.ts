import { computed } from 'vue';
import { kindAndAncestors } from '@uisce/core/catalogue';
import { ATTITUDE_MIN_MATCH, winesForTheDay } from '@uisce/core/plan';
import { useAnswer } from '../../solver/use-answer';
import { usePlans } from '../../household/use-plans';
import { useStock } from '../../household/use-stock';
import { useCatalogue } from '../../household/use-catalogue';

/** Kinds at hand, with all they are a kind of: what the open plan buys or has bought on the day, and what is owned already. */
export function useAtHand() {
  const answers = useAnswer();
  const plans = usePlans();
  const catalogue = useCatalogue();
  const stock = useStock();

  const withAncestors = (ids: readonly string[]) =>
    new Set(ids.flatMap((id) => kindAndAncestors(id, catalogue.kinds)));

  const planned = computed(() =>
    withAncestors([
      ...(answers.result?.inUse ?? []).flatMap((id) => answers.itemById.get(id)?.kindId ?? []),
      ...winesForTheDay(catalogue.all, plans.briefOrEmpty),
    ]),
  );
  const owned = computed(() => withAncestors([...stock.there.keys()]));
  const minMatch = computed(() => ATTITUDE_MIN_MATCH[plans.brief?.attitude ?? 'house']);
  /** Drinks the open plan makes, with their fit. */
  const open = computed(() => new Map(answers.made.map((d) => [d.id, d.fit])));

  /** Whether there is a plan to compare with yet. */
  const known = computed(() => answers.result !== undefined);

  return { planned, owned, minMatch, open, known };
}
