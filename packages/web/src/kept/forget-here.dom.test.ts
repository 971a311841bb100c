import { beforeEach, expect, it, vi } from 'vitest';
import { remember, remembersAny } from '../solver/remembered';
import { forgetHere } from './forget-here';
import { lastSnapshot, rememberAll } from './snapshot';

vi.mock('idb-keyval', () => import('../testing/small-database'));

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
});

it('who signs out leaves nothing of the household in the browser but what was never sent, and nothing of others is touched', async () => {
  await rememberAll(
    { entries: [], setAside: [], history: { undo: null, redo: null } },
    '2026-12-01T18:00:00Z',
  );
  await remember('answer', 'what', { drinks: 58 });
  localStorage.setItem('uisce:tray', '[]');
  sessionStorage.setItem('uisce:writing', '20 ml gin');
  localStorage.setItem('elsewhere', 'stays');
  localStorage.setItem('uisce:outbox:gone', '{}');
  expect([await remembersAny(), await lastSnapshot()]).toEqual([true, expect.anything()]);
  await forgetHere();
  expect([await remembersAny(), await lastSnapshot()]).toEqual([false, undefined]);
  expect([Object.keys(localStorage).sort(), Object.keys(sessionStorage)]).toEqual([
    ['elsewhere', 'uisce:outbox:gone'],
    [],
  ]);
});
