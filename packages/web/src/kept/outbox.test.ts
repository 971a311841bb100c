import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Applied, ChangeWrite, KeptEntry } from '@uisce/core/kept';
import { ApiError, OfflineError } from './client';
import { Outbox, type OutboxState } from './outbox';

/** A server of one table, as strict as the real one: each change once, and none over what it has not seen. */
class Server {
  readonly entries = new Map<string, KeptEntry>();
  readonly labels: string[] = [];
  private readonly applied = new Set<string>();
  private version = 0;
  /** How the next answers go: lost on the way back, or the server is away. */
  away = false;
  loseAnswers = 0;
  diskFull = false;
  /** What it answers instead of taking a change, and how long it asks to wait. */
  says: { status: number; retryAfterMs?: number; to?: string } | undefined;

  send(change: ChangeWrite): Promise<Applied> {
    if (this.away) return Promise.reject(new OfflineError());
    if (this.diskFull)
      return Promise.reject(new ApiError({ type: '/problems/disk-full', title: '', status: 507 }));
    if (this.says && (this.says.to ?? change.change) === change.change)
      return Promise.reject(
        new ApiError({ type: 'about:blank', title: 'no', status: this.says.status }, this.says.retryAfterMs),
      );
    if (!this.applied.has(change.id)) {
      const stale = change.writes.filter((w) => (this.entries.get(w.id)?.version ?? null) !== w.version);
      if (stale.length > 0) {
        const entries = stale.map((w) => this.now(w.id));
        return Promise.reject(
          new ApiError({ type: '/problems/version-mismatch', title: '', status: 412, entries }),
        );
      }
      if (change.change === 'Nonsense')
        return Promise.reject(
          new ApiError({ type: '/problems/invalid', title: '', status: 400, detail: 'no' }),
        );
      this.applied.add(change.id);
      this.labels.push(change.change);
      for (const w of change.writes) this.write(w.id, w.value);
    }
    if (this.loseAnswers > 0) {
      this.loseAnswers -= 1;
      return Promise.reject(new OfflineError());
    }
    return Promise.resolve({
      entries: change.writes.map((w) => this.now(w.id)),
      history: { undo: null, redo: null },
    });
  }

  write(id: string, value: unknown): void {
    if (value === null) this.entries.delete(id);
    else this.entries.set(id, { thing: 'plan', id, version: ++this.version, value });
  }

  now(id: string): KeptEntry {
    return this.entries.get(id) ?? { thing: 'plan', id, version: null, value: null };
  }
}

let server: Server;
let saved: OutboxState;
let refused: string[];
let heldUp: number[];
let ids = 0;

function outbox(): Outbox {
  return new Outbox({
    send: (change) => server.send(change),
    save: (state) => {
      saved = JSON.parse(JSON.stringify(state)) as OutboxState;
      return Promise.resolve(true);
    },
    onApplied: () => undefined,
    onRefused: ({ mine }) => refused.push(mine.change),
    onHeldUp: (error) => heldUp.push(error.problem.status),
    onOnline: () => undefined,
    onChange: () => undefined,
    baseOf: ({ id }) => server.now(id).value,
    // Lists of numbers can be merged: each keeps what either added.
    merge: (_thing, base, mine, theirs) =>
      [base, mine, theirs].every(Array.isArray)
        ? [...new Set([...(theirs as []), ...(mine as [])])]
        : undefined,
    newId: () => `change-${++ids}`,
    now: () => '2026-11-25T18:00:00.000Z',
  });
}
const write = (id: string, value: unknown, version = server.now(id).version) => [
  { thing: 'plan', id, version, value },
];

beforeEach(() => {
  vi.useFakeTimers();
  server = new Server();
  saved = { pending: [], conflicts: [], refused: [] };
  refused = [];
  heldUp = [];
});
afterEach(() => vi.useRealTimers());

describe('changes on their way', () => {
  it('are sent once, in order, each on top of the one before; typing is one change', async () => {
    const box = outbox();
    box.add(write('a', 1), 'Money');
    box.add(write('a', 12), 'Money');
    box.add(write('a', 13), 'Name');
    box.add(write('b', 1), 'Name');
    await box.flush();
    expect(server.labels).toEqual(['Money', 'Name', 'Name']);
    expect([server.now('a').value, server.now('b').value]).toEqual([13, 1]);
    expect(saved).toEqual({ pending: [], conflicts: [], refused: [] });
  });

  it('are made again over another’s where both can stand, and later changes go with them', async () => {
    server.write('a', [1]);
    const box = outbox();
    box.add(write('a', [1, 2]), 'A tick');
    box.add(write('a', [1, 2, 3]), 'Another tick');
    server.write('a', [1, 9]);
    await box.flush();
    expect([server.now('a').value, box.conflicts]).toEqual([[1, 9, 2, 3], []]);
  });

  it('wait while the server is away, survive a reload, and arrive once although an answer was lost', async () => {
    server.away = true;
    const box = outbox();
    box.add(write('a', 1), 'Money');
    await box.flush();
    box.add(write('a', 2), 'Money');
    box.add(write('b', 7), 'Name');
    expect(saved.pending.map((p) => p.writes[0]?.value)).toEqual([1, 2, 7]);

    server.away = false;
    server.loseAnswers = 1;
    const reloaded = outbox();
    await reloaded.adopt(saved);
    await reloaded.flush();
    await vi.advanceTimersByTimeAsync(5_000);
    expect(server.labels).toEqual(['Money', 'Money', 'Name']);
    expect([server.now('a').value, server.now('b').value]).toEqual([2, 7]);
    expect(saved.pending).toEqual([]);
  });

  it('that somebody else was faster than are set aside with theirs; nothing is overwritten or lost', async () => {
    server.write('a', 'old');
    const box = outbox();
    box.add(write('a', 'mine'), 'Money');
    box.add(write('b', 1), 'Other');
    server.write('a', 'theirs');
    await box.flush();
    expect(server.now('a').value).toBe('theirs');
    expect(server.labels).toEqual(['Other']);
    expect(box.conflicts).toMatchObject([
      { mine: { writes: [{ value: 'mine' }] }, theirs: [{ value: 'theirs' }] },
    ]);
    // What is done to it meanwhile belongs to mine.
    box.add(write('a', 'mine, later'), 'Name');
    await box.flush();
    expect(server.now('a').value).toBe('theirs');

    const [conflict] = box.conflicts;
    if (conflict) await box.settle(conflict, 'mine');
    expect(server.now('a').value).toBe('mine, later');
    expect(box.conflicts).toEqual([]);
  });

  it('that are given up for theirs leave theirs as it is', async () => {
    server.write('a', 'old');
    const box = outbox();
    box.add(write('a', 'mine'), 'Money');
    server.write('a', 'theirs');
    await box.flush();
    const [conflict] = box.conflicts;
    if (conflict) await box.settle(conflict, 'theirs');
    expect([server.now('a').value, box.conflicts, saved.pending]).toEqual(['theirs', [], []]);
  });

  it('wait while the server’s disk is full, which is said, and go when there is room', async () => {
    server.diskFull = true;
    const box = outbox();
    box.add(write('a', 1), 'Money');
    await box.flush();
    expect([heldUp, server.labels, saved.pending.length]).toEqual([[507], [], 1]);
    server.diskFull = false;
    await vi.advanceTimersByTimeAsync(5_000);
    expect([server.labels, saved.pending]).toEqual([['Money'], []]);
  });

  it.each([401, 408, 429, 503])('wait after an answer of %d, in order, and are sent once', async (status) => {
    server.says = { status };
    const box = outbox();
    box.add(write('a', 1), 'Money');
    box.add(write('b', 1), 'Name');
    await box.flush();
    await vi.advanceTimersByTimeAsync(60_000);
    expect([server.labels, saved.pending.map((p) => p.change), refused]).toEqual([[], ['Money', 'Name'], []]);
    server.says = undefined;
    await box.flush();
    expect([server.labels, saved.pending]).toEqual([['Money', 'Name'], []]);
  });

  it('come again when they were told to, not before', async () => {
    server.says = { status: 429, retryAfterMs: 30_000 };
    const box = outbox();
    box.add(write('a', 1), 'Money');
    await box.flush();
    server.says = undefined;
    await vi.advanceTimersByTimeAsync(29_000);
    expect(server.labels).toEqual([]);
    await vi.advanceTimersByTimeAsync(2_000);
    expect(server.labels).toEqual(['Money']);
  });

  it.each([400, 403, 413])(
    'that are refused with %d are set aside with what follows from them, and the rest goes on',
    async (status) => {
      server.says = { status, to: 'Nonsense' };
      const box = outbox();
      box.add(write('a', 1), 'Nonsense');
      box.add(write('a', 2), 'More of it');
      box.add(write('b', 1), 'Sense');
      await box.flush();
      expect([refused, server.labels]).toEqual([['Nonsense'], ['Sense']]);
      expect(saved.refused).toMatchObject([
        { status, reason: 'no', mine: { writes: [{ id: 'a', value: 2 }] } },
      ]);

      // A reload keeps it; mended, it is sent like any other.
      const reloaded = outbox();
      await reloaded.adopt(saved);
      reloaded.add(write('a', 3), 'Mended');
      await reloaded.flush();
      expect([server.now('a').value, saved.refused, saved.pending]).toEqual([3, [], []]);
    },
  );

  it('of which the answer was lost, and others came in between, have both', async () => {
    server.write('a', [1]);
    const box = outbox();
    server.loseAnswers = 1;
    box.add(write('a', [1, 2]), 'First');
    await box.flush();
    // Somebody else has heard of it, and goes on from there; this page has not.
    server.write('a', [1, 2, 9]);
    box.add(write('a', [1, 2, 3], 1), 'Second');
    await box.flush();
    await vi.advanceTimersByTimeAsync(5_000);
    expect([server.now('a').value, box.conflicts, saved.pending]).toEqual([[1, 2, 9, 3], [], []]);
  });

  it('of a page that is gone do not go over what this one has changed since without being asked', async () => {
    server.write('a', 'old');
    const gone = outbox();
    server.away = true;
    gone.add(write('a', 'theirs'), 'Name');
    await gone.flush();
    const left = { ...saved, pending: saved.pending.map((p) => ({ ...p, page: 'gone', tried: false })) };
    const box = outbox();
    box.add(write('a', 'mine'), 'Name');
    server.away = false;
    const sending = box.flush();
    await box.adopt(left);
    await sending;
    await box.flush();
    expect([server.now('a').value, box.conflicts]).toMatchObject([
      'mine',
      [{ mine: { writes: [{ value: 'theirs' }] } }],
    ]);
    // Nor the other way about: what is adopted first is sent first, and what was made without it is held against it.
    const other = outbox();
    other.add(write('a', 'mine again'), 'Name');
    await other.adopt({
      ...left,
      pending: left.pending.map((p) => ({ ...p, writes: write('a', 'theirs') })),
    });
    await other.flush();
    expect([server.now('a').value, other.conflicts]).toMatchObject([
      'theirs',
      [{ mine: { writes: [{ value: 'mine again' }] } }],
    ]);
  });

  it('that were refused are tried again as they are, or thrown away, by hand alone', async () => {
    const box = outbox();
    box.add(write('a', 1), 'Nonsense');
    await box.flush();
    const [once] = box.refused;
    if (once) await box.retry(once);
    expect([refused, box.refused.length]).toEqual([['Nonsense', 'Nonsense'], 1]);
    const [again] = box.refused;
    if (again) box.discard(again);
    expect([saved, server.labels]).toEqual([{ pending: [], conflicts: [], refused: [] }, []]);
  });
});
