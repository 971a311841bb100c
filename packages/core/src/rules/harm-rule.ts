import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade, PantryThing } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import { notSafe } from '../drink/not-safe.js';

/** By the drop: at most a thousandth of a batch (common practice: bitter-almond extract a drop or two a bottle). */
const MAX_BY_DROPS = 0.001;
/** Above this a spirit catches fire at once (common practice: over 100 proof). */
const HIGH_PROOF_ABV = 0.5;
/** Nutmeg is grated over a drink; by the spoon it is a poison. */
const MAX_NUTMEG_G = 1;
/** What a caution of a kind must speak of, by a word of its names (common practice). */
const MUST_SPEAK: readonly (readonly [name: RegExp, of: RegExp, what: string])[] = [
  [/\b(tonic|bitter lemon|quinquina|quinine)\b/i, /quinine/i, 'quinine'],
  [/\bgrapefruit\b/i, /medicines/i, 'grapefruit and medicines'],
  [/\b(liquorice|anise spirit)\b/i, /liquorice|pharmacist/i, 'liquorice'],
  [/\bhoney\b/i, /infants/i, 'honey and infants'],
  [/\begg (white|yolk)\b|\bwhole egg\b/i, /raw egg/i, 'raw egg'],
];
/** Kinds of these supplies that only taste of it hold too little to speak of: a liqueur, bitters by the dash. */
const HOLDS_LITTLE = (kind: Kind) =>
  kind.job === 'bitter' || (kind.supply === 'bottle' && kind.job === 'sweet') || kind.abv > 0.3;

/**
 * What could harm in the catalogue: things of several names in one amount, strong things by more than the drop, what is
 * not taken at all, and kinds without the caution that they need. Run over every recipe and formula.
 */
export function harmFaults(catalogue: Catalogue): Fault[] {
  const fault = (pointer: string, detail: string): Fault => ({ code: 'caution', pointer, detail });
  const pantry = new Map(catalogue.pantry.map((p) => [p.id, p]));
  return [
    ...catalogue.pantry.flatMap((thing, i) => thingFaults(thing).map((d) => fault(`/pantry/${i}`, d))),
    ...catalogue.kinds.flatMap((kind, i) => kindFaults(kind).map((d) => fault(`/kinds/${i}`, d))),
    ...catalogue.homeMade.flatMap((recipe, i) =>
      batchFaults(recipe, pantry).map((d) => fault(`/homeMade/${i}`, d)),
    ),
    ...catalogue.recipes.flatMap((recipe, i) =>
      recipe.slots.flatMap((slot) =>
        /nutmeg/.test(slot.kind)
          ? [
              fault(
                `/recipes/${i}/slots`,
                `${recipe.id} takes nutmeg into the drink: it is grated over it, a little`,
              ),
            ]
          : [],
      ),
    ),
  ];
}

function thingFaults({ id, name, dry, acid, drops, spiritAbv = 0, caution }: PantryThing): string[] {
  const why = notSafe(name);
  return [
    ...(why === undefined ? [] : [`${id}: ${why}`]),
    ...(/,|\band\b/.test(name) && !/, (pressed|food-grade)$/.test(name)
      ? [`${id} names several things: give each its own grams`]
      : []),
    ...(dry && acid > 0.5 && !/eyes/.test(caution ?? '')
      ? [`${id} is an acid powder without a word about eyes`]
      : []),
    ...(drops && caution === undefined ? [`${id} goes by the drop, and says not why`] : []),
    ...(spiritAbv >= HIGH_PROOF_ABV && !/flame/.test(caution ?? '') ? [`${id} burns: say so`] : []),
  ];
}

function kindFaults(kind: Kind): string[] {
  const { id, name, also, abv, caution = '', cautionForChildren = '' } = kind;
  const why = notSafe(name);
  const said = `${caution} ${cautionForChildren}`;
  return [
    ...(why === undefined ? [] : [`${id}: ${why}`]),
    ...(abv >= HIGH_PROOF_ABV && !/flame|light it/.test(said)
      ? [`${id} of ${Math.round(abv * 100)} % vol burns: say so`]
      : []),
    ...(HOLDS_LITTLE(kind)
      ? []
      : MUST_SPEAK.flatMap(([names, of, what]) =>
          [name, ...also].some((n) => names.test(n)) && !of.test(said) ? [`${id} must speak of ${what}`] : [],
        )),
    // Beans whipped are no egg.
    ...(/egg/i.test(caution) && !kind.allergens.includes('egg') ? [`${id} warns of egg and holds none`] : []),
  ];
}

function batchFaults({ id, from }: HomeMade, pantry: ReadonlyMap<string, PantryThing>): string[] {
  const all = from.reduce((sum, p) => sum + p.g, 0);
  return from.flatMap((part): string[] => {
    const thing = pantry.get(part.pantry ?? '');
    if (thing === undefined) return [];
    return [
      ...(thing.drops && part.g > all * MAX_BY_DROPS
        ? [`${id} takes ${part.g} g of ${thing.name} to ${Math.round(all)} g: by the drop alone`]
        : []),
      ...(/nutmeg/.test(thing.id) && part.g > MAX_NUTMEG_G
        ? [`${id} takes ${part.g} g of nutmeg: it is a poison by the spoon`]
        : []),
    ];
  });
}
