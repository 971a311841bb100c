import { Bits } from './bits.js';
import {
  byId,
  MENU_ORDER,
  compareScores,
  FIELD,
  needsOfSeats,
  samenessOf,
  scoreMenu,
  type Candidate,
  type Menu,
  type MenuCriterion,
  type MenuProblem,
  type MenuScore,
} from './menu.js';
import { MenuMoney, type Floor } from './menu-money.js';
import { goodMenu } from './good-menu.js';
import { keepLeast, NEVER } from './least.js';

/** Looked at between two asks whether to go on. */
const LOOK_EVERY = 1024;

/** What the search may be told. */
export interface FindMenuOptions {
  /** A better menu, as it is found. */
  onBetter?: (menu: Menu) => void;
  /** Asked now and then; true stops, and the menu found by then is not proven. */
  isOver?: () => boolean;
}

interface Drink {
  candidate: Candidate;
  parts: Bits;
}

/** What is on the menu so far, and what that comes to. */
interface SoFar {
  parts: Bits;
  count: number;
  work: number;
}

/** What is known of the drinks that may still be taken, from where the menu stands. */
interface Outlook {
  least: MenuScore;
  /** The seat that has the fewest drinks to find still; undefined where nobody lacks what there is. */
  tightest: number | undefined;
}

/**
 * The best menu, exactly: by default everyone finds two, then least money missing, fewest parts, least work on the
 * night, most variety. The seat with the fewest drinks to find decides where the search goes on; what cannot be better
 * any more is left.
 *
 * @returns undefined where there are fewer drinks than the menu is to have.
 * @example findMenu(problem)?.drinks
 */
export function findMenu(problem: MenuProblem, options: FindMenuOptions = {}): Menu | undefined {
  return new MenuSearch(problem, options).run();
}

class MenuSearch {
  private readonly fixed: Drink[];
  private readonly open: Drink[];
  private readonly needs: number[];
  private readonly kinds: number;
  private readonly order: readonly MenuCriterion[];
  private readonly fields: readonly (keyof MenuScore)[];
  private readonly money: MenuMoney;
  private readonly taken: Uint8Array;
  private readonly found: Int16Array;
  private readonly chosen: Candidate[] = [];
  private best: { drinks: Candidate[]; score: MenuScore } | undefined;
  private looked = 0;
  private stopped = false;

  constructor(
    private readonly problem: MenuProblem,
    private readonly options: FindMenuOptions,
  ) {
    const { candidates, seats } = problem;
    this.kinds = candidates.reduce((most, c) => Math.max(most, ...c.parts), 0) + 1;
    const ready = (candidate: Candidate): Drink => ({
      candidate,
      parts: Bits.of(candidate.parts, this.kinds),
    });
    const [never, must] = [new Set(problem.never), new Set(problem.must)];
    this.fixed = candidates.filter((c) => must.has(c.id)).map(ready);
    this.open = candidates.filter((c) => !must.has(c.id) && !never.has(c.id)).map(ready);
    this.needs = needsOfSeats(problem);
    this.order = problem.order ?? MENU_ORDER;
    this.fields = this.order.map((criterion) => FIELD[criterion]);
    this.money = new MenuMoney(problem);
    this.taken = new Uint8Array(this.open.length);
    this.found = new Int16Array(seats.length);
  }

  run(): Menu | undefined {
    const { fixed, open, problem } = this;
    const { size } = problem;
    if (fixed.length + open.length < size || fixed.length > size) return undefined;
    this.best = goodMenu(problem, this.needs);
    this.tell();
    let so: SoFar = { parts: Bits.of([], this.kinds), count: 0, work: 0 };
    for (const drink of fixed) so = this.take(drink, so);
    this.descend(so);
    return this.best && { ...this.said(this.best), proven: !this.stopped };
  }

  private said({ drinks, score }: { drinks: Candidate[]; score: MenuScore }): Menu {
    return { drinks: [...drinks].sort(byId).map((c) => c.id), score, proven: false };
  }
  private tell(): void {
    if (this.best) this.options.onBetter?.(this.said(this.best));
  }
  private isBetter(score: MenuScore): boolean {
    if (this.best === undefined) return true;
    // As `compareScores` does, which is asked millions of times here.
    const than = this.best.score;
    for (const field of this.fields) {
      if (score[field] !== than[field]) return score[field] < than[field];
    }
    return false;
  }

  private take({ candidate, parts }: Drink, so: SoFar): SoFar {
    this.chosen.push(candidate);
    this.count(candidate, 1);
    return {
      parts: so.parts.with(parts),
      count: so.count + so.parts.countNew(parts),
      work: so.work + candidate.work,
    };
  }
  private putBack(): void {
    const candidate = this.chosen.pop();
    if (candidate) this.count(candidate, -1);
  }
  private count({ finds }: Candidate, by: number): void {
    for (let s = 0; s < this.found.length; s++) if (finds[s]) this.found[s] = (this.found[s] as number) + by;
  }
  /** People times drinks that they lack still. */
  private lacking(): number {
    let sum = 0;
    for (let s = 0; s < this.found.length; s++)
      sum +=
        Math.max(0, (this.needs[s] as number) - (this.found[s] as number)) *
        (this.problem.seats[s]?.people ?? 0);
    return sum;
  }

  private judge(drinks: Candidate[]): void {
    const score = scoreMenu(this.problem, drinks, this.needs);
    if (!this.isBetter(score)) return;
    this.best = { drinks, score };
    this.tell();
  }

  /** The last drink of a menu: judged in full only where what is sure of it could be better. */
  private finish(so: SoFar): void {
    const { seats } = this.problem;
    const floor = this.money.floor(this.chosen, this.found, 1);
    const people = Array.from(this.found, (found, s) =>
      found < (this.needs[s] as number) ? (seats[s]?.people ?? 0) : 0,
    );
    const lacking = this.lacking();
    const sameness = samenessOf(this.chosen);
    for (let i = 0; i < this.open.length; i++) {
      if (this.taken[i] || this.isToStop()) continue;
      const { candidate, parts } = this.open[i] as Drink;
      let pleased = 0;
      for (let s = 0; s < people.length; s++) if (candidate.finds[s]) pleased += people[s] as number;
      const least = {
        lacking: lacking - pleased,
        money: floor.money,
        parts: 0,
        work: so.work + candidate.work,
        sameness,
      };
      if (!this.isBetter(least)) continue;
      least.money += this.money.more(floor, candidate);
      least.parts = so.count + so.parts.countNew(parts);
      if (this.isBetter(least)) this.judge([...this.chosen, candidate]);
    }
  }

  private isToStop(): boolean {
    if ((this.looked += 1) % LOOK_EVERY === 0 && this.options.isOver?.()) this.stopped = true;
    return this.stopped;
  }

  private descend(so: SoFar): void {
    const more = this.problem.size - this.chosen.length;
    if (more === 0) return this.judge([...this.chosen]);
    if (more === 1) return this.finish(so);
    const floor = this.money.floor(this.chosen, this.found, more);
    const excluded: number[] = [];
    while (!this.stopped) {
      const { least, tightest } = this.outlook(so, more, floor);
      if (!this.isBetter(least)) break;
      const next = this.inOrder(so, tightest, floor);
      if (next.length === 0) break;
      for (const { i, with_ } of next) {
        if (this.isToStop()) break;
        this.taken[i] = 1;
        excluded.push(i);
        // Whatever comes beside it, it cannot lack or cost less than this.
        const { lacking, work, sameness } = least;
        const { money, parts } = with_;
        if (!this.isBetter({ lacking, money: floor.money + money, parts: so.count + parts, work, sameness }))
          continue;
        this.descend(this.take(this.open[i] as Drink, so));
        this.putBack();
      }
      // All that this seat finds has been tried: from here on it goes without, and the next one decides.
      if (tightest === undefined) break;
    }
    for (const i of excluded) this.taken[i] = 0;
  }

  /** Drinks that may be taken next, the most promising first: those that a seat finds, or all. */
  private inOrder(so: SoFar, seat: number | undefined, floor: Floor): { i: number; with_: MenuScore }[] {
    const keys: { i: number; with_: MenuScore }[] = [];
    this.open.forEach(({ candidate, parts }, i) => {
      if (this.taken[i] || (seat !== undefined && !candidate.finds[seat])) return;
      const money = this.money.more(floor, candidate);
      keys.push({
        i,
        with_: {
          lacking: 0,
          money,
          parts: so.parts.countNew(parts),
          work: candidate.work,
          sameness: 0,
        },
      });
    });
    return keys.sort((a, b) => compareScores(a.with_, b.with_, this.order) || a.i - b.i);
  }

  /** The least that a menu can come to from here, and who decides. */
  private outlook(so: SoFar, more: number, floor: Floor): Outlook {
    const { seats } = this.problem;
    const people = (s: number) => seats[s]?.people ?? 0;
    const lacks = Array.from(this.found, (found, s) => Math.max(0, (this.needs[s] as number) - found));
    const left = new Int32Array(seats.length);
    const cheapest = new Float64Array(seats.length).fill(Infinity);
    const fewest = new Float64Array(seats.length).fill(Infinity);
    const works: number[] = [];
    let [pleases, leastMoney, leastParts, there] = [0, Infinity, Infinity, 0];
    for (let i = 0; i < this.open.length; i++) {
      if (this.taken[i]) continue;
      const { candidate, parts } = this.open[i] as Drink;
      there += 1;
      const money = this.money.more(floor, candidate);
      const count = so.parts.countNew(parts);
      let mine = 0;
      for (let s = 0; s < lacks.length; s++) {
        if (lacks[s] === 0 || !candidate.finds[s]) continue;
        left[s] = (left[s] as number) + 1;
        mine += people(s);
        if (money < (cheapest[s] as number)) cheapest[s] = money;
        if (count < (fewest[s] as number)) fewest[s] = count;
      }
      pleases = Math.max(pleases, mine);
      leastMoney = Math.min(leastMoney, money);
      leastParts = Math.min(leastParts, count);
      keepLeast(works, candidate.work, more);
    }
    if (there < more) return { least: NEVER, tightest: undefined };
    let [least, all] = [0, 0];
    let tightest: number | undefined;
    lacks.forEach((lack, s) => {
      if (lack === 0) return;
      all += lack * people(s);
      least += Math.max(0, lack - Math.min(more, left[s] as number)) * people(s);
      const here = left[s] as number;
      if (here > 0 && (tightest === undefined || here < (left[tightest] as number))) tightest = s;
    });
    const lacking = Math.max(least, all - more * pleases);
    // Where seats decide first, one that cannot go without costs the cheapest that it finds.
    if (this.best !== undefined && this.order[0] === 'seats')
      for (let s = 0; s < lacks.length; s++)
        if ((left[s] as number) > 0 && least + people(s) > this.best.score.lacking) {
          leastMoney = Math.max(leastMoney, cheapest[s] as number);
          leastParts = Math.max(leastParts, fewest[s] as number);
        }
    return {
      least: {
        lacking,
        money: floor.money + leastMoney,
        parts: so.count + leastParts,
        work: works.reduce((sum, w) => sum + w, so.work),
        sameness: samenessOf(this.chosen),
      },
      tightest,
    };
  }
}
