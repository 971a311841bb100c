import { z } from 'zod';
import { COUNT_MEASURES, type CountMeasure } from '../base/measure-words.js';
import { idSchema } from '../base/ids.js';
import { ML_PER_MEASURE, type VolumeMeasure } from '../base/volume.js';
import { ALLERGENS } from '../catalogue/kind.js';
import { recipeSchema, slotSchema, type Recipe, type Slot } from '../catalogue/recipe.js';

const measures: (VolumeMeasure | CountMeasure)[] = [
  ...(Object.keys(ML_PER_MEASURE) as VolumeMeasure[]),
  ...COUNT_MEASURES,
];
const MAX_AMOUNT = 2000;
/** Stand-ins may take two parts for one. */
const MAX_PARTS = 32;

/** A drink as it is really poured: its kinds are those of the bottles in hand, its amounts read. */
export const pouredDrinkSchema = recipeSchema.extend({
  slots: z
    .array(
      slotSchema.extend({
        amount: z.strictObject({ value: z.number().positive().max(MAX_AMOUNT), measure: z.enum(measures) }),
      }),
    )
    .min(1)
    .max(MAX_PARTS),
});

const name = z.string().trim().min(1).max(60);

/** How often a round pours one drink, and for whom. */
export const orderSchema = z.strictObject({
  drink: pouredDrinkSchema,
  /** The recipe of the library that it is. */
  of: idSchema,
  count: z.int().min(1).max(12),
  for: z.array(name).max(12),
  /** What those it is for cannot have: what touches it is washed before. */
  cannot: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length).default([]),
  /** Ingredients they cannot have, by kind: washed off likewise. */
  without: z.array(idSchema).max(200).default([]),
  /** Bottles named for this once: drawn from before all others of their kind. */
  from: z.array(z.uuid()).max(MAX_PARTS).default([]),
});
export type Order = z.infer<typeof orderSchema>;

/** What is poured for one slot of a recipe: kinds in hand, and how much of each for one part asked for. */
export interface Filling {
  kinds: readonly string[];
  parts: readonly number[];
}

/**
 * A recipe with the bottles in hand in place of what it asks for; a stand-in of two kinds becomes two parts.
 * Optional parts that nothing fills are left out.
 *
 * @param fillings by the place of the slot; a slot without one stays as it is written.
 */
export function withFillings(recipe: Recipe, fillings: readonly (Filling | undefined)[]): Recipe {
  const slots = recipe.slots.flatMap((slot, i): Slot[] => {
    const filling = fillings[i];
    if (filling === undefined) return slot.optional ? [] : [slot];
    return filling.kinds.map((kind, k) => ({
      ...slot,
      kind,
      or: [],
      amount: { ...slot.amount, value: slot.amount.value * (filling.parts[k] ?? 1) },
    }));
  });
  return { ...recipe, slots };
}

/** An atomiser's mist takes about a tenth of what a rinse does, of which most is tipped out (common practice). */
const MIST = 0.1;

/** A drink whose glass is sprayed, where it would be rinsed. */
export function withMist(recipe: Recipe): Recipe {
  if (!recipe.slots.some(isRinsed)) return recipe;
  const slots = recipe.slots.map((s) =>
    isRinsed(s) ? { ...s, amount: { ...s.amount, value: s.amount.value * MIST } } : s,
  );
  return { ...recipe, slots };
}
const isRinsed = ({ role, amount }: Slot) => role === 'rinse' && amount.measure === 'ml';

/**
 * An order without the optional parts that somebody leaves out; what is not optional stays.
 *
 * @param without kinds.
 */
export function withoutParts(order: Order, without: readonly string[] = []): Order {
  const slots = order.drink.slots.filter((s) => !s.optional || !without.includes(s.kind));
  return slots.length === order.drink.slots.length ? order : { ...order, drink: { ...order.drink, slots } };
}
