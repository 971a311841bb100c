import type { Pour } from './pour.js';

/** The columns of the log as a table; money in minor units, ABV a fraction. */
export const POUR_COLUMNS = [
  'on',
  'at',
  'drink',
  'name',
  'glasses',
  'for',
  'verdict',
  'tasted',
  'note',
  'servedMl',
  'abv',
  'ethanolG',
  'costMinor',
  'currency',
  'parts',
  'id',
] as const;
type Column = (typeof POUR_COLUMNS)[number];

/** The log as rows for a table file, the newest first; what is not known is empty. */
export function pourRows(pours: readonly Pour[]): Record<Column, string>[] {
  return [...pours]
    .sort((a, b) => (a.at < b.at ? 1 : -1))
    .map((p) => ({
      on: p.on,
      at: p.at,
      drink: p.drink,
      name: p.name,
      glasses: String(p.glasses),
      for: p.for.join('; '),
      verdict: p.verdict === null ? '' : String(p.verdict),
      tasted: p.tasted.join('; '),
      note: p.note,
      servedMl: p.servedMl.toFixed(1),
      abv: p.abv.toFixed(4),
      ethanolG: p.ethanolG.toFixed(2),
      costMinor: p.costMinor === null ? '' : String(p.costMinor),
      currency: p.currency ?? '',
      parts: p.parts
        .map((part) => `${part.kind} ${part.pieces > 0 && part.ml === 0 ? part.pieces : `${part.ml} ml`}`)
        .join('; '),
      id: p.id,
    }));
}
