import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { KeptEntry } from '@uisce/core/kept';
import { last } from '../testing/small-database';
import { forgetRemembered, rememberAll, lastSnapshot, rememberSome } from './snapshot';

vi.mock('idb-keyval', () => import('../testing/small-database'));

const entry = (id: string, value: unknown, version = 1): KeptEntry => ({ thing: 'plan', id, version, value });
const ABOUT = { setAside: [], history: { undo: null, redo: null } };
const whole = (...entries: KeptEntry[]) => ({ entries, ...ABOUT });
const names = async () => (await lastSnapshot())?.entries.map((e) => e.id);

beforeEach(() => last.clear());

describe('what was last heard of the household', () => {
  it('is nothing before it was', async () => {
    expect(await lastSnapshot()).toBeUndefined();
  });

  it('comes back as it was, with when that was', async () => {
    const all = whole(entry('a', { name: 'First' }), entry('b', { name: 'Second' }, 7));
    await rememberAll(all, '2026-11-25T18:00:00.000Z');
    expect(await lastSnapshot()).toEqual({ ...all, at: '2026-11-25T18:00:00.000Z' });
  });

  it('comes back in the shape of this release, whatever release remembered it', async () => {
    const somebody = { name: 'Ann', limit: 2, noAlcohol: false, allergens: ['nuts'], dislikes: [] };
    const id = '00000000-0000-4000-8000-000000000008';
    const old: KeptEntry = { thing: 'person', id, version: 3, value: { id, ...somebody } };
    await rememberAll(whole(old), '2026-11-25T18:00:00.000Z');
    expect((await lastSnapshot())?.entries).toEqual([
      { ...old, value: { id, ...somebody, drives: false, likes: [], without: [] } },
    ]);
  });

  it('follows change by change: what is new comes last, what changed keeps its place, what is gone is gone', async () => {
    await rememberAll(whole(entry('a', 1), entry('b', 2), entry('c', 3)), 'then');
    await rememberSome([entry('b', 'changed', 2)], ABOUT, 'later');
    await rememberSome(
      [entry('d', 4), entry('a', null, 2)],
      { ...ABOUT, history: { undo: 'Name', redo: null } },
      'now',
    );
    expect(await names()).toEqual(['b', 'c', 'd']);
    expect(await lastSnapshot()).toMatchObject({
      at: 'now',
      history: { undo: 'Name' },
      entries: [{ value: 'changed', version: 2 }, {}, {}],
    });
  });

  it('is put together anew when all of it is read, with nothing left of before', async () => {
    await rememberAll(whole(entry('a', 1), entry('b', 2)), 'then');
    await rememberAll(whole(entry('b', 2)), 'now');
    expect(await names()).toEqual(['b']);
  });

  it('holds what is reactive as it is written, and nothing that was not', async () => {
    const value = { name: 'Plan', none: undefined, toJSON: () => ({ name: 'As JSON' }) };
    await rememberAll(whole(entry('a', value)), 'now');
    expect((await lastSnapshot())?.entries[0]?.value).toEqual({ name: 'As JSON' });
  });

  it('leaves nothing behind once it is to be forgotten', async () => {
    await rememberAll(whole(entry('a', 1)), 'now');
    await forgetRemembered();
    expect(last.size).toBe(0);
    expect(await lastSnapshot()).toBeUndefined();
  });
});
