import { drinkKey } from '../catalogue/recipe.js';
import type { Need } from '../catalogue/tool.js';
import { glassServes } from '../glass/serves.js';
import type { Kit } from '../kit/kit.js';
import { uncovered } from '../kit/needs.js';
import type { InGlass } from '../drink/in-glass.js';
import type { Pourable } from '../pouring/pourable.js';
import { batchedGlassMl, mixedKind } from '../mixed/batched.js';
import { FINDS_EACH, type Candidate, type MenuCriterion, type MenuProblem } from './menu.js';
import { finds, type Guest } from './guest.js';
import { Filler, usesOf, Wares } from './filler.js';
import { moneyFor, type EveningWare, type WareHouse } from './ware.js';

/** What a menu is chosen for and from. */
export interface MenuHouse extends WareHouse {
  ready: readonly Pourable[];
  guests: readonly Guest[];
  needs: ReadonlyMap<string, Need>;
  kit: Kit;
  /** Sugar to water of the one plain syrup that is kept; null where each is. */
  houseSyrupRatio: number | null;
  size: number;
  must: readonly string[];
  never: readonly string[];
  order: readonly MenuCriterion[];
  /** Pours of each guest. */
  pours: number;
}

/** The problem of a menu, with the drinks as they would be poured here. */
export interface MenuQuestion extends MenuProblem {
  poured: ReadonlyMap<string, { pourable: Pourable; glass: InGlass }>;
}

/** Whether the household's hands, tools and glasses can make a drink; all can, while nothing is known of them. */
function canBeMade({ needs, served }: Pourable, { kit, needs: index }: MenuHouse): boolean {
  if (!kit.said) return true;
  return (
    uncovered(needs, index, kit).length === 0 && kit.glasses.some((g) => glassServes(served, g, kit.attitude))
  );
}

/** A number for each kind, the same whenever it comes again. */
function numbering(): (kind: string) => number {
  const numbers = new Map<string, number>();
  return (kind) => {
    const known = numbers.get(kind) ?? numbers.size;
    numbers.set(kind, known);
    return known;
  };
}

/** A drink as it would stand on the menu, and what of it would have to be bought. */
interface Offered {
  candidate: Candidate;
  pourable: Pourable;
  glass: InGlass;
  money: number;
}

/**
 * The drinks of a library as candidates for a menu: who finds each, what a glass takes, and how long one takes on the
 * night. Of variants the one that costs least; what hands or glasses cannot make, or no shop sells, is none. Somebody
 * who drinks nothing with alcohol finds one, whether they are expected or not.
 */
export function menuQuestion(house: MenuHouse): MenuQuestion {
  const { ready, guests, there, kinds, size, pours } = house;
  const people = guests.reduce((sum, g) => sum + g.count, 0);
  const share = Math.max(1, Math.ceil((pours * people) / Math.max(1, size)));
  const wares = new Wares(house);
  const filler = new Filler(house, wares, share);
  const numberOf = numbering();
  const isSober = guests.some((g) => g.noAlcohol || g.drives);
  const offer = (pourable: Pourable): Offered | undefined => {
    const { recipe, seconds } = pourable;
    const filled = canBeMade(pourable, house) ? filler.fillDrink(pourable) : undefined;
    if (filled === undefined) return undefined;
    const { fillings, glass } = filled;
    // What is left to taste is not counted.
    const counted = fillings.map((filling, i) => (pourable.slots[i]?.optional ? undefined : filling));
    const uses = [...usesOf(pourable.slots, counted, wares)];
    const mixed = there.get(mixedKind(recipe.id))?.ml ?? 0;
    const candidate: Candidate = {
      id: recipe.id,
      finds: [...guests.map((g) => finds(g, glass)), ...(isSober ? [] : [glass.noAlcohol])],
      uses: uses.map(([ware, amount]) => ({ ware, amount })),
      mixed: mixed > 0 ? Math.floor(mixed / batchedGlassMl(glass.drink, kinds) + 1e-9) : 0,
      parts: [...new Set(glass.drink.slots.flatMap((s) => (s.optional ? [] : numberOf(s.kind))))],
      work: Math.round(seconds),
      family: recipe.family,
      method: recipe.method,
      glass: recipe.glass,
    };
    const moneyOf = ([w, amount]: (typeof uses)[number]) =>
      moneyFor(wares.all[w] as EveningWare, amount * share);
    return { candidate, pourable, glass, money: uses.reduce((sum, use) => sum + moneyOf(use), 0) };
  };

  // Of variants of one drink the one that must stand on the menu, whatever it costs.
  const asked = new Map(
    ready.flatMap(({ recipe }) => (house.must.includes(recipe.id) ? [[drinkKey(recipe), recipe.id]] : [])),
  );
  const best = new Map<string, Offered>();
  for (const pourable of ready) {
    const key = drinkKey(pourable.recipe);
    const offered = offer(pourable);
    if (offered === undefined || (asked.get(key) ?? pourable.recipe.id) !== pourable.recipe.id) continue;
    if (offered.money < (best.get(key)?.money ?? Infinity)) best.set(key, offered);
  }
  const seats = guests.map((g) => ({ people: g.count, pours, wants: FINDS_EACH }));
  return {
    candidates: [...best.values()].map((b) => b.candidate),
    poured: new Map(
      [...best.values()].map(({ candidate, pourable, glass }) => [candidate.id, { pourable, glass }]),
    ),
    seats: isSober ? seats : [...seats, { people: 1, pours: 0, wants: 1 }],
    wares: wares.all,
    size,
    must: house.must,
    never: house.never,
    order: house.order,
  };
}
