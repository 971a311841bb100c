import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { defaultSettings } from '@uisce/core/household';
import type { Applied, KeptWhole } from '@uisce/core/kept';
import { plan } from '../testing/kept-samples.js';
import { RunningApp } from '../testing/running-app.js';

const app = new RunningApp();
const at = (instant: string) => vi.useFakeTimers({ toFake: ['Date'], now: new Date(instant) });
beforeEach(() => {
  at('2026-10-25T12:00:00Z');
  return app.start();
});
afterEach(async () => {
  vi.useRealTimers();
  await app.stop();
  app.remove();
});

const mine = plan();
const change = (name: string, version: number | null = null) => ({
  id: randomUUID(),
  change: name,
  writes: [{ thing: 'plan', id: mine.id, version, value: { ...mine, name } }],
});
const send = async (what: object) => {
  const { status, body } = await app.call<Applied>('POST', '/changes', what);
  expect(status).toBe(200);
  return body.entries[0]?.version ?? 0;
};
const name = async () => {
  const { entries } = await app.get<KeptWhole>('/kept');
  return entries.filter((e) => e.thing === 'plan').map((e) => (e.value as typeof mine).name);
};

it.each([
  ['an hour, as in autumn', '2026-10-25T11:00:00Z'],
  ['a day', '2026-10-24T12:00:00Z'],
  ['to a time before anything was', '1970-01-02T00:00:00Z'],
])('a clock put back by %s: nothing is lost, said twice or out of order', async (_, then) => {
  const first = change('First');
  const version = await send(first);
  at(then);
  await app.stop();
  await app.start();
  const second = change('Second', version);
  expect(await send(second)).toBeGreaterThan(version);
  // Sent again, each is known, and neither is done a second time.
  await send(first);
  await send(second);
  expect(await name()).toEqual(['Second']);
  expect(await app.get('/history')).toEqual({ undo: 'Second', redo: null });
  await app.undo();
  expect(await name()).toEqual(['First']);
  at('2026-10-25T12:00:00Z');
  expect(await app.get('/history')).toEqual({ undo: 'First', redo: 'Second' });
  await app.redo();
  expect(await name()).toEqual(['Second']);
});

it('a year without use, or a clock put ahead by one: all is there, what was done is undone, and it goes on', async () => {
  const settings = { ...defaultSettings(), household: 'The boathouse' };
  await app.put('/settings', settings, 'Settings');
  const version = await send(change('First'));
  await app.stop();
  at('2027-11-25T12:00:00Z');
  await app.start();
  expect([await app.get('/settings'), await name()]).toEqual([settings, ['First']]);
  const second = change('Second', version);
  await send(second);
  at('2026-10-25T12:00:00Z');
  await send(second);
  expect(await name()).toEqual(['Second']);
  await app.undo();
  await app.undo();
  expect(await name()).toEqual([]);
});
