import type { Catalogue } from '../catalogue/catalogue.js';
import { daysOnceOpen, type Kind } from '../catalogue/kind.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import type { PlanResult } from './answer.js';
import type { Brief } from './brief.js';
import { freshMinorOf } from './fresh.js';
import { poursOfSet, type DrinkPours } from './pours-of-set.js';

/** How far a bottle of a set goes, or the bottles of one kind. */
export interface BottleLasts {
  itemId: string;
  kindId: string;
  ml: number;
  /** Drinks in it: its ml by what one drink pours of it, on average over those that do. */
  drinksIn: number;
  /** Glasses poured from the whole set until it is empty, every drink as likely as any other. */
  untilEmpty: number;
  /** Glasses poured from the whole set until it has gone off, where that is sooner. */
  untilOff?: number;
}

/** Glasses until a bottle is of no more use: empty, or gone off. */
export function untilOut({ untilEmpty, untilOff = Infinity }: BottleLasts): number {
  return Math.min(untilEmpty, untilOff);
}

/** What a set pours before something is out, and what a glass comes to. */
export interface Enough {
  /** Bottles and mixers that something is poured from, the soonest empty first. */
  bottles: BottleLasts[];
  /** The first of the bottles to be out; mixers run out sooner, and are cheap. */
  first?: BottleLasts;
  /** Glasses that its bottles pour in all, one drink after another in turn; mixers, syrups and fruit are bought again. */
  glassesInAll: number;
  /** Drinks it makes, variants counted once, and at least how many of them can be poured once each. */
  drinks: number;
  onceEach: number;
  /** An average glass of them as it is poured, at what its bottles cost, minor units; and what of it is bought fresh. */
  glassMinor: number;
  freshMinor: number;
}

/**
 * What a set pours, from whole bottles: what is owned already is taken as full, what is made at home can be
 * made again.
 *
 * What goes off is counted at the brief's glasses a week, from the day that all is opened.
 *
 * @example enoughOf(result, catalogue, recipes, kinds, prices, brief).onceEach
 */
export function enoughOf(
  result: Pick<PlanResult, 'answer' | 'inUse' | 'items'>,
  catalogue: Pick<Catalogue, 'kinds' | 'standIns' | 'oneForTwo'>,
  recipes: ReadonlyMap<string, Recipe>,
  kinds: ReadonlyMap<string, Kind>,
  prices: PriceList,
  brief: Pick<Brief, 'attitude' | 'drinksPerWeek' | 'keepsWine'>,
): Enough {
  const { items, menu, pours } = poursOfSet(result, catalogue, recipes, kinds, brief);
  const volumes = new Map(
    items.flatMap((i) => (i.made || i.bottle === undefined ? [] : [[i.id, i.bottle.ml] as const])),
  );
  const lifeDays = ({ kindId, bottle }: (typeof items)[number]) => {
    const kind = kinds.get(kindId);
    // A mixer is bought again, a can at a time.
    return kind?.supply === 'bottle' ? daysOnceOpen(kind, bottle) : undefined;
  };
  const bottles = items
    .flatMap((item): BottleLasts[] => {
      const ml = volumes.get(item.id);
      const by = pours.flatMap((p) => p.get(item.id) ?? []);
      if (ml === undefined || by.length === 0) return [];
      const poured = by.reduce((sum, p) => sum + p, 0);
      const untilEmpty = ml / (poured / menu.length);
      const untilOff = ((lifeDays(item) ?? Infinity) / 7) * brief.drinksPerWeek;
      return [
        {
          itemId: item.id,
          kindId: item.kindId,
          ml,
          drinksIn: ml / (poured / by.length),
          untilEmpty,
          ...(untilOff < untilEmpty ? { untilOff } : {}),
        },
      ];
    })
    .sort((a, b) => untilOut(a) - untilOut(b) || (a.itemId < b.itemId ? -1 : 1));
  const isBottle = (itemId: string) => {
    const item = items.find((i) => i.id === itemId);
    return kinds.get(item?.kindId ?? '')?.supply === 'bottle';
  };
  const bottleVolumes = new Map([...volumes].filter(([id]) => isBottle(id)));
  const first = bottles.find((b) => kinds.get(b.kindId)?.supply === 'bottle');
  const perMl = new Map(items.flatMap((i) => (i.bottle ? [[i.id, i.bottle.priceMinor / i.bottle.ml]] : [])));
  const bottled = pours.flatMap((p) => [...p].map(([id, ml]) => ml * (perMl.get(id) ?? 0)));
  const freshMinor = freshMinorOf(menu, prices, kinds, brief);
  const bottledMinor = menu.length === 0 ? 0 : bottled.reduce((sum, p) => sum + p, 0) / menu.length;
  return {
    bottles,
    ...(first ? { first } : {}),
    glassesInAll: pouredInTurn(pours, bottleVolumes),
    drinks: menu.length,
    onceEach: pouredOnce(pours, volumes),
    glassMinor: bottledMinor + freshMinor,
    freshMinor,
  };
}

/** Glasses poured, one drink after another in turn, until none can be poured any more. */
function pouredInTurn(pours: readonly DrinkPours[], volumes: ReadonlyMap<string, number>): number {
  const left = new Map(volumes);
  // What takes nothing that can run out could be poured for ever.
  let open = pours.filter((drink) => [...drink.keys()].some((id) => left.has(id)));
  let poured = 0;
  const isThere = (drink: DrinkPours) => [...drink].every(([id, ml]) => (left.get(id) ?? Infinity) >= ml);
  while (open.length > 0) {
    open = open.filter(isThere);
    for (const drink of open) {
      if (!isThere(drink)) continue;
      for (const [id, ml] of drink) if (left.has(id)) left.set(id, (left.get(id) as number) - ml);
      poured += 1;
    }
  }
  return poured;
}

/**
 * How many drinks can be poured once each: always the one next that takes the least share of what is
 * left of its scarcest bottle. So many can be; perhaps one or two more.
 */
function pouredOnce(pours: readonly DrinkPours[], volumes: ReadonlyMap<string, number>): number {
  const left = new Map(volumes);
  const open = [...pours];
  const shareOf = (drink: DrinkPours) =>
    Math.max(0, ...[...drink].map(([id, ml]) => ml / (left.get(id) ?? Infinity)));
  let poured = 0;
  while (open.length > 0) {
    const shares = open.map(shareOf);
    const least = shares.indexOf(Math.min(...shares));
    if ((shares[least] as number) > 1) break;
    for (const [id, ml] of open[least] as DrinkPours) left.set(id, (left.get(id) ?? Infinity) - ml);
    open.splice(least, 1);
    poured += 1;
  }
  return poured;
}
