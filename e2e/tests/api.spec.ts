import { request as httpRequest } from 'node:http';
import { WORKED_EXAMPLE, WORKED_FRONTIER } from '../../packages/core/src/testing/worked-example.js';
import { emptyBrief } from '../../packages/core/src/plan/index.js';
import { change, expect, test } from '../fixtures.js';
import { dataFolder, startServer } from '../server.js';

const slot = (...kinds: [string, number][]) => ({ any: kinds.map(([kind, fit]) => ({ all: [kind], fit })) });
const EXAMPLE = { ...WORKED_EXAMPLE, budget: 10_400 };

/** A problem no solver proves at once: many drinks, each of several of many bottles. */
function hardProblem() {
  let seed = 7;
  const next = (n: number) => (seed = (seed * 48271) % 2147483647) % n;
  const items = Array.from({ length: 300 }, (_, i) => ({
    id: `i${i}`,
    provides: [`k${i}`],
    price: 1000 + next(3000),
  }));
  const drinks = Array.from({ length: 4000 }, (_, i) => ({
    id: `d${i}`,
    slots: Array.from({ length: 3 + next(3) }, () => slot([`k${next(300)}`, 1], [`k${next(300)}`, 0.8])),
  }));
  return { format: 'uisce-plan-problem/1', budget: 120_000, items, drinks, minFit: 0.5 };
}

test('the worked example gives the published table', async ({ empty, request }) => {
  const frontier = await request.post(`${empty.address}/api/plan/frontier`, { data: EXAMPLE });
  const body = (await frontier.json()) as {
    status: string;
    points: { spend: number; value: number; items: string[] }[];
  };
  expect(body.status).toBe('optimal');
  expect(body.points).toEqual(WORKED_FRONTIER.map(([spend, value, items]) => ({ spend, value, items })));
  const solved = await request.post(`${empty.address}/api/plan/solve`, {
    data: { ...EXAMPLE, budget: 6899 },
  });
  expect(await solved.json()).toMatchObject({
    status: 'optimal',
    value: 3.85,
    bound: 3.85,
    spend: 6700,
    items: ['bourbon-70', 'dry-gin-70', 'sweet-vermouth-75', 'white-rum-70'],
  });
});

test('a brief is answered as the page would say it, and its faults are named by path', async ({
  empty,
  request,
}) => {
  const ask = (data: unknown) => request.post(`${empty.address}/api/plan/brief`, { data });
  const [little, more] = await Promise.all(
    [6_000, 12_000].map(async (moneyNowMinor) => {
      const answer = await ask({ shop: 'lantern-store', brief: { moneyNowMinor } });
      return (await answer.json()) as { status: string; drinksMade: number; value: number; spend: number };
    }),
  );
  expect([little?.status, more?.status]).toEqual(['optimal', 'optimal']);
  expect(more?.drinksMade).toBeGreaterThan(little?.drinksMade ?? NaN);
  expect(little?.spend).toBeLessThanOrEqual(6_000);
  const wrong = await ask({ shop: 'lantern-store', brief: { mustDrinks: ['no-such-drink'] } });
  expect(await wrong.json()).toMatchObject({ status: 400, errors: [{ pointer: '/brief/mustDrinks/0' }] });
  expect(await (await ask({ shop: 'nowhere', brief: {} })).json()).toMatchObject({
    errors: [{ pointer: '/shop' }],
  });
  expect((await ask({ shop: 'lantern-store', brief: { lasts: 'month' } })).status()).toBe(400);
});

test('faults are named by path, sizes are limited, and what cannot be met is said', async ({
  empty,
  request,
}) => {
  const solve = (data: unknown) => request.post(`${empty.address}/api/plan/solve`, { data });
  const bad = await solve({ ...EXAMPLE, items: [{ ...EXAMPLE.items[0], price: -1 }] });
  expect(bad.status()).toBe(400);
  expect(bad.headers()['content-type']).toContain('application/problem+json');
  expect(await bad.json()).toMatchObject({ status: 400, errors: [{ pointer: '/items/0/price' }] });

  const many = Array.from({ length: 1001 }, (_, i) => ({ id: `i${i}`, provides: [], price: 1 }));
  expect((await solve({ ...EXAMPLE, items: many })).status()).toBe(413);
  expect((await solve({ ...EXAMPLE, format: 'x'.repeat(9_000_000) })).status()).toBe(413);

  const unmet = await solve({ ...EXAMPLE, budget: 10, mustDrinks: ['white-sour'] });
  expect(await unmet.json()).toMatchObject({ status: 'infeasible' });
});

test('big problems block nobody, and end when their client leaves', async ({ empty, request }) => {
  const body = JSON.stringify(hardProblem());
  const leave = [0, 1].map(() => {
    const big = httpRequest(`${empty.address}/api/plan/solve`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
    });
    big.on('error', () => undefined);
    big.end(body);
    return () => big.destroy();
  });
  const health = await request.get(`${empty.address}/api/health`);
  expect(await health.json()).toMatchObject({ status: 'ok', database: { unreadable: 0 } });
  // Both threads are busy now; when the two clients leave, a small problem gets one at once.
  await new Promise((resolve) => setTimeout(resolve, 1500));
  leave.forEach((go) => go());
  const small = await request.post(`${empty.address}/api/plan/solve`, { data: EXAMPLE, timeout: 15_000 });
  expect(await small.json()).toMatchObject({ status: 'optimal', value: 6.85 });
});

test('told to stop under load, it keeps all that it said yes to, and ends well', async ({ request }) => {
  const data = dataFolder();
  const first = await startServer(data.path);
  const kept: string[] = [];
  const cut: unknown[] = [];
  let stopping = false;
  const client = async () => {
    while (!stopping) {
      const id = crypto.randomUUID();
      const value = { id, name: 'Kept', brief: emptyBrief('EUR'), createdAt: new Date().toISOString() };
      const writes = [{ thing: 'plan', id, value, version: null }];
      // A client of its own, whose line is not kept open for another.
      const answer = await fetch(`${first.address}/api/changes`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', connection: 'close' },
        body: JSON.stringify({ id: crypto.randomUUID(), change: 'Keep', writes }),
      }).catch((error: Error) => error);
      if (answer instanceof Response && answer.ok) kept.push(id);
      // Whoever comes when it listens no longer is refused, and nothing of theirs is half done.
      else if (!stopping) cut.push(answer);
    }
  };
  const clients = Array.from({ length: 10 }, client);
  await expect.poll(() => kept.length).toBeGreaterThan(100);
  stopping = true;
  expect(await first.stop()).toBe(0);
  await Promise.all(clients);
  expect(cut).toEqual([]);
  const second = await startServer(data.path);
  const plans = (await (await request.get(`${second.address}/api/plans`)).json()) as { id: string }[];
  const found = new Set(plans.map((p) => p.id));
  expect(kept.filter((id) => !found.has(id))).toEqual([]);
  await second.stop();
  data.remove();
});

test('a menu and a schedule are asked for over the API, and the menu’s money is what is missing', async ({
  demo,
  request,
}) => {
  const card = await request.post(`${demo.address}/api/evening/menu`, {
    data: {
      guests: [
        { name: 'Ann', likes: ['sour'] },
        { name: 'Bo', drives: true },
      ],
      size: 3,
      order: ['seats', 'money', 'parts', 'work', 'variety'],
    },
  });
  const told = (await card.json()) as {
    proven: boolean;
    score: { money: number };
    missingMinor: number;
    coverage: { finds: string[]; needs: number }[];
  };
  expect(told.proven).toBe(true);
  expect(told.missingMinor).toBe(told.score.money);
  expect(told.coverage.every((c) => c.finds.length >= c.needs)).toBe(true);
  const task = (id: string, more: object) => ({ id, name: id, minutes: 30, hands: true, ...more });
  const schedule = async (tasks: object[]) =>
    (await request.post(`${demo.address}/api/evening/schedule`, { data: { tasks, horizon: 300 } })).json();
  expect(await schedule([task('juice', { freshMinutes: 60 })])).toMatchObject({
    ok: true,
    starts: [{ id: 'juice', begins: 30, ends: 0, slack: 60 }],
  });
  expect(await schedule([task('orgeat', { minutes: 900 })])).toMatchObject({
    ok: false,
    conflict: { task: 'orgeat' },
  });
  const none = await request.post(`${demo.address}/api/evening/menu`, {
    data: { guests: [{ name: 'Ann' }], candidates: ['negroni'], size: 4 },
  });
  expect(none.status()).toBe(400);
  expect(((await none.json()) as { errors: { pointer: string }[] }).errors[0]?.pointer).toBe('/size');
});

test('page and API see the same household: its own gin, its own school of freshness, its batches', async ({
  page,
  demo,
}) => {
  const api = `${demo.address}/api`;
  const ask = async <T>(path: string) => (await (await page.request.get(`${api}${path}`)).json()) as T;
  const poured = async () =>
    (await ask<{ drinks: { name: string }[] }>('/pour/now')).drinks.map((d) => d.name);
  const asShipped = await poured();
  const gin = {
    id: 'own-sloe-gin',
    name: 'Sloe gin',
    parent: 'dry-gin',
    job: 'base',
    supply: 'bottle',
    abv: 0.26,
  };
  await page.request.put(`${api}/kinds/${gin.id}`, {
    headers: { 'if-none-match': '*' },
    data: { value: gin, change: 'Sloe gin' },
  });
  interface Bottle {
    id: string;
    kind: string;
    finishedOn: string | null;
  }
  for (const { value } of await ask<{ value: Bottle }[]>('/bottles'))
    if (value.kind === 'dry-gin' && value.finishedOn === null)
      await change(page.request, `${api}/bottles/${value.id}`, { ...value, kind: gin.id });
  const settings = await ask<object>('/settings');
  await change(page.request, `${api}/settings`, { ...settings, freshness: 'strict' });

  const atHand = await ask<{ kind: string; until?: string }[]>('/stock/at-hand');
  expect(atHand.map((a) => a.kind)).toContain(gin.id);
  const told = await poured();
  expect(told).not.toEqual(asShipped);
  await page.goto(`${demo.address}/pour`);
  const drinks = page.getByRole('region', { name: /drinks? that can be poured/ });
  await drinks.getByRole('button', { name: /^All \d+ of them/ }).click({ timeout: 60_000 });
  await expect(drinks.getByRole('listitem')).toHaveCount(told.length);
  expect(await drinks.getByRole('listitem').getByRole('link').allInnerTexts()).toEqual(told);
});
