import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Applied, KeptEntry } from '@uisce/core/kept';
import { bottleThere, type Bottle } from '@uisce/core/stock';
import { RunningApp } from '../testing/running-app.js';

const app = new RunningApp();
beforeAll(() => app.start());
afterAll(async () => {
  await app.stop();
  app.remove();
});

const send = (change: object) => app.call<Applied>('POST', '/changes', change);
const write = (thing: string, id: string, value: unknown, version: number | null = null) => ({
  thing,
  id,
  value,
  version,
});

describe('changes of many writers', () => {
  it('that take from the same thing all hold, or say that they do not: a hundred, of twenty at once', async () => {
    const bottle = { ...bottleThere(randomUUID(), 'dry-gin'), sizeMl: 700, leftMl: 700 };
    await app.put(`/bottles/${bottle.id}`, bottle, 'A bottle');
    let told = 0;
    /** Read what is left, take 5 ml, write; told that somebody was faster, begin anew. */
    const take = async (): Promise<void> => {
      const { body, headers } = await app.call<Bottle>('GET', `/bottles/${bottle.id}`);
      const value = { ...body, leftMl: (body.leftMl ?? 0) - 5 };
      const seen = { 'if-match': headers.get('etag') ?? '' };
      const { status } = await app.call('PUT', `/bottles/${bottle.id}`, { value, change: 'Took 5 ml' }, seen);
      if (status === 200) return;
      expect(status).toBe(412);
      told += 1;
      return take();
    };
    await Promise.all(
      Array.from({ length: 20 }, async () => {
        for (let i = 0; i < 5; i += 1) await take();
      }),
    );
    expect(await app.get(`/bottles/${bottle.id}`)).toMatchObject({ leftMl: 200 });
    expect(told).toBeGreaterThan(0);
    await app.undo();
    expect(await app.get(`/bottles/${bottle.id}`)).toMatchObject({ leftMl: 205 });
  });

  it('that say the same of a setting agree, and so do two that throw the same away', async () => {
    const was = await app.call<object>('GET', '/settings');
    const seen = { 'if-match': was.headers.get('etag') ?? '' };
    const say = () =>
      app.call(
        'PUT',
        '/settings',
        { value: { ...was.body, household: 'The boathouse' }, change: 'Name' },
        seen,
      );
    expect([(await say()).status, (await say()).status]).toEqual([200, 200]);
    const bottle = bottleThere(randomUUID(), 'dry-gin');
    const { version } = (await app.put<KeptEntry>(`/bottles/${bottle.id}`, bottle, 'A bottle')).body;
    const away = () =>
      send({ id: randomUUID(), change: 'Away', writes: [write('bottle', bottle.id, null, version)] });
    expect([(await away()).status, (await away()).status]).toEqual([200, 200]);
  });

  it('of which the answer was lost bring nothing back when they are sent again later', async () => {
    const bottle = bottleThere(randomUUID(), 'dry-gin');
    const made = { id: randomUUID(), change: 'A bottle', writes: [write('bottle', bottle.id, bottle)] };
    const { body } = await send(made);
    const version = body.entries[0]?.version ?? null;
    await send({ id: randomUUID(), change: 'Away', writes: [write('bottle', bottle.id, null, version)] });
    expect((await send(made)).body.entries).toMatchObject([{ id: bottle.id, value: null }]);
    // Undone, and something else done: it can be redone no more, and is still known.
    const other = bottleThere(randomUUID(), 'dry-gin');
    const undone = { id: randomUUID(), change: 'Another', writes: [write('bottle', other.id, other)] };
    await send(undone);
    await app.undo();
    const third = bottleThere(randomUUID(), 'dry-gin');
    await app.put(`/bottles/${third.id}`, third, 'A third');
    expect((await send(undone)).body.entries).toMatchObject([{ id: other.id, value: null }]);
  });
});
