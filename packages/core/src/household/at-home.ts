import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import { ALLERGENS, type Kind } from '../catalogue/kind.js';
import { kindsByHand } from '../kit/hands.js';
import type { Kit } from '../kit/kit.js';
import { useByOf } from '../bench/batch-life.js';
import { batchHolds } from '../bench/batch-allergens.js';
import { recipeOfBatch, type BatchRecord } from '../bench/batch-record.js';
import { batchAsMade } from '../bench/in-batch.js';
import { kindsWithHouseSyrup } from '../bench/house-syrup.js';
import { sugarGPerLOfBrix } from '../bench/solution.js';
import { kindsOfMixed } from '../mixed/mixed-batch.js';
import { NO_ALCOHOL_ABV } from '../drink/strength.js';
import { atHand, type OwnBatch } from '../stock/at-hand.js';
import { isThere, type Bottle } from '../stock/bottle.js';
import { freshPieces } from '../stock/fresh.js';
import type { InHouse } from '../pouring/pouring-now.js';

/** What a household keeps, as far as it decides what is poured. */
export interface KeptAtHome {
  /** The library with the household's own drinks, ingredients and ways of making things. */
  catalogue: Catalogue;
  bottles: readonly Bottle[];
  batches: readonly BatchRecord[];
  kit: Kit;
  /** Sugar to water of the one plain syrup that is kept; null where each is. */
  houseSyrupRatio: number | null;
  /** ISO day. */
  today: string;
}

/** The household as it is now, to pour, plan and judge from: put together here alone. */
export interface AtHome extends InHouse {
  today: string;
  /** Every kind as it is in this house: by its real bottles and batches. */
  kinds: ReadonlyMap<string, Kind>;
  /** Those of them that are otherwise than in the library, or not in it. */
  changed: Kind[];
}

/**
 * The kinds of a household again, where only what differs from the library was sent.
 *
 * @param changed of `atHome`.
 */
export function kindsWith(
  { kinds }: Pick<Catalogue, 'kinds'>,
  changed: readonly Kind[],
): ReadonlyMap<string, Kind> {
  return kindIndex([...kinds, ...changed]);
}

/** Batches that stand bottled, as stock, each with its last good day. */
export function batchesAsStock(
  batches: readonly BatchRecord[],
  catalogue: Pick<Catalogue, 'homeMade' | 'pantry' | 'kinds'>,
  kinds: ReadonlyMap<string, Kind>,
): (OwnBatch & { id: string })[] {
  return batches.flatMap((batch) => {
    const recipe = batch.madeOn === null ? undefined : recipeOfBatch(batch, catalogue.homeMade);
    if (recipe === undefined) return [];
    const until = useByOf(batch, recipe, catalogue, kinds);
    return [{ id: batch.id, kind: recipe.makes, leftMl: batch.remainingMl, until }];
  });
}

/**
 * The household as it is now.
 *
 * @example atHome({ catalogue, bottles, batches, kit, houseSyrupRatio: null, today }).kinds.get('bourbon')?.abv // 0.57
 */
export function atHome(kept: KeptAtHome): AtHome {
  const { catalogue, bottles, batches, kit, houseSyrupRatio, today } = kept;
  const library = kindIndex(catalogue.kinds);
  const kinds = kindsByHand(kindsHere(kept, library), kit, catalogue);
  return {
    kit,
    houseSyrupRatio,
    today,
    kinds,
    changed: [...kinds.values()].filter((kind) => library.get(kind.id) !== kind),
    there: atHand(bottles, batchesAsStock(batches, catalogue, library), kinds, today),
    freshPieces: freshPieces(bottles, kinds, today),
  };
}

/**
 * Every kind as it is in this house: by its real bottles and batches, and what is known of own ingredients.
 */
export function kindsHere(
  {
    catalogue,
    bottles,
    batches,
    houseSyrupRatio,
  }: Pick<KeptAtHome, 'catalogue' | 'bottles' | 'batches' | 'houseSyrupRatio'>,
  library: ReadonlyMap<string, Kind> = kindIndex(catalogue.kinds),
): ReadonlyMap<string, Kind> {
  const inherited = withFormulas(
    new Map([...library].map(([id, kind]) => [id, withParents(kind, library)])),
    catalogue,
  );
  // What is made from what is made: twice is as deep as a batch of a batch goes.
  const made = [1, 2].reduce((kinds) => withBatches(kinds, batches, catalogue), inherited);
  const bottled = withBottles(made, bottles);
  const mixed = kindsOfMixed(batches, catalogue, bottled);
  for (const kind of mixed) bottled.set(kind.id, kind);
  return kindsWithHouseSyrup(houseSyrupRatio, bottled);
}

/** An ingredient of which nobody has said what it holds may hold whatever that does which it is a kind of. */
function withParents(kind: Kind, kinds: ReadonlyMap<string, Kind>): Kind {
  if (kind.allergensStated) return kind;
  const [has, may] = [new Set(kind.allergens), new Set(kind.mayHold)];
  const seen = new Set([kind.id]);
  for (let at = kinds.get(kind.parent ?? ''); at && !seen.has(at.id); at = kinds.get(at.parent ?? '')) {
    seen.add(at.id);
    for (const allergen of at.allergens) has.add(allergen);
    for (const allergen of at.mayHold) may.add(allergen);
  }
  return {
    ...kind,
    allergens: ALLERGENS.filter((a) => has.has(a)),
    mayHold: ALLERGENS.filter((a) => may.has(a)),
  };
}

/** What can be made at home is made of what its formulas ask for, bought or not: whoever cannot have that is told. */
function withFormulas(kinds: Map<string, Kind>, catalogue: Pick<Catalogue, 'homeMade' | 'pantry' | 'kinds'>) {
  const next = new Map(kinds);
  for (const formula of catalogue.homeMade) {
    const kind = next.get(formula.makes);
    const { kinds: madeOf } = batchHolds(formula, catalogue);
    if (kind && madeOf.length > 0)
      next.set(kind.id, { ...kind, madeOf: [...new Set([...kind.madeOf, ...madeOf])] });
  }
  return next;
}

/** What is made here holds what went into any batch that is left, and is as strong and sweet as the one poured first. */
function withBatches(
  kinds: Map<string, Kind>,
  batches: readonly BatchRecord[],
  catalogue: Catalogue,
): Map<string, Kind> {
  const next = new Map(kinds);
  const things = { pantry: catalogue.pantry, kinds: [...kinds.values()] };
  const poured = new Set<string>();
  const left = batches.filter((b) => b.madeOn !== null && b.remainingMl > 0);
  for (const batch of [...left].sort((a, b) => ((a.useBy ?? '9') < (b.useBy ?? '9') ? -1 : 1))) {
    const recipe = recipeOfBatch(batch, catalogue.homeMade);
    const kind = next.get(recipe?.makes ?? '');
    if (recipe === undefined || kind === undefined) continue;
    const { allergens, mayHold, unknown, kinds: madeOf } = batchHolds(recipe, things);
    const isFirst = !poured.has(kind.id);
    poured.add(kind.id);
    next.set(kind.id, {
      ...kind,
      ...(isFirst ? figuresOfBatch(batch, recipe, catalogue, kinds) : {}),
      allergens: ALLERGENS.filter((a) => kind.allergens.includes(a) || allergens.includes(a)),
      mayHold: ALLERGENS.filter((a) => kind.mayHold.includes(a) || mayHold.includes(a)),
      madeOf: [...new Set([...kind.madeOf, ...madeOf])],
      allergensStated: kind.allergensStated && unknown.length === 0,
    });
  }
  return next;
}

/** Strength, sugar and acid of a batch by what was weighed in; a reading of the refractometer is the truth. */
function figuresOfBatch(
  batch: BatchRecord,
  recipe: Catalogue['homeMade'][number],
  catalogue: Catalogue,
  kinds: ReadonlyMap<string, Kind>,
): Partial<Kind> {
  if (!batch.inG.some((g) => g > 0)) return {};
  const { abv, composition, volumeMl } = batchAsMade(recipe, batch, catalogue, kinds);
  if (volumeMl <= 0) return {};
  const perL = (g: number) => (g / volumeMl) * 1000;
  const read = batch.measuredBrix === null || abv > 0 ? undefined : sugarGPerLOfBrix(batch.measuredBrix);
  return {
    abv,
    sugarGPerL: Math.max(0, read === undefined ? perL(composition.sugarG) : read - perL(composition.acidG)),
    acidGPerL: perL(composition.acidG),
  };
}

/**
 * A kind is as strong and as sweet as its bottle that is poured first, where a label says so; what counts as without
 * alcohol does so only while every bottle of it is.
 */
function withBottles(kinds: Map<string, Kind>, bottles: readonly Bottle[]): Map<string, Kind> {
  const next = new Map(kinds);
  const key = (b: Bottle) => [b.openedOn ?? '9999', b.boughtOn ?? '9999', b.id].join(' ');
  const there = bottles.filter((b) => isThere(b) && !b.sipping).sort((a, b) => (key(a) < key(b) ? -1 : 1));
  const told = there.filter((b) => b.abv !== null || b.sugarGPerL !== null);
  for (const id of new Set(told.map((b) => b.kind))) {
    const kind = kinds.get(id);
    const [poured] = there.filter((b) => b.kind === id);
    if (kind === undefined || poured === undefined) continue;
    const strengths = there.filter((b) => b.kind === id).map((b) => b.abv ?? kind.abv);
    const [first = kind.abv] = strengths;
    const strongest = Math.max(...strengths);
    const abv = first <= NO_ALCOHOL_ABV && strongest > NO_ALCOHOL_ABV ? strongest : first;
    const sugarGPerL = poured.sugarGPerL ?? kind.sugarGPerL;
    if (abv !== kind.abv || sugarGPerL !== kind.sugarGPerL) next.set(id, { ...kind, abv, sugarGPerL });
  }
  return next;
}
