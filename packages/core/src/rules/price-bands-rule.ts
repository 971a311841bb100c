import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';

/**
 * How many times as dear as a kind another is by the litre, at its cheapest mixing bottle: least and
 * most in any region (common practice; taxes and what is made nearby pull far apart).
 */
const RATIOS: readonly [kind: string, against: string, least: number, most: number][] = [
  ['vodka', 'dry-gin', 0.6, 1.1],
  ['cognac', 'grape-brandy', 1.2, 3.6],
  ['islay-scotch', 'blended-scotch', 1.3, 3.2],
  ['reposado-tequila', 'blanco-tequila', 1, 1.7],
  ['mezcal', 'blanco-tequila', 1, 2.2],
  ['herbal-green', 'triple-sec', 1.2, 4],
  ['red-bitter', 'dry-gin', 0.7, 2.2],
  ['sweet-vermouth', 'dry-gin', 0.3, 1.3],
  ['sparkling-wine', 'white-wine', 0.9, 2.5],
  ['absinthe', 'dry-gin', 1.4, 6],
  ['tonic-water', 'soda-water', 1, 3],
];

/** Of mixers that every shop sells in large bottles, the litre costs at most so much of the can's. */
const LITRES: readonly string[] = ['soda-water', 'tonic-water', 'cola', 'lemonade'];
const LITRE_SHARE = 0.6;

const cheapestPerMl = (list: PriceList, kind: string) =>
  Math.min(
    ...list.bottles
      .filter((b) => b.kind === kind && !b.homeMade && b.tier === 'mixing')
      .map((b) => b.priceMinor / b.ml),
  );

/** A shop whose prices stand in odd proportion to each other, and what it gives away that is not free. */
export function priceBandFaults(list: PriceList, catalogue: Catalogue): Fault[] {
  const known = new Set(catalogue.kinds.map((k) => k.id));
  const fault = (pointer: string, detail: string): Fault => ({ code: 'price', pointer, detail });
  const ratios = RATIOS.filter(([kind, against]) => known.has(kind) && known.has(against)).flatMap(
    ([kind, against, least, most]) => {
      const ratio = cheapestPerMl(list, kind) / cheapestPerMl(list, against);
      return ratio >= least && ratio <= most
        ? []
        : [
            fault(
              `/bottles (${kind})`,
              `by the litre ${kind} costs ${ratio.toFixed(2)} times as much as ${against}; ${least} to ${most} is usual`,
            ),
          ];
    },
  );
  const litres = LITRES.filter((kind) => known.has(kind)).flatMap((kind) => {
    const sold = list.bottles.filter((b) => b.kind === kind);
    const perMl = (large: boolean) =>
      Math.min(...sold.filter((b) => b.ml >= 1000 === large).map((b) => b.priceMinor / b.ml));
    return perMl(true) <= LITRE_SHARE * perMl(false)
      ? []
      : [fault(`/bottles (${kind})`, `sell ${kind} by the litre too, at a good deal less than in cans`)];
  });
  const free = [
    ...list.bottles.map((b) => ({ what: b.id, priceMinor: b.priceMinor })),
    ...list.fresh.map((f) => ({ what: f.kind, priceMinor: f.priceMinor })),
    ...list.pantry.map((p) => ({ what: p.pantry, priceMinor: p.priceMinor })),
  ].filter((e) => e.priceMinor === 0);
  return [...ratios, ...litres, ...free.map((e) => fault('/', `${e.what} is not free; say what it costs`))];
}
