import type { CompiledPlan } from '../compile.js';
import { countOf } from '../beside.js';
import { followBase, followDrinks, followSchool, SCHOOLS, type SchoolStep } from './schools.js';

/** A school's purchases in order, and what each leaves open. */
export interface SchoolCurve {
  id: string;
  name: string;
  rule: string;
  steps: { itemId: string; spend: number; value: number; drinksMade: number; added: string[] }[];
}

/**
 * Every school of stocking as a curve: what its purchases open, one after the other.
 *
 * @example schoolCurves(compiled, { most: 50_000, base: 'bourbon', drinks: [] })
 */
export function schoolCurves(
  compiled: CompiledPlan,
  { most, base, drinks }: { most: number; base: string; drinks: readonly string[] },
): SchoolCurve[] {
  const curve = (id: string, name: string, rule: string, steps: readonly SchoolStep[]): SchoolCurve => {
    let before = new Set<string>();
    return {
      id,
      name,
      rule,
      steps: steps.map((step) => {
        const now = new Set(step.drinks.map((d) => d.id));
        const added = [...now].filter((d) => !before.has(d));
        before = now;
        const open = countOf(compiled, step.drinks);
        return { itemId: step.itemId, spend: step.spend, value: step.value, drinksMade: open, added };
      }),
    };
  };
  return [
    ...SCHOOLS.map((s) => curve(s.id, s.name, s.rule, followSchool(compiled, s, most))),
    curve(
      'one-deep',
      'One bottle deep',
      'one base, then whatever makes its next drink for least',
      followBase(compiled, base, most),
    ),
    curve(
      'drink-by-drink',
      'Drink by drink',
      'what the next drink on your list still lacks',
      followDrinks(compiled, [...drinks], most),
    ),
  ];
}
