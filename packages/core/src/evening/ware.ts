import type { Kind } from '../catalogue/kind.js';
import { kindAndAncestors } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { AtHand } from '../stock/at-hand.js';

/** Something to be bought for a menu. */
export interface MissingItem {
  kind: string;
  /** What the shop sells of it: a bottle of so many ml, or a fresh thing; made at home where it is bought nowhere. */
  ware:
    | { is: 'bottle'; id: string; ml: number; cans?: number | undefined }
    | { is: 'fresh'; counted: boolean }
    | { is: 'made' };
  label: string;
  /** What one holds: ml, or pieces. */
  holds: number;
  /** How many of it. */
  count: number;
  priceMinor: number;
}

/** One pack in which a kind is sold: what it holds, in the unit of its ware. */
interface Pack {
  kind: string;
  label: string;
  holds: number;
  priceMinor: number;
  ware: MissingItem['ware'];
}

/** A kind as an evening has it: how much is there, and in what it is sold. */
export interface EveningWare {
  kind: string;
  /** Fruit, eggs and leaves are counted; what is poured is measured. */
  unit: 'ml' | 'pieces';
  /** Of what is counted: ml that one gives. */
  pieceMl: number;
  /** A share of a piece that is not worth another. */
  spare: number;
  /** Infinity where nobody measured it, or nobody buys it. */
  there: number;
  packs: readonly Pack[];
}

/** What wares are looked up in. */
export interface WareHouse {
  there: ReadonlyMap<string, AtHand>;
  freshPieces: ReadonlyMap<string, number>;
  prices: PriceList;
  kinds: ReadonlyMap<string, Kind>;
}

/** A menu that takes what is sold nowhere costs more than any other, minor units. */
export const NOT_SOLD_MINOR = 100_000_000;
/** A drop short is no reason to cut another. */
const FRUIT_SPARE = 0.15;
/** Juice of a piece of which nothing is known (an assumption). */
const USUAL_PIECE_ML = 30;

/**
 * A kind as an evening has it.
 *
 * @param isPoured whether a recipe asks for it in ml; it tells how it is counted where nothing else does.
 */
export function wareOf(kind: string, isPoured: boolean, house: WareHouse): EveningWare {
  const known = house.kinds.get(kind);
  if (known?.supply === 'fresh') return freshWare(known, isPoured, house);
  const at = house.there.get(kind);
  return {
    kind,
    unit: 'ml',
    pieceMl: 1,
    spare: 0,
    there: at?.unmeasured ? Infinity : (at?.ml ?? 0),
    packs: bottlePacks(kind, house),
  };
}

function freshWare({ id: kind, juiceMl, each }: Kind, isPoured: boolean, house: WareHouse): EveningWare {
  const sold = house.prices.fresh.find((f) => f.kind === kind);
  const isCounted =
    juiceMl !== undefined ||
    sold?.pieces !== undefined ||
    (sold === undefined && (each !== undefined || !isPoured));
  const pieceMl = juiceMl ?? (each?.ml || USUAL_PIECE_ML);
  const pieces = house.freshPieces.get(kind);
  const has = freshThere(
    house.there.get(kind)?.ml ?? 0,
    pieces ?? 0,
    isCounted ? 1 / pieceMl : undefined,
    sold,
  );
  return {
    kind,
    unit: isCounted ? 'pieces' : 'ml',
    pieceMl,
    spare: juiceMl === undefined ? 0 : FRUIT_SPARE,
    // What no shop sells (ice, water, a grating of nutmeg) is taken as there, unless it is counted.
    there: sold === undefined && pieces === undefined ? Infinity : has,
    packs: sold ? [freshPack(sold, isCounted, pieceMl)] : [],
  };
}

/** What is there of a fresh thing: in pieces, of so many a ml, or in ml. */
function freshThere(
  ml: number,
  pieces: number,
  piecesPerMl: number | undefined,
  sold: PriceList['fresh'][number] | undefined,
): number {
  return piecesPerMl === undefined ? ml + pieces * (sold?.ml ?? 0) : pieces + ml * piecesPerMl;
}

function freshPack(
  { kind, sold: label, priceMinor, ml, pieces }: PriceList['fresh'][number],
  counted: boolean,
  pieceMl: number,
): Pack {
  const inPieces = pieces ?? Math.max(1, Math.round((ml ?? pieceMl) / pieceMl));
  return { kind, label, holds: counted ? inPieces : (ml ?? 1), priceMinor, ware: { is: 'fresh', counted } };
}

function bottlePacks(kind: string, { prices, kinds }: WareHouse): Pack[] {
  return prices.bottles.flatMap((b): Pack[] =>
    b.tier === 'mixing' && kindAndAncestors(b.kind, kinds).includes(kind)
      ? [
          {
            kind: b.kind,
            label: b.label,
            holds: b.ml,
            priceMinor: b.priceMinor,
            ware: b.homeMade ? { is: 'made' } : { is: 'bottle', id: b.id, ml: b.ml, cans: b.cans },
          },
        ]
      : [],
  );
}

/** What a recipe asks for in the unit of its ware, before whole pieces are made of it. */
export function amountOf(
  { unit, pieceMl }: Pick<EveningWare, 'unit' | 'pieceMl'>,
  asked: { ml: number | undefined; pieces: number },
): number {
  if (unit === 'ml') return asked.ml ?? asked.pieces * pieceMl;
  return asked.ml === undefined ? asked.pieces : asked.ml / pieceMl;
}

/** What an amount comes to: ml, or whole pieces. */
export function wantedOf({ unit, spare }: Pick<EveningWare, 'unit' | 'spare'>, amount: number): number {
  if (unit === 'ml' || amount <= 0) return amount;
  return Math.max(1, Math.ceil(amount - spare - 1e-9));
}

/** What of an amount is not there. */
export function shortOf(ware: EveningWare, amount: number): number {
  return Math.max(0, wantedOf(ware, amount) - ware.there);
}

/** The cheapest packs, all of one size, that hold what is short of an amount; undefined where none are needed or sold. */
export function packsFor(ware: EveningWare, amount: number): MissingItem | undefined {
  const short = shortOf(ware, amount);
  if (short <= 1e-9) return undefined;
  let best: MissingItem | undefined;
  for (const { kind, label, holds, priceMinor, ware: sold } of ware.packs) {
    const count = Math.ceil(short / holds - 1e-9);
    if (best === undefined || count * priceMinor < best.priceMinor)
      best = { kind, label, holds, count, priceMinor: count * priceMinor, ware: sold };
  }
  return best;
}

/** What an amount of it costs beyond what is there, minor units. Never less for more. */
export function moneyFor(ware: EveningWare, amount: number): number {
  const short = shortOf(ware, amount);
  if (short <= 1e-9) return 0;
  let least = NOT_SOLD_MINOR;
  for (const { holds, priceMinor } of ware.packs)
    least = Math.min(least, Math.ceil(short / holds - 1e-9) * priceMinor);
  return least;
}
