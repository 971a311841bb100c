import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { MAX_MINOR } from '../base/money.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { kindSchema, type Kind } from '../catalogue/kind.js';
import { garnishesSchema } from '../catalogue/read-garnish.js';
import { currencySchema, type PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import { pouredDrinkSchema } from '../pouring/poured-drink.js';

/** One state of a drink of one's own, and why it came to be. */
const versionSchema = z.strictObject({
  at: z.iso.datetime(),
  why: z.string().trim().max(300),
  recipe: pouredDrinkSchema,
});
export type Version = z.infer<typeof versionSchema>;

/** What dressed a drink among its parts, in earlier releases: how it is put on by how it was counted. */
const DRESSED = { sprig: 'sprig', leaf: 'leaf', dash: 'drops', drop: 'drops' } as const;

/** One recipe of an earlier release, what dressed it taken out of its parts. */
function undressed(recipe: {
  slots: { role?: unknown; kind?: unknown; amount?: unknown }[];
  garnish?: unknown;
}) {
  const isDressing = (s: { role?: unknown }) => s.role === 'garnish';
  const read = garnishesSchema.safeParse(recipe.garnish ?? []);
  const dressing = recipe.slots.filter(isDressing).map(({ kind, amount }) => {
    const measure = (amount as { measure?: keyof typeof DRESSED } | undefined)?.measure;
    return { kind, form: (measure && DRESSED[measure]) ?? 'berry', where: 'on' };
  });
  const slots = recipe.slots.filter((s) => !isDressing(s));
  return { ...recipe, slots, garnish: [...(read.success ? read.data : []), ...dressing] };
}

/** A drink of one's own as earlier releases kept it, brought up to date. */
export function upgradeOwnDrink(stored: unknown): unknown {
  const parsed = z
    .looseObject({
      versions: z.array(z.looseObject({ recipe: z.looseObject({ slots: z.array(z.looseObject({})) }) })),
    })
    .safeParse(stored);
  if (!parsed.success) return stored;
  return {
    ...parsed.data,
    versions: parsed.data.versions.map((v) =>
      v.recipe.slots.some((s) => s['role'] === 'garnish') ? { ...v, recipe: undressed(v.recipe) } : v,
    ),
  };
}

/** A drink of the household's own, or its own spec of a shipped one, with all it has been. */
export const ownDrinkSchema = z.strictObject({
  id: idSchema,
  /** The shipped drink whose spec this takes the place of; null for a drink of one's own. */
  houseSpecOf: idSchema.nullable(),
  versions: z.array(versionSchema).min(1).max(100),
  /** The version that is poured, by place. */
  current: z.int().min(0).max(99),
  /** When another version was gone back to: which one, by place. Before that, the last one written was poured. */
  chosen: z
    .array(z.strictObject({ at: z.iso.datetime(), version: z.int().min(0).max(99) }))
    .max(500)
    .default([]),
  /** Where it comes from, in the household's words: a title, a page, a friend. */
  from: z.string().trim().max(200),
  tags: z.array(z.string().trim().min(1).max(40)).max(20),
  notes: z.string().max(2000),
});
export type OwnDrink = z.infer<typeof ownDrinkSchema>;

/** A kind that the catalogue lacks, and what a bottle of it costs. */
export const ownKindSchema = kindSchema.extend({
  /** Its household writes its name as it is to be read, wherever it stands. */
  proper: z.boolean().default(true),
  /** Nobody has said it of an ingredient of one's own until somebody does. */
  allergensStated: z.boolean().default(false),
  /** One bottle, jar or piece of it, where it is bought; absent where nobody sells it. */
  sold: z
    .strictObject({
      ml: z.int().min(1).max(20_000),
      priceMinor: z.int().min(0).max(MAX_MINOR),
      currency: currencySchema,
    })
    .optional(),
});
export type OwnKind = z.infer<typeof ownKindSchema>;

/** Begins the ids of what is the household's own, so that no release ever takes them. */
export const OWN = 'own-';

/** The recipe that is poured of a drink of one's own; a house spec under the id of the drink it stands for. */
export function recipeOfOwn({ id, houseSpecOf, versions, current }: OwnDrink): Recipe | undefined {
  const recipe = versions[current]?.recipe;
  // What one wrote oneself is in every count of drinks, however many know it.
  return recipe && { ...recipe, id: houseSpecOf ?? id, canon: 'own' };
}

/** A house spec in the place of the printed one: made otherwise, and known as it is known. */
function inPlaceOf(printed: Recipe, spec: Recipe): Recipe {
  const { also, group, variant, era, canon, source } = printed;
  return {
    ...spec,
    also,
    era,
    canon,
    source,
    ...(group === undefined ? {} : { group }),
    ...(variant === undefined ? {} : { variant }),
  };
}

/**
 * The library with the household's own beside it: own kinds, own drinks, and house specs in place of what they stand
 * for. Everything that plans, pours or searches is given this.
 */
export function withOwn(
  catalogue: Catalogue,
  drinks: readonly OwnDrink[],
  ownKinds: readonly OwnKind[],
): Catalogue {
  if (drinks.length === 0 && ownKinds.length === 0) return catalogue;
  const house = new Map(
    drinks.flatMap((d) => (d.houseSpecOf ? [[d.houseSpecOf, recipeOfOwn(d)] as const] : [])),
  );
  const own = drinks.flatMap((d) => (d.houseSpecOf === null ? (recipeOfOwn(d) ?? []) : []));
  return {
    ...catalogue,
    kinds: [...catalogue.kinds, ...ownKinds.map(({ sold: _, ...kind }): Kind => kind)],
    recipes: [
      ...catalogue.recipes.map((r) => {
        const spec = house.get(r.id);
        return spec ? inPlaceOf(r, spec) : r;
      }),
      ...own,
    ],
  };
}

/** A drink with another version after all it has been, and that one poured from now on. */
export function withVersion(drink: OwnDrink, version: Version): OwnDrink {
  const versions = [...drink.versions, version];
  return { ...drink, versions, current: versions.length - 1 };
}

/** A drink with one of its versions poured again from a moment on. */
export function goneBack(drink: OwnDrink, version: number, at: string): OwnDrink {
  return { ...drink, current: version, chosen: [...drink.chosen, { at, version }].slice(-MAX_CHOSEN) };
}
const MAX_CHOSEN = 500;

/** Which version was poured at a moment, by place: the last one written or gone back to before it. */
export function versionAt({ versions, chosen }: Pick<OwnDrink, 'versions' | 'chosen'>, at: string): number {
  const turns = [...versions.map((v, version) => ({ at: v.at, version })), ...chosen];
  const before = turns.filter((t) => t.at <= at);
  return before.reduce((last, t) => (t.at >= last.at ? t : last), { at: '', version: 0 }).version;
}

/**
 * What bottles of own kinds cost, beside a shop's list in the same currency.
 *
 * @example withOwnKindsSold(list, ownKinds).bottles.at(-1)?.kind // 'own-sea-buckthorn'
 */
export function withOwnKindsSold(list: PriceList, ownKinds: readonly OwnKind[]): PriceList {
  const sold = ownKinds.flatMap(({ sold: pack, ...kind }) =>
    pack?.currency === list.currency ? [{ kind, ...pack }] : [],
  );
  if (sold.length === 0) return list;
  const isFresh = (k: Kind) => k.supply === 'fresh';
  return {
    ...list,
    bottles: [
      ...list.bottles,
      ...sold.flatMap(({ kind, ml, priceMinor }): PriceList['bottles'] =>
        isFresh(kind)
          ? []
          : [
              {
                id: kind.id,
                kind: kind.id,
                label: kind.name,
                ml,
                priceMinor,
                ...BOTTLE_MM,
                tier: 'mixing',
                homeMade: false,
              },
            ],
      ),
    ],
    fresh: [
      ...list.fresh,
      ...sold.flatMap(({ kind, ml, priceMinor }) =>
        isFresh(kind) ? [{ kind: kind.id, sold: `1 ${kind.name}`.slice(0, 40), priceMinor, ml }] : [],
      ),
    ],
  };
}
/** The outside of a bottle that nobody measured (a usual one of 70 cl). */
const BOTTLE_MM = { widthMm: 80, heightMm: 300 };
