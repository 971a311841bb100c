import type { KitAttitude } from './attitude.js';
import { glassSuits, type ServedDrink, type Vesselled } from './serves.js';

/** A kind of glass that could be used: in the cupboard, on sale, or both. */
export interface GlassSource extends Vesselled {
  id: string;
  /** The household's glasses it stands for; absent for what is only on sale. */
  ownedId?: string;
  /** How many are in the cupboard. */
  owned: number;
  /** How it is sold: glasses in a set, and what that costs in minor units; undefined when it cannot be bought. */
  set: { pieces: number; priceMinor: number } | undefined;
}

/** Glasses of one kind for an evening. */
export interface GlassLot {
  source: GlassSource;
  /** Drinks served in it, by recipe id. */
  drinks: string[];
  needed: number;
  /** Glasses that are bought, in whole sets. */
  toBuy: number;
  costMinor: number;
}

export interface Glassware {
  lots: GlassLot[];
  costMinor: number;
  /** Drinks that no glass takes. */
  without: string[];
}

/**
 * Glasses needed when everyone drinks every drink of the menu once, in any order: never fewer than
 * there are guests, since all may hold one at once; without washing a fresh glass for each drink.
 */
export function glassesNeeded(drinks: number, guests: number, washRounds: number): number {
  return drinks === 0 ? 0 : Math.max(guests, Math.ceil((drinks * guests) / (washRounds + 1)));
}

/** Every way to choose `size` of `from`, in order. */
function* choices<T>(from: readonly T[], size: number, start = 0): Generator<T[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let i = start; i <= from.length - size; i++) {
    for (const rest of choices(from, size - 1, i + 1)) yield [from[i] as T, ...rest];
  }
}

interface Assigned {
  lots: GlassLot[];
  costMinor: number;
  glasses: number;
}

/** The cheapest way to serve drinks from these kinds of glass, each in one that takes it. */
function assign(
  fits: readonly { id: string; fit: ReadonlySet<GlassSource> }[],
  sources: readonly GlassSource[],
  guests: number,
  washRounds: number,
  mostMinor = Infinity,
): Assigned | undefined {
  const counts = sources.map(() => 0);
  const lotOf = (source: GlassSource, count: number) => {
    const needed = glassesNeeded(count, guests, washRounds);
    const lacking = Math.max(0, needed - source.owned);
    if (lacking === 0) return { needed, toBuy: 0, costMinor: 0 };
    if (source.set === undefined) return { needed, toBuy: lacking, costMinor: Infinity };
    const { pieces, priceMinor } = source.set;
    const sets = Math.ceil(lacking / pieces);
    return { needed, toBuy: sets * pieces, costMinor: sets * priceMinor };
  };
  let best: (Assigned & { places: number[] }) | undefined;
  const places: number[] = [];
  const total = () => sources.reduce((sum, s, i) => sum + lotOf(s, counts[i] ?? 0).costMinor, 0);
  const place = (d: number): void => {
    const cost = total();
    if (cost === Infinity || cost > (best?.costMinor ?? mostMinor)) return;
    const drink = fits[d];
    if (drink === undefined) {
      if (counts.some((c) => c === 0)) return;
      const glasses = sources.reduce((sum, s, i) => sum + lotOf(s, counts[i] ?? 0).needed, 0);
      if (best && (cost > best.costMinor || (cost === best.costMinor && glasses >= best.glasses))) return;
      const lots = sources.map((source, i) => ({
        source,
        drinks: fits.filter((_, f) => places[f] === i).map((f) => f.id),
        ...lotOf(source, counts[i] ?? 0),
      }));
      best = { lots, costMinor: cost, glasses, places: [...places] };
      return;
    }
    sources.forEach((source, i) => {
      if (!drink.fit.has(source)) return;
      counts[i] = (counts[i] ?? 0) + 1;
      places[d] = i;
      place(d + 1);
      counts[i] = (counts[i] ?? 0) - 1;
    });
  };
  place(0);
  return best;
}

/** A menu longer than this is not searched exhaustively; nobody serves so many. */
export const MAX_MENU_DRINKS = 10;
/** Where money comes first no more kinds than this are mixed, unless they must be. */
const MAX_KINDS = 3;

/** What comes first in choosing glasses: few kinds, or little money. */
export const GLASS_PRIORITIES = ['kinds', 'money'] as const;
export type GlassPriority = (typeof GLASS_PRIORITIES)[number];

/**
 * Which glasses serve a menu, and how many of each, exactly. Fewest kinds, then least money, then
 * fewest glasses; or, with money first, least money among ways with at most three kinds, then
 * fewest kinds, then fewest glasses.
 *
 * @throws RangeError for a menu of more than ten drinks.
 * @example chooseGlasses(served, glassSources(kit, prices), { guests: 6, washRounds: 1, attitude: 'home', first: 'money' })
 */
export function chooseGlasses(
  menu: readonly ServedDrink[],
  sources: readonly GlassSource[],
  {
    guests,
    washRounds,
    attitude,
    first,
  }: { guests: number; washRounds: number; attitude: KitAttitude; first: GlassPriority },
): Glassware {
  if (menu.length > MAX_MENU_DRINKS) throw new RangeError(`a menu has at most ${MAX_MENU_DRINKS} drinks`);
  const all = menu.map((drink) => ({
    id: drink.recipe.id,
    fit: new Set(
      sources.filter((s) => (s.owned > 0 || s.set !== undefined) && glassSuits(drink, s, attitude)),
    ),
  }));
  const fits = all.filter((d) => d.fit.size > 0);
  const without = all.filter((d) => d.fit.size === 0).map((d) => d.id);
  const useful = sources.filter((s) => fits.some((d) => d.fit.has(s)));
  let best: Assigned | undefined;
  for (let size = 0; size <= fits.length; size++) {
    for (const chosen of choices(useful, size)) {
      if (!fits.every((d) => chosen.some((s) => d.fit.has(s)))) continue;
      const found = assign(fits, chosen, guests, washRounds, best?.costMinor);
      if (found && isBetter(found, best)) best = found;
    }
    if (best && (first === 'kinds' || size >= MAX_KINDS || best.costMinor === 0)) break;
  }
  // Too few in the cupboard of what cannot be bought: say so rather than spill.
  if (best === undefined) return { lots: [], costMinor: 0, without: all.map((d) => d.id) };
  return { lots: best.lots, costMinor: best.costMinor, without };
}

/** Less money, then fewer kinds, then fewer glasses. */
function isBetter(a: Assigned, b: Assigned | undefined): boolean {
  if (b === undefined) return true;
  if (a.costMinor !== b.costMinor) return a.costMinor < b.costMinor;
  if (a.lots.length !== b.lots.length) return a.lots.length < b.lots.length;
  return a.glasses < b.glasses;
}

/** The fewest glass types that together take every drink that any of them takes; the first in order among equals. */
export function fewestTypes(
  drinks: readonly ServedDrink[],
  sources: readonly GlassSource[],
  attitude: KitAttitude,
): GlassSource[] {
  const masks = new Map<string, Set<number>>();
  for (const drink of drinks) {
    const fit = sources.flatMap((s, i) => (glassSuits(drink, s, attitude) ? [i] : []));
    if (fit.length > 0) masks.set(fit.join(), new Set(fit));
  }
  const order = sources.map((_, i) => i);
  for (let size = 0; size <= sources.length; size++) {
    for (const chosen of choices(order, size)) {
      if ([...masks.values()].every((fit) => chosen.some((i) => fit.has(i))))
        return chosen.map((i) => sources[i] as GlassSource);
    }
  }
  return [];
}
