import { beforeEach, describe, expect, it, vi } from 'vitest';
import { draftsLeft, saveDrafts } from './drafts';
import type { Conflict, OutboxState, Pending } from './outbox';

const kept = vi.hoisted(() => ({ store: new Map<string, unknown>(), broken: false }));
vi.mock('idb-keyval', () => {
  const open = <T>(work: () => T): Promise<T> =>
    kept.broken ? Promise.reject(new DOMException('no room', 'QuotaExceededError')) : Promise.resolve(work());
  return {
    entries: () => open(() => structuredClone([...kept.store])),
    set: (key: string, value: unknown) => open(() => void kept.store.set(key, structuredClone(value))),
    del: (key: string) => open(() => void kept.store.delete(key)),
  };
});

const open = new Set<string>();
beforeEach(() => {
  localStorage.clear();
  kept.store.clear();
  kept.broken = false;
  open.clear();
  vi.stubGlobal('navigator', {
    locks: { query: () => Promise.resolve({ held: [...open].map((id) => ({ name: `uisce:page:${id}` })) }) },
  });
});
const pending = (id: string, at: string): Pending => ({ id, at, change: id, writes: [] });
const state = (...changes: Pending[]): OutboxState => ({ pending: changes, conflicts: [], refused: [] });
const ids = (s: OutboxState) => s.pending.map((p) => p.id);
/** Take over as an opening page does: kept under its own name first. */
async function takeDrafts(page: string): Promise<OutboxState> {
  const { state: found, drop } = await draftsLeft(page, 'of all');
  if (await saveDrafts(page, found)) await drop();
  return found;
}

describe('what waits to be sent', () => {
  it('is found again by the page that kept it', async () => {
    await saveDrafts('me', state(pending('a', '2026-11-25T10:00'), pending('b', '2026-11-25T10:01')));
    expect(ids(await takeDrafts('me'))).toEqual(['a', 'b']);
  });

  it('is found though its page was closed before the browser had kept it', async () => {
    await saveDrafts('gone', state(pending('a', '2026-11-25T10:00')));
    kept.broken = true;
    void saveDrafts('gone', state(pending('a', '2026-11-25T10:00'), pending('b', '2026-11-25T10:01')));
    kept.broken = false;
    expect(ids(await takeDrafts('me'))).toEqual(['a', 'b']);
    expect(Object.keys(localStorage)).toEqual([]);
  });

  it('of pages that are gone is taken over once, oldest first among all, and it is known whose it was', async () => {
    await saveDrafts('me', state(pending('mine', '2026-11-25T10:05')));
    await saveDrafts(
      'gone',
      state(pending('first', '2026-11-25T10:00'), pending('last', '2026-11-25T10:09')),
    );
    const taken = await takeDrafts('me');
    expect(taken.pending.map((p) => [p.id, p.page])).toEqual([
      ['first', 'gone'],
      ['mine', undefined],
      ['last', 'gone'],
    ]);
    // It holds them now, and it is open.
    open.add('me');
    expect(ids(await takeDrafts('another'))).toEqual([]);
  });

  it('stays where it lay until it is dropped, and what an earlier release left is read', async () => {
    kept.store.set('uisce:outbox:gone', { pending: [pending('a', '2026-11-25T10:00')], conflicts: [] });
    // The page is left before it has kept what it found.
    await draftsLeft('me', 'of all');
    expect(await takeDrafts('me')).toMatchObject({ pending: [{ id: 'a' }], refused: [] });
    expect([...kept.store.keys()]).toEqual(['uisce:outbox:me']);
  });

  it('of a page that is still open stays its own, and one’s own is not found a second time', async () => {
    open.add('other');
    await saveDrafts('other', state(pending('theirs', '2026-11-25T10:00')));
    await saveDrafts('me', state(pending('mine', '2026-11-25T10:05')));
    expect(ids((await draftsLeft('me', 'of others')).state)).toEqual([]);
    open.clear();
    expect(ids((await draftsLeft('me', 'of others')).state)).toEqual(['theirs']);
  });

  it('is dropped once there is nothing, but not while somebody has still to choose', async () => {
    await saveDrafts('me', state(pending('a', '2026-11-25T10:00')));
    const conflict: Conflict = { mine: pending('a', '2026-11-25T10:00'), theirs: [] };
    await saveDrafts('me', { pending: [], conflicts: [conflict], refused: [] });
    expect((await takeDrafts('me')).conflicts).toEqual([conflict]);
    await saveDrafts('me', state());
    expect(kept.store.size).toBe(0);
  });

  it('leaves what others keep in the browser alone', async () => {
    kept.store.set('somebody-else', { pending: [pending('x', '2026-11-25T09:00')], conflicts: [] });
    expect(ids(await takeDrafts('me'))).toEqual([]);
    expect(kept.store.has('somebody-else')).toBe(true);
  });

  it('is no trouble where the browser keeps nothing', async () => {
    kept.broken = true;
    vi.stubGlobal('localStorage', undefined);
    await expect(saveDrafts('me', state(pending('a', '2026-11-25T10:00')))).resolves.toBe(false);
    expect(await takeDrafts('me')).toEqual({ pending: [], conflicts: [], refused: [] });
    vi.unstubAllGlobals();
  });
});
