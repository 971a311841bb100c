/** What one glass of a drink takes: few kinds, so that a list is quicker than a map. */
export class Taken {
  readonly kinds: string[] = [];
  readonly amounts: number[] = [];

  of(kind: string): number {
    const at = this.kinds.indexOf(kind);
    return at < 0 ? 0 : (this.amounts[at] as number);
  }
  add(kind: string, amount: number): void {
    const at = this.kinds.indexOf(kind);
    if (at >= 0) this.amounts[at] = (this.amounts[at] as number) + amount;
    else {
      this.kinds.push(kind);
      this.amounts.push(amount);
    }
  }
  clear(): void {
    this.kinds.length = 0;
    this.amounts.length = 0;
  }
}
