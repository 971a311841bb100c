import { createHmac, randomBytes, randomUUID, timingSafeEqual } from 'node:crypto';
import { join } from 'node:path';
import { z } from 'zod';
import type { Database } from '../storage/database.js';
import { hashed, keptPassphraseSchema, matches } from './passphrase.js';
import { readPrivate, writePrivate } from './private-file.js';
import { Sessions, sessionSchema } from './sessions.js';
import { Tries } from './tries.js';
import { WaitingList } from './waiting-list.js';

const stateSchema = z.strictObject({
  /** Whether the home network is served, also after the next start. */
  home: z.boolean(),
  passphrase: keptPassphraseSchema.nullable(),
  /** By which a device that was in before is known again; it lets nobody in. */
  knownKey: z.base64().optional(),
  /** Here until they were kept in the database. */
  sessions: z.array(sessionSchema).optional(),
});
type State = Omit<z.infer<typeof stateSchema>, 'sessions'>;

/** Passphrases are looked at one after the other, and so many wait at most: each takes 64 MB. */
const MAX_WAITING = 8;
/** Of one network so many, so that several have to get together to fill the list. */
const MAX_OF_A_NETWORK = 2;
/** And a list of its own for devices that were in before: however many guess, the household comes in. */
const MAX_KNOWN_WAITING = 2;
const KNOWN_BYTES = 32;

/** How signing in went. */
export type SignIn = { is: 'in'; token: string } | { is: 'wrong' } | { is: 'wait'; ms: number };

/** Who may come in from the home network. Its passphrase is kept beside the data, and in no backup of it. */
export class Access {
  /** Those who are known, and everybody else: each list is taken up one after the other. */
  private readonly known = new WaitingList(MAX_KNOWN_WAITING, MAX_KNOWN_WAITING);
  private readonly others = new WaitingList(MAX_WAITING, MAX_OF_A_NETWORK);

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

  /**
   * Whether it is the passphrase, or how long this address waits; a wrong one is remembered.
   *
   * @param known what the device shows of having been in before.
   */
  async check(
    passphrase: string,
    address: string,
    known = '',
  ): Promise<'right' | 'wrong' | { waitMs: number }> {
    const kept = this.state.passphrase;
    const device = this.deviceOf(known);
    // Whoever is known is counted by itself, and not for what its network does.
    const who = device === undefined ? address : `known ${device}`;
    const list = device === undefined ? this.others : this.known;
    const waitMs = this.tries.waitMs(who);
    if (waitMs > 0 || !list.hasRoom(who)) return { waitMs: Math.max(waitMs, 1000) };
    this.tries.begin(who);
    const isRight = await list.inTurn(who, () =>
      kept === null ? Promise.resolve(false) : matches(passphrase, kept),
    );
    if (!isRight) return 'wrong';
    this.tries.right(who);
    return 'right';
  }

  /** What a device shows when it comes again: it lets nobody in, and is known by its signature alone. */
  knownToken(): string {
    this.state.knownKey ??= randomBytes(KNOWN_BYTES).toString('base64');
    this.keep();
    const device = randomUUID();
    return `${device}.${this.signed(device)}`;
  }

  private signed(device: string): string {
    return createHmac('sha256', Buffer.from(this.state.knownKey ?? '', 'base64'))
      .update(device)
      .digest('base64url');
  }

  /** The device of a token that this household gave; undefined for any other. */
  private deviceOf(token: string): string | undefined {
    const [device = '', signature = ''] = token.split('.');
    if (this.state.knownKey === undefined) return undefined;
    const [given, right] = [Buffer.from(signature), Buffer.from(this.signed(device))];
    return given.length === right.length && timingSafeEqual(given, right) ? device : undefined;
  }

  async signIn(passphrase: string, address: string, device: string, known = ''): Promise<SignIn> {
    const checked = await this.check(passphrase, address, known);
    if (checked === 'wrong') return { is: 'wrong' };
    if (checked !== 'right') return { is: 'wait', ms: checked.waitMs };
    return { is: 'in', token: await this.sessions.begin(device) };
  }
}
