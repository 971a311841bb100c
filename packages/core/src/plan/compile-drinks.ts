import { kindAndAncestors, type Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { drinkKey, type Recipe, type Slot } from '../catalogue/recipe.js';
import { drinkTastes, type Taste } from '../drink/tastes.js';
import type { PlanDrink } from '../planner/problem.js';
import { ATTITUDE_MIN_MATCH, isCounted, opinionOf, type HouseholdBrief } from './brief.js';
import { slotJoiner } from './joint-slots.js';
import type { Offering } from './offering.js';
import { eachWithEach } from './packs.js';
import { standInsOf } from './stand-ins.js';

type PlanSlot = PlanDrink['slots'][number];

/** A liked taste makes a drink count for half as much again, twice at the most. */
const LIKED_WEIGHT = 0.5;
const MAX_LIKED_WEIGHT = 2;
/** What a drink counts where those asked for most count more: the twenty, what most know, what a reader looks for. */
const ASKED_FOR_WEIGHTS = { twenty: 3, known: 2, other: 1 } as const;

/** Why a drink is not in the count at all. */
interface DroppedDrink {
  recipe: Recipe;
  disliked: string[];
  /** Less established than the brief counts. */
  uncounted: boolean;
}

/** The drinks of a brief, as the problem counts them. */
export interface CompiledDrinks {
  /** Those that are counted, and those that must pour. */
  drinks: PlanDrink[];
  /** Drinks without alcohol, where they are counted beside the others: each weighs 1. */
  beside: PlanDrink[];
  recipes: Map<string, Recipe>;
  dropped: DroppedDrink[];
}

/** What a drink of the brief counts: 1, or more where the brief asks for it. */
function weightOf(
  brief: Pick<HouseholdBrief, 'askedForMore' | 'likedMore' | 'tastes'>,
  recipe: Pick<Recipe, 'id' | 'canon'>,
  tastes: ReadonlySet<Taste>,
  twenty: ReadonlySet<string>,
): number {
  const { askedForMore, likedMore } = brief;
  const liked = [...tastes].filter((taste) => opinionOf(brief, taste) === 'like').length;
  const known = recipe.canon === 'core' || recipe.canon === 'well-known';
  const asked = twenty.has(recipe.id) ? 'twenty' : known ? 'known' : 'other';
  return (
    (askedForMore ? ASKED_FOR_WEIGHTS[asked] : 1) *
    (likedMore ? Math.min(1 + LIKED_WEIGHT * liked, MAX_LIKED_WEIGHT) : 1)
  );
}

/** What a drink is like: its family, on the first spirit or wine it is built on ("sour/gin"). */
function likenessOf(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): string {
  const base = recipe.slots.find((s) => s.role === 'base');
  return `${recipe.family}/${base ? (kindAndAncestors(base.kind, kinds).at(-1) ?? '') : ''}`;
}

/** Ways to fill each slot: the kind itself, its equals, and its stand-ins, each bought or made at home. */
function slotCompiler(
  brief: HouseholdBrief,
  catalogue: Catalogue,
  { forTheDay, making }: Offering,
  kinds: ReadonlyMap<string, Kind>,
): (recipe: Recipe, slot: Slot) => PlanSlot | undefined {
  const refused = (id: string) => (kinds.get(id)?.tastes ?? []).filter((t) => opinionOf(brief, t) === 'no');
  const compiled = (recipe: Recipe, slot: Slot): PlanSlot | undefined => {
    const exact = [slot.kind, ...slot.or];
    if (exact.some((id) => forTheDay.has(id))) return undefined;
    // What is poured counts, not what is printed: a stand-in brings in nothing that nobody here will have.
    const asked = new Set(exact.flatMap(refused));
    const standIns = standInsOf(recipe, slot, catalogue)
      .filter((s) => s.with.flatMap(refused).every((taste) => asked.has(taste)))
      .flatMap((s) =>
        eachWithEach(s.with.filter((id) => !forTheDay.has(id)).map(making.waysTo)).map((all) => ({
          all,
          fit: s.match,
        })),
      );
    return {
      any: [...exact.flatMap((id) => making.waysTo(id).map((all) => ({ all, fit: 1 }))), ...standIns],
    };
  };
  // Many drinks ask for the same: lime juice is looked up once.
  const known = new Map<string, PlanSlot | undefined>();
  return (recipe, slot) => {
    const key = `${slot.kind}|${slot.or.join('|')}|${recipe.family === 'no-alcohol'}`;
    if (!known.has(key)) known.set(key, compiled(recipe, slot));
    return known.get(key);
  };
}

/**
 * The drinks of a brief as drinks of the problem. What is bought on the day is always there and asks for nothing;
 * optional slots do not count.
 *
 * @param kitSlotsOf what a drink still lacks of tools and glasses.
 */
export function compileDrinks(
  brief: HouseholdBrief,
  catalogue: Catalogue,
  offered: Offering,
  kinds: ReadonlyMap<string, Kind>,
  kitSlotsOf: (recipe: Recipe) => PlanSlot[],
): CompiledDrinks {
  const slotOf = slotCompiler(brief, catalogue, offered, kinds);
  const joinSlots = slotJoiner(kinds, catalogue.oneForTwo, ATTITUDE_MIN_MATCH[brief.attitude]);
  const must = new Set(brief.mustDrinks);
  const twenty = new Set(catalogue.askedFor);
  const found: CompiledDrinks = { drinks: [], beside: [], recipes: new Map(), dropped: [] };
  // Variants of one drink are of one likeness and one taste: the first one's.
  const firstOf = new Map<string, Recipe>();
  for (const recipe of catalogue.recipes) {
    const tastes = drinkTastes(recipe, kinds);
    const first = firstOf.get(drinkKey(recipe)) ?? recipe;
    firstOf.set(drinkKey(recipe), first);
    const isSoft = recipe.family === 'no-alcohol';
    const disliked = [...tastes].filter((taste) => opinionOf(brief, taste) === 'no');
    const uncounted = !isCounted(brief, recipe.canon) || (brief.soft === 'only' && !isSoft);
    if ((disliked.length > 0 || uncounted) && !must.has(recipe.id)) {
      found.dropped.push({ recipe, disliked, uncounted });
      continue;
    }
    found.recipes.set(recipe.id, recipe);
    const isBeside = isSoft && brief.soft === 'beside';
    const drink = {
      id: recipe.id,
      weight: weightOf(brief, recipe, tastes, twenty),
      slots: [
        ...joinSlots(recipe.slots.flatMap((s) => (s.optional ? [] : (slotOf(recipe, s) ?? [])))),
        ...kitSlotsOf(recipe),
      ],
      ...(recipe.group === undefined ? {} : { group: recipe.group }),
    };
    if (isBeside) found.beside.push({ ...drink, weight: 1 });
    if (isBeside && !must.has(recipe.id)) continue;
    found.drinks.push({
      ...drink,
      ...(isBeside ? { weight: 0 } : {}),
      ...(brief.variety ? { family: likenessOf(first, kinds) } : {}),
      ...(brief.shares.length > 0
        ? { tags: first === recipe ? [...tastes] : [...drinkTastes(first, kinds)] }
        : {}),
    });
  }
  return found;
}
