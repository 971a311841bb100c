import type { Fault } from '../base/fault.js';
import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import { batchOf } from '../bench/batch.js';

/** How far a batch may be from what its kind says: shares of sugar, g of acid a litre, parts of strength. */
const SUGAR_SHARE = 0.03;
/** Less than half a gram in a glass of juice. */
const SUGAR_G_PER_L = 17;
const ACID_G_PER_L = 3;
const ABV = 0.025;

/** Kinds whose home-made batches come out otherwise than the kind says: drinks are worked out from the kind. */
export function homeMadeFaults(catalogue: Catalogue): Fault[] {
  const kinds = kindIndex(catalogue.kinds);
  return catalogue.homeMade.flatMap((recipe, i): Fault[] => {
    const kind = kinds.get(recipe.makes);
    if (kind === undefined || recipe.otherStrength === true) return [];
    const batch = batchOf(
      recipe,
      recipe.from.map((p) => p.g),
      catalogue,
      kinds,
    );
    const litres = batch.volumeMl / 1000;
    const sugar = batch.composition.sugarG / litres;
    const acid = batch.composition.acidG / litres;
    const off = [
      Math.abs(sugar - kind.sugarGPerL) > Math.max(SUGAR_G_PER_L, SUGAR_SHARE * kind.sugarGPerL)
        ? `${sugar.toFixed(0)} g of sugar a litre against ${kind.sugarGPerL}`
        : '',
      // Sharper than the fresh is what makes an extended juice keep.
      (recipe.way === undefined ? Math.abs(acid - kind.acidGPerL) : kind.acidGPerL - acid) > ACID_G_PER_L
        ? `${acid.toFixed(1)} g of acid a litre against ${kind.acidGPerL}`
        : '',
      Math.abs(batch.abv - kind.abv) > ABV
        ? `${(batch.abv * 100).toFixed(1)} % vol against ${(kind.abv * 100).toFixed(1)}`
        : '',
    ].filter((o) => o !== '');
    return off.length === 0
      ? []
      : [
          {
            code: 'syrup',
            pointer: `/homeMade/${i}`,
            detail: `${recipe.id} comes out at ${off.join(', ')}; correct the batch or the kind ${kind.id}`,
          },
        ];
  });
}
