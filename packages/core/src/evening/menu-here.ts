import type { Kind } from '../catalogue/kind.js';
import { inGlass, type InGlass } from '../drink/in-glass.js';
import type { Pourable } from '../pouring/pourable.js';
import type { Evening } from './evening.js';
import { menuQuestionOf, servingsOn, type EveningHouse } from './plan-evening.js';

/** A drink of a menu that is settled. */
export interface HereOnTheMenu {
  id: string;
  pourable: Pourable;
  /** What is in a glass of it, as it would be poured here. */
  glass: InGlass;
  /** Whether it can be poured here at all, from what is in the house or sold. */
  isHere: boolean;
}

/**
 * The drinks of a settled menu as they would be poured here, in the order of their ids: the same answer for the menu
 * on paper, the guests' page and the night. What can no longer be made stands on it by all that it might ever hold.
 */
export function menuHere(
  evening: Evening,
  house: Omit<EveningHouse, 'horizon' | 'weekday'>,
): HereOnTheMenu[] {
  const on = new Set(evening.must);
  // Two variants of one drink may both stand on it.
  const ready = [...house.ready, ...servingsOn(evening.must, house)].flatMap((pourable): Pourable[] => {
    const { group: _, ...recipe } = pourable.recipe;
    return on.has(recipe.id) ? [{ ...pourable, recipe }] : [];
  });
  const { poured } = menuQuestionOf({ ...evening, must: [], never: [] }, { ...house, ready });
  return ready
    .map((pourable): HereOnTheMenu => {
      const { id } = pourable.recipe;
      const here = poured.get(id);
      return {
        id,
        pourable,
        isHere: here !== undefined,
        glass: here?.glass ?? atWorst(pourable, house.kinds),
      };
    })
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}

/** What a drink might hold, whichever stand-in is found for it. */
function atWorst({ recipe, slots }: Pourable, kinds: ReadonlyMap<string, Kind>): InGlass {
  return inGlass(recipe, kinds, { kinds: slots.flatMap((s) => s.ways.flatMap((w) => w.kinds)) });
}
