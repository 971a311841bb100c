/** Tries that cost nothing; after them each wrong one doubles the wait. */
const FREE = 3;
const FIRST_WAIT_MS = 5000;
const LONGEST_WAIT_MS = 15 * 60_000;
/** An address that left off for so long begins anew. */
const FORGET_MS = 60 * 60_000;
/** Addresses remembered at once: the oldest goes, so that nobody fills the memory. */
const MAX_ADDRESSES = 10_000;

interface Tried {
  wrong: number;
  at: number;
}

/**
 * Wrong tries by address: after the third, whoever tries again waits, each time twice as long (5 s, 10 s, … a quarter of an
 * hour), so that no address gets ten a minute.
 */
export class Tries {
  private readonly byAddress = new Map<string, Tried>();

  constructor(private readonly now: () => number = Date.now) {}

  /** Milliseconds until this address may try again; 0 for now. */
  waitMs(address: string): number {
    const tried = this.byAddress.get(address);
    if (tried === undefined || tried.wrong < FREE) return 0;
    if (this.now() - tried.at > FORGET_MS) return 0;
    const wait = Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (tried.wrong - FREE));
    return Math.max(0, tried.at + wait - this.now());
  }

  /** A try begins: counted as wrong until it is right, so that many at once are no way around. */
  begin(address: string): void {
    const before = this.byAddress.get(address);
    const isOld = before === undefined || this.now() - before.at > FORGET_MS;
    this.byAddress.delete(address);
    this.byAddress.set(address, { wrong: isOld ? 1 : before.wrong + 1, at: this.now() });
    if (this.byAddress.size > MAX_ADDRESSES)
      for (const oldest of this.byAddress.keys()) {
        this.byAddress.delete(oldest);
        break;
      }
  }

  /** It was right: the address begins anew. */
  right(address: string): void {
    this.byAddress.delete(address);
  }
}
