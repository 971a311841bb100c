import { drinkKey, type Recipe } from '../catalogue/recipe.js';
import { PreparedProblem } from '../planner/prepared.js';
import type { DrinkMade, PlanAnswer } from '../planner/problem.js';
import type { CompiledPlan } from './compile.js';
import { countDrinks } from './count-drinks.js';

/** Of the drinks a set makes those that are counted: not the ones that only must pour and are counted beside. */
export function countedDrinks(
  { beside }: Pick<CompiledPlan, 'beside'>,
  drinks: readonly DrinkMade[],
): DrinkMade[] {
  const soft = new Set(beside.map((d) => d.id));
  return drinks.filter((d) => !soft.has(d.id));
}

/** How many drinks a set makes: those that are counted, variants of one drink once. */
export function countOf(
  compiled: Pick<CompiledPlan, 'beside' | 'recipes'>,
  drinks: readonly DrinkMade[],
): number {
  return countDrinks(
    countedDrinks(compiled, drinks).map((d) => d.id),
    compiled.recipes,
  );
}

/** The drinks counted beside that a set makes as well. */
export function besideOf(
  { problem, beside }: Pick<CompiledPlan, 'problem' | 'beside'>,
  { items }: Pick<PlanAnswer, 'items'>,
): DrinkMade[] {
  const { variety: _v, shares: _s, ...plain } = problem;
  return new PreparedProblem({ ...plain, drinks: beside, mustDrinks: [] }).answerOf(items).drinks;
}

/** Of some drinks those in which wine is poured that was bought for the day: recipe ids. */
export function forTheDayOf(
  { recipes, wines }: Pick<CompiledPlan, 'recipes' | 'wines'>,
  drinks: readonly DrinkMade[],
): string[] {
  return drinks.flatMap(({ id }) =>
    recipes.get(id)?.slots.some((s) => !s.optional && [s.kind, ...s.or].some((kind) => wines.has(kind)))
      ? [id]
      : [],
  );
}

/** Which of the drinks that people ask for most are among some drinks, by any of their variants, in their order. */
export function askedForOf(
  { recipes, askedFor }: { recipes: ReadonlyMap<string, Recipe>; askedFor: readonly Recipe[] },
  drinks: readonly DrinkMade[],
): string[] {
  const made = new Set(drinks.map(({ id }) => drinkKey(recipes.get(id) ?? { id, group: undefined })));
  return askedFor.filter((recipe) => made.has(drinkKey(recipe))).map((r) => r.id);
}

/** All drinks that a result makes, those that are counted beside included. */
export function madeBy(
  result: { answer: Pick<PlanAnswer, 'drinks'>; soft: readonly DrinkMade[] } | undefined,
): DrinkMade[] {
  if (!result) return [];
  const counted = new Set(result.answer.drinks.map((d) => d.id));
  return [...result.answer.drinks, ...result.soft.filter((d) => !counted.has(d.id))];
}
