import { join } from 'node:path';
import { z } from 'zod';
import type { Database } from '../storage/database.js';
import { hashed, keptPassphraseSchema, matches } from './passphrase.js';
import { readPrivate, writePrivate } from './private-file.js';
import { Sessions, sessionSchema } from './sessions.js';
import { Tries } from './tries.js';

const stateSchema = z.strictObject({
  /** Whether the home network is served, also after the next start. */
  home: z.boolean(),
  passphrase: keptPassphraseSchema.nullable(),
  /** Here until they were kept in the database. */
  sessions: z.array(sessionSchema).optional(),
});
type State = Omit<z.infer<typeof stateSchema>, 'sessions'>;

/** Passphrases are looked at one after the other, and so many wait at most: each takes 64 MB. */
const MAX_WAITING = 8;

/** How signing in went. */
export type SignIn = { is: 'in'; token: string } | { is: 'wrong' } | { is: 'wait'; ms: number };

/** Who may come in from the home network. Its passphrase is kept beside the data, and in no backup of it. */
export class Access {
  private turn: Promise<unknown> = Promise.resolve();
  private waiting = 0;

  private constructor(
    private readonly file: string,
    private readonly state: State,
    readonly sessions: Sessions,
    private readonly tries: Tries,
  ) {}

  /** What a folder and the database know of it. */
  static async open(folder: string, db: Database, tries = new Tries()): Promise<Access> {
    const file = join(folder, 'access.json');
    const text = readPrivate(file);
    const { sessions: before, ...state } = stateSchema.parse(
      text === undefined ? { home: false, passphrase: null } : JSON.parse(text),
    );
    const access = new Access(file, state, await Sessions.open(db), tries);
    if (before !== undefined) {
      await access.sessions.take(before);
      access.keep();
    }
    return access;
  }

  private keep(): void {
    writePrivate(this.file, JSON.stringify(this.state));
  }

  get hasPassphrase(): boolean {
    return this.state.passphrase !== null;
  }
  get wantsHome(): boolean {
    return this.state.home;
  }
  setWantsHome(home: boolean): void {
    this.state.home = home;
    this.keep();
  }

  /** A new passphrase: all sessions but one's own end. */
  async setPassphrase(passphrase: string, mine?: string): Promise<void> {
    this.state.passphrase = await hashed(passphrase);
    // Kept once the sessions have ended: a server that stops between leaves none that the new passphrase did not let in.
    await this.sessions.endAll(mine);
    this.keep();
  }

  /** Whether it is the passphrase, or how long this address waits; a wrong one is remembered. */
  async check(passphrase: string, address: string): Promise<'right' | 'wrong' | { waitMs: number }> {
    const kept = this.state.passphrase;
    const waitMs = this.tries.waitMs(address);
    if (waitMs > 0 || this.waiting >= MAX_WAITING) return { waitMs: Math.max(waitMs, 1000) };
    this.tries.begin(address);
    this.waiting += 1;
    const mine = this.turn.then(() => (kept === null ? false : matches(passphrase, kept)));
    this.turn = mine.catch(() => undefined);
    try {
      if (!(await mine)) return 'wrong';
    } finally {
      this.waiting -= 1;
    }
    this.tries.right(address);
    return 'right';
  }

  async signIn(passphrase: string, address: string, device: string): Promise<SignIn> {
    const checked = await this.check(passphrase, address);
    if (checked === 'wrong') return { is: 'wrong' };
    if (checked !== 'right') return { is: 'wait', ms: checked.waitMs };
    return { is: 'in', token: await this.sessions.begin(device) };
  }
}
