import { z } from 'zod';
import { idSchema } from '../base/ids.js';

const day = z.iso.date().nullable();

/** A pack in the cupboard: sugar, honey, nuts, acid; by weight, until it is used up. */
export const packSchema = z.strictObject({
  id: z.uuid(),
  pantry: idSchema,
  /** What it weighed when it was bought, g. */
  sizeG: z.number().positive().max(50_000),
  leftG: z.number().min(0).max(50_000),
  boughtOn: day,
  finishedOn: day,
});
export type Pack = z.infer<typeof packSchema>;

/** Grams of a thing of the pantry that something takes. */
export interface PackDraw {
  pantry: string;
  g: number;
}

/** Grams in the cupboard, by thing of the pantry; what nobody counts is not among them. */
export function inTheCupboard(packs: readonly Pack[]): Map<string, number> {
  const all = new Map<string, number>();
  for (const { pantry, leftG, finishedOn } of packs)
    if (finishedOn === null) all.set(pantry, (all.get(pantry) ?? 0) + leftG);
  return all;
}

const tenth = (g: number) => Math.round(g * 10) / 10;

/**
 * Packs as they are after something was made: the older first, an emptied one is finished. What is not counted, or no
 * more there, comes from nowhere.
 *
 * @param today ISO day.
 * @returns those that changed.
 * @example drawPacks([{ pantry: 'white-sugar', g: 300 }], packs, '2026-11-26')[0].leftG // 700
 */
export function drawPacks(asked: readonly PackDraw[], packs: readonly Pack[], today: string): Pack[] {
  const now = new Map(packs.map((p) => [p.id, p]));
  const changed = new Set<string>();
  for (const { pantry, g } of asked) {
    let rest = tenth(g);
    const there = [...now.values()]
      .filter((p) => p.pantry === pantry && p.finishedOn === null)
      .sort((a, b) => ((a.boughtOn ?? '9') < (b.boughtOn ?? '9') ? -1 : 1));
    for (const pack of there) {
      const take = Math.min(rest, pack.leftG);
      if (take <= 0) continue;
      const leftG = tenth(pack.leftG - take);
      const later = pack.boughtOn !== null && pack.boughtOn > today ? pack.boughtOn : today;
      now.set(pack.id, { ...pack, leftG, finishedOn: leftG === 0 ? later : null });
      changed.add(pack.id);
      rest = tenth(rest - take);
    }
  }
  return [...changed].flatMap((id) => now.get(id) ?? []);
}
