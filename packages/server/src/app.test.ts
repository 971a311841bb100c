import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import { request } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { loadCatalogue, loadPriceLists } from '@uisce/catalogue';
import type { ProblemDetails } from '@uisce/core/base';
import type { PriceList, PriceListSummary } from '@uisce/core/catalogue';
import { emptyKit, type Kit } from '@uisce/core/kit';
import type { BatchRecord } from '@uisce/core/making';
import { emptyBrief, type Plan } from '@uisce/core/plan';
import { createApp } from './app.js';
import type { SolverPool } from './planning/pool.js';
import { openDatabase } from './storage/data-source.js';

const folder = mkdtempSync(join(tmpdir(), 'uisce-'));
const loaded = loadCatalogue();
const prices = loadPriceLists(loaded.catalogue);
const brief = { ...emptyBrief('EUR'), moneyNowMinor: 24_000 };
let server: Server;
let stop: () => Promise<void>;

/** The app on a real database file; solving itself is tested in the core and end to end. */
async function start(): Promise<void> {
  const source = await openDatabase(join(folder, 'test.sqlite'));
  const app = createApp({
    logger: pino({ level: 'silent' }),
    source,
    pool: undefined as unknown as SolverPool,
    loaded,
    prices,
    webFolder: folder,
  });
  server = await new Promise<Server>((resolve) => {
    const s = app.listen(0, '127.0.0.1', () => resolve(s));
  });
  stop = async () => {
    await new Promise((resolve) => server.close(resolve));
    await source.destroy();
  };
}

const address = (path: string) => `http://127.0.0.1:${(server.address() as AddressInfo).port}/api${path}`;

async function call<T>(method: string, path: string, body?: unknown) {
  const response = await fetch(address(path), {
    method,
    ...(body === undefined
      ? {}
      : {
          headers: { 'content-type': 'application/json' },
          body: typeof body === 'string' ? body : JSON.stringify(body),
        }),
  });
  const text = await response.text();
  return {
    status: response.status,
    type: response.headers.get('content-type') ?? '',
    body: (text ? JSON.parse(text) : undefined) as T,
  };
}

const makePlan = async (name = 'First') =>
  (await call<Plan>('POST', '/plans', { name, brief, change: `New plan “${name}”` })).body;

beforeAll(start);
afterEach(async () => {
  for (const plan of (await call<Plan[]>('GET', '/plans')).body) await call('DELETE', `/plans/${plan.id}`);
});
afterAll(async () => {
  await stop();
  rmSync(folder, { recursive: true });
});

describe('plans', () => {
  it('survive a restart with all they hold', async () => {
    const plan = await makePlan();
    await stop();
    await start();
    expect((await call<Plan>('GET', `/plans/${plan.id}`)).body).toEqual(plan);
  });

  it('are undone and redone, one change at a time', async () => {
    const plan = await makePlan();
    const dearer = { ...brief, moneyNowMinor: 30_000 };
    await call('PUT', `/plans/${plan.id}`, { name: 'Renamed', brief: dearer, change: 'Money now' });
    await call('DELETE', `/plans/${plan.id}`);
    const now = async () => (await call<Plan>('GET', `/plans/${plan.id}`)).body;

    await call('POST', '/history/undo');
    expect(await now()).toMatchObject({ name: 'Renamed', brief: dearer });
    await call('POST', '/history/undo');
    expect(await now()).toMatchObject({ name: 'First', brief });
    expect((await call('GET', '/history')).body).toEqual({ undo: 'New plan “First”', redo: 'Money now' });
    await call('POST', '/history/redo');
    expect(await now()).toMatchObject({ name: 'Renamed' });
  });

  it('forget what was undone once something new is done', async () => {
    const plan = await makePlan();
    await call('PUT', `/plans/${plan.id}`, { name: 'Second', brief, change: 'Rename' });
    await call('POST', '/history/undo');
    await call('PUT', `/plans/${plan.id}`, { name: 'Third', brief, change: 'Rename' });
    expect((await call('POST', '/history/redo')).status).toBe(409);
    expect((await call<Plan>('GET', `/plans/${plan.id}`)).body.name).toBe('Third');
  });

  it('are duplicated with their brief and a name of their own', async () => {
    const plan = await makePlan();
    const copy = await call<Plan>('POST', `/plans/${plan.id}/duplicate`, { name: 'Copy' });
    expect(copy.body).toMatchObject({ name: 'Copy', brief });
    expect(copy.body.id).not.toBe(plan.id);
  });
});

describe('bad input is refused with its reason and changes nothing', () => {
  it.each([
    [
      'negative money',
      { name: 'x', brief: { ...brief, moneyNowMinor: -1 }, change: 'c' },
      '/brief/moneyNowMinor',
    ],
    ['a field nobody knows', { name: 'x', brief, change: 'c', colour: 'red' }, '/'],
    ['a name of nothing', { name: '  ', brief, change: 'c' }, '/name'],
  ])('%s', async (_name, body, pointer) => {
    const answer = await call<ProblemDetails>('POST', '/plans', body);
    expect(answer.status).toBe(400);
    expect(answer.type).toContain('application/problem+json');
    expect(answer.body.errors?.[0]?.pointer).toBe(pointer);
    expect((await call<Plan[]>('GET', '/plans')).body).toEqual([]);
  });

  it('broken JSON, an oversize body, another type, an unknown plan', async () => {
    expect((await call('POST', '/plans', '{"name":')).status).toBe(400);
    expect((await call('POST', '/plans', JSON.stringify('x'.repeat(300_000)))).status).toBe(413);
    expect((await fetch(address('/plans'), { method: 'POST', body: 'name=x' })).status).toBe(415);
    expect((await call('GET', `/plans/${randomUUID()}`)).status).toBe(404);
  });

  it('a price file with an unknown kind, named by path', async () => {
    const [list] = prices as [PriceList];
    const [first] = list.bottles as [PriceList['bottles'][number]];
    const bottles = [first, { ...first, id: 'odd', kind: 'moon-juice', label: 'Odd' }];
    const answer = await call<ProblemDetails>('POST', '/price-lists', { ...list, id: 'mine', bottles });
    expect(answer.status).toBe(400);
    expect(answer.body.errors).toEqual([
      { pointer: '/bottles/1/kind', detail: '"moon-juice" is not a kind we know (bottle "Odd")' },
    ]);
    const kept = (await call<PriceListSummary[]>('GET', '/price-lists')).body.map((l) => l.id);
    expect(kept).not.toContain('mine');
  });
});

describe('settings', () => {
  interface Shown {
    theme: string;
    measure: string;
    currentPlanId: string | null;
  }
  const read = async () => (await call<Shown>('GET', '/settings')).body;

  it('are kept, undone, and refused when they name no price list', async () => {
    const before = await read();
    await call('PUT', '/settings', { ...before, theme: 'night', measure: 'us-oz' });
    expect(await read()).toMatchObject({ theme: 'night', measure: 'us-oz' });
    const refused = await call<ProblemDetails>('PUT', '/settings', {
      ...before,
      priceListId: 'no-such-shop',
    });
    expect(refused.status).toBe(400);
    expect(refused.body.errors?.[0]?.pointer).toBe('/priceListId');
    expect(await read()).toMatchObject({ theme: 'night' });
    await call('POST', '/history/undo');
    expect(await read()).toMatchObject({ theme: before.theme, measure: before.measure });
  });

  it('do not count opening another plan as a change', async () => {
    const plan = await makePlan('Opened');
    await call('PUT', '/settings', { ...(await read()), currentPlanId: plan.id });
    expect((await read()).currentPlanId).toBe(plan.id);
    expect((await call('GET', '/history')).body).toMatchObject({ undo: 'New plan “Opened”' });
  });
});

describe('price lists', () => {
  const mine = (): PriceList => ({ ...(prices[0] as PriceList), id: 'mine', name: 'Mine' });
  const names = async () => (await call<PriceListSummary[]>('GET', '/price-lists')).body.map((l) => l.name);

  it('lie over a shop in the same currency, and over nothing else', async () => {
    const shop = prices.find((l) => l.currency === 'EUR') as PriceList;
    const over = (id: string, change: object = {}) =>
      call<ProblemDetails>('POST', '/price-lists', {
        ...shop,
        id: 'laid-over',
        name: 'Laid over',
        over: id,
        ...change,
      });
    expect((await over(shop.id)).status).toBe(201);
    expect((await call<PriceList>('GET', '/price-lists/laid-over')).body.over).toBe(shop.id);
    expect((await over('no-such-shop')).body.errors?.[0]?.pointer).toBe('/over');
    expect((await over(shop.id, { currency: 'USD' })).body.detail).toMatch(
      /in USD and your plan counts in EUR/,
    );
    expect((await over('laid-over', { id: 'twice' })).body.detail).toMatch(/not over other own prices/);
    expect((await call<ProblemDetails>('GET', '/price-lists/no-such-list')).status).toBe(404);
    await call('POST', '/history/undo');
  });

  it('of one’s own come before the shipped ones, replace by id, and are undone', async () => {
    const shipped = await names();
    await call('POST', '/price-lists', mine());
    expect(await names()).toEqual(['Mine', ...shipped]);
    await call('POST', '/price-lists', { ...mine(), name: 'Mine, newer' });
    expect(await names()).toEqual(['Mine, newer', ...shipped]);
    await call('POST', '/history/undo');
    await call('POST', '/history/undo');
    expect(await names()).toEqual(shipped);
  });

  it('are taken whole or not at all', async () => {
    const list = mine();
    const [first, ...rest] = list.bottles;
    const broken = { ...list, bottles: [{ ...first, priceMinor: 12.5 }, ...rest] };
    const answer = await call<ProblemDetails>('POST', '/price-lists', broken);
    expect(answer.status).toBe(400);
    expect(answer.body.errors?.[0]?.pointer).toBe('/bottles/0/priceMinor');
    expect(await names()).not.toContain('Mine');
  });
});

describe('the kit', () => {
  const kit = { ...emptyKit(), said: true, tools: [{ id: 'jigger', since: '2026-11-25' }] };

  it('is empty and unsaid at first, is kept, and comes back by undo', async () => {
    expect((await call<Kit>('GET', '/kit')).body).toEqual(emptyKit());
    expect((await call<Kit>('PUT', '/kit', { kit, change: 'Own lined jigger' })).status).toBe(200);
    expect((await call<Kit>('GET', '/kit')).body).toEqual(kit);
    await call('POST', '/history/undo');
    expect((await call<Kit>('GET', '/kit')).body).toEqual(emptyKit());
  });

  it('names what it does not know, and where it stands', async () => {
    const strange = { ...kit, tools: [...kit.tools, { id: 'sonic-spoon', since: null }], kitchen: ['moon'] };
    const refused = await call<ProblemDetails>('PUT', '/kit', { kit: strange, change: 'Odd' });
    expect(refused.status).toBe(400);
    expect(refused.body.errors?.map((e) => e.pointer)).toEqual(['/kit/tools/1/id', '/kit/kitchen/0']);
    const falling = [{ ml: 50, diameterMm: 40 }, { ml: 25, diameterMm: 40 }]; // prettier-ignore
    const vessels = [{ id: 'v', name: 'V', cups: [{ name: 'c', lines: falling }] }];
    const bad = await call<ProblemDetails>('PUT', '/kit', { kit: { ...kit, vessels }, change: 'Odd' });
    expect(bad.status).toBe(400);
    expect(bad.body.errors?.[0]).toEqual({
      pointer: '/kit/vessels/0/cups/0/lines',
      detail: 'lines must rise from the bottom up',
    });
  });
});

describe('batches', () => {
  const batch = (): BatchRecord => ({
    id: randomUUID(), recipeId: 'simple', plannedG: [700, 400], inG: [706, 0], jarG: 535, tared: false, bottleMl: 850,
    restsDone: 0, restStartedAt: null, toppedUpG: 0, startedAt: '2026-11-25T18:00:00.000Z', madeOn: null, useBy: null,
    frozen: false, yieldMl: null, measuredBrix: null, remainingMl: 0, notes: '',
  }); // prettier-ignore

  it('are kept as they stand, survive a restart, are thrown away and come back by undo', async () => {
    const mine = batch();
    const put = await call('PUT', `/batches/${mine.id}`, { batch: mine, change: '706 g white sugar' });
    expect(put.status).toBe(200);
    await stop();
    await start();
    expect((await call<BatchRecord[]>('GET', '/batches')).body).toEqual([mine]);
    expect((await call('DELETE', `/batches/${mine.id}`)).status).toBe(204);
    expect((await call<BatchRecord[]>('GET', '/batches')).body).toEqual([]);
    await call('POST', '/history/undo');
    expect((await call<BatchRecord[]>('GET', '/batches')).body).toEqual([mine]);
    await call('DELETE', `/batches/${mine.id}`);
    expect((await call('DELETE', `/batches/${mine.id}`)).status).toBe(404);
  });

  it('may be of a recipe of one’s own, once that is kept', async () => {
    const part = { hot: false, cold: false, strained: false };
    const recipe = {
      id: 'own-smoky', makes: 'simple-syrup', way: 'smoked', effort: 2, heated: false, rests: [], keepsDays: 14,
      how: 'As simple, with tea.', from: [{ ...part, pantry: 'white-sugar', g: 200 }, { ...part, pantry: 'water', g: 200 }],
    }; // prettier-ignore
    const mine = { ...batch(), recipeId: 'own-smoky', plannedG: [200, 200], inG: [0, 0] };
    expect((await call('PUT', `/batches/${mine.id}`, { batch: mine, change: 'Begin' })).status).toBe(400);
    expect((await call('PUT', '/home-made', { recipes: [recipe], change: 'Own recipe' })).status).toBe(200);
    expect((await call('PUT', `/batches/${mine.id}`, { batch: mine, change: 'Begin' })).status).toBe(200);
    await call('DELETE', `/batches/${mine.id}`);
    const clash = { ...recipe, id: 'simple', from: [{ ...part, pantry: 'moon-dust', g: 1 }] };
    const refused = await call<ProblemDetails>('PUT', '/home-made', { recipes: [clash], change: 'Odd' });
    expect(refused.body.errors?.map((e) => e.pointer)).toEqual(['/recipes/0/id', '/recipes/0/from/0']);
  });

  it('are refused with the place of the fault when they do not hold together', async () => {
    const mine = batch();
    const refused = async (part: object) =>
      (
        await call<ProblemDetails>('PUT', `/batches/${mine.id}`, {
          batch: { ...mine, ...part },
          change: 'Odd',
        })
      ).body.errors?.map((e) => e.pointer);
    expect(await refused({ recipeId: 'moonshine' })).toEqual(['/batch/recipeId']);
    expect(await refused({ inG: [1, 2, 3] })).toEqual(['/batch/inG']);
    expect(await refused({ id: randomUUID() })).toEqual(['/batch/id']);
    expect(await refused({ inG: [-1, 2] })).toEqual(['/batch/inG/0']);
  });
});

describe('over the wire', () => {
  it('the catalogue is sent once and then known by its tag', async () => {
    const first = await fetch(address('/catalogue'));
    const tag = first.headers.get('etag') ?? '';
    const again = await fetch(address('/catalogue'), { headers: { 'if-none-match': tag } });
    expect(tag).not.toBe('');
    expect(again.status).toBe(304);
  });

  it('pages may run nothing but our own scripts, with a new nonce each time', async () => {
    const policy = async () => (await fetch(address('/health'))).headers.get('content-security-policy') ?? '';
    const [one, two] = [await policy(), await policy()];
    expect(one).toContain("default-src 'none'");
    expect(one).toMatch(/script-src 'self' 'wasm-unsafe-eval'(;|$)/);
    expect(one).not.toContain('unsafe-inline');
    expect(one).not.toBe(two);
  });

  it('an unknown path of the API is a problem, not a page', async () => {
    const answer = await call<ProblemDetails>('GET', '/nowhere');
    expect(answer.status).toBe(404);
    expect(answer.type).toContain('application/problem+json');
  });
});

it('answers only to this machine’s own names', async () => {
  const { port } = server.address() as AddressInfo;
  const status = await new Promise<number | undefined>((resolve) => {
    request(
      { port, host: '127.0.0.1', path: '/api/plans', headers: { host: 'elsewhere.example' } },
      (res) => {
        res.resume();
        resolve(res.statusCode);
      },
    ).end();
  });
  expect(status).toBe(403);
});
