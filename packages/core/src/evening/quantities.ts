import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import { iceOf } from '../ice/ice-kit.js';
import { isMixedAhead } from '../mixed/batched.js';
import type { MenuPour, WantedKind } from './wanted.js';
import { dressedOf, dressingOf, type Dressed } from './dressing.js';
import { amountOf, packsFor, shortOf, wantedOf, wareOf, type WareHouse } from './ware.js';

/** Some is dropped and melts in the bucket (common practice: a fifth more). */
const ICE_SPARE = 1.2;

/** What an evening takes. */
export interface Quantities {
  wanted: WantedKind[];
  garnishes: Dressed[];
  /** What dresses the drinks beyond what is poured; no drink fails for want of it. */
  dressing: WantedKind[];
  /** Ice to shake and stir with and to pour over, and blocks by the piece; a fifth to spare. */
  iceG: number;
  crushedG: number;
  blocks: number;
}

/**
 * The house with what can be cut of the whole fruit that is there beyond what is pressed: a lime gives its juice, or
 * eight wedges, not both.
 *
 * @param amounts what the drinks pour of each kind, fruit in pieces.
 */
function withCutFruit<H extends WareHouse>(house: H, amounts: ReadonlyMap<string, { amount: number }>): H {
  const freshPieces = new Map(house.freshPieces);
  for (const { id, whole } of house.kinds.values()) {
    const there = whole && house.freshPieces.get(whole.kind);
    if (whole === undefined || there === undefined) continue;
    const left = Math.max(0, there - Math.ceil(amounts.get(whole.kind)?.amount ?? 0));
    freshPieces.set(id, (freshPieces.get(id) ?? 0) + left * whole.pieces);
  }
  return { ...house, freshPieces };
}

/**
 * What so many glasses of each drink take: kinds in ml, fruit and eggs in pieces, ice with a fifth to spare; what of it
 * is short, and the packs that it is bought in.
 */
export function quantitiesOf(
  drinks: readonly MenuPour[],
  house: WareHouse & { kinds: ReadonlyMap<string, Kind> },
): Quantities {
  const amounts = new Map<string, { amount: number; isPoured: boolean; pouredMl: number }>();
  let [iceG, crushedG, blocks] = [0, 0, 0];
  for (const { drink, glasses, mixed, brimMl } of drinks) {
    for (const { kind, amount, optional } of drink.slots) {
      if (optional || house.kinds.get(kind)?.fromTap) continue;
      const ml = amountMl(amount);
      const was = amounts.get(kind) ?? { amount: 0, isPoured: ml !== undefined, pouredMl: 0 };
      const pieces = ml === undefined ? amount.value : 0;
      const fresh = Math.max(0, glasses - mixed);
      const each = amountOf(wareOf(kind, was.isPoured, house), { ml, pieces });
      amounts.set(kind, {
        ...was,
        amount: was.amount + each * fresh,
        pouredMl: was.pouredMl + (ml ?? 0) * fresh,
      });
    }
    const ice = iceOf(drink, brimMl, house.kinds);
    // What is mixed ahead is poured cold, over ice or without.
    const made = isMixedAhead(drink, glasses - mixed, house.kinds) ? 0 : Math.max(0, glasses - mixed);
    const all = (ice.makingG * made + ice.servedG * glasses) * ICE_SPARE;
    iceG += all;
    if (drink.ice === 'crushed') crushedG += all;
    blocks += ice.blockG > 0 ? glasses : 0;
  }
  const here = withCutFruit(house, amounts);
  const wanted = [...amounts].map(([kind, { amount, isPoured, pouredMl }]): WantedKind => {
    const ware = wareOf(kind, isPoured, here);
    return {
      kind,
      unit: ware.unit,
      wanted: wantedOf(ware, amount),
      juiceMl: ware.unit === 'pieces' && ware.spare > 0 ? pouredMl : 0,
      there: Number.isFinite(ware.there) ? ware.there : undefined,
      short: shortOf(ware, amount),
      buy: packsFor(ware, amount),
    };
  });
  return {
    wanted: wanted
      .filter((w) => w.wanted > 0)
      .sort(
        (a, b) =>
          Number(b.short > 0) - Number(a.short > 0) || b.short - a.short || (a.kind < b.kind ? -1 : 1),
      ),
    garnishes: dressedOf(drinks, house.kinds),
    dressing: dressingOf(drinks, wanted, here),
    iceG,
    crushedG,
    blocks,
  };
}
