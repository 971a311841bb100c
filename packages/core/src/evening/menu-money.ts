import type { Candidate, MenuProblem } from './menu.js';
import { moneyFor, type EveningWare } from './ware.js';

/** What the drinks chosen so far cost at the least, whatever comes beside them. */
export interface Floor {
  /** By seat: what each drink that it finds is poured for it at the least. */
  shares: Float64Array;
  /** By ware: what is taken of it at the least. */
  amounts: Float64Array;
  money: number;
}

/**
 * The least that a menu costs while only some of its drinks are known. A seat that found so many of them shares its
 * pours among at most as many more as are still to come, so that so many glasses of each stand fast; and more of
 * anything never costs less.
 */
export class MenuMoney {
  /** By drink: what it takes of wares that may run short. */
  private readonly uses = new Map<Candidate, Candidate['uses']>();
  /** By seat: the most drinks that its pours are shared among. */
  private readonly most: number[];

  constructor(private readonly problem: MenuProblem) {
    const { candidates, seats, wares, size } = problem;
    this.most = seats.map((_, s) => Math.min(size, candidates.filter((c) => c.finds[s]).length));
    // What there is enough of, however often it is poured, is not looked at again.
    const all = seats.reduce((sum, { people, pours }) => sum + people * pours, 0);
    const most = wares.map(() => 0);
    for (const { uses } of candidates)
      for (const { ware, amount } of uses) most[ware] = Math.max(most[ware] ?? 0, amount);
    const mayLack = wares.map((w, i) => w.there < all * (most[i] ?? 0) + 1);
    for (const c of candidates)
      this.uses.set(
        c,
        c.uses.filter((u) => mayLack[u.ware]),
      );
  }

  /**
   * What these drinks come to with so many more to come.
   *
   * @param found by seat: how many of them it finds.
   */
  floor(chosen: readonly Candidate[], found: ArrayLike<number>, more: number): Floor {
    const { seats, wares } = this.problem;
    const shares = Float64Array.from(seats, ({ people, pours }, s) => {
      const among = Math.min(this.most[s] as number, (found[s] as number) + more);
      return among === 0 ? 0 : (people * pours) / among;
    });
    const floor: Floor = { shares, amounts: new Float64Array(wares.length), money: 0 };
    for (const candidate of chosen) {
      floor.money += this.more(floor, candidate);
      const glasses = this.glasses(floor, candidate);
      for (const { ware, amount } of this.uses.get(candidate) ?? [])
        floor.amounts[ware] = (floor.amounts[ware] as number) + amount * glasses;
    }
    return floor;
  }

  /** What one of the drinks to come adds to it at the least. */
  more(floor: Floor, candidate: Candidate): number {
    const uses = this.uses.get(candidate) as Candidate['uses'];
    if (uses.length === 0) return 0;
    const glasses = this.glasses(floor, candidate);
    if (glasses === 0) return 0;
    let money = 0;
    for (const { ware, amount } of uses) {
      const had = floor.amounts[ware] as number;
      const sold = this.problem.wares[ware] as EveningWare;
      money += moneyFor(sold, had + amount * glasses) - (had === 0 ? 0 : moneyFor(sold, had));
    }
    return money;
  }

  private glasses({ shares }: Floor, { finds, mixed }: Candidate): number {
    let glasses = 1e-9;
    for (let s = 0; s < shares.length; s++) if (finds[s]) glasses += shares[s] as number;
    return Math.max(0, Math.floor(glasses) - mixed);
  }
}
