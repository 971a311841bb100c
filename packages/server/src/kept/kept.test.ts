import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import type { PriceList, PriceListSummary } from '@uisce/core/catalogue';
import { defaultSettings } from '@uisce/core/household';
import { KEPT, type Announcement, type Applied, type KeptEntry, type KeptWhole } from '@uisce/core/kept';
import { emptyKit } from '@uisce/core/kit';
import type { Plan } from '@uisce/core/plan';
import { batch, sampleBrief, plan, recipe, samples, shapes } from '../testing/kept-samples.js';
import { RunningApp, shops } from '../testing/running-app.js';

const app = new RunningApp();
const pointers = (problem: ProblemDetails) => problem.errors?.map((e) => e.pointer);

beforeAll(() => app.start());
afterAll(async () => {
  await app.stop();
  app.remove();
});

describe('every kind of thing', () => {
  it('has its sample here', () => {
    expect(Object.keys(samples).sort()).toEqual(KEPT.map((k) => k.name).sort());
  });

  it.each(KEPT.map((k) => [k.name, k] as const))(
    '%s is kept with a version, survives a restart, is not overwritten unseen, undone and done again',
    async (name, kept) => {
      const [value, second] = samples[name] ?? [];
      const other = second ?? shapes[name]?.(value);
      const path = kept.empty ? `/${kept.path}` : `/${kept.path}/${kept.idOf?.(value) ?? ''}`;
      const first = await app.put<KeptEntry>(path, value, 'First');
      expect(first.status).toBe(200);
      await app.stop();
      await app.start();
      const read = await app.call('GET', path);
      expect(read.body).toEqual(value);
      expect(read.headers.get('etag')).toBe(`"${first.body.version}"`);
      if (!kept.undoable) return;

      const seen = { 'if-match': read.headers.get('etag') ?? '' };
      const another = await app.call<KeptEntry>(
        'PUT',
        path,
        { value: other, change: 'Second' },
        { ...seen, 'x-uisce-name': 'Another page' },
      );
      expect(another.status).toBe(200);
      const late = await app.call<ProblemDetails>('PUT', path, { value, change: 'Late' }, seen);
      expect(late.status).toBe(412);
      expect(late.body.detail).toContain('by Another page (“Second”)');
      expect(late.body.entries).toMatchObject([{ value: other, version: another.body.version }]);
      expect((await app.call('PUT', path, { value, change: 'Blind' })).status).toBe(428);
      expect(await app.get(path)).toEqual(other);

      await app.undo();
      expect(await app.get(path)).toEqual(value);
      await app.redo();
      expect(await app.get(path)).toEqual(other);
      expect(await app.get('/history')).toEqual({ undo: 'Second', redo: null });
    },
  );
});

describe('changes', () => {
  const send = (change: object, headers: Record<string, string> = {}) =>
    app.call<Applied>('POST', '/changes', change, headers);
  const write = (thing: string, id: string, value: unknown, version: number | null = null) => ({
    thing,
    id,
    value,
    version,
  });

  it('touch several things and are undone as one; one that is sent twice is done once', async () => {
    const [a, b] = [plan({ name: 'A' }), batch()];
    const change = {
      id: randomUUID(),
      change: 'Two at once',
      writes: [write('plan', a.id, a), write('batch', b.id, b)],
    };
    const first = await send(change);
    const second = await send(change);
    expect(second.body).toEqual(first.body);
    expect(await app.get('/history')).toMatchObject({ undo: 'Two at once' });
    await app.undo();
    expect((await app.call('GET', `/plans/${a.id}`)).status).toBe(404);
    expect((await app.call('GET', `/batches/${b.id}`)).status).toBe(404);
    expect((await app.call('GET', '/history')).body).toMatchObject({ redo: 'Two at once' });
  });

  it('are taken back only where they are of what is asked for', async () => {
    const [mine, theirs] = [plan({ id: randomUUID() }), plan({ id: randomUUID() })];
    await app.put(`/plans/${mine.id}`, mine, 'Poured mine');
    await app.put(`/plans/${theirs.id}`, theirs, 'Poured theirs');
    const undo = (id: string) =>
      app.call<ProblemDetails>('POST', '/history/undo', { of: { thing: 'plan', id } });
    const refused = await undo(mine.id);
    expect([refused.status, refused.body.detail]).toEqual([
      409,
      '“Poured theirs” came in between: undo that first',
    ]);
    expect(await app.get(`/plans/${theirs.id}`)).toEqual(theirs);
    expect((await undo(theirs.id)).status).toBe(200);
    expect((await undo(mine.id)).status).toBe(200);
    expect((await app.call('GET', `/plans/${mine.id}`)).status).toBe(404);
  });

  it('are taken whole or not at all', async () => {
    const good = plan();
    const writes = [
      write('plan', good.id, good),
      write('batch', randomUUID(), batch({ recipeId: 'moonshine' })),
    ];
    const refused = await app.call<ProblemDetails>('POST', '/changes', {
      id: randomUUID(),
      change: 'Odd',
      writes,
    });
    expect(refused.status).toBe(400);
    expect(pointers(refused.body)).toEqual(['/writes/1/value/id', '/writes/1/value/recipeId']);
    const unseen = [write('plan', good.id, good), write('kit', 'household', emptyKit(), 999_999)];
    expect((await send({ id: randomUUID(), change: 'Late', writes: unseen })).status).toBe(412);
    expect((await app.call('GET', `/plans/${good.id}`)).status).toBe(404);
  });

  it('may lean on each other: new prices and the setting that uses them', async () => {
    const list = { ...(shops[0] as PriceList), id: 'corner', name: 'Corner' };
    const { version } = (await app.get<KeptWhole>('/kept')).entries.find((e) => e.thing === 'settings') ?? {};
    const settings = { ...defaultSettings(), priceListId: 'corner' };
    const writes = [
      write('own-prices', 'corner', list),
      write('settings', 'household', settings, version ?? null),
    ];
    expect((await send({ id: randomUUID(), change: 'Prices of Corner', writes })).status).toBe(200);
    await app.undo();
    expect((await app.get<{ priceListId: string }>('/settings')).priceListId).not.toBe('corner');
  });

  it('may not take away the recipe that a batch was made by, unless the batch keeps a copy of it', async () => {
    const { version } =
      (await app.get<KeptWhole>('/kept')).entries.find((e) => e.thing === 'own-recipes') ?? {};
    const own = write('own-recipes', 'household', [recipe], version ?? null);
    const made = batch({ recipeId: recipe.id, plannedG: [200], inG: [0] });
    const begun = await send({
      id: randomUUID(),
      change: 'Own',
      writes: [own, write('batch', made.id, made)],
    });
    expect(begun.status).toBe(200);
    const [now = 0, stored = 0] = begun.body.entries.map((e) => e.version ?? 0);
    const gone = write('own-recipes', 'household', [], now);
    const refused = await app.call<ProblemDetails>('POST', '/changes', {
      id: randomUUID(),
      change: 'No more',
      writes: [gone],
    });
    expect([refused.status, refused.body.errors?.[0]?.code]).toEqual([400, 'in-use']);
    const kept = write('batch', made.id, { ...made, recipe }, stored);
    expect((await send({ id: randomUUID(), change: 'No more', writes: [gone, kept] })).status).toBe(200);
    expect(await app.get(`/batches/${made.id}`)).toMatchObject({ recipe: { way: 'smoked' } });
  });

  it('forget what was undone once something new is done; where one is, is no change', async () => {
    const mine = plan();
    await app.put(`/plans/${mine.id}`, mine, 'New');
    await app.put(`/plans/${mine.id}`, { ...mine, name: 'Second' }, 'Rename');
    await app.undo();
    await app.put('/place', { planId: mine.id });
    expect(await app.get('/history')).toMatchObject({ undo: 'New', redo: 'Rename' });
    await app.put(`/plans/${mine.id}`, { ...mine, name: 'Third' }, 'Rename again');
    const none = await app.call<ProblemDetails>('POST', '/history/redo', {});
    expect([none.status, none.body.type]).toEqual([409, '/problems/nothing-to-undo']);
  });

  it('are told to other pages as they happen', async () => {
    const stream = await fetch(app.address('/live'));
    const reader = stream.body?.pipeThrough(new TextDecoderStream()).getReader();
    await reader?.read();
    const told = plan({ name: 'Told' });
    await send(
      { id: randomUUID(), change: 'New plan', writes: [write('plan', told.id, told)] },
      { 'x-uisce-page': 'page-one' },
    );
    const { value = '' } = (await reader?.read()) ?? {};
    const news = JSON.parse(/data: (.*)/.exec(value)?.[1] ?? '{}') as Announcement;
    expect(news).toMatchObject({ page: 'page-one', label: 'New plan', history: { undo: 'New plan' } });
    expect(news.entries[0]?.value).toEqual(told);
    await reader?.cancel();
  });
});

describe('bad input is refused with its reason and changes nothing', () => {
  const put = (path: string, body: unknown) =>
    app.call<ProblemDetails>('PUT', path, body, { 'if-none-match': '*' });

  it.each([
    ['negative money', plan({ brief: { ...sampleBrief, moneyNowMinor: -1 } }), '/value/brief/moneyNowMinor'],
    ['a field nobody knows', { ...plan(), colour: 'red' }, '/value'],
    ['a name of nothing', plan({ name: '  ' }), '/value/name'],
  ])('%s', async (_name, value, pointer) => {
    const id = (value as Plan).id;
    const answer = await put(`/plans/${id}`, { value, change: 'c' });
    expect(answer.status).toBe(400);
    expect(answer.headers.get('content-type')).toContain('application/problem+json');
    expect(pointers(answer.body)).toEqual([pointer]);
    expect((await app.call('GET', `/plans/${id}`)).status).toBe(404);
  });

  it('a kit of unknown things, a batch that does not hold together, own recipes of moon dust', async () => {
    const kit = { ...emptyKit(), tools: [{ id: 'sonic-spoon', since: null }], kitchen: ['moon'] };
    expect(pointers((await put('/kit', { value: kit, change: 'Odd' })).body)).toEqual([
      '/value/tools/0/id',
      '/value/kitchen/0',
    ]);
    const b = batch({ inG: [1, 2, 3] });
    expect(pointers((await put(`/batches/${b.id}`, { value: b, change: 'Odd' })).body)).toEqual([
      '/value/inG',
    ]);
    const part = { hot: false, cold: false, strained: false };
    const clash = {
      id: 'simple',
      makes: 'simple-syrup',
      effort: 1,
      heated: false,
      acts: [],
      keepsDays: 9,
      how: 'As it is done.',
      from: [{ ...part, pantry: 'moon-dust', g: 1 }],
    };
    expect(pointers((await put('/home-made', { value: [clash], change: 'Odd' })).body)).toEqual([
      '/value/0/id',
      '/value/0/from/0',
    ]);
  });

  it('twins, dates that run backwards, strangers, names of nothing visible, half a character', async () => {
    const jigger = { id: 'jigger', since: null };
    const twice = { ...emptyKit(), tools: [jigger, jigger], kitchen: ['kettle', 'lidded-jar', 'lidded-jar'] };
    const kit = (await put('/kit', { value: twice, change: 'Odd' })).body;
    expect(kit.errors?.filter((e) => e.code === 'twice').map((e) => e.pointer)).toEqual([
      '/value/tools/1',
      '/value/kitchen/2',
    ]);
    const early = batch({ madeOn: '2026-11-25', useBy: '2026-11-20' });
    expect(pointers((await put(`/batches/${early.id}`, { value: early, change: 'Odd' })).body)).toEqual([
      '/value/useBy',
    ]);
    const strange = plan({
      brief: { ...sampleBrief, mustDrinks: ['daiquiri', 'moon-fizz'], neverKinds: ['moon-gin'] },
    });
    expect(pointers((await put(`/plans/${strange.id}`, { value: strange, change: 'Odd' })).body)).toEqual([
      '/value/brief/mustDrinks/1',
      '/value/brief/neverKinds/0',
    ]);
    for (const name of ['\u200b\u2060', 'half \ud800 of it']) {
      const odd = plan({ name });
      expect(pointers((await put(`/plans/${odd.id}`, { value: odd, change: 'Odd' })).body)).toEqual([
        '/value/name',
      ]);
    }
    expect(pointers((await put('/place', { value: { planId: randomUUID() }, change: 'Odd' })).body)).toEqual([
      '/value/planId',
    ]);
  });

  it('a price file with an unknown kind, named by path; own prices over anything but a shop', async () => {
    const [list] = shops as [PriceList];
    const [first] = list.bottles as [PriceList['bottles'][number]];
    const bottles = [first, { ...first, id: 'odd', kind: 'moon-juice', label: 'Odd' }];
    const mine = { ...list, id: 'odd-shop', bottles };
    expect((await put('/own-prices/odd-shop', { value: mine, change: 'c' })).body.errors).toEqual([
      {
        code: 'unknown',
        pointer: '/value/bottles/1/kind',
        detail: '"moon-juice" is not a kind we know (bottle "Odd")',
      },
    ]);
    const over = (id: string, change: object = {}) =>
      put('/own-prices/laid-over', { value: { ...list, id: 'laid-over', over: id, ...change }, change: 'c' });
    expect(pointers((await over('no-such-shop')).body)).toEqual(['/value/over']);
    expect((await over(list.id, { currency: list.currency === 'USD' ? 'EUR' : 'USD' })).body.detail).toMatch(
      /Uisce does not convert/,
    );
    expect((await over('laid-over')).body.detail).toMatch(/not over other own prices/);
    expect((await over(list.id)).status).toBe(200);
    const names = (await app.get<PriceListSummary[]>('/price-lists')).filter((l) => l.own).map((l) => l.id);
    expect(names).toContain('laid-over');
    await app.undo();
  });
});
