import { z } from 'zod';
import { addDays } from '../base/days.js';
import { idSchema } from '../base/ids.js';
import { ALLERGENS } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { NO_ALCOHOL_ABV } from '../plan/stand-ins.js';
import type { Pourable } from '../pouring/pourable.js';
import type { Evening } from './evening.js';
import type { Asked } from './guest-card.js';

/** A drink as guests read it. */
const guestDrinkSchema = z.object({
  id: idSchema,
  name: z.string(),
  /** What is in it, by name, each once. */
  parts: z.array(z.string()),
  /** As served, a fraction; and grams of alcohol in one. */
  abv: z.number(),
  ethanolG: z.number(),
  allergens: z.array(z.enum(ALLERGENS)),
  /** At most 0.5 % vol. */
  noAlcohol: z.boolean(),
});
export type GuestDrink = z.infer<typeof guestDrinkSchema>;

/** All that a guest sees: this, and nothing else of the household. */
export const guestViewSchema = z.object({
  house: z.string(),
  name: z.string(),
  on: z.iso.date(),
  from: z.string(),
  locale: z.string(),
  drinks: z.array(guestDrinkSchema),
  /** Whether more may yet stand on the card. */
  isWhole: z.boolean(),
  asks: z.boolean(),
});
export type GuestView = z.infer<typeof guestViewSchema>;

/** The hour of the next morning until which a card is open, as pours are of the evening before. */
const CLOSES_AT = 5;

/**
 * Whether a card is open still: until its evening is over, at the latest five in the morning after it.
 *
 * @param localDay ISO day where the household is; @param localHour 0 to 23 there.
 */
export function cardIsOpen({ on, endedOn }: Pick<Evening, 'on' | 'endedOn'>, localDay: string, localHour: number): boolean {
  if (endedOn !== null) return false;
  return localDay <= on || (localDay === addDays(on, 1) && localHour < CLOSES_AT);
} // prettier-ignore

/**
 * The drinks of a card that is settled, or of what of it is, in the order of their names.
 *
 * @param ready the drinks of the card, made ready; @param nameOf what a kind is called;
 * @param there kinds that are in the house: what a stand-in would bring is said too.
 */
export function guestDrinks(
  { must, off }: Pick<Evening, 'must' | 'off'>,
  ready: readonly Pourable[],
  { nameOf, allergensOf, isThere }: {
    nameOf: (kind: string) => string;
    allergensOf: (kind: string) => readonly Pourable['allergens'][number][];
    isThere: (kind: string) => boolean;
  },
): GuestDrink[] {
  return ready
    .filter(({ recipe }) => must.includes(recipe.id) && !off.includes(recipe.id))
    .map(({ recipe, figures, allergens, slots }): GuestDrink => {
      const poured = slots.flatMap((s) => s.ways.flatMap((w) => w.kinds)).filter(isThere);
      const has = new Set([...allergens, ...poured.flatMap(allergensOf)]);
      return {
        ...{ id: recipe.id, name: recipe.name, parts: partsOf(recipe, nameOf) },
        ...{ abv: figures.abv, ethanolG: figures.ethanolG },
        allergens: ALLERGENS.filter((a) => has.has(a)),
        noAlcohol: figures.abv <= NO_ALCOHOL_ABV,
      };
    })
    .sort((a, b) => Number(a.noAlcohol) - Number(b.noAlcohol) || a.name.localeCompare(b.name));
} // prettier-ignore

/** What is in a drink, each once. */
function partsOf(recipe: Recipe, nameOf: (kind: string) => string): string[] {
  return [...new Set(recipe.slots.map((s) => nameOf(s.kind)))];
}

/** Why a guest is not poured what they ask for, in words for them; undefined where nothing speaks against it. */
export function cannotServe(asked: Pick<Asked, 'cannot' | 'noAlcohol'>, drink: GuestDrink): string | undefined {
  const held = asked.cannot.filter((a) => drink.allergens.includes(a));
  if (held.length > 0) return `it contains ${held.join(' and ')}: ask the house for it without`;
  if (asked.noAlcohol && !drink.noAlcohol) return 'there is alcohol in it: those without are marked';
  return undefined;
} // prettier-ignore
