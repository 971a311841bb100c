/** A drink that may stand on the card. */
export interface Candidate {
  id: string;
  /** By guest: whether they find it to their liking. */
  finds: readonly boolean[];
  /** Items that would have to be bought for it, by place in the prices. */
  missing: readonly number[];
  /** Kinds it takes, by number. */
  parts: readonly number[];
  /** Seconds of work for one glass on the night. */
  work: number;
  family: string;
  method: string;
  glass: string;
}

/** What a card is chosen from and by. */
export interface CardProblem {
  candidates: readonly Candidate[];
  /** People a guest stands for. */
  people: readonly number[];
  /** Prices of what is missing, minor units. */
  prices: readonly number[];
  /** Drinks on the card. */
  size: number;
  must: readonly string[];
  never: readonly string[];
}

/** How good a card is; less is better, the first that differs decides. */
export interface CardScore {
  /** People times drinks that they lack to find two. */
  lacking: number;
  money: number;
  parts: number;
  work: number;
  /** Families, methods and glasses that are the same as another's. */
  sameness: number;
}

/** A card and whether nothing better exists. */
export interface Card {
  drinks: string[];
  score: CardScore;
  proven: boolean;
}

/** Everyone finds at least so many. */
export const FINDS_EACH = 2;

/** Less than 0 where the first is better. */
export function compareScores(a: CardScore, b: CardScore): number {
  return (
    a.lacking - b.lacking ||
    a.money - b.money ||
    a.parts - b.parts ||
    a.work - b.work ||
    a.sameness - b.sameness
  );
}

/** What each guest needs: two, or as many as there are for them. */
export function needsOfGuests({ candidates, people }: Pick<CardProblem, 'candidates' | 'people'>): number[] {
  return people.map((_, g) => Math.min(FINDS_EACH, candidates.filter((c) => c.finds[g]).length));
}

/**
 * A card judged from the problem's own words.
 *
 * @param needs of its guests, where they were worked out before.
 */
export function scoreCard(
  problem: CardProblem,
  drinks: readonly Candidate[],
  needs: readonly number[] = needsOfGuests(problem),
): CardScore {
  const lacking = problem.people.reduce((sum, people, g) => {
    const found = drinks.filter((d) => d.finds[g]).length;
    return sum + people * Math.max(0, (needs[g] ?? 0) - found);
  }, 0);
  const missing = new Set(drinks.flatMap((d) => d.missing));
  const same = (of: (c: Candidate) => string) => drinks.length - new Set(drinks.map(of)).size;
  return {
    lacking,
    money: [...missing].reduce((sum, item) => sum + (problem.prices[item] ?? 0), 0),
    parts: new Set(drinks.flatMap((d) => d.parts)).size,
    work: drinks.reduce((sum, d) => sum + d.work, 0),
    sameness: same((c) => c.family) + same((c) => c.method) + same((c) => c.glass),
  };
}
