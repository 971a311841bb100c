import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { z } from 'zod';
import type { Database } from '../storage/database.js';
import { sessionEntity, type Session } from '../storage/entities.js';

/** A session that nobody used for so long is over. */
export const SESSION_DAYS = 60;
const DAY_MS = 86_400_000;
/** When it was last used is kept to the quarter of an hour: no write for every call. */
const SEEN_EVERY_MS = 15 * 60_000;
const MAX_SESSIONS = 50;
const TOKEN_BYTES = 32;

/** A session as earlier releases kept it, in a file. */
export const sessionSchema: z.ZodType<Session> = z.strictObject({
  id: z.uuid(),
  tokenHash: z.base64(),
  device: z.string().max(60),
  since: z.iso.datetime(),
  seen: z.iso.datetime(),
});

const hashOf = (token: string) => createHash('sha256').update(token).digest('base64');

/** Devices that are signed in: kept in the database, and in memory for every request to be held against. */
export class Sessions {
  private constructor(
    private readonly db: Database,
    private all: Session[],
    private readonly now: () => Date,
  ) {}

  /** The sessions of a database. */
  static async open(db: Database, now: () => Date = () => new Date()): Promise<Sessions> {
    return new Sessions(db, await db.inTurn(() => db.manager.getRepository(sessionEntity).find()), now);
  }

  private isOver = ({ seen }: Session) => this.now().getTime() - Date.parse(seen) > SESSION_DAYS * DAY_MS;

  /** Whatever is not among these any more is over; it holds at once, and is on the disk when this resolves. */
  private async keepOnly(left: Session[]): Promise<void> {
    const gone = this.all.filter((s) => !left.includes(s)).map((s) => s.id);
    this.all = left;
    if (gone.length > 0) await this.db.write((manager) => manager.getRepository(sessionEntity).delete(gone));
  }

  list(): Session[] {
    return this.all.filter((s) => !this.isOver(s)).sort((a, b) => (a.seen > b.seen ? -1 : 1));
  }

  /** Take over what an earlier release kept elsewhere. */
  async take(sessions: readonly Session[]): Promise<void> {
    const news = sessions.filter((s) => !this.all.some((one) => one.id === s.id));
    if (news.length > 0)
      await this.db.write((manager) => manager.getRepository(sessionEntity).insert([...news]));
    this.all = [...this.all, ...news];
  }

  /** Begin one; its token is told once and not kept. */
  async begin(device: string): Promise<string> {
    const token = randomBytes(TOKEN_BYTES).toString('base64url');
    const at = this.now().toISOString();
    const session: Session = {
      id: randomUUID(),
      tokenHash: hashOf(token),
      device: device.slice(0, 60),
      since: at,
      seen: at,
    };
    await this.db.write((manager) => manager.getRepository(sessionEntity).insert(session));
    await this.keepOnly([session, ...this.list()].slice(0, MAX_SESSIONS));
    return token;
  }

  /** The session of a token, seen now; undefined where there is none. Hashes are compared, so that time tells nothing of a token. */
  of(token: string): Session | undefined {
    const hash = hashOf(token);
    const session = this.all.find((s) => s.tokenHash === hash);
    if (session === undefined || this.isOver(session)) return undefined;
    if (this.now().getTime() - Date.parse(session.seen) > SEEN_EVERY_MS) {
      const seen = this.now().toISOString();
      session.seen = seen;
      // Nobody waits for it: at worst a session is over a quarter of an hour sooner.
      this.db
        .write((manager) => manager.getRepository(sessionEntity).update(session.id, { seen }))
        .catch(() => undefined);
    }
    return session;
  }

  /** Whether a session still holds. */
  holds(id: string): boolean {
    return this.list().some((s) => s.id === id);
  }

  async end(id: string): Promise<boolean> {
    const left = this.all.filter((s) => s.id !== id);
    if (left.length === this.all.length) return false;
    await this.keepOnly(left);
    return true;
  }

  /** End all but one: whoever has the old passphrase is out. */
  endAll(except?: string): Promise<void> {
    return this.keepOnly(this.all.filter((s) => s.id === except));
  }
}
