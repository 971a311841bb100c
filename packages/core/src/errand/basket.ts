import { lineMinor, shopsOf, type Errand, type ErrandLine } from './errand.js';

/** What is in the basket, what is still wanted, and what it comes to; minor units. */
export interface Basket {
  things: number;
  wanted: number;
  missing: number;
  basketMinor: number;
  wantedMinor: number;
  /** Money less the basket and what is still wanted; below 0 where it does not reach. */
  leftMinor: number;
}

/** Add up lines against money. */
function basketOf(lines: readonly ErrandLine[], moneyMinor: number): Basket {
  const sum = (state: ErrandLine['state']) =>
    lines.reduce((total, l) => total + (l.state === state ? lineMinor(l) : 0), 0);
  const many = (state: ErrandLine['state']) => lines.filter((l) => l.state === state).length;
  const [basketMinor, wantedMinor] = [sum('basket'), sum('wanted')];
  return {
    things: many('basket'),
    wanted: many('wanted'),
    missing: many('missing'),
    basketMinor,
    wantedMinor,
    leftMinor: moneyMinor - basketMinor - wantedMinor,
  };
}

/** The whole basket of an errand, and each shop's part of it. */
export function basketsOf(errand: Errand): { whole: Basket; byShop: Map<string, Basket> } {
  const byShop = shopsOf(errand).map((shop): [string, Basket] => {
    const lines = errand.lines.filter((l) => l.shop === shop);
    return [shop, basketOf(lines, errand.moneyMinor)];
  });
  return { whole: basketOf(errand.lines, errand.moneyMinor), byShop: new Map(byShop) };
}
