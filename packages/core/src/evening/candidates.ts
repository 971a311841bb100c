import { kindAndAncestors } from '../catalogue/catalogue.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';
import type { Need } from '../catalogue/tool.js';
import { glassServes } from '../glass/serves.js';
import type { Kit } from '../kit/kit.js';
import { uncovered } from '../kit/needs.js';
import { NO_ALCOHOL_ABV } from '../plan/stand-ins.js';
import { kindsInHand, type Pourable, type PourableSlot } from '../pouring/pourable.js';
import { withFillings, type Filling } from '../pouring/poured-drink.js';
import { batchedGlassMl, mixedKind } from './batched.js';
import { FINDS_EACH, type Candidate, type CardCriterion, type CardProblem } from './card.js';
import { finds, type Guest } from './guest.js';
import { amountOf, moneyFor, NOT_SOLD_MINOR, wareOf, type Ware, type WareHouse } from './ware.js';

/** What a card is chosen for and from. */
export interface CardHouse extends WareHouse {
  ready: readonly Pourable[];
  guests: readonly Guest[];
  needs: ReadonlyMap<string, Need>;
  kit: Kit;
  size: number;
  must: readonly string[];
  never: readonly string[];
  order: readonly CardCriterion[];
  /** Pours of each guest. */
  pours: number;
}

/** The problem of a card, with the drinks as they would be poured here. */
export interface CardQuestion extends CardProblem {
  poured: ReadonlyMap<string, { pourable: Pourable; drink: Recipe }>;
}

/** Water comes from the tap. */
const FROM_THE_TAP = new Set(['still-water', 'hot-water']);

/** Wares of a house, looked up once each. */
class Wares {
  readonly all: Ware[] = [];
  private readonly places = new Map<string, number>();
  constructor(private readonly house: WareHouse) {}

  placeOf(kind: string, isPoured: boolean): number {
    const known = this.places.get(kind) ?? this.all.push(wareOf(kind, isPoured, this.house)) - 1;
    this.places.set(kind, known);
    return known;
  }
  of(kind: string, isPoured: boolean): Ware {
    return this.all[this.placeOf(kind, isPoured)] as Ware;
  }
}

/** Fills the slots of drinks, one after the other, for their share of the pours. */
class Filler {
  private readonly inHand: Map<string, string[]>;
  private readonly sold = new Map<string, string[]>();

  constructor(
    private readonly house: CardHouse,
    private readonly wares: Wares,
    private readonly share: number,
  ) {
    const { there, kinds, prices } = house;
    this.inHand = kindsInHand(there.keys(), kinds);
    for (const bottle of prices.bottles)
      if (bottle.tier === 'mixing')
        for (const asked of kindAndAncestors(bottle.kind, kinds))
          this.sold.set(asked, [...new Set([...(this.sold.get(asked) ?? []), bottle.kind])]);
  }

  /** The way that costs least for its share, what is written before what stands in; undefined where there is none. */
  fill(slot: PourableSlot): Filling | undefined {
    let best: { filling: Filling; money: number } | undefined;
    for (const { kinds, parts } of slot.ways) {
      const chosen = kinds.map((asked, i) => this.choose(slot, asked, parts[i] ?? 1));
      if (chosen.some((c) => c === undefined)) continue;
      const money = chosen.reduce((sum, c) => sum + (c?.money ?? 0), 0);
      if (best === undefined || money < best.money)
        best = { filling: { kinds: chosen.map((c) => c?.kind ?? ''), parts }, money };
      if (money === 0) break;
    }
    return best?.filling;
  }

  /** The kind that costs least: what is in hand before what is to be bought. */
  private choose(
    slot: PourableSlot,
    asked: string,
    part: number,
  ): { kind: string; money: number } | undefined {
    if (FROM_THE_TAP.has(asked)) return { kind: asked, money: 0 };
    const fresh = this.house.kinds.get(asked)?.supply === 'fresh' ? [asked] : [];
    const all = [...(this.inHand.get(asked) ?? []), ...fresh, ...(this.sold.get(asked) ?? [])];
    let best: { kind: string; money: number } | undefined;
    for (const kind of all) {
      const ware = this.wares.of(kind, slot.ml !== undefined);
      const ml = slot.ml === undefined ? undefined : slot.ml * part;
      const amount = amountOf(ware, { ml, pieces: slot.pieces * part }) * this.share;
      const money = moneyFor(ware, amount);
      if (money < NOT_SOLD_MINOR && (best === undefined || money < best.money)) best = { kind, money };
      if (best?.money === 0) break;
    }
    return best;
  }
}

/**
 * The drinks of a library as candidates for a card: who finds each, what a glass takes, and how long one takes on the
 * night. Of variants the one that costs least; what hands or glasses cannot make, or no shop sells, is none. Somebody
 * who drinks nothing with alcohol finds one, whether they are expected or not.
 */
export function cardQuestion(house: CardHouse): CardQuestion {
  const { ready, guests, there, kinds, kit, size, pours } = house;
  const people = guests.reduce((sum, g) => sum + g.count, 0);
  const share = Math.max(1, Math.ceil((pours * people) / Math.max(1, size)));
  const wares = new Wares(house);
  const filler = new Filler(house, wares, share);
  const numbers = new Map<string, number>();
  const numberOf = (kind: string): number => {
    const known = numbers.get(kind) ?? numbers.size;
    numbers.set(kind, known);
    return known;
  };
  const isSober = guests.some((g) => g.noAlcohol || g.drives);
  // Of variants of one drink the one that must stand on the card, whatever it costs.
  const asked = new Map(
    ready.flatMap(({ recipe }) => (house.must.includes(recipe.id) ? [[drinkKey(recipe), recipe.id]] : [])),
  );

  const best = new Map<string, { candidate: Candidate; pourable: Pourable; drink: Recipe; money: number }>();
  for (const pourable of ready) {
    const { recipe, figures, tastes, allergens, seconds } = pourable;
    if (kit.said && uncovered(pourable.needs, house.needs, kit).length > 0) continue;
    if (kit.said && !kit.glasses.some((g) => glassServes(pourable.served, g, kit.attitude))) continue;
    const fillings = pourable.slots.map((s) => (s.optional ? undefined : filler.fill(s)));
    if (pourable.slots.some((s, i) => !s.optional && fillings[i] === undefined)) continue;
    const drink = withFillings(recipe, fillings);
    const uses = usesOf(pourable, fillings, wares);
    const money = [...uses].reduce((sum, [w, amount]) => sum + moneyFor(wares.all[w] as Ware, amount * share), 0); // prettier-ignore
    const key = drinkKey(recipe);
    if ((asked.get(key) ?? recipe.id) !== recipe.id) continue;
    if (money >= (best.get(key)?.money ?? Infinity)) continue;
    const offered = { tastes, allergens, abv: figures.abv };
    const mixed = there.get(mixedKind(recipe.id))?.ml ?? 0;
    best.set(key, {
      ...{ money, pourable, drink },
      candidate: {
        id: recipe.id,
        finds: [...guests.map((g) => finds(g, offered)), ...(isSober ? [] : [figures.abv <= NO_ALCOHOL_ABV])],
        uses: [...uses].map(([ware, amount]) => ({ ware, amount })),
        mixed: mixed > 0 ? Math.floor(mixed / batchedGlassMl(drink, kinds) + 1e-9) : 0,
        parts: [...new Set(drink.slots.map((s) => numberOf(s.kind)))],
        work: Math.round(seconds),
        ...{ family: recipe.family, method: recipe.method, glass: recipe.glass },
      },
    });
  }
  const seats = guests.map((g) => ({ people: g.count, pours, wants: FINDS_EACH }));
  return {
    candidates: [...best.values()].map((b) => b.candidate),
    poured: new Map([...best.values()].map(({ candidate, pourable, drink }) => [candidate.id, { pourable, drink }])),
    seats: isSober ? seats : [...seats, { people: 1, pours: 0, wants: 1 }],
    ...{ wares: wares.all, size, must: house.must, never: house.never, order: house.order },
  }; // prettier-ignore
}

/** What a glass takes of each ware that may run short. */
function usesOf(
  { slots }: Pourable,
  fillings: readonly (Filling | undefined)[],
  wares: Wares,
): Map<number, number> {
  const uses = new Map<number, number>();
  slots.forEach((slot, i) => {
    fillings[i]?.kinds.forEach((kind, k) => {
      if (FROM_THE_TAP.has(kind)) return;
      const part = fillings[i]?.parts[k] ?? 1;
      const place = wares.placeOf(kind, slot.ml !== undefined);
      const ware = wares.all[place] as Ware;
      const ml = slot.ml === undefined ? undefined : slot.ml * part;
      const amount = amountOf(ware, { ml, pieces: slot.pieces * part });
      uses.set(place, (uses.get(place) ?? 0) + amount);
    });
  });
  return uses;
}
