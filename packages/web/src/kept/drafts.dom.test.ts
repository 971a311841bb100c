import { beforeEach, describe, expect, it, vi } from 'vitest';
import { saveDrafts, takeDrafts } from './drafts';
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

describe('what waits to be sent', () => {
  it('is found again by the page that kept it', async () => {
    await saveDrafts('me', state(pending('a', '2026-11-25T10:00'), pending('b', '2026-11-25T10:01')));
    expect(ids(await takeDrafts('me'))).toEqual(['a', 'b']);
  });

  it('of pages that are gone is taken over once, oldest first among all', async () => {
    await saveDrafts('me', state(pending('mine', '2026-11-25T10:05')));
    await saveDrafts(
      'gone',
      state(pending('first', '2026-11-25T10:00'), pending('last', '2026-11-25T10:09')),
    );
    expect(ids(await takeDrafts('me'))).toEqual(['first', 'mine', 'last']);
    // It holds them now, and it is open.
    open.add('me');
    expect(ids(await takeDrafts('another'))).toEqual([]);
  });

  it('stands under its new name before it goes from the old one, and what an earlier release left is read', async () => {
    kept.store.set('uisce:outbox:gone', { pending: [pending('a', '2026-11-25T10:00')], conflicts: [] });
    await takeDrafts('me');
    // The page is left before it has told anybody what it found.
    expect([...kept.store.keys()]).toEqual(['uisce:outbox:me']);
    expect(await takeDrafts('me')).toMatchObject({ pending: [{ id: 'a' }], refused: [] });
  });

  it('of a page that is still open stays its own', async () => {
    open.add('other');
    await saveDrafts('other', state(pending('theirs', '2026-11-25T10:00')));
    expect(ids(await takeDrafts('me'))).toEqual([]);
    expect(kept.store.size).toBe(1);
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
    await expect(saveDrafts('me', state(pending('a', '2026-11-25T10:00')))).resolves.toBe(false);
    expect(await takeDrafts('me')).toEqual({ pending: [], conflicts: [], refused: [] });
  });
});
