import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { capacityMl } from '../glass/profile.js';
import type { Kit } from '../kit/kit.js';
import type { Pour } from '../pouring/pour.js';
import { iceOf } from './ice-kit.js';

const USUAL_GLASS_ML = 250;

/** Grams, of what is short from where there is some. */
function take(first: number, second: number, g: number): [number, number] {
  const fromFirst = Math.min(first, g);
  return [first - fromFirst, Math.max(0, second - (g - fromFirst))];
}

/**
 * Ice that is left of what somebody counted in the freezer: less what every glass poured since took, bought ice in the
 * shaker and the household's own in the glass, and of either what is short of the other. What the trays made since is
 * counted again.
 *
 * @param pours the log; those before the count took nothing of it.
 * @example iceLeft({ ownG: 1000, boughtG: 2000, countedAt }, [twoDaiquiris], catalogue, kinds) // boughtG: 1700
 */
export function iceLeft(
  ice: Kit['ice'],
  pours: readonly Pick<Pour, 'at' | 'drink' | 'glasses'>[],
  { recipes, glasses }: Pick<Catalogue, 'recipes' | 'glasses'>,
  kinds: ReadonlyMap<string, Kind>,
): Kit['ice'] {
  const { countedAt } = ice;
  let { ownG, boughtG } = ice;
  if (countedAt === null || ownG + boughtG === 0) return ice;
  for (const { at, drink, glasses: n } of pours) {
    const recipe = at > countedAt ? recipes.find((r) => r.id === drink) : undefined;
    if (recipe === undefined) continue;
    const glass = glasses.find((g) => g.id === recipe.glass);
    const { makingG, servedG } = iceOf(recipe, glass ? capacityMl(glass.inside) : USUAL_GLASS_ML, kinds);
    [boughtG, ownG] = take(boughtG, ownG, makingG * n);
    [ownG, boughtG] = take(ownG, boughtG, servedG * n);
  }
  return { ...ice, ownG: Math.round(ownG), boughtG: Math.round(boughtG) };
}
