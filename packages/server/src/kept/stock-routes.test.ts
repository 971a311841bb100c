import { randomUUID } from 'node:crypto';
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
