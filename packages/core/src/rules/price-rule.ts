import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { BottleSize } from '../catalogue/kind.js';
import type { PriceList } from '../catalogue/price-list.js';

/** Bottles of one kind a shop carries at most. */
const MAX_BOTTLES_A_KIND = 3;

/** ml a round bottle of these outside measures could hold at most, were it all inside. */
function outsideMl({ widthMm, heightMm }: BottleSize): number {
  return ((Math.PI / 4) * widthMm ** 2 * heightMm) / 1000;
}

/** A content that its bottle could not hold, or that would rattle in it. */
function sizeFault(size: BottleSize, boxy: boolean): string | undefined {
  const room = outsideMl(size) * (boxy ? 4 / Math.PI : 1);
  return size.ml > room || size.ml < room * 0.25
    ? `${size.ml} ml do not suit a bottle of ${size.widthMm} by ${size.heightMm} mm`
    : undefined;
}

/**
 * A shop that does not behave like one: a kind that is sold nowhere, more than three bottles of a
 * kind, a larger bottle that is dearer by the ml, a finer one that is cheaper than the mixing one,
 * a bottle that cannot hold its content.
 */
export function priceRuleFaults(list: PriceList, catalogue: Catalogue): Fault[] {
  const faults: Fault[] = [];
  const perMl = (b: { priceMinor: number; ml: number }) => b.priceMinor / b.ml;
  for (const kind of catalogue.kinds) {
    if (kind.abstract) continue;
    if (kind.supply === 'fresh') continue;
    const path = `/bottles (${kind.id})`;
    const bought = list.bottles.filter((b) => b.kind === kind.id && !b.homeMade);
    const made = list.bottles.some((b) => b.kind === kind.id && b.homeMade);
    if (bought.length === 0 && !made)
      faults.push({ code: 'price', pointer: path, detail: `${list.id} sells no ${kind.id}; add a bottle` });
    if (bought.length > MAX_BOTTLES_A_KIND)
      faults.push({
        code: 'price',
        pointer: path,
        detail: `${bought.length} bottles of ${kind.id}; ${MAX_BOTTLES_A_KIND} at the most`,
      });
    const mixing = bought.filter((b) => b.tier === 'mixing').sort((a, b) => a.ml - b.ml);
    for (const [i, bottle] of mixing.entries()) {
      const smaller = mixing[i - 1];
      if (smaller && perMl(bottle) >= perMl(smaller))
        faults.push({
          code: 'price',
          pointer: path,
          detail: `${bottle.id} costs more a ml than the smaller ${smaller.id}`,
        });
    }
    for (const finer of bought.filter((b) => b.tier === 'finer')) {
      if (mixing.some((m) => m.ml === finer.ml && m.priceMinor >= finer.priceMinor))
        faults.push({ code: 'price', pointer: path, detail: `${finer.id} is finer and no dearer` });
    }
    for (const bottle of bought) {
      const fault = sizeFault(bottle, ['square', 'can'].includes(kind.silhouette));
      if (fault) faults.push({ code: 'price', pointer: path, detail: `${bottle.id}: ${fault}` });
    }
  }
  return faults;
}

/** Kinds whose usual sizes do not suit the bottles drawn for them. */
export function kindSizeFaults(catalogue: Catalogue): Fault[] {
  return catalogue.kinds.flatMap((kind, i) => {
    if (!kind.abstract && kind.supply === 'bottle' && kind.sizes.length === 0)
      return [
        {
          code: 'price',
          pointer: `/kinds/${i}/sizes`,
          detail: `${kind.id} is sold in bottles; say in which sizes`,
        },
      ];
    return kind.sizes.flatMap((size, s) => {
      const fault = sizeFault(size, ['square', 'can'].includes(kind.silhouette));
      return fault
        ? [{ code: 'price', pointer: `/kinds/${i}/sizes/${s}`, detail: `${kind.id}: ${fault}` }]
        : [];
    });
  });
}
