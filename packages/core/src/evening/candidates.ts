import type { Kind } from '../catalogue/kind.js';
import type { PriceList } from '../catalogue/price-list.js';
import { drinkKey } from '../catalogue/recipe.js';
import { glassServes } from '../glass/serves.js';
import type { Kit } from '../kit/kit.js';
import type { Need } from '../catalogue/tool.js';
import { uncovered } from '../kit/needs.js';
import { fruitOf } from '../pouring/fruit.js';
import { kindsInHand, type Pourable, type PourableSlot } from '../pouring/pourable.js';
import type { AtHand } from '../stock/at-hand.js';
import type { Candidate, CardProblem } from './card.js';
import { finds, type Guest } from './guest.js';

/** Something to be bought for a card. */
export interface MissingItem {
  kind: string;
  /** What the shop sells of it: a bottle of so many ml, or a fresh thing; made at home where it is bought nowhere. */
  ware: { is: 'bottle'; id: string; ml: number } | { is: 'fresh' } | { is: 'made' };
  label: string;
  /** How many of it. */
  count: number;
  priceMinor: number;
}

/** What a card is chosen for and from. */
export interface CardHouse {
  ready: readonly Pourable[];
  guests: readonly Guest[];
  there: ReadonlyMap<string, AtHand>;
  freshPieces: ReadonlyMap<string, number>;
  prices: PriceList;
  kinds: ReadonlyMap<string, Kind>;
  needs: ReadonlyMap<string, Need>;
  kit: Kit;
  size: number;
  must: readonly string[];
  never: readonly string[];
  /** Pours in all: each drink of the card is reckoned to be poured its share of them. */
  pours: number;
}

/** The problem of a card, and what its items are. */
export interface CardQuestion extends CardProblem {
  items: MissingItem[];
}

/** The cheapest bottle of a kind that holds what is wanted, in so many of them. */
export function bottlesToBuy(
  kind: string,
  ml: number,
  { prices, kinds }: Pick<CardHouse, 'prices' | 'kinds'>,
): MissingItem | undefined {
  let best: MissingItem | undefined;
  for (const bottle of prices.bottles) {
    if (bottle.tier !== 'mixing' || (bottle.kind !== kind && kinds.get(bottle.kind)?.parent !== kind))
      continue;
    const count = Math.max(1, Math.ceil(ml / bottle.ml - 1e-9));
    const priceMinor = count * bottle.priceMinor;
    if (best === undefined || priceMinor < best.priceMinor)
      best = {
        kind: bottle.kind,
        label: bottle.label,
        count,
        priceMinor,
        ware: bottle.homeMade ? { is: 'made' } : { is: 'bottle', id: bottle.id, ml: bottle.ml },
      };
  }
  return best;
}

/** Fresh things for what is wanted, beyond the pieces that are there. */
export function freshToBuy(
  kind: string,
  ml: number,
  pieces: number,
  { prices, freshPieces }: Pick<CardHouse, 'prices' | 'freshPieces'>,
): MissingItem | undefined | null {
  const sold = prices.fresh.find((f) => f.kind === kind);
  const wanted = fruitOf(kind, ml) ?? pieces;
  const short = Math.max(0, wanted - (freshPieces.get(kind) ?? 0));
  // What costs nothing and grows in every kitchen is taken as there.
  if (sold === undefined || short === 0) return null;
  const yields = sold.ml !== undefined && ml > 0 ? sold.ml : (sold.pieces ?? 1);
  const count = Math.max(
    1,
    Math.ceil((sold.ml !== undefined && ml > 0 ? (short / Math.max(1, wanted)) * ml : short) / yields - 1e-9),
  );
  return { kind, label: sold.sold, count, priceMinor: count * sold.priceMinor, ware: { is: 'fresh' } };
}

/**
 * The drinks of a library as candidates for a card: who finds each, what would have to be bought for its share of the
 * pours, what it takes, and how long one takes on the night. Of variants the one that costs least; what hands or
 * glasses cannot make, or no shop sells, is none.
 */
export function cardQuestion(house: CardHouse): CardQuestion {
  const { ready, guests, there, kinds, kit, size, pours } = house;
  const inHand = kindsInHand(there.keys(), kinds);
  const share = Math.max(1, Math.ceil(pours / Math.max(1, size)));
  const items: MissingItem[] = [];
  const places = new Map<string, number>();
  const placeOf = (item: MissingItem): number => {
    const key = `${item.kind} ${item.label} ${item.count}`;
    const known = places.get(key) ?? items.push(item) - 1;
    places.set(key, known);
    return known;
  };
  const numbers = new Map<string, number>();
  const numberOf = (kind: string): number => {
    const known = numbers.get(kind) ?? numbers.size;
    numbers.set(kind, known);
    return known;
  };

  /** How a slot is filled: what of it, and what has to be bought; undefined where it cannot be. */
  const fill = (slot: PourableSlot): { kinds: string[]; missing: MissingItem[] } | undefined => {
    let cheapest: { kinds: string[]; missing: MissingItem[]; money: number } | undefined;
    for (const way of slot.ways) {
      const used: string[] = [];
      const missing: MissingItem[] = [];
      const possible = way.kinds.every((asked, i) => {
        const ml = (slot.ml ?? 0) * (way.parts[i] ?? 1) * share;
        const holds = (inHand.get(asked) ?? []).find(
          (id) => there.get(id)?.unmeasured || (there.get(id)?.ml ?? 0) >= ml,
        );
        if (holds !== undefined || asked === 'still-water' || asked === 'hot-water') {
          used.push(holds ?? asked);
          return true;
        }
        if (kinds.get(asked)?.supply === 'fresh') {
          const item = freshToBuy(asked, ml, slot.pieces * share, house);
          if (item === undefined) return false;
          if (item !== null) missing.push(item);
          used.push(asked);
          return true;
        }
        const item = bottlesToBuy(asked, ml, house);
        if (item === undefined) return false;
        missing.push(item);
        used.push(item.kind);
        return true;
      });
      if (!possible) continue;
      const money = missing.reduce((sum, m) => sum + m.priceMinor, 0);
      // As written before stand-ins, unless those are there and what is written is not.
      if (cheapest === undefined || money < cheapest.money) cheapest = { kinds: used, missing, money };
      if (money === 0) break;
    }
    return cheapest;
  };

  const best = new Map<string, { candidate: Candidate; money: number }>();
  for (const pourable of ready) {
    const { recipe, figures, tastes, allergens, seconds } = pourable;
    if (kit.said && uncovered(pourable.needs, house.needs, kit).length > 0) continue;
    if (kit.said && !kit.glasses.some((g) => glassServes(pourable.served, g, kit.attitude))) continue;
    const filled = pourable.slots.filter((s) => !s.optional).map(fill);
    if (filled.some((f) => f === undefined)) continue;
    const missing = [...new Set(filled.flatMap((f) => f?.missing.map(placeOf) ?? []))];
    const money = missing.reduce((sum, m) => sum + (items[m]?.priceMinor ?? 0), 0);
    const key = drinkKey(recipe);
    if (money >= (best.get(key)?.money ?? Infinity)) continue;
    const offered = { tastes, allergens, abv: figures.abv };
    best.set(key, {
      money,
      candidate: {
        ...{ id: recipe.id, finds: guests.map((g) => finds(g, offered)), missing, work: Math.round(seconds) },
        parts: [...new Set(filled.flatMap((f) => f?.kinds.map(numberOf) ?? []))],
        ...{ family: recipe.family, method: recipe.method, glass: recipe.glass },
      },
    });
  }
  return {
    candidates: [...best.values()].map((b) => b.candidate),
    people: guests.map((g) => g.count),
    prices: items.map((i) => i.priceMinor),
    ...{ size, must: house.must, never: house.never, items },
  };
}
