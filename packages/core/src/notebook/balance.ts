import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures, isDrunk } from '../drink/figures.js';
import { placedValue, COMPARED_FIGURES, type ComparedFigure } from './judge.js';

/** What somebody wants of a drink. */
export const WISHES = [
  'less-sweet',
  'sweeter',
  'less-sour',
  'sourer',
  'weaker',
  'stronger',
  'longer',
  'shorter',
] as const;
export type Wish = (typeof WISHES)[number];

/** Which figure a wish is about, and how much of it is wanted. */
const TARGET: Record<Wish, { of: ComparedFigure; times: number }> = {
  'less-sweet': { of: 'sugar', times: 0.85 },
  sweeter: { of: 'sugar', times: 1.15 },
  'less-sour': { of: 'acid', times: 0.85 },
  sourer: { of: 'acid', times: 1.15 },
  weaker: { of: 'abv', times: 0.87 },
  stronger: { of: 'abv', times: 1.13 },
  longer: { of: 'volume', times: 1.25 },
  shorter: { of: 'volume', times: 0.8 },
};

/** A way to have what was wished: amounts that change, and what the drink is then. */
export interface Balanced {
  recipe: Recipe;
  changes: { slot: number; fromMl: number; toMl: number }[];
  /** How far it is from what was wished and from what was to stay; less is better. */
  off: number;
}

/** How much it matters to come near the wish, to leave the rest as it is, and to change few parts. */
const WISHED = 6;
const KEPT = 1;
const EACH_CHANGE = 0.0015;
/** Amounts tried of each part: so many measurable ones below and above what is written. */
const STEPS = 4;
/** More parts than this are not all tried: those that do most are. */
const MAX_PARTS = 4;
/** No part is made less than this or more than so many times itself. */
const MIN_ML = 2.5;

/** How far a drink is from a wish, and from itself in all that was not wished. */
export function offFrom(before: Recipe, after: Recipe, wish: Wish, kinds: ReadonlyMap<string, Kind>): number {
  const { of, times } = TARGET[wish];
  const [was, is] = [drinkFigures(before, kinds), drinkFigures(after, kinds)];
  const relative = (name: ComparedFigure, wanted: number) => {
    const value = placedValue(name, was);
    return value === 0 ? placedValue(name, is) : placedValue(name, is) / value - wanted;
  };
  const kept = COMPARED_FIGURES.filter((name) => name !== of).reduce(
    (sum, name) => sum + relative(name, 1) ** 2,
    0,
  );
  const changed = after.slots.filter((s, i) => s.amount.value !== before.slots[i]?.amount.value).length;
  return WISHED * relative(of, times) ** 2 + KEPT * kept + EACH_CHANGE * changed;
}

/**
 * Amounts, each measurable, that come nearest to a wish while the rest of the drink stays what it is. Exact: every
 * combination of steps of the parts is tried.
 *
 * @param measurableMl amounts that can be measured here, ml.
 * @returns undefined where nothing comes nearer than the drink itself.
 * @example balance(daiquiri, 'less-sweet', kinds, [15, 17.5, 20, …])?.changes // [{ slot: 2, fromMl: 20, toMl: 17.5 }]
 */
export function balance(
  recipe: Recipe,
  wish: Wish,
  kinds: ReadonlyMap<string, Kind>,
  measurableMl: readonly number[],
): Balanced | undefined {
  const parts = adjustable(recipe, kinds);
  const choices = parts.map(({ ml }) => steps(ml, measurableMl));
  let best: Balanced = { recipe, changes: [], off: offFrom(recipe, recipe, wish, kinds) };
  const chosen: number[] = [];
  const go = (at: number): void => {
    if (at < parts.length) {
      for (const ml of choices[at] ?? []) {
        chosen[at] = ml;
        go(at + 1);
      }
      return;
    }
    const changes = parts.flatMap(({ slot, ml }, i) =>
      chosen[i] === ml ? [] : [{ slot, fromMl: ml, toMl: chosen[i] ?? ml }],
    );
    const next = withAmounts(recipe, changes);
    const off = offFrom(recipe, next, wish, kinds);
    if (off < best.off - 1e-12) best = { recipe: next, changes, off };
  };
  go(0);
  return best.changes.length === 0 ? undefined : best;
}

/** The parts that are poured by the ml, those of most first. */
function adjustable(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): { slot: number; ml: number }[] {
  return recipe.slots
    .flatMap((s, slot) => {
      const ml = amountMl(s.amount);
      const isSmall = s.amount.measure === 'dash' || s.amount.measure === 'drop';
      return ml === undefined || isSmall || s.optional || !isDrunk(s) || !kinds.has(s.kind)
        ? []
        : [{ slot, ml }];
    })
    .sort((a, b) => b.ml - a.ml)
    .slice(0, MAX_PARTS);
}

/** Measurable amounts about one: the nearest below and above, and itself. */
export function steps(ml: number, measurableMl: readonly number[]): number[] {
  const sorted = [...new Set(measurableMl)].filter((m) => m >= MIN_ML).sort((a, b) => a - b);
  const below = sorted.filter((m) => m < ml - 1e-9).slice(-STEPS);
  const above = sorted.filter((m) => m > ml + 1e-9).slice(0, STEPS);
  return [...below, ml, ...above];
}

/** A recipe with other amounts of some of its parts. */
export function withAmounts(recipe: Recipe, changes: readonly { slot: number; toMl: number }[]): Recipe {
  if (changes.length === 0) return recipe;
  const to = new Map(changes.map((c) => [c.slot, c.toMl]));
  return {
    ...recipe,
    slots: recipe.slots.map((s, i) => {
      const ml = to.get(i);
      return ml === undefined ? s : { ...s, amount: { value: ml, measure: 'ml' } };
    }),
  };
}
