import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { drinkKey } from '../catalogue/recipe.js';
import { glassServes } from '../glass/serves.js';
import type { Kit } from '../kit/kit.js';
import { coveredBy, needIndex } from '../kit/needs.js';
import type { AtHand } from '../stock/at-hand.js';
import { fruitOf } from './fruit.js';
import type { Filling } from './poured-drink.js';
import { kindsInHand, type Pourable, type PourableSlot, type Way } from './pourable.js';

/** What is in the house, to pour from. */
export interface InHouse {
  there: ReadonlyMap<string, AtHand>;
  /** Pieces of fresh things, by kind, of those that are counted. A fresh kind that nobody counts is taken as there. */
  freshPieces: ReadonlyMap<string, number>;
  kit: Kit;
}

/** A stand-in that a drink would be poured with. */
export interface PouredStandIn {
  /** What the recipe asks for, and what is poured. */
  asked: string;
  kinds: readonly string[];
  changes: string;
}

/** A drink that can be poured now. */
export interface PourNow {
  pourable: Pourable;
  /** 1 as it is written. */
  fit: number;
  /** Glasses of it before something runs out; Infinity where nothing was measured. */
  glasses: number;
  /** What runs out first. */
  runsOut: string | undefined;
  standIns: PouredStandIn[];
  /** Fresh things that nobody counts, and that have to be there. */
  ifThere: string[];
  /** What is poured for each slot, by its place. */
  fillings: ReadonlyMap<number, Filling>;
}

/** A drink that lacks exactly one thing: a kind, a tool's need, or a glass. */
export interface OneShort {
  pourable: Pourable;
  lacks: { is: 'kind' | 'need' | 'glass'; id: string };
}

/** What the house pours now. */
export interface PouringNow {
  /** One of each drink, variants counted once. */
  drinks: PourNow[];
  short: OneShort[];
}

/** Water comes from the tap. */
const FROM_THE_TAP = new Set(['still-water', 'hot-water']);

interface Found {
  fillings: Map<number, Filling>;
  usedMl: Map<string, number>;
  usedPieces: Map<string, number>;
  standIns: PouredStandIn[];
  ifThere: Set<string>;
  fit: number;
  missing: string[];
}

/**
 * What can be poured from what is here, exactly as written first, and what is one thing short. Each slot takes from
 * the best that holds enough for one glass; of variants of one drink the one that fits best.
 *
 * @param oneForTwo fit of a drink in which one bottle is poured for two that it asks for.
 * @example pourNow(ready, house, catalogue, kinds).drinks.length
 */
export function pourNow(
  ready: readonly Pourable[],
  house: InHouse,
  catalogue: Pick<Catalogue, 'techniques' | 'oneForTwo'>,
  kinds: ReadonlyMap<string, Kind>,
  minFit: number,
): PouringNow {
  const inHand = kindsInHand(house.there.keys(), kinds);
  const { kit } = house;
  const uncovered = new Set(
    kit.said ? [...needIndex(catalogue)].flatMap(([id, need]) => (coveredBy(need, kit) ? [] : [id])) : [],
  );
  const best = new Map<string, PourNow>();
  const short = new Map<string, OneShort>();
  /** Whether a kind is in hand at all, or may be: what is fresh, and the tap. */
  const mayBe = (id: string) => inHand.has(id) || FROM_THE_TAP.has(id) || kinds.get(id)?.supply === 'fresh';
  for (const pourable of ready) {
    const needs = uncovered.size === 0 ? [] : pourable.needs.filter((id) => uncovered.has(id));
    if (needs.length > 1 || lacksMore(pourable, 1 - needs.length, mayBe)) continue;
    const key = drinkKey(pourable.recipe);
    const found = fillingsOf(pourable, house, inHand, kinds, catalogue.oneForTwo);
    const glass = !kit.said || kit.glasses.some((g) => glassServes(pourable.served, g, kit.attitude));
    const tooFar = found.missing.length === 0 && found.fit < minFit;
    const lacks: OneShort['lacks'][] = [
      ...found.missing.map((id) => ({ is: 'kind' as const, id })),
      ...needs.map((id) => ({ is: 'need' as const, id })),
      ...(glass ? [] : [{ is: 'glass' as const, id: pourable.recipe.glass }]),
    ];
    const [only] = lacks;
    if (only === undefined && !tooFar) {
      const now = asPoured(pourable, found, house);
      const other = best.get(key);
      if (other === undefined || now.fit > other.fit) best.set(key, now);
    } else if (only !== undefined && lacks.length === 1 && !short.has(key))
      short.set(key, { pourable, lacks: only });
  }
  return { drinks: [...best.values()], short: [...short].flatMap(([key, s]) => (best.has(key) ? [] : [s])) };
}

/** Whether more than so many slots have nothing in hand that would fill them, however little of it there is. */
function lacksMore({ slots }: Pourable, most: number, mayBe: (id: string) => boolean): boolean {
  let lacks = 0;
  for (const { optional, ways } of slots)
    if (!optional && !ways.some((w) => w.kinds.every(mayBe)) && (lacks += 1) > most) return true;
  return false;
}

/** What fills each slot of a drink. */
function fillingsOf(
  pourable: Pourable,
  house: InHouse,
  inHand: ReadonlyMap<string, readonly string[]>,
  kinds: ReadonlyMap<string, Kind>,
  oneForTwo: number,
): Found {
  const found: Found = {
    ...{ fillings: new Map(), usedMl: new Map(), usedPieces: new Map(), standIns: [], ifThere: new Set() },
    ...{ fit: 1, missing: [] },
  };
  const wishes = new Map<string, string>();
  for (const slot of pourable.slots) {
    const asked = slot.ways[0]?.kinds[0] ?? '';
    const filled = slot.ways.reduce<{ way: Way; kinds: string[] } | undefined>(
      (done, way) => done ?? fill(slot, way, found, house, inHand, kinds),
      undefined,
    );
    if (filled === undefined) {
      if (!slot.optional) found.missing.push(asked);
      continue;
    }
    const { way, kinds: poured } = filled;
    found.fillings.set(slot.place, { kinds: poured, parts: way.parts });
    poured.forEach((kind, i) => take(slot, kind, way.parts[i] ?? 1, found, house, kinds));
    if (slot.optional) continue;
    found.fit = Math.min(found.fit, way.fit);
    if (way.changes !== undefined) found.standIns.push({ asked, kinds: poured, changes: way.changes });
    // One bottle for two that the drink asks for makes a simpler drink.
    for (const kind of poured) {
      if (kinds.get(kind)?.supply === 'fresh') continue;
      const before = wishes.get(kind);
      if (before !== undefined && before !== slot.wish) found.fit = Math.min(found.fit, oneForTwo);
      wishes.set(kind, slot.wish);
    }
  }
  return found;
}

/** A way with what is in hand: the kind itself before others of its family, then whichever holds most. */
function fill(
  slot: PourableSlot,
  way: Way,
  found: Found,
  house: InHouse,
  inHand: ReadonlyMap<string, readonly string[]>,
  kinds: ReadonlyMap<string, Kind>,
): { way: Way; kinds: string[] } | undefined {
  const poured: string[] = [];
  for (const [i, asked] of way.kinds.entries()) {
    if (FROM_THE_TAP.has(asked)) {
      poured.push(asked);
      continue;
    }
    const need = (slot.ml ?? 0) * (way.parts[i] ?? 1);
    const left = (id: string) => (house.there.get(id)?.ml ?? 0) - (found.usedMl.get(id) ?? 0);
    const holds = (inHand.get(asked) ?? []).filter(
      (id) => house.there.get(id)?.unmeasured || left(id) >= need,
    );
    const kind = holds.includes(asked) ? asked : [...holds].sort((a, b) => left(b) - left(a))[0];
    if (kind !== undefined) poured.push(kind);
    else if (kinds.get(asked)?.supply === 'fresh' && hasPieces(slot, asked, found, house)) poured.push(asked);
    else return undefined;
  }
  return { way, kinds: poured };
}

const piecesFor = (slot: PourableSlot, kind: string, part: number) =>
  slot.ml === undefined ? slot.pieces * part : (fruitOf(kind, slot.ml * part) ?? 1);

function hasPieces(slot: PourableSlot, kind: string, found: Found, { freshPieces }: InHouse): boolean {
  const there = freshPieces.get(kind);
  return (
    there === undefined || there - (found.usedPieces.get(kind) ?? 0) >= Math.min(1, piecesFor(slot, kind, 1))
  );
}

function take(
  slot: PourableSlot,
  kind: string,
  part: number,
  found: Found,
  house: InHouse,
  kinds: ReadonlyMap<string, Kind>,
): void {
  if (FROM_THE_TAP.has(kind)) return;
  if (house.there.has(kind)) found.usedMl.set(kind, (found.usedMl.get(kind) ?? 0) + (slot.ml ?? 0) * part);
  else if (kinds.get(kind)?.supply === 'fresh') {
    if (house.freshPieces.has(kind))
      found.usedPieces.set(kind, (found.usedPieces.get(kind) ?? 0) + piecesFor(slot, kind, part));
    else if (!slot.optional) found.ifThere.add(kind);
  }
}

function asPoured(pourable: Pourable, found: Found, { there, freshPieces }: InHouse): PourNow {
  let glasses = Infinity;
  let runsOut: string | undefined;
  const last = (kind: string, has: number, takes: number) => {
    const of = takes > 0 ? Math.floor(has / takes + 1e-9) : Infinity;
    if (of >= glasses) return;
    glasses = of;
    runsOut = kind;
  };
  for (const [kind, ml] of found.usedMl) {
    const at = there.get(kind);
    if (at && !at.unmeasured) last(kind, at.ml, ml);
  }
  for (const [kind, pieces] of found.usedPieces)
    last(kind, freshPieces.get(kind) ?? 0, juiced(pourable, kind, pieces));
  return {
    ...{ pourable, fit: found.fit, glasses: Math.max(1, glasses), runsOut, standIns: found.standIns },
    ...{ ifThere: [...found.ifThere], fillings: found.fillings },
  };
}

/** Pieces that one of many glasses takes: two halves are one fruit. */
function juiced({ slots }: Pourable, kind: string, pieces: number): number {
  const ml = slots.reduce(
    (sum, s) => (s.ways.some((w) => w.kinds.includes(kind)) ? sum + (s.ml ?? 0) : sum),
    0,
  );
  const whole = fruitOf(kind, ml * 10);
  return whole === undefined || ml === 0 ? pieces : whole / 10;
}
