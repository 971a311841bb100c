import type { Kind } from '../catalogue/kind.js';

/** Nearer than this nobody tastes it. */
const SAME_SHARE = 0.1;
/** Below this a kind sweetens nothing, g a litre. */
const MIN_SUGAR_G_PER_L = 100;

/**
 * What of the bottle or batch in this house sweetens as much as a spec means: 10 ml of a syrup half as sweet again for
 * 15 ml. To the half ml.
 *
 * @param usual as the library has it, and the spec means it; @param here as it stands in this house.
 * @returns undefined where nobody would taste the difference, or it is no sweetener.
 * @example asSweetMl(15, { sugarGPerL: 650 }, { sugarGPerL: 912 }) // 10.5
 */
export function asSweetMl(
  ml: number,
  usual: Pick<Kind, 'sugarGPerL'>,
  here: Pick<Kind, 'sugarGPerL'>,
): number | undefined {
  if (usual.sugarGPerL < MIN_SUGAR_G_PER_L || here.sugarGPerL < MIN_SUGAR_G_PER_L) return undefined;
  const share = usual.sugarGPerL / here.sugarGPerL;
  return Math.abs(share - 1) < SAME_SHARE ? undefined : Math.round(ml * share * 2) / 2;
}
