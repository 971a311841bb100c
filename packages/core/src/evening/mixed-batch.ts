import type { Catalogue } from '../catalogue/catalogue.js';
import { homeMadeSchema, type HomeMade } from '../catalogue/home-made.js';
import { kindSchema, type Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { batchOf } from '../making/batch.js';
import { recipeOfBatch, type BatchRecord } from '../making/batch-record.js';
import { compositionOfKind, volumeMl } from '../making/composition.js';
import { batchedDrink, batchedGlassMl, mixedKind } from './batched.js';

/** Stirred drinks keep, cold and closed, as long as the wine in them; without wine so long (common practice). */
const KEEPS_DAYS = 60;
/** A scale at home reads whole grams; bitters are weighed to the tenth. */
const tenth = (g: number) => (g >= 10 ? Math.round(g) : Math.max(0.1, Math.round(g * 10) / 10));

/**
 * So many glasses of a drink as a batch for the bench: each part by weight, with the water that the ice would have
 * given, in the order in which they go in: what is least first, so that the scale still sees it.
 *
 * @param water the pantry's thing that is water.
 */
export function mixedRecipe(
  drink: Recipe,
  glasses: number,
  kinds: ReadonlyMap<string, Kind>,
  water = 'water',
): HomeMade {
  const { parts, waterMl, glassMl } = batchedDrink(drink, glasses, kinds, []);
  const keepsDays = Math.min(KEEPS_DAYS, ...parts.map((p) => kinds.get(p.kind)?.openDays ?? KEEPS_DAYS));
  const weighed = parts.map(({ kind, ml }) => {
    const known = kinds.get(kind);
    // A gram of a kind fills so many ml.
    return { kind, g: tenth(known ? ml / volumeMl(compositionOfKind(known)) : ml) };
  });
  return homeMadeSchema.parse({
    ...{
      id: mixedKind(drink.id),
      makes: mixedKind(drink.id),
      effort: 1,
      keepsDays,
      glassMl: Math.round(glassMl),
    },
    from: [...weighed.sort((a, b) => a.g - b.g), { pantry: water, g: tenth(waterMl * 0.998) }],
    how: 'Pour together, bottle, close, and turn it over a few times; cold before the first glass.',
  });
}

/** A batch that was mixed for a drink: the drink's id; undefined for a syrup. */
export function drinkOfMixed(kind: string): string | undefined {
  return kind.startsWith(mixedKind('')) ? kind.slice(mixedKind('').length) : undefined;
}

/**
 * The kinds that mixed batches are, so that they are poured, named and counted like any other: strength and sugar from
 * what was weighed in, tastes and allergens from its parts.
 */
export function kindsOfMixed(
  batches: readonly BatchRecord[],
  catalogue: Pick<Catalogue, 'pantry' | 'recipes' | 'homeMade'>,
  kinds: ReadonlyMap<string, Kind>,
): Kind[] {
  const found = new Map<string, Kind>();
  for (const batch of batches) {
    const recipe = recipeOfBatch(batch, catalogue.homeMade);
    const drink = recipe && drinkOfMixed(recipe.makes);
    if (recipe === undefined || drink === undefined) continue;
    const parts = recipe.from.flatMap((p) => kinds.get(p.kind ?? '') ?? []);
    const weighed = batch.inG.some((g) => g > 0) ? batch.inG : batch.plannedG;
    const made = batchOf(recipe, weighed, catalogue, kinds);
    const { sugarG, acidG } = made.composition;
    const perL = (g: number) => (made.volumeMl === 0 ? 0 : (g / made.volumeMl) * 1000);
    found.set(
      recipe.makes,
      kindSchema.parse({
        ...{ id: recipe.makes, job: 'base', supply: 'home-made', storage: 'fridge', openDays: recipe.keepsDays },
        name: `${catalogue.recipes.find((r) => r.id === drink)?.name ?? drink}, mixed ahead`.slice(0, 60),
        ...{ abv: Math.min(0.8, made.abv), sugarGPerL: Math.min(1100, perL(sugarG)), acidGPerL: Math.min(100, perL(acidG)) },
        ...(recipe.glassMl === undefined ? {} : { each: { ml: recipe.glassMl } }),
        tastes: [...new Set(parts.flatMap((k) => k.tastes))],
        allergens: [...new Set(parts.flatMap((k) => k.allergens))],
      }),
    ); // prettier-ignore
  }
  return [...found.values()];
}

/** A drink as it is poured from its bottle: cold, so many ml a glass, garnished and served as it is written. */
export function fromMixed(drink: Recipe, kinds: ReadonlyMap<string, Kind>): Recipe {
  const kind = mixedKind(drink.id);
  const value = Math.round(batchedGlassMl(drink, kinds));
  return {
    ...drink,
    ...{ method: 'build', making: 'none', strain: 'none' },
    slots: [
      {
        ...{ kind, or: [], amount: { value, measure: 'ml' }, role: 'base', optional: false, muddle: false },
        ...{ float: false, sink: false, beside: false },
      },
    ],
  };
}
