import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';

const without = (ids: readonly string[], id: string) => ids.filter((i) => i !== id);

/** What the user may decide about a bottle: keep it always, never have it, or own it already. */
export function useDecisions() {
  const plans = usePlans();
  const catalogue = useCatalogue();
  const stock = useStock();

  const isKept = (itemId: string) => plans.brief?.keepBottles.includes(itemId) ?? false;
  const isNever = (kindId: string) => plans.brief?.neverKinds.includes(kindId) ?? false;
  const isOwned = (kindId: string) => stock.isOwned(kindId);

  /** One decision replaces the others: a bottle is kept, ruled out, owned, or left to the plan. */
  function decide(itemId: string, kindId: string, decision: 'keep' | 'never' | 'own' | 'free'): void {
    const { brief } = plans;
    if (!brief) return;
    const name = catalogue.kindName(kindId);
    const ofKind = new Set(catalogue.prices?.bottles.filter((b) => b.kind === kindId).map((b) => b.id));
    const keepBottles = brief.keepBottles.filter((id) => !ofKind.has(id));
    const neverKinds = without(brief.neverKinds, kindId);
    if (decision === 'keep') keepBottles.push(itemId);
    if (decision === 'never') neverKinds.push(kindId);
    const words = {
      keep: `Keep ${name}`,
      never: `Never ${name}`,
      own: `Own ${name}`,
      free: `${name} left to the plan`,
    };
    // What is owned is a bottle of the household's, whichever plan is open.
    const owned = isOwned(kindId);
    const bottles =
      decision === 'own' ? (owned ? [] : stock.ownWrites(kindId)) : owned ? stock.disownWrites(kindId) : [];
    plans.edit(words[decision], { brief: { keepBottles, neverKinds } }, bottles);
  }

  return { isKept, isNever, isOwned, decide };
}
