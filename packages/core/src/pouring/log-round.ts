import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures } from '../drink/figures.js';
import { garnishTakes } from '../drink/garnish-takes.js';
import type { Bottle } from '../stock/bottle.js';
import { drawFrom, type DrawRequest, type BatchLeft, type DrawnFrom } from './draw.js';
import type { RoundInHand } from './round-in-hand.js';
import type { Order } from './poured-drink.js';
import type { Pour } from './pour.js';
import type { Round } from './round.js';
import { isMeasured } from './step.js';

/** When something is written down, and for which evening. */
export interface Written {
  at: string;
  on: string;
  newId: () => string;
}

/** What stands in the house when it is poured. */
export interface Stock {
  bottles: readonly Bottle[];
  batches: readonly BatchLeft[];
  kinds: ReadonlyMap<string, Kind>;
  /** What a ml of a bottle cost, by its id; undefined where nobody knows. */
  minorPerMl: (bottleId: string) => number | undefined;
  currency: string | null;
}

/** A drink poured, with what it asks of the stock. */
interface Poured {
  order: Order;
  /** What one glass of it was. */
  drink: Recipe;
  asked: DrawRequest[];
  glasses: number;
  round: string | null;
}

/** Entries of the log and the stock after them. */
export interface Logged extends Omit<DrawnFrom, 'parts'> {
  pours: Pour[];
}

/** What a drink asks for, as it is written, for so many glasses, garnish and all. */
function askedFor({ drink, count, from }: Order): DrawRequest[] {
  const poured = drink.slots.map(({ kind, amount }) => {
    const ml = amountMl(amount);
    const pieces = ml === undefined ? amount.value * count : 0;
    return { kind, ml: (ml ?? 0) * count, pieces, first: from };
  });
  return [...poured, ...dressing(drink, count)];
}

/**
 * What the garnishes take of what is counted. A twist takes nothing: it is cut first of a fruit that is pressed, or that
 * stands there peeled for the next drink.
 */
function dressing(drink: Recipe, glasses: number): DrawRequest[] {
  return garnishTakes(drink)
    .filter((g) => !g.isLeftOver)
    .map(({ kind, pieces }) => ({ kind, ml: 0, pieces: pieces * glasses, ifThere: true }));
}

/** Write drinks down one after the other, each from what the one before has left. */
function write(all: readonly Poured[], stock: Stock, { at, on, newId }: Written): Logged {
  let bottles = stock.bottles;
  let batches = stock.batches;
  const changed = new Map<string, Bottle>();
  const drained = new Map<string, number>();
  const pours = all.map(({ order, drink, asked, glasses, round }): Pour => {
    const drawn = drawFrom(asked, bottles, batches, stock.kinds, on);
    for (const bottle of drawn.bottles) changed.set(bottle.id, bottle);
    for (const [id, ml] of drawn.batches) drained.set(id, ml);
    bottles = bottles.map((b) => changed.get(b.id) ?? b);
    batches = batches.map((b) => ({ ...b, leftMl: drained.get(b.id) ?? b.leftMl }));
    const figures = drinkFigures(drink, asStrongAsDrawn(stock, drawn.parts));
    const cost = costOf(drawn.parts, stock);
    return {
      id: newId(),
      at,
      on,
      drink: order.of,
      name: order.drink.name,
      glasses,
      for: order.for,
      parts: drawn.parts,
      servedMl: figures.servedMl,
      abv: figures.abv,
      ethanolG: figures.ethanolG,
      costMinor: cost,
      currency: cost === null ? null : stock.currency,
      verdict: null,
      tasted: [],
      note: '',
      round,
    };
  });
  return { pours, bottles: [...changed.values()], batches: drained };
}

/** Kinds as strong as the bottles that were poured of them: two of one kind may differ. */
function asStrongAsDrawn(
  { bottles, kinds }: Pick<Stock, 'bottles' | 'kinds'>,
  parts: Pour['parts'],
): ReadonlyMap<string, Kind> {
  const strength = new Map(bottles.flatMap((b) => (b.abv === null ? [] : [[b.id, b.abv] as const])));
  if (strength.size === 0) return kinds;
  const own = parts.flatMap(({ kind: id, drawn }) => {
    const kind = kinds.get(id);
    const from = drawn.filter((d) => d.from === 'bottle' && d.ml > 0);
    const ml = from.reduce((sum, d) => sum + d.ml, 0);
    if (kind === undefined || ml === 0) return [];
    // A bottle whose label nobody read counts as strong as the kind is in this house.
    const abv = from.reduce((sum, d) => sum + d.ml * (strength.get(d.id) ?? kind.abv), 0) / ml;
    return [[id, { ...kind, abv }] as const];
  });
  return new Map([...kinds, ...own]);
}

function costOf(parts: Pour['parts'], { minorPerMl }: Stock): number | null {
  const known = parts.flatMap((p) =>
    p.drawn.flatMap((d) => (minorPerMl(d.id) === undefined ? [] : [d.ml * (minorPerMl(d.id) ?? 0)])),
  );
  return known.length === 0 ? null : Math.round(known.reduce((a, b) => a + b, 0));
}

/** One order written down with just what it draws. */
export function logDrawn(order: Order, asked: DrawRequest[], stock: Stock, written: Written): Logged {
  const { drink, count: glasses } = order;
  return write([{ order, drink, asked, glasses, round: null }], stock, written);
}

/**
 * Drinks written down as they are written, without steps: poured by heart, or yesterday.
 *
 * @example logOrders([{ drink: negroni, of: 'negroni', count: 2, for: ['Ann'] }], stock, written).pours.length // 1
 */
export function logOrders(orders: readonly Order[], stock: Stock, written: Written): Logged {
  const all = orders.map((order): Poured => ({
    order,
    drink: order.drink,
    asked: askedFor(order),
    glasses: order.count,
    round: null,
  }));
  return write(all, stock, written);
}

/** A round as far as its steps go. */
type RoundParts = Pick<RoundInHand, 'now'>;

/** What went into a drink's glasses in a round, by the place of the part: ml in all of them. */
function mlIn(round: Pick<Round, 'poured'>, inHand: RoundParts, order: number): Map<number, number> {
  const ml = new Map<number, number>();
  for (const step of inHand.now) {
    const poured = round.poured[step.id];
    if (step.order !== order || !isMeasured(step) || poured === undefined) continue;
    const all = poured * (step.into === 'glass' ? step.vessels : 1);
    ml.set(step.part.slot, (ml.get(step.part.slot) ?? 0) + all);
  }
  return ml;
}

/**
 * One glass of a drink of a round as it stands: what really went in, and of what is still to come what is asked for now.
 */
export function drinkInHand(round: Round, inHand: RoundParts, order: number): Recipe | undefined {
  const of = round.orders[order];
  if (of === undefined) return undefined;
  const asked = { ...round, poured: { ...askedNow(inHand, order), ...round.poured } };
  return withMl(of, mlIn(asked, inHand, order));
}

/** ml that each measured step of a drink asks for now. */
function askedNow({ now }: RoundParts, order: number): Record<string, number> {
  const ml = now.flatMap((s) =>
    s.order === order && isMeasured(s) && s.part.ml !== null ? [[s.id, s.part.ml] as const] : [],
  );
  return Object.fromEntries(ml);
}

/** One glass of an order with other ml of its measured parts, given for all its glasses. */
function withMl({ drink, count }: Order, ml: ReadonlyMap<number, number>): Recipe {
  const slots = drink.slots.map((slot, s) => {
    const inAll = ml.get(s);
    return inAll === undefined || inAll <= 0
      ? slot
      : { ...slot, amount: { value: inAll / count, measure: 'ml' as const } };
  });
  return { ...drink, slots };
}

/**
 * A round written down with what really went in, overshoot and all; what was poured off again came out of the bottles
 * too. A round that is given up half made is written down as nothing drunk.
 */
export function logRound(
  round: Round,
  inHand: RoundInHand,
  stock: Stock,
  written: Written,
  done = true,
): Logged {
  const all = round.orders.map((order, i): Poured => {
    const ml = mlIn(round, inHand, i);
    const isDone = (slot: number) =>
      done || inHand.now.some((s) => s.done && s.order === i && s.part?.slot === slot);
    const asked = order.drink.slots.flatMap(({ kind, amount }, slot): DrawRequest[] => {
      const written = amountMl(amount);
      if (!isDone(slot)) return [];
      return [
        {
          kind,
          ml: ml.get(slot) ?? (written ?? 0) * order.count,
          pieces: written === undefined ? amount.value * order.count : 0,
          first: order.from,
        },
      ];
    });
    return {
      order,
      drink: withMl(order, ml),
      asked: done ? [...asked, ...dressing(order.drink, order.count)] : asked,
      glasses: done ? order.count : 0,
      round: round.id,
    };
  });
  const off = Object.entries(round.off).map(([kind, ml]): DrawRequest => ({ kind, ml, pieces: 0 }));
  const [first, ...rest] = all;
  const withOff = first && off.length > 0 ? [{ ...first, asked: [...first.asked, ...off] }, ...rest] : all;
  return write(
    withOff.filter((p) => p.asked.length > 0),
    stock,
    written,
  );
}
