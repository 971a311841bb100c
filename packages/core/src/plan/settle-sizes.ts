import { oncePer } from '../base/once-per.js';
import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Kit } from '../kit/kit.js';
import { PlanSearch, type SolveControl } from '../planner/plan-search.js';
import {
  answerPlan,
  describeAnswer,
  findAnswer,
  outlineAnswer,
  type PlanOutline,
  type PlanResult,
} from './answer.js';
import { ATTITUDE_MIN_FIT, type HouseholdBrief } from './brief.js';
import { compilePlan, type CompiledPlan } from './compile.js';
import { offersThatLast } from './lasting.js';
import { freshMinorOf, freshReserveMinor } from './fresh.js';
import { menuOf } from './pours-of-set.js';
import { sizesFor } from './offering.js';
import { homeSizes } from './sizes.js';
import { usesOfSet } from './uses-of-set.js';
import type { Use, Uses } from './uses.js';

/** A set is solved for, its use taken, and solved for again, so often at the most. */
const MOST_ROUNDS = 10;
/** Problems that differ only in the sizes on offer are held, so many at the most. */
const MOST_HELD = 4;
/** From here on use only grows: sizes that came and went stay, larger than they need be. */
const GROWING_FROM = 4;

/** What a plan is made from. */
export interface PlanMatter {
  brief: HouseholdBrief;
  prices: PriceList;
  catalogue: Catalogue;
  kit?: Kit;
}

/** A problem and its search, held open while only the money changes. */
export interface Held {
  compiled: CompiledPlan;
  search: PlanSearch;
}

/** A set whose sizes last: they were offered for the use that its own drinks make of them. */
export type LastingResult = PlanResult & {
  /** The use that the sizes on offer are for. */
  uses: Uses;
  /** The bottles on offer and how many of each: the same text only where the problem is the same. */
  sizes: string;
  /** Money kept for the fresh things of the first weeks, where the brief asks for it: the set has the rest. */
  reserveMinor: number;
  /**
   * Whether its own drinks make just that use of them, as far as sizes go. "larger": every bottle lasts, and
   * some are of a size that its drinks would not quite need. "no": the last that was seen, and not all last.
   */
  settled: 'own' | 'larger' | 'no';
};

/** The problem with sizes for these uses (`sizes` in words): one that is held, or made and held from now on. */
export function heldAt(
  matter: PlanMatter,
  held: Map<string, Held>,
  uses: Uses,
  sizes = sizesFor(matter, uses),
): Held {
  const { brief, prices, catalogue, kit } = matter;
  const known = held.get(sizes);
  if (known) return known;
  const compiled = compilePlan(brief, prices, catalogue, kit, uses);
  const mine = { compiled, search: new PlanSearch(compiled.problem) };
  const [oldest] = held.keys();
  if (oldest !== undefined && held.size >= MOST_HELD) held.delete(oldest);
  held.set(sizes, mine);
  return mine;
}

/** Whether every bottle that a set buys lasts for a use. */
function lastsFor(result: PlanOutline, uses: Uses, { brief, prices, catalogue }: PlanMatter): boolean {
  const kinds = kindIndex(catalogue.kinds);
  const used = new Set(result.inUse);
  const { lasts, drinksPerWeek, limits } = brief;
  return result.items.every(({ id, kindId, owned, made, bottle, count }) => {
    const kind = kinds.get(kindId);
    if (!used.has(id) || owned || made || !bottle || !kind) return true;
    const pace = { use: uses[kindId], drinksPerWeek };
    // Of a size that two of would not last, only those count that go farthest of all that are sold.
    const sizes = [...homeSizes(prices.bottles, kindId), bottle];
    return offersThatLast(sizes, kind, lasts, pace, limits.bottles !== null).some(
      (o) => o.bottle.id === bottle.id && o.count <= count,
    );
  });
}

/**
 * The best set for a budget among sizes that last as long as the brief asks. How much is poured of a
 * kind depends on the set: it is solved, its use taken, the sizes offered anew, and solved again until
 * nothing changes.
 *
 * @param held problems with their searches, by the sizes on offer; what is made on the way is put there, so that
 *   whoever keeps it goes on where it was when only the money changes.
 * @param from a set to begin from, and the uses for which it was found; where it is proven for them and
 *   they are its own, it is the answer.
 * @param begin uses to begin with, where a like question was settled before: no first guess is made.
 * @param onBetter told once, of the first good set on the way.
 * @returns undefined when it was stopped.
 */
export function planThatLasts(
  matter: PlanMatter,
  held = new Map<string, Held>(),
  {
    from,
    begin,
    onBetter,
    ...control
  }: SolveControl & {
    from?: { items: readonly string[]; proven: boolean; uses: Uses; reserveMinor: number };
    begin?: { uses: Uses; reserveMinor: number };
    onBetter?: (result: LastingResult) => void;
  } = {},
): LastingResult | undefined {
  const { brief, prices, catalogue } = matter;
  const recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));
  const kinds = kindIndex(catalogue.kinds);
  const usesOf = (result: PlanOutline) =>
    usesOfSet(result, catalogue, recipes, kinds, ATTITUDE_MIN_FIT[brief.attitude]);

  const sizesAt = oncePer((uses: Uses) => sizesFor(matter, uses));
  const hold = (uses: Uses) => heldAt(matter, held, uses, sizesAt(uses));
  const described = (result: PlanResult, uses: Uses, settled: LastingResult['settled']): LastingResult => ({
    ...result,
    uses,
    sizes: sizesAt(uses),
    reserveMinor: brief.moneyNowMinor - result.budget,
    settled,
  });
  const freshOf = (result: PlanOutline) =>
    brief.freshWeeks === 0
      ? 0
      : freshReserveMinor(
          freshMinorOf(menuOf(result.answer.drinks, recipes), prices, kinds),
          brief.drinksPerWeek,
          brief.freshWeeks,
        );
  const budgetBeside = (reserve: number) => Math.max(0, brief.moneyNowMinor - reserve);

  if (from?.proven) {
    const { compiled, search } = hold(from.uses);
    const start = { start: from.items, startProven: true };
    const known = answerPlan(compiled, search, budgetBeside(from.reserveMinor), { ...control, ...start });
    const isOwn = known && sizesAt({ ...from.uses, ...usesOf(known) }) === sizesAt(from.uses);
    if (isOwn && freshOf(known) === from.reserveMinor) return described(known, from.uses, 'own');
  }

  const first = begin ? undefined : firstGuess(matter, held, control);
  if (first === undefined && !begin) return undefined;
  let uses = begin?.uses ?? (first ? usesOf(first) : {});
  let reserve = begin?.reserveMinor ?? (first ? freshOf(first) : 0);
  if (first) onBetter?.(described(first, {}, 'no'));
  if (first?.answer.status === 'infeasible') return described(first, {}, 'own');

  let last: (() => LastingResult) | undefined;
  for (let round = 1; round <= MOST_ROUNDS; round += 1) {
    const { compiled, search } = hold(uses);
    const ids = new Set(compiled.problem.items.map((i) => i.id));
    const start = (from?.items ?? first?.answer.items ?? []).filter((id) => ids.has(id));
    const budget = budgetBeside(reserve);
    const answer = findAnswer(search, budget, { ...control, start });
    if (answer === undefined) return undefined;
    const result = outlineAnswer(compiled, search.prepared, answer, budget);
    const at = uses;
    // Only what is the answer is explained.
    const explained = (settled: LastingResult['settled']) =>
      described(describeAnswer(compiled, search.prepared, result), at, settled);
    const fresh = freshOf(result);
    const own = usesOf(result);
    const isOwn = sizesAt({ ...uses, ...own }) === sizesAt(uses);
    // A little more may be kept than its fresh things take, never less.
    if (answer.status === 'infeasible' || (isOwn && fresh <= reserve)) return explained('own');
    const isGrowing = round >= GROWING_FROM;
    if (isGrowing && fresh <= reserve && lastsFor(result, own, matter)) return explained('larger');
    last = () => explained('no');
    // A kind that has left the set keeps the use it had in it, so that it does not come and go.
    uses = isGrowing ? largerUses(uses, own) : { ...uses, ...own };
    reserve = isGrowing ? Math.max(reserve, fresh) : fresh;
  }
  return last?.();
}

function largerUses(before: Uses, own: Uses): Uses {
  const larger: Record<string, Use> = { ...before };
  for (const [kind, use] of Object.entries(own))
    if (use.mlPerDrink > (larger[kind]?.mlPerDrink ?? 0)) larger[kind] = use;
  return larger;
}

/** A good set at any sizes, found in a moment and always the same: nothing is known from before. */
function firstGuess(
  matter: PlanMatter,
  held: Map<string, Held>,
  control: SolveControl,
): PlanResult | undefined {
  const sizes = sizesFor(matter, {});
  const known = held.get(sizes);
  const { compiled, search: made } = known ?? heldAt(matter, held, {}, sizes);
  const search = known ? new PlanSearch(compiled.problem) : made;
  let good: PlanResult | undefined;
  const whole = answerPlan(compiled, search, matter.brief.moneyNowMinor, {
    ...control,
    shouldStop: () => good !== undefined || control.shouldStop?.() === true,
    onBetter: (better) => (good = better),
  });
  return control.shouldStop?.() ? undefined : (good ?? whole);
}
