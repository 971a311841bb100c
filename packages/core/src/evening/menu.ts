import { moneyFor, type EveningWare } from './ware.js';
import { sharePours, type Drinker } from './thirst.js';

/** A drink that may stand on the menu. */
export interface Candidate {
  id: string;
  /** By seat: whether they find it to their liking. */
  finds: readonly boolean[];
  /** What a glass takes of the wares that may run short, by place in them. */
  uses: readonly { ware: number; amount: number }[];
  /** Glasses of it that stand mixed in a bottle already. */
  mixed: number;
  /** Kinds it takes, by number. */
  parts: readonly number[];
  /** Seconds of work for one glass on the night. */
  work: number;
  family: string;
  method: string;
  glass: string;
}

/** A guest, or several alike, as a menu has to please them. */
interface MenuSeat extends Drinker {
  /** Drinks that they are to find; fewer where there are fewer for them. */
  wants: number;
}

/** What a menu is judged by; which comes first is the household's to say. */
export const MENU_ORDER = ['seats', 'money', 'parts', 'work', 'variety'] as const;
export type MenuCriterion = (typeof MENU_ORDER)[number];

/** What a menu is chosen from and by. */
export interface MenuProblem {
  candidates: readonly Candidate[];
  seats: readonly MenuSeat[];
  wares: readonly EveningWare[];
  /** Drinks on the menu. */
  size: number;
  must: readonly string[];
  never: readonly string[];
  /** What decides first; as above where it is left out. */
  order?: readonly MenuCriterion[];
}

/** How good a menu is by each criterion; less is better. */
export interface MenuScore {
  /** People times drinks that they lack to find as many as they are to. */
  lacking: number;
  /** What its pours take beyond what is there, minor units. */
  money: number;
  parts: number;
  work: number;
  /** Families, methods and glasses that are the same as another's. */
  sameness: number;
}

/** A menu and whether nothing better exists. */
export interface Menu {
  drinks: string[];
  score: MenuScore;
  proven: boolean;
}

/** Everyone finds at least so many. */
export const FINDS_EACH = 2;

export const FIELD: Record<MenuCriterion, keyof MenuScore> = {
  seats: 'lacking',
  money: 'money',
  parts: 'parts',
  work: 'work',
  variety: 'sameness',
};

/** Less than 0 where the first is better: the first criterion in which they differ decides. */
export function compareScores(
  a: MenuScore,
  b: MenuScore,
  order: readonly MenuCriterion[] = MENU_ORDER,
): number {
  for (const criterion of order) {
    const field = FIELD[criterion];
    if (a[field] !== b[field]) return a[field] - b[field];
  }
  return 0;
}

/** What each seat needs: as many as it wants, or as there are for it. */
export function needsOfSeats({ candidates, seats }: Pick<MenuProblem, 'candidates' | 'seats'>): number[] {
  return seats.map(({ wants }, s) => Math.min(wants, candidates.filter((c) => c.finds[s]).length));
}

/** Families, methods and glasses that are the same as another's. */
export function samenessOf(drinks: readonly Candidate[]): number {
  const same = (of: (c: Candidate) => string) => drinks.length - new Set(drinks.map(of)).size;
  return same((c) => c.family) + same((c) => c.method) + same((c) => c.glass);
}

/** The order in which the drinks of a menu stand. */
export const byId = (a: { id: string }, b: { id: string }): number => (a.id < b.id ? -1 : 1);

/** What the pours of a menu cost beyond what is there, minor units. */
function moneyOfMenu({ seats, wares }: MenuProblem, menu: readonly Candidate[]): number {
  // Who has the odd glass hangs on the order: it is always the same one.
  const drinks = [...menu].sort(byId);
  const { byDrink } = sharePours(seats, (s, d) => drinks[d]?.finds[s] ?? false, drinks.length);
  const used: number[] = [];
  const amounts: number[] = [];
  for (let d = 0; d < drinks.length; d++) {
    const { uses, mixed } = drinks[d] as Candidate;
    const glasses = Math.max(0, (byDrink[d] ?? 0) - mixed);
    // A menu takes few wares: a list is quicker than a map.
    for (const { ware, amount } of uses) {
      const at = used.indexOf(ware);
      if (at >= 0) amounts[at] = (amounts[at] as number) + glasses * amount;
      else amounts[used.push(ware) - 1] = glasses * amount;
    }
  }
  return used.reduce((sum, ware, i) => sum + moneyFor(wares[ware] as EveningWare, amounts[i] as number), 0);
}

/**
 * A menu judged from the problem's own words.
 *
 * @param needs of its seats, where they were worked out before.
 */
export function scoreMenu(
  problem: MenuProblem,
  drinks: readonly Candidate[],
  needs: readonly number[] = needsOfSeats(problem),
): MenuScore {
  const lacking = problem.seats.reduce((sum, { people }, s) => {
    const found = drinks.filter((d) => d.finds[s]).length;
    return sum + people * Math.max(0, (needs[s] ?? 0) - found);
  }, 0);
  return {
    lacking,
    money: moneyOfMenu(problem, drinks),
    parts: new Set(drinks.flatMap((d) => d.parts)).size,
    work: drinks.reduce((sum, d) => sum + d.work, 0),
    sameness: samenessOf(drinks),
  };
}
