import { randomUUID } from 'node:crypto';
import { addDays, formatISO } from 'date-fns';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import { bottleThere } from '@uisce/core/stock';
import { RunningApp } from '../testing/running-app.js';

const app = new RunningApp();
beforeAll(() => app.start());
afterAll(async () => {
  await app.stop();
  app.remove();
});

describe('stock', () => {
  it('tells what is at hand, and reads what was typed at stock-taking', async () => {
    const gin = {
      ...bottleThere(randomUUID(), 'dry-gin'),
      sizeMl: 700,
      leftMl: 350,
      openedOn: '2026-11-01',
    };
    await app.put(`/bottles/${gin.id}`, gin, 'A bottle');
    const there = await app.get<{ kind: string; ml: number; bottleIds: string[] }[]>('/stock/at-hand');
    const mine = there.find((t) => t.kind === 'dry-gin');
    expect(mine?.bottleIds).toContain(gin.id);
    expect(mine?.ml).toBeGreaterThanOrEqual(350);
    const read = await app.call<{ kind?: string; left?: unknown }[]>('POST', '/stock/read', {
      text: 'dry gin 2/3, moon juice half',
    });
    expect(read.body.map((l) => [l.kind, l.left])).toEqual([
      ['dry-gin', { share: 2 / 3 }],
      [undefined, { share: 0.5 }],
    ]);
    await app.undo();
  });

  it('knows the household’s own kinds, by name and in the bottle, and its school of freshness', async () => {
    const mead = {
      id: 'own-mead',
      name: 'Heather mead',
      parent: 'sweet-vermouth',
      job: 'aromatic',
      supply: 'bottle',
    };
    await app.put('/kinds/own-mead', { ...mead, abv: 0.14, openDays: 30, openDaysBetween: [10, 60] }, 'Mead');
    const opened = formatISO(new Date(), { representation: 'date' });
    const bottle = { ...bottleThere(randomUUID(), 'own-mead'), sizeMl: 700, leftMl: 500, openedOn: opened };
    await app.put(`/bottles/${bottle.id}`, bottle, 'A bottle of mead');
    const untilNow = async () => {
      const there = await app.get<{ kind: string; until?: string }[]>('/stock/at-hand');
      return there.find((t) => t.kind === 'own-mead')?.until;
    };
    const day = (days: number) => formatISO(addDays(new Date(), days), { representation: 'date' });
    expect(await untilNow()).toBe(day(30));
    await app.put('/settings', { ...(await app.get<object>('/settings')), freshness: 'strict' }, 'Strict');
    expect(await untilNow()).toBe(day(10));
    const read = await app.call<{ kind?: string }[]>('POST', '/stock/read', { text: 'heather mead half' });
    expect(read.body.map((l) => l.kind)).toEqual(['own-mead']);
  });

  it('a bottle of nothing bottled, fuller than full, opened before it was bought', async () => {
    const odd = {
      ...bottleThere(randomUUID(), 'gin'),
      sizeMl: 700,
      leftMl: 900,
      boughtOn: '2026-11-20',
      openedOn: '2026-11-01',
    };
    const refused = await app.call<ProblemDetails>(
      'PUT',
      `/bottles/${odd.id}`,
      { value: odd, change: 'Odd' },
      { 'if-none-match': '*' },
    );
    expect(refused.body.errors?.map((e) => e.pointer)).toEqual([
      '/value/kind',
      '/value/leftMl',
      '/value/openedOn',
    ]);
  });
});
