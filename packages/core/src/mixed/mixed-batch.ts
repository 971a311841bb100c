import type { Catalogue } from '../catalogue/catalogue.js';
import { homeMadeSchema, type HomeMade } from '../catalogue/home-made.js';
import { ALLERGENS, kindSchema, type Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { batchAsMade } from '../bench/in-batch.js';
import { batchHolds } from '../bench/batch-allergens.js';
import { recipeOfBatch, type BatchRecord } from '../bench/batch-record.js';
import { compositionOfKind, volumeMl } from '../bench/composition.js';
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
    id: mixedKind(drink.id),
    makes: mixedKind(drink.id),
    effort: 1,
    keepsDays,
    glassMl: Math.round(glassMl),
    from: [...weighed.sort((a, b) => a.g - b.g), { pantry: water, g: tenth(waterMl * 0.998) }],
    how: 'Pour together, bottle, close, and turn it over a few times; cold before the first glass.',
  });
}

/** A batch that was mixed for a drink: the drink's id; undefined for a syrup. */
export function drinkOfMixed(kind: string): string | undefined {
  return kind.startsWith(mixedKind('')) ? kind.slice(mixedKind('').length) : undefined;
}

/** What is left of a batch, the one that is poured first ahead; an empty one last. */
const inOrderPoured = (batches: readonly BatchRecord[]) =>
  [...batches].sort(
    (a, b) =>
      Number(b.remainingMl > 0) - Number(a.remainingMl > 0) || ((a.useBy ?? '9') < (b.useBy ?? '9') ? -1 : 1),
  );

/**
 * The kinds that mixed batches are, so that they are poured, named and counted like any other: strength and sugar of
 * the one that is poured first, from what was weighed in; tastes and allergens from the parts of all that there are.
 */
export function kindsOfMixed(
  batches: readonly BatchRecord[],
  catalogue: Pick<Catalogue, 'pantry' | 'recipes' | 'homeMade'>,
  kinds: ReadonlyMap<string, Kind>,
): Kind[] {
  const found = new Map<string, Kind>();
  for (const batch of inOrderPoured(batches)) {
    const recipe = recipeOfBatch(batch, catalogue.homeMade);
    const drink = recipe && drinkOfMixed(recipe.makes);
    if (recipe === undefined || drink === undefined) continue;
    const first = found.get(recipe.makes);
    if (first !== undefined && batch.remainingMl <= 0) continue;
    const {
      allergens,
      mayHold,
      unknown,
      kinds: madeOf,
    } = batchHolds(recipe, {
      pantry: catalogue.pantry,
      kinds: [...kinds.values()],
    });
    const tastes = recipe.from.flatMap((p) => kinds.get(p.kind ?? '')?.tastes ?? []);
    const holds = {
      tastes: [...new Set([...(first?.tastes ?? []), ...tastes])],
      allergens: ALLERGENS.filter((a) => allergens.includes(a) || first?.allergens.includes(a)),
      mayHold: ALLERGENS.filter((a) => mayHold.includes(a) || first?.mayHold.includes(a)),
      madeOf: [...new Set([...(first?.madeOf ?? []), ...madeOf])],
      allergensStated: unknown.length === 0 && first?.allergensStated !== false,
    };
    found.set(
      recipe.makes,
      first ? { ...first, ...holds } : { ...kindOfBatch(batch, recipe, drink, catalogue, kinds), ...holds },
    );
  }
  return [...found.values()];
}

function kindOfBatch(
  batch: BatchRecord,
  recipe: HomeMade,
  drink: string,
  catalogue: Pick<Catalogue, 'pantry' | 'recipes'>,
  kinds: ReadonlyMap<string, Kind>,
): Kind {
  const { abv, composition, volumeMl: ml } = batchAsMade(recipe, batch, catalogue, kinds);
  const perL = (g: number) => (ml === 0 ? 0 : (g / ml) * 1000);
  return kindSchema.parse({
    id: recipe.makes,
    job: 'base',
    supply: 'home-made',
    storage: 'fridge',
    openDays: recipe.keepsDays,
    name: `${catalogue.recipes.find((r) => r.id === drink)?.name ?? drink}, mixed ahead`.slice(0, 60),
    proper: true,
    abv: Math.min(0.8, abv),
    sugarGPerL: Math.min(1100, perL(composition.sugarG)),
    acidGPerL: Math.min(100, perL(composition.acidG)),
    ...(recipe.glassMl === undefined ? {} : { each: { ml: recipe.glassMl } }),
  });
}

/** A drink as it is poured from its bottle: cold, so many ml a glass, garnished and served as it is written. */
export function fromMixed(drink: Recipe, kinds: ReadonlyMap<string, Kind>): Recipe {
  const kind = mixedKind(drink.id);
  const value = Math.round(batchedGlassMl(drink, kinds));
  return {
    ...drink,
    method: 'build',
    making: 'none',
    strain: 'none',
    slots: [
      {
        kind,
        or: [],
        amount: { value, measure: 'ml' },
        role: 'base',
        optional: false,
        muddle: false,
        float: false,
        sink: false,
        beside: false,
      },
    ],
  };
}
