import {
  compareScores,
  needsOfSeats,
  scoreMenu,
  type Candidate,
  type MenuProblem,
  type MenuScore,
} from './menu.js';

/** A menu, its drinks in the order of the problem. */
export interface JudgedMenu {
  drinks: Candidate[];
  score: MenuScore;
}

/** Of so many drinks the one that leaves a menu best, and how good. */
function bestMore(
  problem: MenuProblem,
  needs: readonly number[],
  from: readonly Candidate[],
  pool: readonly Candidate[],
): { candidate: Candidate; score: MenuScore } | undefined {
  let pick: { candidate: Candidate; score: MenuScore } | undefined;
  for (const candidate of pool) {
    if (from.includes(candidate)) continue;
    const score = scoreMenu(problem, [...from, candidate], needs);
    if (pick === undefined || compareScores(score, pick.score, problem.order) < 0)
      pick = { candidate, score };
  }
  return pick;
}

/** Drinks that may be taken beside those that must. */
function free({ candidates, must, never }: MenuProblem): Candidate[] {
  return candidates.filter((c) => !must.includes(c.id) && !never.includes(c.id));
}

/**
 * A good menu at once, not proven: always the drink next that leaves it best, then one exchanged for another while
 * that helps.
 *
 * @returns undefined where there are fewer drinks than the menu is to have.
 */
export function goodMenu(
  problem: MenuProblem,
  needs: readonly number[] = needsOfSeats(problem),
): JudgedMenu | undefined {
  const { candidates, must, size, order } = problem;
  const drinks = candidates.filter((c) => must.includes(c.id));
  const [fixed, pool] = [drinks.length, free(problem)];
  while (drinks.length < size) {
    const next = bestMore(problem, needs, drinks, pool);
    if (next === undefined) return undefined;
    drinks.push(next.candidate);
  }
  let score = scoreMenu(problem, drinks, needs);
  for (let i = fixed, quiet = 0; quiet < size - fixed; i = i + 1 < size ? i + 1 : fixed) {
    const swap = bestMore(
      problem,
      needs,
      drinks.filter((_, d) => d !== i),
      pool,
    );
    if (swap && compareScores(swap.score, score, order) < 0) {
      drinks[i] = swap.candidate;
      score = swap.score;
      quiet = 0;
    } else quiet += 1;
  }
  return { drinks, score };
}

/** One drink of a menu given up for another, and what that does. */
export interface Swap {
  out: string;
  in: string;
  /** More than 0 costs more, minor units. */
  moneyMinor: number;
  /** Kinds more on the menu. */
  parts: number;
  /** People who come, times drinks that they would lack more. */
  lacking: number;
  /** It would leave nothing without alcohol for whoever wants that. */
  noSoft: boolean;
}

/**
 * For each drink of a menu that need not stand on it, what could best stand there instead.
 *
 * @example swapsOf(problem, menu.drinks)[0] // { out: 'gin-fizz', in: 'southside', moneyMinor: -620, … }
 */
export function swapsOf(problem: MenuProblem, drinks: readonly string[]): Swap[] {
  const needs = needsOfSeats(problem);
  const on = drinks.flatMap((id) => problem.candidates.find((c) => c.id === id) ?? []);
  const now = scoreMenu(problem, on, needs);
  const pool = free(problem).filter((c) => !on.includes(c));
  return on.flatMap((out): Swap[] => {
    if (problem.must.includes(out.id)) return [];
    const rest = on.filter((c) => c !== out);
    const swap = bestMore(problem, needs, rest, pool);
    if (swap === undefined) return [];
    const { candidate, score } = swap;
    // Nobody who comes sits there: only whoever might, and drinks nothing with alcohol.
    const soft = problem.seats.findIndex((s) => s.pours === 0);
    const hasSoft = (drinks: readonly Candidate[]) => drinks.some((c) => c.finds[soft]);
    const noSoft = soft >= 0 && hasSoft(on) && !hasSoft([...rest, candidate]);
    return [
      {
        out: out.id,
        in: candidate.id,
        moneyMinor: score.money - now.money,
        parts: score.parts - now.parts,
        lacking: score.lacking - now.lacking - Number(noSoft),
        noSoft,
      },
    ];
  });
}
