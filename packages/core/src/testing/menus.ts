import type { EveningWare } from '../evening/ware.js';

/** A kind of which so much is there, sold in packs. */
export const soldWare = (
  kind: string,
  there: number,
  packs: [holds: number, priceMinor: number][],
): EveningWare => ({
  kind,
  unit: 'ml',
  pieceMl: 1,
  spare: 0,
  there,
  packs: packs.map(([holds, priceMinor]) => ({
    kind,
    label: kind,
    holds,
    priceMinor,
    ware: { is: 'made' },
  })),
});
