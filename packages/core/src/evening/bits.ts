/** A set of small numbers. */
export class Bits {
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
}
