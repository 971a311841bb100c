import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';
import { inGlass, type InGlass } from '../drink/in-glass.js';
import { glassServes } from '../glass/serves.js';
import { hasThingFor } from '../kit/hands.js';
import { coveredBy, needIndex } from '../kit/needs.js';
import { countedAs } from '../stock/whole.js';
import { fruitOf } from './fruit.js';
import { withHouseSyrup } from '../bench/house-syrup.js';
import { withFillings, withMist, type Filling } from './poured-drink.js';
import { Taken } from './taken.js';
import type { InHouse, OneShort, PouredStandIn, PourNow, PouringNow } from './pouring-now.js';
import { inHandInOrder, isAlwaysThere, type Pourable, type PourableSlot, type SlotWay } from './pourable.js';

/** What is found of one drink. */
interface Found {
  fillings: (Filling | undefined)[];
  standIns: PouredStandIn[];
  ifThere: string[];
  match: number;
  missing: string[];
}

/** Looks drinks up, one after the other, against one stock. */
class Looking {
  /** By what is asked for: what is in hand of it, the kind itself first, then whichever holds most. */
  private readonly inHand: Map<string, string[]>;
  private readonly ml = new Taken();
  private readonly pieces = new Taken();
  /** The same of one of many glasses. */
  private readonly average = new Taken();
  private readonly poured: string[] = [];
  private readonly wishes: string[] = [];
  /** One filling a kind, shared by all that pour it by itself. */
  private readonly plain = new Map<string, Filling>();

  constructor(
    private readonly house: InHouse,
    private readonly kinds: ReadonlyMap<string, Kind>,
    private readonly oneForTwo: number,
    private readonly sprays: boolean,
  ) {
    this.inHand = inHandInOrder(house.there, kinds);
  }

  /** Whether a kind is in hand at all, or may be: what is fresh, and the tap. */
  readonly mayBe = (id: string): boolean => this.inHand.has(id) || isAlwaysThere(this.kinds.get(id));

  /** What fills each slot of a drink. */
  find({ slots }: Pourable): Found {
    const found: Found = { fillings: [], standIns: [], ifThere: [], match: 1, missing: [] };
    this.ml.clear();
    this.pieces.clear();
    this.average.clear();
    this.poured.length = 0;
    this.wishes.length = 0;
    for (const slot of slots) {
      let filling: Filling | undefined;
      let way: SlotWay | undefined;
      for (way of slot.ways) if ((filling = this.fill(slot, way)) !== undefined) break;
      if (filling === undefined || way === undefined) {
        if (!slot.optional) found.missing.push(slot.ways[0]?.kinds[0] ?? '');
        continue;
      }
      found.fillings[slot.place] = filling;
      // A drink is poured without what is optional in it: that takes nothing away from how many there are.
      if (slot.optional) continue;
      this.take(slot, filling, found);
      found.match = Math.min(found.match, way.match, this.simpler(slot, filling));
      if (way.changes !== undefined)
        found.standIns.push({
          asked: slot.ways[0]?.kinds[0] ?? '',
          kinds: filling.kinds,
          changes: way.changes,
        });
    }
    return found;
  }

  /** A way with what is in hand, if it holds enough for one glass beside what the drink takes already. */
  private fill(slot: PourableSlot, way: SlotWay): Filling | undefined {
    const [first] = way.kinds;
    if (way.kinds.length === 1 && first !== undefined) {
      const kind = this.inHandOf(slot, first, way.parts[0] ?? 1);
      if (kind === undefined) return undefined;
      if (way.parts[0] !== 1) return { kinds: [kind], parts: way.parts };
      const known = this.plain.get(kind) ?? { kinds: [kind], parts: [1] };
      this.plain.set(kind, known);
      return known;
    }
    const kinds: string[] = [];
    for (let i = 0; i < way.kinds.length; i++) {
      const kind = this.inHandOf(slot, way.kinds[i] as string, way.parts[i] ?? 1);
      if (kind === undefined) return undefined;
      kinds.push(kind);
    }
    return { kinds, parts: way.parts };
  }

  private inHandOf(slot: PourableSlot, asked: string, part: number): string | undefined {
    const need = (slot.ml ?? 0) * part;
    for (const id of this.inHand.get(asked) ?? NONE) {
      const at = this.house.there.get(id);
      if (at && (at.unmeasured || at.ml - this.ml.of(id) >= need)) return id;
    }
    const kind = this.kinds.get(asked);
    if (kind?.fromTap) return asked;
    if (kind?.supply !== 'fresh') return undefined;
    const from = countedAs(asked, this.kinds, this.house.freshPieces);
    const pieces = this.house.freshPieces.get(from.kind);
    const takes = Math.min(1, piecesFor(slot, kind, 1) / from.each);
    return pieces === undefined || pieces - this.pieces.of(from.kind) >= takes ? asked : undefined;
  }

  private take(slot: PourableSlot, { kinds, parts }: Filling, found: Found): void {
    for (let i = 0; i < kinds.length; i++) {
      const kind = kinds[i] as string;
      const part = parts[i] ?? 1;
      if (this.house.there.has(kind)) this.ml.add(kind, (slot.ml ?? 0) * part);
      else if (this.kinds.get(kind)?.fromTap) continue;
      else {
        const from = countedAs(kind, this.kinds, this.house.freshPieces);
        const known = this.kinds.get(kind);
        if (this.house.freshPieces.has(from.kind)) {
          this.pieces.add(from.kind, piecesFor(slot, known, part) / from.each);
          this.average.add(from.kind, piecesOnAverage(slot, known, part) / from.each);
        } else if (!found.ifThere.includes(kind)) found.ifThere.push(kind);
      }
    }
  }

  /** One bottle for two that the drink asks for makes a simpler drink. */
  private simpler(slot: PourableSlot, { kinds }: Filling): number {
    let match = 1;
    for (const kind of kinds) {
      if (this.kinds.get(kind)?.supply === 'fresh') continue;
      const before = this.poured.indexOf(kind);
      if (before >= 0 && this.wishes[before] !== slot.wish) match = this.oneForTwo;
      this.poured.push(kind);
      this.wishes.push(slot.wish);
    }
    return match;
  }

  /** The drink that was found last, with what is in a glass of it, and how many glasses there are. */
  asPoured(pourable: Pourable, { fillings, standIns, ifThere, match }: Found): PourNow {
    const { there, freshPieces, houseSyrupRatio } = this.house;
    const { kinds, sprays } = this;
    // Of thousands that pour, a page looks into some: each glass when it is asked for, and once.
    let drink: Recipe | undefined;
    let glass: InGlass | undefined;
    let glasses = Infinity;
    let runsOut: string | undefined;
    const last = (kind: string, has: number, takes: number) => {
      const of = takes > 0 ? Math.floor(has / takes + 1e-9) : Infinity;
      if (of >= glasses) return;
      glasses = of;
      runsOut = kind;
    };
    this.ml.kinds.forEach((kind, i) => {
      const at = there.get(kind);
      if (at && !at.unmeasured) last(kind, at.ml, this.ml.amounts[i] ?? 0);
    });
    this.average.kinds.forEach((kind, i) =>
      last(kind, freshPieces.get(kind) ?? 0, this.average.amounts[i] ?? 0),
    );
    return {
      pourable,
      match,
      glasses: Math.max(1, glasses),
      runsOut,
      standIns,
      ifThere,
      fillings,
      get drink() {
        if (drink === undefined) {
          const filled = withFillings(pourable.recipe, fillings);
          drink = withHouseSyrup(sprays ? withMist(filled) : filled, houseSyrupRatio, kinds).recipe;
        }
        return drink;
      },
      get glass() {
        glass ??= inGlass(this.drink, kinds);
        return glass;
      },
    };
  }
}

const NONE: readonly string[] = [];
/** So many glasses are many. */
const MANY = 10;

const piecesFor = (slot: PourableSlot, kind: Kind | undefined, part: number) =>
  slot.ml === undefined ? slot.pieces * part : (fruitOf(kind, slot.ml * part) ?? 1);

/** Pieces that one of many glasses takes: two halves are one fruit. */
const piecesOnAverage = (slot: PourableSlot, kind: Kind | undefined, part: number) =>
  slot.ml === undefined ? slot.pieces * part : (fruitOf(kind, slot.ml * part * MANY) ?? MANY) / MANY;

/** The one thing that a drink lacks. */
function lackOf({ missing: [kind] }: Found, [need]: readonly string[], { glass }: Recipe): OneShort['lacks'] {
  if (kind !== undefined) return { is: 'kind', id: kind };
  return need === undefined ? { is: 'glass', id: glass } : { is: 'need', id: need };
}

/** Whether more than so many slots have nothing in hand that would fill them, however little of it there is. */
function lacksMore({ slots }: Pourable, most: number, mayBe: (id: string) => boolean): boolean {
  let lacks = 0;
  for (const { optional, ways } of slots)
    if (!optional && !ways.some((w) => w.kinds.every(mayBe)) && (lacks += 1) > most) return true;
  return false;
}

/** A drink that pours, or lacks one thing; undefined where it lacks more. */
function judge(
  pourable: Pourable,
  { kit, poured: times }: InHouse,
  looking: Looking,
  uncovered: ReadonlySet<string>,
  minMatch: number,
): { now?: PourNow; short?: OneShort } | undefined {
  const { recipe, served } = pourable;
  const poured = times?.get(recipe.id) ?? 0;
  // Whoever made it here before had what it takes.
  const isMade = poured > 0;
  const needs = uncovered.size === 0 || isMade ? NONE : pourable.needs.filter((id) => uncovered.has(id));
  if (needs.length > 1 || lacksMore(pourable, 1 - needs.length, looking.mayBe)) return undefined;
  const found = looking.find(pourable);
  // What is hot cracks a glass that is not meant for it, whatever it was poured into before.
  const isGlassFree = !kit.said || (isMade && !served.hot);
  const glass = isGlassFree || kit.glasses.some((g) => glassServes(served, g, kit.attitude));
  const lacks = found.missing.length + needs.length + (glass ? 0 : 1);
  const isMatch = found.match >= minMatch;
  if (lacks === 0) return isMatch ? { now: looking.asPoured(pourable, found) } : undefined;
  if (lacks > 1) return undefined;
  const isAnyway = found.missing.length === 0 && isMatch && (glass || !served.hot);
  const anyway = isAnyway ? looking.asPoured(pourable, found) : undefined;
  return { short: { pourable, poured, lacks: lackOf(found, needs, recipe), anyway } };
}

/**
 * What can be poured from what is here, exactly as written first, and what is one thing short. Each slot takes from
 * the best that holds enough for one glass; of variants of one drink the one that matches best.
 *
 * @param minMatch the least match of a stand-in, and of a drink.
 * @example pourNow(ready, house, catalogue, kinds, 0.75).drinks.length
 */
export function pourNow(
  ready: readonly Pourable[],
  house: InHouse,
  catalogue: Pick<Catalogue, 'techniques' | 'oneForTwo'>,
  kinds: ReadonlyMap<string, Kind>,
  minMatch: number,
): PouringNow {
  const { kit } = house;
  const uncovered = new Set(
    kit.said ? [...needIndex(catalogue)].flatMap(([id, need]) => (coveredBy(need, kit) ? [] : [id])) : [],
  );
  const sprays = kit.said && hasThingFor('spray', kit, catalogue);
  const looking = new Looking(house, kinds, catalogue.oneForTwo, sprays);
  const ways = new Map<string, PourNow[]>();
  const short = new Map<string, OneShort>();
  for (const pourable of ready) {
    const judged = judge(pourable, house, looking, uncovered, minMatch);
    const key = drinkKey(pourable.recipe);
    if (judged?.now) ways.set(key, [...(ways.get(key) ?? []), judged.now]);
    else if (judged?.short && (short.get(key)?.poured ?? -1) < judged.short.poured)
      short.set(key, judged.short);
  }
  const sorted = [...ways].map(([key, all]) => [key, [...all].sort((a, b) => b.match - a.match)] as const);
  const best = new Map(sorted.flatMap(([key, [first]]) => (first ? [[key, first] as const] : [])));
  return {
    variants: new Map(
      sorted.flatMap(([key, [, ...others]]) => (others.length > 0 ? [[key, others] as const] : [])),
    ),
    drinks: [...best.values()],
    short: [...short].flatMap(([key, s]) => (best.has(key) ? [] : [s])),
  };
}
