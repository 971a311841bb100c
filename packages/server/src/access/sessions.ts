import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { z } from 'zod';

/** A session that nobody used for so long is over. */
export const SESSION_DAYS = 60;
const DAY_MS = 86_400_000;
/** When it was last used is kept to the quarter of an hour: no write for every call. */
const SEEN_EVERY_MS = 15 * 60_000;
const MAX_SESSIONS = 50;
const TOKEN_BYTES = 32;

/** A device that is signed in: of its token only a hash is kept. */
export const sessionSchema = z.strictObject({
  id: z.uuid(),
  tokenHash: z.base64(),
  /** What the browser says of itself. */
  device: z.string().max(60),
  since: z.iso.datetime(),
  seen: z.iso.datetime(),
});
export type Session = z.infer<typeof sessionSchema>;

const hashOf = (token: string) => createHash('sha256').update(token).digest('base64');

/** Devices that are signed in. */
export class Sessions {
  constructor(
    private all: Session[],
    private readonly keep: (all: readonly Session[]) => void,
    private readonly now: () => Date = () => new Date(),
  ) {}

  private isOver = ({ seen }: Session) => this.now().getTime() - Date.parse(seen) > SESSION_DAYS * DAY_MS;

  list(): Session[] {
    return this.all.filter((s) => !this.isOver(s)).sort((a, b) => (a.seen > b.seen ? -1 : 1));
  }

  /** Begin one; its token is told once and not kept. */
  begin(device: string): string {
    const token = randomBytes(TOKEN_BYTES).toString('base64url');
    const at = this.now().toISOString();
    const session = {
      id: randomUUID(),
      tokenHash: hashOf(token),
      device: device.slice(0, 60),
      since: at,
      seen: at,
    };
    this.all = [session, ...this.list()].slice(0, MAX_SESSIONS);
    this.keep(this.all);
    return token;
  }

  /** The session of a token, seen now; undefined where there is none. Hashes are compared, so that time tells nothing of a token. */
  of(token: string): Session | undefined {
    const hash = hashOf(token);
    const session = this.all.find((s) => s.tokenHash === hash);
    if (session === undefined || this.isOver(session)) return undefined;
    if (this.now().getTime() - Date.parse(session.seen) > SEEN_EVERY_MS) {
      session.seen = this.now().toISOString();
      this.keep(this.all);
    }
    return session;
  }

  /** Whether a session still holds. */
  holds(id: string): boolean {
    return this.list().some((s) => s.id === id);
  }

  end(id: string): boolean {
    const left = this.all.filter((s) => s.id !== id);
    if (left.length === this.all.length) return false;
    this.all = left;
    this.keep(left);
    return true;
  }

  /** End all but one: whoever has the old passphrase is out. */
  endAll(except?: string): void {
    this.all = this.all.filter((s) => s.id === except);
    this.keep(this.all);
  }
}
