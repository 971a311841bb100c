/** Work that is done one after the other, of which so much waits at most, and so much of one who asks. */
export class WaitingList {
  private turn: Promise<unknown> = Promise.resolve();
  private readonly waiting = new Map<string, number>();

  constructor(
    private readonly most: number,
    private readonly mostOfOne: number,
  ) {}

  hasRoom(who: string): boolean {
    const all = [...this.waiting.values()].reduce((sum, n) => sum + n, 0);
    return all < this.most && (this.waiting.get(who) ?? 0) < this.mostOfOne;
  }

  /** Do it when its turn comes. */
  async inTurn<T>(who: string, work: () => Promise<T>): Promise<T> {
    this.waiting.set(who, (this.waiting.get(who) ?? 0) + 1);
    const mine = this.turn.then(work);
    this.turn = mine.catch(() => undefined);
    try {
      return await mine;
    } finally {
      const left = (this.waiting.get(who) ?? 1) - 1;
      if (left === 0) this.waiting.delete(who);
      else this.waiting.set(who, left);
    }
  }
}
