import {
  compareScores,
  needsOfGuests,
  scoreCard,
  type Candidate,
  type Card,
  type CardProblem,
  type CardScore,
} from './card.js';

/** Looked at between two asks whether to go on. */
const LOOK_EVERY = 4096;

/** What the search may be told. */
export interface FindCardOptions {
  /** A better card, as it is found. */
  onBetter?: (card: Card) => void;
  /** Asked now and then; true stops, and the card found by then is not proven. */
  isOver?: () => boolean;
}

/** A set of small numbers. */
class Bits {
  constructor(private readonly words: Uint32Array) {}

  static of(members: readonly number[], size: number): Bits {
    const words = new Uint32Array(Math.ceil(size / 32) || 1);
    for (const m of members) words[m >> 5] = (words[m >> 5] as number) | (1 << (m & 31));
    return new Bits(words);
  }
  with(other: Bits): Bits {
    const words = this.words.slice();
    for (let i = 0; i < words.length; i++) words[i] = (words[i] as number) | (other.words[i] as number);
    return new Bits(words);
  }
  /** Members of the other that are not in this. */
  countNew(other: Bits): number {
    let count = 0;
    for (let i = 0; i < this.words.length; i++) {
      let rest = (other.words[i] as number) & ~(this.words[i] as number);
      for (; rest !== 0; rest &= rest - 1) count += 1;
    }
    return count;
  }
  sumNew(other: Bits, values: readonly number[]): number {
    let sum = 0;
    for (let i = 0; i < this.words.length; i++) {
      let rest = (other.words[i] as number) & ~(this.words[i] as number);
      while (rest !== 0) {
        const low = rest & -rest;
        sum += values[i * 32 + (31 - Math.clz32(low))] ?? 0;
        rest ^= low;
      }
    }
    return sum;
  }
}

interface Drink {
  candidate: Candidate;
  missing: Bits;
  parts: Bits;
}

/** What is on the card so far, and what that comes to. */
interface SoFar {
  missing: Bits;
  parts: Bits;
  money: number;
  count: number;
  work: number;
}

/** What is known of the drinks that may still be taken, from where the card stands. */
interface Outlook {
  least: CardScore;
  /** The guest who has the fewest drinks to find still, and how many; undefined where nobody lacks what there is. */
  tightest: number | undefined;
}

/**
 * The best card, exactly: everyone finds two, then least money missing, fewest parts, least work on the night, most
 * variety. The guest with the fewest drinks to find decides where the search goes on; what cannot be better any more is
 * left.
 *
 * @returns undefined where there are fewer drinks than the card is to have.
 * @example findCard(problem)?.drinks
 */
export function findCard(problem: CardProblem, options: FindCardOptions = {}): Card | undefined {
  return new CardSearch(problem, options).run();
}

class CardSearch {
  private readonly fixed: Drink[];
  private readonly open: Drink[];
  private readonly needs: number[];
  private readonly kinds: number;
  private readonly taken: Uint8Array;
  private readonly found: Int16Array;
  private readonly chosen: Candidate[] = [];
  private best: { drinks: Candidate[]; score: CardScore } | undefined;
  private looked = 0;
  private stopped = false;

  constructor(
    private readonly problem: CardProblem,
    private readonly options: FindCardOptions,
  ) {
    const { candidates, prices, people } = problem;
    this.kinds = Math.max(0, ...candidates.flatMap((c) => c.parts)) + 1;
    const ready = (c: Candidate): Drink => ({
      candidate: c,
      missing: Bits.of(c.missing, prices.length),
      parts: Bits.of(c.parts, this.kinds),
    });
    const [never, must] = [new Set(problem.never), new Set(problem.must)];
    this.fixed = candidates.filter((c) => must.has(c.id)).map(ready);
    this.open = candidates.filter((c) => !must.has(c.id) && !never.has(c.id)).map(ready);
    this.needs = needsOfGuests(problem);
    this.taken = new Uint8Array(this.open.length);
    this.found = new Int16Array(people.length);
  }

  run(): Card | undefined {
    const { fixed, open, problem } = this;
    const { size, prices } = problem;
    if (fixed.length + open.length < size || fixed.length > size) return undefined;
    let so: SoFar = {
      ...{ missing: Bits.of([], prices.length), parts: Bits.of([], this.kinds), money: 0, count: 0, work: 0 },
    };
    for (const drink of fixed) so = this.take(drink, so);
    this.best = this.firstCard();
    if (this.best) this.tell();
    this.descend(so);
    return (
      this.best && {
        drinks: this.best.drinks.map((c) => c.id),
        score: this.best.score,
        proven: !this.stopped,
      }
    );
  }

  private tell(): void {
    if (this.best)
      this.options.onBetter?.({
        drinks: this.best.drinks.map((c) => c.id),
        score: this.best.score,
        proven: false,
      });
  }

  private take({ candidate, missing, parts }: Drink, so: SoFar): SoFar {
    this.chosen.push(candidate);
    this.count(candidate, 1);
    return {
      missing: so.missing.with(missing),
      parts: so.parts.with(parts),
      money: so.money + so.missing.sumNew(missing, this.problem.prices),
      count: so.count + so.parts.countNew(parts),
      work: so.work + candidate.work,
    };
  }
  private putBack(): void {
    const candidate = this.chosen.pop();
    if (candidate) this.count(candidate, -1);
  }
  private count({ finds }: Candidate, by: number): void {
    for (let g = 0; g < this.found.length; g++) if (finds[g]) this.found[g] = (this.found[g] as number) + by;
  }

  private descend(so: SoFar): void {
    const more = this.problem.size - this.chosen.length;
    if (more === 0) {
      const score = scoreCard(this.problem, this.chosen, this.needs);
      if (this.best === undefined || compareScores(score, this.best.score) < 0) {
        this.best = { drinks: [...this.chosen], score };
        this.tell();
      }
      return;
    }
    const excluded: number[] = [];
    for (;;) {
      if ((this.looked += 1) % LOOK_EVERY === 0 && this.options.isOver?.()) this.stopped = true;
      if (this.stopped) break;
      const { least, tightest } = this.outlook(so, more);
      if (this.best !== undefined && compareScores(least, this.best.score) >= 0) break;
      const next = this.inOrder(so, tightest);
      if (next.length === 0) break;
      for (const i of next) {
        this.taken[i] = 1;
        excluded.push(i);
        const drink = this.open[i] as Drink;
        this.descend(this.take(drink, so));
        this.putBack();
        if (this.stopped) break;
      }
      // All that this guest finds has been tried: from here on they go without, and the next one decides.
      if (tightest === undefined) break;
    }
    for (const i of excluded) this.taken[i] = 0;
  }

  /** Drinks that may be taken next, the cheapest first: those that a guest finds, or all. */
  private inOrder(so: SoFar, guest: number | undefined): number[] {
    const keys: { i: number; money: number; parts: number; work: number }[] = [];
    this.open.forEach(({ candidate, missing, parts }, i) => {
      if (this.taken[i] || (guest !== undefined && !candidate.finds[guest])) return;
      keys.push({
        i,
        money: so.missing.sumNew(missing, this.problem.prices),
        parts: so.parts.countNew(parts),
        work: candidate.work,
      });
    });
    return keys
      .sort((a, b) => a.money - b.money || a.parts - b.parts || a.work - b.work || a.i - b.i)
      .map((k) => k.i);
  }

  /** The least that a card can come to from here, and who decides. */
  private outlook(so: SoFar, more: number): Outlook {
    const { people, prices } = this.problem;
    const guests = people.length;
    const left = new Int32Array(guests);
    const cheapest = new Float64Array(guests).fill(Infinity);
    let [pleases, leastWork, leastMoney, leastParts, there] = [0, Infinity, Infinity, Infinity, 0];
    for (let i = 0; i < this.open.length; i++) {
      if (this.taken[i]) continue;
      const { candidate, missing, parts } = this.open[i] as Drink;
      there += 1;
      const money = so.missing.sumNew(missing, prices);
      let mine = 0;
      for (let g = 0; g < guests; g++) {
        if (!candidate.finds[g] || (this.needs[g] as number) <= (this.found[g] as number)) continue;
        left[g] = (left[g] as number) + 1;
        mine += people[g] as number;
        if (money < (cheapest[g] as number)) cheapest[g] = money;
      }
      pleases = Math.max(pleases, mine);
      leastWork = Math.min(leastWork, candidate.work);
      leastMoney = Math.min(leastMoney, money);
      leastParts = Math.min(leastParts, so.parts.countNew(parts));
    }
    if (there < more) return { least: NEVER, tightest: undefined };
    let [least, all] = [0, 0];
    let tightest: number | undefined;
    for (let g = 0; g < guests; g++) {
      const lacks = (this.needs[g] as number) - (this.found[g] as number);
      if (lacks <= 0) continue;
      all += lacks * (people[g] as number);
      least += Math.max(0, lacks - Math.min(more, left[g] as number)) * (people[g] as number);
      if (
        (left[g] as number) > 0 &&
        (tightest === undefined || (left[g] as number) < (left[tightest] as number))
      )
        tightest = g;
    }
    const lacking = Math.max(least, all - more * pleases);
    // A guest who cannot go without, lest the card be worse, costs the cheapest that they find.
    let money = leastMoney;
    if (this.best !== undefined)
      for (let g = 0; g < guests; g++)
        if ((left[g] as number) > 0 && lacking + (people[g] as number) > this.best.score.lacking)
          money = Math.max(money, cheapest[g] as number);
    return {
      least: {
        ...{
          lacking,
          money: so.money + money,
          parts: so.count + leastParts,
          work: so.work + more * leastWork,
        },
        sameness: 0,
      },
      tightest,
    };
  }

  /** A good card at once: always the drink next that leaves it best, then one exchanged for another while that helps. */
  private firstCard(): { drinks: Candidate[]; score: CardScore } | undefined {
    const { fixed, open, problem, needs } = this;
    const { size } = problem;
    const drinks = fixed.map((d) => d.candidate);
    const score = (of: readonly Candidate[]) => scoreCard(problem, of, needs);
    const better = (from: readonly Candidate[]): Candidate | undefined => {
      let pick: { c: Candidate; score: CardScore } | undefined;
      for (const { candidate: c } of open) {
        if (from.includes(c)) continue;
        const is = score([...from, c]);
        if (pick === undefined || compareScores(is, pick.score) < 0) pick = { c, score: is };
      }
      return pick?.c;
    };
    while (drinks.length < size) {
      const next = better(drinks);
      if (next === undefined) return undefined;
      drinks.push(next);
    }
    const free = size - fixed.length;
    for (let i = fixed.length, quiet = 0; free > 0 && quiet < free; i = i + 1 < size ? i + 1 : fixed.length) {
      const without = drinks.filter((_, d) => d !== i);
      const swap = better(without);
      if (swap && compareScores(score([...without, swap]), score(drinks)) < 0) {
        drinks[i] = swap;
        quiet = 0;
      } else quiet += 1;
    }
    return { drinks, score: score(drinks) };
  }
}

const NEVER: CardScore = {
  lacking: Infinity,
  money: Infinity,
  parts: Infinity,
  work: Infinity,
  sameness: Infinity,
};
