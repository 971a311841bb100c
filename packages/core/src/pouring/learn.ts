import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { amountMl } from '../base/amount.js';
import { drinkTastes, TASTES, type Taste } from '../drink/tastes.js';
import { FAULTS_TASTED, type FaultTasted, type Pour } from './pour.js';

/** What verdicts say of a taste. */
export interface TasteLearnt {
  taste: Taste;
  /** Mean verdict of drinks that have it, and of those that do not. */
  mean: number;
  others: number;
  verdicts: number;
  /** What the Brief might say of it instead. */
  suggests: 'like' | 'fine' | 'no';
}

/** Fewer verdicts than this say nothing, of a taste or of the rest. */
const MIN_VERDICTS = 4;
/** Nearer to the rest than this is chance. */
const MIN_APART = 0.75;
/** From here on a taste is liked, down to there it is not. */
const LIKED_FROM = 4;
const DISLIKED_TO = 2.5;
const REFUSED_TO = 1.5;

/**
 * Tastes whose verdicts stand apart from the rest, where the Brief says something else: to be asked, never changed by
 * themselves.
 *
 * @param says what the Brief says of a taste.
 * @example tastesLearnt(pours, recipes, kinds, () => 'fine')[0] // { taste: 'bitter', mean: 2.1, … suggests: 'no' }
 */
export function tastesLearnt(
  pours: readonly Pour[],
  recipes: ReadonlyMap<string, Recipe>,
  kinds: ReadonlyMap<string, Kind>,
  says: (taste: Taste) => 'like' | 'fine' | 'no',
): TasteLearnt[] {
  const rated = pours.flatMap(({ drink, verdict }) => {
    const recipe = recipes.get(drink);
    return recipe && verdict !== null ? [{ verdict, tastes: drinkTastes(recipe, kinds) }] : [];
  });
  const mean = (of: readonly { verdict: number }[]) => of.reduce((sum, r) => sum + r.verdict, 0) / of.length;
  return TASTES.flatMap((taste): TasteLearnt[] => {
    const having = rated.filter((r) => r.tastes.has(taste));
    const rest = rated.filter((r) => !r.tastes.has(taste));
    if (having.length < MIN_VERDICTS || rest.length < MIN_VERDICTS) return [];
    const [is, others] = [mean(having), mean(rest)];
    if (Math.abs(is - others) < MIN_APART) return [];
    const said = says(taste);
    const suggests =
      is >= LIKED_FROM
        ? 'like'
        : is <= REFUSED_TO
          ? 'no'
          : is <= DISLIKED_TO
            ? said === 'like'
              ? 'fine'
              : 'no'
            : undefined;
    if (suggests === undefined || suggests === said || said === 'no') return [];
    return [{ taste, mean: is, others, verdicts: having.length, suggests }];
  }).sort((a, b) => Math.abs(b.mean - b.others) - Math.abs(a.mean - a.others));
}

/** A spec that was found wrong more than once in the same way. */
export interface SpecLearnt {
  drink: string;
  name: string;
  tasted: FaultTasted;
  times: number;
  /** The part to change, from what to what; undefined where none of its parts does it. */
  change: { kind: string; fromMl: number; toMl: number } | undefined;
}

/** Which part carries a fault, and which way it goes. */
const CARRIES: Record<FaultTasted, { role: string; factor: number }> = {
  'too-sweet': { role: 'sweet', factor: 0.85 },
  'too-sour': { role: 'sour', factor: 0.85 },
  'too-strong': { role: 'base', factor: 0.85 },
  'too-weak': { role: 'base', factor: 1.15 },
  'too-bitter': { role: 'bitter', factor: 0.85 },
};
/** Jiggers have such steps. */
const SPEC_STEP_ML = 2.5;
const MIN_TIMES = 2;

/** Specs to adjust: what was found wrong at least twice in the same way, with the smallest step that mends it. */
export function specsLearnt(pours: readonly Pour[], recipes: ReadonlyMap<string, Recipe>): SpecLearnt[] {
  const counts = new Map<string, { drink: string; name: string; tasted: FaultTasted; times: number }>();
  for (const { drink, name, tasted } of pours)
    for (const fault of tasted) {
      const key = `${drink} ${fault}`;
      counts.set(key, { drink, name, tasted: fault, times: (counts.get(key)?.times ?? 0) + 1 });
    }
  return [...counts.values()]
    .filter((c) => c.times >= MIN_TIMES)
    .sort((a, b) => b.times - a.times || FAULTS_TASTED.indexOf(a.tasted) - FAULTS_TASTED.indexOf(b.tasted))
    .map((c): SpecLearnt => {
      const { role, factor } = CARRIES[c.tasted];
      const slots = recipes.get(c.drink)?.slots.filter((s) => s.role === role) ?? [];
      const [most] = [...slots].sort((a, b) => (amountMl(b.amount) ?? 0) - (amountMl(a.amount) ?? 0));
      const fromMl = most && amountMl(most.amount);
      if (most === undefined || fromMl === undefined || fromMl <= SPEC_STEP_ML)
        return { ...c, change: undefined };
      const stepped = Math.round((fromMl * factor) / SPEC_STEP_ML) * SPEC_STEP_ML;
      const toMl = stepped === fromMl ? fromMl + (factor < 1 ? -SPEC_STEP_ML : SPEC_STEP_ML) : stepped;
      return { ...c, change: { kind: most.kind, fromMl, toMl } };
    });
}
