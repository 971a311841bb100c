import { brixOfRatio, sugarGPerLOfBrix } from '../bench/solution.js';
import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';

/** How far a syrup's sugar may be from what its strength says: fruit and nuts bring a little of their own. */
const TOLERANCE = 0.1;

/** Syrups that do not state a strength, or whose sugar is not what their strength makes. */
export function syrupFaults(catalogue: Catalogue): Fault[] {
  return catalogue.kinds.flatMap((kind, i) => {
    if (kind.strength === undefined) {
      // A cordial or a shrub is sharp too, and is made by its own recipe rather than by a strength.
      return kind.supply === 'home-made' && kind.sugarGPerL > 0 && kind.acidGPerL === 0
        ? [
            {
              code: 'syrup',
              pointer: `/kinds/${i}/strength`,
              detail: `${kind.id} is a syrup; say how strong, such as 1:1`,
            },
          ]
        : [];
    }
    const stated = sugarGPerLOfBrix(brixOfRatio(Number.parseFloat(kind.strength), kind.sweetenerBrix));
    return Math.abs(kind.sugarGPerL / stated - 1) > TOLERANCE
      ? [
          {
            code: 'syrup',
            pointer: `/kinds/${i}/sugarGPerL`,
            detail: `${kind.id} at ${kind.strength} holds about ${stated.toFixed(0)} g of sugar a litre, not ${kind.sugarGPerL}; correct one of the two`,
          },
        ]
      : [];
  });
}
