import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import type { PlanResult } from './answer.js';
import { freshMinorOf } from './fresh.js';
import { poursOfSet, type Pours } from './pours-of-set.js';

/** How far a bottle of a set goes, or the bottles of one kind. */
export interface BottleLasts {
  itemId: string;
  kindId: string;
  ml: number;
  /** Drinks in it: its ml by what one drink pours of it, on average over those that do. */
  drinksIn: number;
  /** Drinks poured from the whole set until it is empty, every open drink as likely as any other. */
  untilEmpty: number;
}

/** What a set pours before something is out, and what a glass comes to. */
export interface Enough {
  /** Bottles and mixers that something is poured from, the soonest empty first. */
  bottles: BottleLasts[];
  /** The first of the bottles to be out; mixers run out sooner, and are cheap. */
  first?: BottleLasts;
  /** Open drinks, variants counted once, and at least how many of them can be poured once each. */
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
 * @param minFit the least fit of a stand-in.
 * @example enoughOf(result, catalogue, recipes, kinds, prices, 0.75).onceEach
 */
export function enoughOf(
  result: Pick<PlanResult, 'answer' | 'inUse' | 'items'>,
  catalogue: Pick<Catalogue, 'kinds' | 'standIns' | 'oneForTwo'>,
  recipes: ReadonlyMap<string, Recipe>,
  kinds: ReadonlyMap<string, Kind>,
  prices: PriceList,
  minFit: number,
): Enough {
  const { items, menu, pours } = poursOfSet(result, catalogue, recipes, kinds, minFit);
  const volumes = new Map(
    items.flatMap((i) => (i.made || i.bottle === undefined ? [] : [[i.id, i.bottle.ml * i.count] as const])),
  );
  const bottles = items
    .flatMap((item): BottleLasts[] => {
      const ml = volumes.get(item.id);
      const by = pours.flatMap((p) => p.get(item.id) ?? []);
      if (ml === undefined || by.length === 0) return [];
      const poured = by.reduce((sum, p) => sum + p, 0);
      return [
        {
          ...{ itemId: item.id, kindId: item.kindId, ml },
          drinksIn: ml / (poured / by.length),
          untilEmpty: ml / (poured / menu.length),
        },
      ];
    })
    .sort((a, b) => a.untilEmpty - b.untilEmpty || (a.itemId < b.itemId ? -1 : 1));
  const first = bottles.find((b) => kinds.get(b.kindId)?.supply === 'bottle');
  const perMl = new Map(items.flatMap((i) => (i.bottle ? [[i.id, i.bottle.priceMinor / i.bottle.ml]] : [])));
  const bottled = pours.flatMap((p) => [...p].map(([id, ml]) => ml * (perMl.get(id) ?? 0)));
  const freshMinor = freshMinorOf(menu, prices, kinds);
  const bottledMinor = menu.length === 0 ? 0 : bottled.reduce((sum, p) => sum + p, 0) / menu.length;
  return {
    bottles,
    ...(first ? { first } : {}),
    drinks: menu.length,
    onceEach: pouredOnce(pours, volumes),
    glassMinor: bottledMinor + freshMinor,
    freshMinor,
  };
}

/**
 * How many drinks can be poured once each: always the one next that takes the least share of what is
 * left of its scarcest bottle. So many can be; perhaps one or two more.
 */
function pouredOnce(pours: readonly Pours[], volumes: ReadonlyMap<string, number>): number {
  const left = new Map(volumes);
  const open = [...pours];
  const shareOf = (drink: Pours) =>
    Math.max(0, ...[...drink].map(([id, ml]) => ml / (left.get(id) ?? Infinity)));
  let poured = 0;
  while (open.length > 0) {
    const shares = open.map(shareOf);
    const least = shares.indexOf(Math.min(...shares));
    if ((shares[least] as number) > 1) break;
    for (const [id, ml] of open[least] as Pours) left.set(id, (left.get(id) ?? Infinity) - ml);
    open.splice(least, 1);
    poured += 1;
  }
  return poured;
}
