import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import type { KeptEntry, KeptWhole } from '@uisce/core/kept';
import type { PourStep } from '@uisce/core/pouring';
import { bottleThere } from '@uisce/core/stock';
import { RunningApp } from '../testing/running-app.js';

const app = new RunningApp();
beforeAll(() => app.start());
afterAll(async () => {
  await app.stop();
  app.remove();
});

interface Now {
  drinks: {
    drink: string;
    match: number;
    glasses: number | null;
    runsOut?: string;
    turning?: { kind: string };
  }[];
  short: { drink: string; lacks: { is: string; id: string } }[];
  asks: { kind: string; drinks: number }[];
}
interface Steps {
  seconds: number;
  order: string;
  steps: PourStep[];
}

describe('pouring', () => {
  it('tells what the bottles pour now, how often, and what a new one would open', async () => {
    const before = await app.get<Now>('/pour/now');
    expect(before.drinks.some((d) => d.drink === 'gin-and-tonic')).toBe(false);
    const bottle = (kind: string, more: object) => ({ ...bottleThere(randomUUID(), kind), ...more });
    const gin = bottle('dry-gin', { sizeMl: 700, leftMl: 110 });
    await app.put(`/bottles/${gin.id}`, gin, 'Gin');
    const short = await app.get<Now>('/pour/now');
    expect(short.short).toContainEqual({
      drink: 'gin-and-tonic',
      name: 'Gin and tonic',
      lacks: { is: 'kind', id: 'tonic-water' },
    });
    const tonic = bottle('tonic-water', { sizeMl: 800, leftMl: 800 });
    await app.put(`/bottles/${tonic.id}`, tonic, 'Tonic');
    const now = await app.get<Now>('/pour/now');
    expect(now.drinks.find((d) => d.drink === 'gin-and-tonic')).toMatchObject({
      match: 1,
      glasses: 2,
      runsOut: 'dry-gin',
    });
  });

  it('gives the steps of a round with ml, g, vessel and seconds, and refuses what is no drink, or too many', async () => {
    const { body } = await app.call<Steps>('POST', '/pour/steps', {
      orders: [{ drink: 'daiquiri', count: 2, for: ['Ann', 'Bo'] }, { drink: 'gin-and-tonic' }],
    });
    const rum = body.steps.find((s) => s.part?.kind === 'white-rum');
    expect(rum).toMatchObject({ act: 'pour', into: 'shaker', part: { ml: 120 } });
    expect(rum?.part?.g).toBeGreaterThan(100);
    expect(body.seconds).toBeCloseTo(
      body.steps.reduce((sum, s) => sum + s.seconds, 0),
      6,
    );
    expect(body.order).toMatch(/^Gin and tonic, then Daiquiri/);
    const ask = (orders: object[]) => app.call<ProblemDetails>('POST', '/pour/steps', { orders });
    const strange = await ask([{ drink: 'no-such-drink' }]);
    expect(strange.status).toBe(400);
    expect(strange.body.errors?.[0]?.pointer).toBe('/orders/0/drink');
    expect(
      (
        await ask([
          { drink: 'daiquiri', count: 8 },
          { drink: 'negroni', count: 8 },
        ])
      ).status,
    ).toBe(400);
    expect((await ask([])).status).toBe(400);
  });

  it('keeps a log of any length, of which a page is given the newest, and all of it is a table', async () => {
    const poured = (i: number) => ({
      id: randomUUID(),
      at: new Date(Date.UTC(2020, 0, 1) + i * 3_600_000).toISOString(),
      on: '2020-01-01',
      drink: 'negroni',
      name: 'Negroni',
      glasses: 1,
      for: [],
      parts: [],
      servedMl: 100,
      abv: 0.2,
      ethanolG: 16,
      costMinor: null,
      currency: null,
      verdict: null,
      tasted: [],
      note: i === 1198 ? '=SUM(A1), "quoted"' : `n${i}`,
      round: null,
    });
    const all = Array.from({ length: 1200 }, (_, i) => poured(i));
    // The newest is written first: what counts is when it was poured.
    all.reverse();
    for (let i = 0; i < all.length; i += 400) {
      const writes = all
        .slice(i, i + 400)
        .map((value) => ({ thing: 'pour', id: value.id, value, version: null }));
      const { status } = await app.call('POST', '/changes', { id: randomUUID(), change: 'Many', writes });
      expect(status).toBe(200);
    }
    const whole = await app.get<KeptWhole>('/kept');
    const notes = whole.entries
      .filter((e) => e.thing === 'pour')
      .map((e) => (e as KeptEntry<{ note: string }>).value.note);
    expect(notes).toHaveLength(1000);
    expect(notes).toContain('n1199');
    expect(notes).not.toContain('n199');
    expect(await app.get<unknown[]>('/pours')).toHaveLength(1200);
    const table = await (await fetch(app.address('/pours.csv'))).text();
    expect(table.split('\r\n')).toHaveLength(1201);
    expect(table.split('\r\n')[1]).toContain('n1199');
    expect(table.split('\r\n')[2]).toContain(`"'=SUM(A1), ""quoted"""`);
  });
});
