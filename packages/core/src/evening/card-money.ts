import { Bits } from './bits.js';
import type { Candidate, CardProblem } from './card.js';
import { moneyFor, type Ware } from './ware.js';

/** What a drink takes at the least on any card that it stands on. */
interface Least {
  /** Of the wares that may run short. */
  uses: { ware: number; amount: number }[];
  wares: Bits;
  /** By itself, minor units. */
  alone: number;
}

/** What the drinks of a card take together so far. */
export interface Taken {
  amounts: Float64Array;
  wares: Bits;
  money: number;
}

/**
 * The least that a card costs once some of its drinks are known. A seat shares its pours among at most so many drinks
 * as the card has, or as there are for it: so many glasses of each stand fast, whatever else comes. More drinks never
 * cost less.
 */
export class CardMoney {
  private readonly least = new Map<Candidate, Least>();
  private readonly nothing: Taken;

  constructor(private readonly problem: CardProblem) {
    const { candidates, seats, wares, size } = problem;
    const shares = seats.map(({ people, pours }, s) => {
      const most = Math.min(size, candidates.filter((c) => c.finds[s]).length);
      return most === 0 ? 0 : (people * pours) / most;
    });
    const all = seats.reduce((sum, { people, pours }) => sum + people * pours, 0);
    // What there is enough of, however often it is poured, is not looked at again.
    const most = wares.map(() => 0);
    for (const { uses } of candidates)
      for (const { ware, amount } of uses) most[ware] = Math.max(most[ware] ?? 0, amount);
    const mayLack = wares.map((w, i) => w.there < all * (most[i] ?? 0) + 1);
    this.nothing = { amounts: new Float64Array(wares.length), wares: Bits.of([], wares.length), money: 0 };
    for (const candidate of candidates) {
      const glasses = seats.reduce((sum, _, s) => sum + (candidate.finds[s] ? (shares[s] ?? 0) : 0), 0);
      const poured = Math.max(0, Math.floor(glasses + 1e-9) - candidate.mixed);
      const uses = candidate.uses
        .filter(({ ware }) => mayLack[ware])
        .map(({ ware, amount }) => ({ ware, amount: amount * poured }));
      this.least.set(candidate, {
        uses,
        wares: Bits.of(uses.map((u) => u.ware), wares.length),
        alone: uses.reduce((sum, { ware, amount }) => sum + moneyFor(wares[ware] as Ware, amount), 0),
      }); // prettier-ignore
    }
  }

  none(): Taken {
    return this.nothing;
  }

  /** What one drink more costs at the least. */
  more(taken: Taken, candidate: Candidate): number {
    const { uses, wares, alone } = this.least.get(candidate) as Least;
    if (!taken.wares.meets(wares)) return alone;
    let money = 0;
    for (const { ware, amount } of uses) {
      const had = taken.amounts[ware] as number;
      const sold = this.problem.wares[ware] as Ware;
      money += moneyFor(sold, had + amount) - (had === 0 ? 0 : moneyFor(sold, had));
    }
    return money;
  }

  with(taken: Taken, candidate: Candidate): Taken {
    const { uses, wares } = this.least.get(candidate) as Least;
    const money = taken.money + this.more(taken, candidate);
    const amounts = taken.amounts.slice();
    for (const { ware, amount } of uses) amounts[ware] = (amounts[ware] as number) + amount;
    return { amounts, wares: taken.wares.with(wares), money };
  }
}
