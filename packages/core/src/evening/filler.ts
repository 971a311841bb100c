import { kindAndAncestors } from '../catalogue/catalogue.js';
import { withHouseSyrup } from '../bench/house-syrup.js';
import { mixedKind } from '../mixed/batched.js';
import { inGlass, type InGlass } from '../drink/in-glass.js';
import {
  inHandInOrder,
  strongestFilling,
  wayInHand,
  type Pourable,
  type PourableSlot,
  type WayInHand,
} from '../pouring/pourable.js';
import { withFillings, type Filling } from '../pouring/poured-drink.js';
import { amountOf, moneyFor, NOT_SOLD_MINOR, wareOf, type EveningWare, type WareHouse } from './ware.js';

/** Wares of a house, looked up once each. */
export class Wares {
  readonly all: EveningWare[] = [];
  private readonly places = new Map<string, number>();
  constructor(private readonly house: WareHouse) {}

  placeOf(kind: string, isPoured: boolean): number {
    const known = this.places.get(kind) ?? this.all.push(wareOf(kind, isPoured, this.house)) - 1;
    this.places.set(kind, known);
    return known;
  }
  of(kind: string, isPoured: boolean): EveningWare {
    return this.all[this.placeOf(kind, isPoured)] as EveningWare;
  }
  /** Nobody buys it, and it never runs short. */
  isFree(kind: string): boolean {
    return this.house.kinds.get(kind)?.fromTap === true;
  }
}

/** A drink as it would be poured at an evening, and what is in a glass of it. */
export interface FilledDrink {
  /** By the place of the slot. */
  fillings: (Filling | undefined)[];
  glass: InGlass;
}

/** What a slot is filled with, and all that may be poured in its place before the evening is over. */
interface Filled {
  filling: Filling | undefined;
  /** Ways to fill it by what is in hand, up to the one that lasts. */
  inHand: WayInHand[];
}

/** Fills the slots of drinks, one after the other, for their share of the pours. */
export class Filler {
  private readonly inHand: Map<string, string[]>;
  private readonly sold = new Map<string, string[]>();

  constructor(
    private readonly house: WareHouse & { houseSyrupRatio: number | null },
    private readonly wares: Wares,
    private readonly share: number,
  ) {
    const { there, kinds, prices } = house;
    this.inHand = inHandInOrder(there, kinds);
    for (const bottle of prices.bottles)
      if (bottle.tier === 'mixing')
        for (const asked of kindAndAncestors(bottle.kind, kinds))
          this.sold.set(asked, [...new Set([...(this.sold.get(asked) ?? []), bottle.kind])]);
  }

  /**
   * A drink with what costs least in each place, what is written before what stands in; undefined where something is
   * neither here nor sold. It is judged by all that may be poured for it: the bottle in hand may run out, another of
   * the kind or a stand-in come next, and what is left to taste goes in where it is here.
   */
  fillDrink(pourable: Pourable): FilledDrink | undefined {
    const { recipe, slots } = pourable;
    const each = slots.map((slot) => this.fill(slot));
    if (slots.some((slot, i) => !slot.optional && each[i]?.filling === undefined)) return undefined;
    const filled = this.lasting(pourable, each);
    const { kinds, houseSyrupRatio, there } = this.house;
    const fillings = filled.map((f) => f.filling);
    const strongest = filled.map(({ filling, inHand }) => {
      const chosen = filling ? [{ kinds: filling.kinds.map((id) => [id]), parts: filling.parts }] : [];
      return strongestFilling([...chosen, ...inHand], kinds);
    });
    const asPoured = (of: readonly (Filling | undefined)[]) =>
      withHouseSyrup(withFillings(recipe, of), houseSyrupRatio, kinds).recipe;
    const mixed = (there.get(mixedKind(recipe.id))?.ml ?? 0) > 0 ? [mixedKind(recipe.id)] : [];
    const mayBe = [...new Set([...filled.flatMap((f) => f.inHand.flatMap((w) => w.kinds.flat())), ...mixed])];
    const glass = inGlass(asPoured(fillings), kinds, { kinds: mayBe, strongest: asPoured(strongest) });
    return { fillings, glass };
  }

  /**
   * A bottle that lasts for either of two parts need not last for both: where it does not, whatever of the ways of both is
   * in hand may be poured.
   */
  private lasting({ slots }: Pourable, each: readonly Filled[]): Filled[] {
    const uses = usesOf(
      slots,
      each.map((f) => f.filling),
      this.wares,
    );
    return slots.map((slot, i) => {
      const { filling, inHand } = each[i] as Filled;
      const isShort = filling?.kinds.some((kind) => {
        if (this.wares.isFree(kind)) return false;
        const place = this.wares.placeOf(kind, slot.ml !== undefined);
        return moneyFor(this.wares.all[place] as EveningWare, (uses.get(place) ?? 0) * this.share) > 0;
      });
      return { filling, inHand: isShort ? slot.ways.flatMap((way) => this.inHandOf(way)) : inHand };
    });
  }

  /** What of a way is in hand may be poured, however little of it there is. */
  private inHandOf(way: PourableSlot['ways'][number]): WayInHand[] {
    return [wayInHand(way, this.inHand, this.house.kinds) ?? []].flat();
  }

  private fill(slot: PourableSlot): Filled {
    let best: { filling: Filling; money: number } | undefined;
    const inHand: WayInHand[] = [];
    for (const way of slot.ways) {
      const { kinds, parts } = way;
      inHand.push(...this.inHandOf(way));
      const chosen = kinds.map((asked, i) => this.choose(slot, asked, parts[i] ?? 1));
      if (chosen.some((c) => c === undefined)) continue;
      const money = chosen.reduce((sum, c) => sum + (c?.money ?? 0), 0);
      // Nothing is bought for what is left to taste.
      if (money > 0 && slot.optional) continue;
      if (best === undefined || money < best.money)
        best = { filling: { kinds: chosen.map((c) => c?.kind ?? ''), parts }, money };
      if (money === 0) break;
    }
    return { filling: best?.filling, inHand };
  }

  /** The kind that costs least: what is in hand before what is to be bought. */
  private choose(
    slot: PourableSlot,
    asked: string,
    part: number,
  ): { kind: string; money: number } | undefined {
    const known = this.house.kinds.get(asked);
    if (known?.fromTap) return { kind: asked, money: 0 };
    const fresh = known?.supply === 'fresh' ? [asked] : [];
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

/** What a glass takes of each ware that may run short, by its place among them. */
export function usesOf(
  slots: Pourable['slots'],
  fillings: readonly (Filling | undefined)[],
  wares: Wares,
): Map<number, number> {
  const uses = new Map<number, number>();
  slots.forEach((slot, i) => {
    fillings[i]?.kinds.forEach((kind, k) => {
      if (wares.isFree(kind)) return;
      const part = fillings[i]?.parts[k] ?? 1;
      const place = wares.placeOf(kind, slot.ml !== undefined);
      const ware = wares.all[place] as EveningWare;
      const ml = slot.ml === undefined ? undefined : slot.ml * part;
      const amount = amountOf(ware, { ml, pieces: slot.pieces * part });
      uses.set(place, (uses.get(place) ?? 0) + amount);
    });
  });
  return uses;
}
