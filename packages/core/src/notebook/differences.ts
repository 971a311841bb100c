import { dequal } from 'dequal';
import type { Amount } from '../base/amount.js';
import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures } from '../drink/figures.js';
import { COMPARED_FIGURES, placedValue, type ComparedFigure } from './judge.js';

/** One way in which a spec differs from another; an amount is undefined where the part is not in it. */
export type SpecDifference =
  | { of: 'part'; kind: string; from: Amount | undefined; to: Amount | undefined }
  | { of: 'method' | 'ice' | 'glass' | 'name'; from: string; to: string }
  | { of: 'garnish'; from: Recipe['garnish']; to: Recipe['garnish'] };

const sameAmount = (a: Amount | undefined, b: Amount | undefined): boolean =>
  a === undefined || b === undefined
    ? a === b
    : (a.value === b.value && a.measure === b.measure) ||
      (amountMl(a) !== undefined && Math.abs((amountMl(a) ?? 0) - (amountMl(b) ?? 0)) < 0.05);

/** A kind that stands in a spec twice counts by its place among its like. */
function partsOf(recipe: Recipe): Map<string, { kind: string; amount: Amount }> {
  const seen = new Map<string, number>();
  return new Map(
    recipe.slots.map(({ kind, amount }) => {
      const n = (seen.get(kind) ?? 0) + 1;
      seen.set(kind, n);
      return [`${kind} ${n}`, { kind, amount }];
    }),
  );
}

/**
 * All that is otherwise in one spec than in another; empty where they are the same in substance.
 *
 * @example specDifferences(printed, house)[0] // { of: 'part', kind: 'simple-syrup', from: 20 ml, to: 15 ml }
 */
export function specDifferences(before: Recipe, after: Recipe): SpecDifference[] {
  const [was, is] = [partsOf(before), partsOf(after)];
  const parts = [...new Set([...was.keys(), ...is.keys()])].flatMap((key): SpecDifference[] => {
    const [from, to] = [was.get(key), is.get(key)];
    const kind = (to ?? from)?.kind ?? '';
    return sameAmount(from?.amount, to?.amount)
      ? []
      : [{ of: 'part', kind, from: from?.amount, to: to?.amount }];
  });
  const rest = (['method', 'ice', 'glass', 'name'] as const).flatMap((of): SpecDifference[] =>
    before[of] === after[of] ? [] : [{ of, from: before[of], to: after[of] }],
  );
  const dressed: SpecDifference[] = dequal(before.garnish, after.garnish)
    ? []
    : [{ of: 'garnish', from: before.garnish, to: after.garnish }];
  return [...parts, ...rest, ...dressed];
}

/** Whether two specs are one in substance, whatever they are called. */
export function isSameDrink(a: Recipe, b: Recipe): boolean {
  return specDifferences(a, b).every((d) => d.of === 'name' || d.of === 'garnish');
}

/** A drink's figures as they are compared: strength, sugar and acid in 100 ml, ml in the glass. */
export function comparedFigures(
  recipe: Recipe,
  kinds: ReadonlyMap<string, Kind>,
): Record<ComparedFigure, number> {
  const figures = drinkFigures(recipe, kinds);
  return Object.fromEntries(COMPARED_FIGURES.map((of) => [of, placedValue(of, figures)])) as Record<
    ComparedFigure,
    number
  >;
}
