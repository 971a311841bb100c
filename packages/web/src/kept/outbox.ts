import { dequal } from 'dequal';
import type { Applied, ChangeWrite, KeptEntry } from '@uisce/core/kept';
import { ApiError, OfflineError } from './client';

/** A change that the server does not have yet. */
export interface Pending extends ChangeWrite {
  /** When it was made here, ISO. */
  at: string;
  /** What each thing was when it was changed here, as far as it is known, by thing and id. */
  bases?: Record<string, unknown>;
  /** The page that made it, where that is another than the one that sends it. */
  page?: string;
  /** Whether it has left once: the server may have it although no answer came, so it stays as it is. */
  tried?: boolean;
}

/** A change that somebody else was faster than: mine, and what is there now. Nothing is lost until one is chosen. */
export interface Conflict {
  mine: Pending;
  theirs: KeptEntry[];
}

/** A change that the server will not have as it is, and why. It stays until it is mended, or thrown away by hand. */
export interface Refused {
  mine: Pending;
  status: number;
  reason: string;
}

export interface OutboxState {
  pending: Pending[];
  conflicts: Conflict[];
  refused: Refused[];
}

export interface OutboxParts {
  /** Hand a change to the server; throws as `api` does. */
  send(change: ChangeWrite): Promise<Applied>;
  /** Keep what waits where no reload or crash loses it; false where that cannot be. */
  save(state: OutboxState): Promise<boolean>;
  /** The server has it. */
  onApplied(applied: Applied): void;
  /** The server will not have it, and why: it is set aside. */
  onRefused(refused: Refused): void;
  /** The server is gone, or back. */
  onOnline(online: boolean): void;
  /** The server has trouble of its own, or wants to be asked later, or who asks to sign in: the change waits. */
  onHeldUp(error: ApiError): void;
  /** Anything of the state has changed. */
  onChange(): void;
  /** What the server has of a thing, as far as this page knows. */
  baseOf?(key: Key): unknown;
  /** What two made of the same thing at once, where both can stand. */
  merge?(thing: string, base: unknown, mine: unknown, theirs: unknown, isTold: boolean): unknown;
  newId(): string;
  now(): string;
}

const RETRY_AFTER_MS = 4000;
/** Typing and dragging are sent once they pause this long. */
const SEND_AFTER_MS = 400;

type Key = Pick<ChangeWrite['writes'][number], 'thing' | 'id'>;
const nameOf = ({ thing, id }: Key) => `${thing} ${id}`;
const same = (a: Key, b: Key) => a.thing === b.thing && a.id === b.id;
const touches = (change: Pick<ChangeWrite, 'writes'>, key: Key) => change.writes.some((w) => same(w, key));
const sameTargets = (a: readonly Key[], b: readonly Key[]) =>
  a.length === b.length && a.every((w) => b.some((v) => same(w, v)));

/** Answers after which the same change may be taken: not signed in, asked too soon, too slow, or the server's own trouble. */
const waits = (status: number) => status === 401 || status === 408 || status === 429 || status >= 500;

/**
 * Changes on their way to the server: sent once, in order, kept through reloads and while the server is away. A change
 * leaves only when it was accepted or thrown away by hand. One that somebody else was faster than is set aside with what
 * is there now, for the user to choose; one that is refused with its reason, to be mended; later changes of the same
 * things wait with it.
 */
export class Outbox {
  pending: Pending[] = [];
  conflicts: Conflict[] = [];
  refused: Refused[] = [];
  private running: Promise<void> | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly parts: OutboxParts) {}

  /** Take over what an earlier page left behind; true once it is kept under this page's name. */
  async adopt({ pending, conflicts, refused }: OutboxState): Promise<boolean> {
    await this.running;
    this.pending = [...pending, ...this.pending];
    this.conflicts = [...conflicts, ...this.conflicts];
    this.refused = [...refused, ...this.refused];
    return this.changed();
  }

  /** Take a change on. One of the same words and things takes the place of the last, if that has not left. */
  add(writes: ChangeWrite['writes'], change: string): void {
    const isOf = ({ mine }: { mine: Pending }) => writes.some((w) => touches(mine, w));
    const held = this.conflicts.find(isOf);
    const mended = this.refused.find(isOf);
    const last = this.pending.at(-1);
    if (held) held.mine = merged(held.mine, writes);
    else if (mended) this.again({ ...mended, mine: { ...merged(mended.mine, writes), change } }, mended);
    else if (last && !last.tried && last.change === change && sameTargets(last.writes, writes))
      this.pending = [...this.pending.slice(0, -1), merged(last, writes)];
    else {
      const { newId, now, baseOf } = this.parts;
      const bases = Object.fromEntries(writes.map((w) => [nameOf(w), baseOf?.(w)]));
      this.pending = [...this.pending, { id: newId(), change, at: now(), writes, bases }];
    }
    void this.changed();
    this.later(SEND_AFTER_MS);
  }

  /** Send everything that waits; resolves when nothing does, or the server is gone. */
  flush(): Promise<void> {
    clearTimeout(this.timer);
    this.running ??= this.sendAll().finally(() => (this.running = undefined));
    return this.running;
  }

  /** Settle a conflict: mine is sent again over what is there now, or dropped for it. */
  async settle(conflict: Conflict, keep: 'mine' | 'theirs'): Promise<void> {
    this.conflicts = this.conflicts.filter((c) => c !== conflict);
    if (keep === 'mine')
      this.pending = [rebased(conflict.mine, conflict.theirs, this.parts.newId()), ...this.pending];
    void this.changed();
    await this.flush();
  }

  /** Try a refused change once more, as it is or as it was mended. */
  async retry(refused: Refused): Promise<void> {
    this.again(refused);
    void this.changed();
    await this.flush();
  }

  /** Throw a refused change away. */
  discard(refused: Refused): void {
    this.refused = this.refused.filter((r) => r !== refused);
    void this.changed();
  }

  /** A refused change goes back among what waits, in its place in time, under a new id: the server has answered the old one. */
  private again({ mine }: Refused, was: Refused = { mine, status: 0, reason: '' }): void {
    this.refused = this.refused.filter((r) => r !== was && r.mine !== mine);
    const fresh = { ...mine, id: this.parts.newId(), tried: false };
    this.pending = [...this.pending, fresh].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  }

  private state(): OutboxState {
    return { pending: this.pending, conflicts: this.conflicts, refused: this.refused };
  }

  private async sendAll(): Promise<void> {
    for (let head = this.pending[0]; head !== undefined; head = this.pending[0]) {
      head.tried = true;
      void this.parts.save(this.state());
      try {
        const applied = await this.parts.send({ id: head.id, change: head.change, writes: head.writes });
        this.parts.onOnline(true);
        this.pending = this.pending
          .slice(1)
          .map((later) => (later.page === head.page ? following(later, head, applied.entries) : later));
        this.parts.onApplied(applied);
      } catch (error) {
        if (!(error instanceof ApiError)) {
          if (!(error instanceof OfflineError)) throw error;
          this.parts.onOnline(false);
          this.later(RETRY_AFTER_MS);
          return;
        }
        if (waits(error.problem.status)) {
          this.parts.onHeldUp(error);
          // Who is not signed in has to do that first: it is sent when the door is open again.
          if (error.problem.status !== 401) this.later(Math.max(RETRY_AFTER_MS, error.retryAfterMs ?? 0));
          return;
        }
        this.answered(head, error);
      }
      void this.changed();
    }
  }

  /** Take a change out of what waits, with all that was done later to the same things. */
  private takeOut(head: Pending, of: readonly Key[]): Pending {
    const stuck = this.pending.filter((p) => p === head || of.some((key) => touches(p, key)));
    this.pending = this.pending.filter((p) => !stuck.includes(p));
    return stuck.slice(1).reduce((all, next) => merged(all, next.writes), head);
  }

  /** The server has answered, and does not take it as it is. */
  private answered(head: Pending, error: ApiError): void {
    const { status } = error.problem;
    if (status !== 412) {
      const refused = { mine: this.takeOut(head, head.writes), status, reason: error.message };
      this.refused = [...this.refused, refused];
      this.parts.onRefused(refused);
      return;
    }
    const theirs = (error.problem.entries ?? []) as KeptEntry[];
    const mine = this.takeOut(head, theirs);
    const both = this.mergedWith(mine, theirs);
    if (both) {
      this.pending = [both, ...this.pending];
      return;
    }
    this.conflicts = [...this.conflicts, { mine, theirs }];
  }

  /** Mine made again over theirs, with what both did to each thing; undefined where one of them has to be chosen. */
  private mergedWith(mine: Pending, theirs: readonly KeptEntry[]): Pending | undefined {
    const { merge, newId } = this.parts;
    const values = new Map<string, unknown>();
    for (const { thing, id, value } of theirs) {
      const base = mine.bases?.[nameOf({ thing, id })];
      const own = mine.writes.find((w) => same(w, { thing, id }))?.value;
      // What is gone on either side cannot be merged.
      const isTold = mine.writes.every((w) => w.thing === thing);
      const both = base && own && value ? merge?.(thing, base, own, value, isTold) : undefined;
      if (both === undefined) return undefined;
      values.set(nameOf({ thing, id }), both);
    }
    const writes = mine.writes.map((w) => ({ ...w, value: values.get(nameOf(w)) ?? w.value }));
    return rebased({ ...mine, writes }, theirs, newId());
  }

  private later(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  /** @returns whether it is kept where no reload loses it, once that is known. */
  private changed(): Promise<boolean> {
    const saved = this.parts.save(this.state());
    this.parts.onChange();
    return saved;
  }
}

/** A change with later writes of the same things in place of its own. */
function merged(change: Pending, writes: ChangeWrite['writes']): Pending {
  const newer = writes.map((w) => ({
    ...w,
    version: change.writes.find((own) => same(own, w))?.version ?? w.version,
  }));
  return { ...change, writes: [...change.writes.filter((w) => !touches({ writes }, w)), ...newer] };
}

/**
 * A later change, once the one before it was taken. Where what is there now is not what that one wrote, somebody else came
 * in between (its answer was lost on the way, say): the later one was made without them, and is held against them.
 */
function following(later: Pending, head: Pending, entries: readonly KeptEntry[]): Pending {
  const isBetween = (entry: KeptEntry) => {
    const own = head.writes.find((w) => same(w, entry));
    return own !== undefined && !dequal(own.value, entry.value);
  };
  const next = rebased(
    later,
    entries.filter((e) => !isBetween(e)),
  );
  const were = head.writes.filter((w) => entries.some((e) => same(e, w) && isBetween(e)));
  return { ...next, bases: { ...next.bases, ...Object.fromEntries(were.map((w) => [nameOf(w), w.value])) } };
}

/** A change made on top of what is there now. */
function rebased(change: Pending, entries: readonly KeptEntry[], id = change.id): Pending {
  const writes = change.writes.map((w) => {
    const now = entries.find((e) => same(e, w));
    return now ? { ...w, version: now.version } : w;
  });
  const bases = { ...change.bases, ...Object.fromEntries(entries.map((e) => [nameOf(e), e.value])) };
  return { ...change, id, writes, bases, tried: false };
}
