import { IN, OUT } from './node-view.js';
import type { Relaxation } from './relaxation.js';
import type { Scope } from './scope.js';
import type { SearchModel } from './search-model.js';
import type { ParetoFront } from './pareto-front.js';
import { TrackedSet } from './tracked-set.js';

/** Rounds of taking back what is idle and spending what that frees. */
const MAX_ROUNDS = 3;
/** Among items bought alike on average, the better for its price goes first. */
const RATIO_WEIGHT = 0.01;

/** Makes whole sets out of what a relaxation buys, and takes them into the front. */
export class Rounding {
  private readonly set: TrackedSet;
  private readonly model: SearchModel;

  constructor(
    private readonly scope: Scope,
    private readonly front: ParetoFront,
  ) {
    this.model = scope.model;
    this.set = new TrackedSet(scope.model);
  }

  /** Take a finished set in as it stands. */
  offer(chosen: Uint8Array): boolean {
    this.set.reset(chosen);
    return this.take(Infinity);
  }

  /** Take in every set that a node with few free items holds, each one item away from the last. */
  tryAll(free: Int32Array, state: Int8Array, budget: number): boolean {
    this.hold(state);
    let better = this.take(budget);
    for (let t = 1; t < 2 ** free.length; t++) {
      // Gray code: the place of the lowest bit of t says which item changes.
      const item = free[31 - Math.clz32(t & -t)]!;
      this.flip(item);
      if (this.take(budget)) better = true;
    }
    return better;
  }

  /** Take in every set one item away from a set. */
  tryBeside(chosen: Uint8Array): void {
    const { set, model } = this;
    set.reset(chosen);
    for (let item = 0; item < model.n; item++) {
      this.flip(item);
      this.take(Infinity);
      this.flip(item);
    }
  }

  private flip(item: number): void {
    if (this.set.chosen[item] === 1) this.set.remove(item);
    else this.set.add(item);
  }

  private take(budget: number): boolean {
    const { set, front, scope } = this;
    const spend = set.spend + scope.spent;
    if (set.spend > budget || !front.passes(set.steps, spend)) return false;
    const { steps, count, valid } = set.worth();
    return valid && front.offer(scope.expand(set.chosen), { steps, spend, count: count + scope.count });
  }

  /** Hold what is in, and nothing else. */
  private hold(state: Int8Array): void {
    const { set, model } = this;
    for (let i = 0; i < model.n; i++) {
      if (set.chosen[i] === 1 && state[i] !== IN) set.remove(i);
      else if (set.chosen[i] === 0 && state[i] === IN) set.add(i);
    }
  }

  /**
   * Buy in the order in which the relaxation likes it (by what an item leaves for its price or, given
   * that, by how much of it was bought on average), as far as the money and the limits go; take
   * back what adds nothing; spend what is left. True when that makes a better set than was known.
   */
  round(relaxation: Relaxation, state: Int8Array, budget: number, average?: Float64Array): boolean {
    const { model, set } = this;
    const { view, reduced, income } = relaxation;
    this.hold(state);
    const liking = new Float64Array(model.n);
    const liked: number[] = [];
    for (let q = 0; q < view.freeCount; q++) {
      const i = view.free[q]!;
      const ratio = reduced[i]! / (model.prices[i]! + 1);
      liking[i] = average === undefined ? ratio : average[i]! + RATIO_WEIGHT * ratio;
      if (income[i]! > 0.5) liked.push(i);
    }
    liked.sort((a, b) => liking[b]! - liking[a]!);
    const first = model.needs.flatMap((clause) => {
      const items = [...clause].filter((m) => m < model.n && state[m] !== OUT);
      if (items.length === 0 || items.some((m) => set.chosen[m] === 1)) return [];
      return [items.reduce((a, b) => (liking[b]! > liking[a]! ? b : a))];
    });
    for (const i of [...first, ...liked]) if (set.chosen[i] === 0 && set.fits(i, budget)) set.add(i);
    let better = this.take(budget);
    for (let round = 0; round < MAX_ROUNDS; round++) {
      this.dropIdle(liked);
      const filled = this.fill(liked, budget);
      if (this.take(budget)) better = true;
      if (!filled) break;
    }
    return better;
  }

  private dropIdle(liked: readonly number[]): void {
    const { set } = this;
    const before = set.worth();
    for (let q = liked.length - 1; q >= 0; q--) {
      const i = liked[q]!;
      if (set.chosen[i] === 0) continue;
      set.remove(i);
      const { steps, valid } = set.worth();
      if (steps < before.steps || (before.valid && !valid)) set.add(i);
    }
  }

  /** Again and again the single item that brings most for its price. */
  private fill(liked: readonly number[], budget: number): boolean {
    const { set, model } = this;
    let any = false;
    for (;;) {
      let best = -1;
      let bestRatio = 0;
      for (const i of liked) {
        if (set.chosen[i] === 1 || !set.fits(i, budget)) continue;
        const ratio = set.gainOf(i) / (model.prices[i]! + 1);
        if (ratio > bestRatio) {
          best = i;
          bestRatio = ratio;
        }
      }
      if (best < 0) return any;
      set.add(best);
      any = true;
    }
  }
}
