import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import type { JsonLdRecipe } from '@uisce/core/notebook';
import { sampleBrief, plan } from '../testing/kept-samples.js';
import { catalogue, RunningApp } from '../testing/running-app.js';

const app = new RunningApp();
beforeAll(() => app.start());
afterAll(async () => {
  await app.stop();
  app.remove();
});
interface Read {
  recipes: {
    name: string;
    lines: { ml: number | null; kind: string | null; confidence: number; notes: string[] }[];
    method: string;
    faults: { pointer: string }[];
    recipe: { slots: unknown[] } | null;
  }[];
}
const TEXT = 'Harbour light\n2 oz white rum\n3/4 oz lime juice\n3/4 oz sea buckthorn cordial\nShake.';
const daiquiri = catalogue.recipes.find((r) => r.id === 'daiquiri') ?? expect.fail('the drink is there');

describe('the Notebook over the API', () => {
  it('reads text line by line, in the ounce that is said, and asks about what it does not know', async () => {
    const { body } = await app.call<Read>('POST', '/notebook/read', { text: TEXT, ounce: 'bar-oz' });
    const [one] = body.recipes;
    expect(one).toMatchObject({ name: 'Harbour light', method: 'shake' });
    expect(one?.lines.map((l) => l.ml)).toEqual([60, 22.5, 22.5]);
    expect(one?.faults.map((f) => f.pointer)).toEqual(['/recipes/0/lines/2/kind']);
  });

  it('sets aside what belongs to no recipe', async () => {
    const text = `Serves: 2\n${TEXT}`;
    const { body } = await app.call<{ aside: string[] }>('POST', '/notebook/read', { text, ounce: 'us-oz' });
    expect(body.aside).toEqual(['Serves: 2']);
  });

  it('finds drinks by what somebody types, exact before near, and says why', async () => {
    const find = async (q: string) =>
      (await app.get<{ id: string; name: string; why: string }[]>(`/find?q=${encodeURIComponent(q)}`)).slice(
        0,
        3,
      );
    expect((await find('Tipunch'))[0]).toMatchObject({ id: 'ti-punch', why: 'name' });
    expect((await find('G and T'))[0]).toEqual({
      id: 'gin-and-tonic',
      name: 'Gin and tonic',
      why: 'other-name',
    });
    expect((await find('daiquri'))[0]).toMatchObject({ id: 'daiquiri', why: 'slip' });
    const { status } = await app.call('GET', '/find');
    expect(status).toBe(400);
  });

  it('judges a recipe, and refuses a kind that is none', async () => {
    const { body } = await app.call<{ abv: number; like: string[]; twins: { id: string }[] }>(
      'POST',
      '/notebook/judge',
      { recipe: { ...daiquiri, id: 'own-x', name: 'X' } },
    );
    expect(body.abv).toBeGreaterThan(0.13);
    expect(body.like[0]).toBe('sour');
    expect(body.twins[0]?.id).toBe('daiquiri');
    const strange = {
      ...daiquiri,
      slots: daiquiri.slots.map((s, i) => (i === 1 ? { ...s, kind: 'moonlight' } : s)),
    };
    const refused = await app.call<ProblemDetails>('POST', '/notebook/judge', { recipe: strange });
    expect(refused.status).toBe(400);
    expect(refused.body.errors?.[0]?.pointer).toBe('/recipe/slots/1/kind');
  });

  it('keeps a drink of one’s own, pours it, and gives it out as schema.org has it', async () => {
    const drink = {
      id: 'own-harbour',
      houseSpecOf: null,
      current: 0,
      from: '',
      tags: [],
      notes: '',
      versions: [
        {
          at: '2026-11-26T20:00:00.000Z',
          why: '',
          recipe: { ...daiquiri, id: 'own-harbour', name: 'Harbour' },
        },
      ],
    };
    await app.put('/recipes/own-harbour', drink, 'Wrote Harbour');
    const steps = await app.call<{ steps: { part?: { kind: string } }[] }>('POST', '/pour/steps', {
      orders: [{ drink: 'own-harbour' }],
    });
    expect(steps.body.steps.some((s) => s.part?.kind === 'white-rum')).toBe(true);
    const out = await app.get<{ '@graph': JsonLdRecipe[] }>('/recipes.jsonld');
    expect(out['@graph'].map((r) => r.recipeIngredient[0])).toEqual(['60 ml White rum']);
    const bad = await app.call<ProblemDetails>('PUT', '/recipes/harbour', {
      value: { ...drink, id: 'harbour' },
      change: 'x',
    });
    expect(bad.status).toBe(400);
  });
});

describe('what the household wrote', () => {
  const own = (id: string, kind: string) => ({
    id,
    houseSpecOf: null,
    current: 0,
    from: '',
    tags: [],
    notes: '',
    chosen: [],
    versions: [
      {
        at: '2026-11-26T20:00:00.000Z',
        why: '',
        recipe: {
          ...daiquiri,
          id,
          name: id,
          slots: daiquiri.slots.map((s, i) => (i === 2 ? { ...s, kind } : s)),
        },
      },
    ],
  });
  const kind = (id: string, more: object = {}) => ({
    id,
    name: id,
    job: 'sweet',
    supply: 'home-made',
    ...more,
  });

  it('goes out whole with its schema, and comes into another household unchanged', async () => {
    await app.put('/kinds/own-cordial', kind('own-cordial', { sugarGPerL: 500 }), 'A kind');
    await app.put('/recipes/own-ebb', own('own-ebb', 'own-cordial'), 'Wrote Ebb');
    const file = await app.get<{ kinds: { id: string }[]; drinks: { id: string }[] }>('/recipes.json');
    expect(file.drinks.map((d) => d.id)).toContain('own-ebb');
    const schema = await app.get<{ properties: object }>('/recipes.schema.json');
    expect(Object.keys(schema.properties)).toEqual(['format', 'kinds', 'drinks', 'collections', 'tastings']);
    const other = new RunningApp();
    await other.start();
    const writes = [
      ...file.kinds.map((value) => ({ thing: 'own-kind', id: value.id, value, version: null })),
      ...file.drinks.map((value) => ({ thing: 'drink', id: value.id, value, version: null })),
    ];
    const kept = await other.call('POST', '/changes', { id: randomUUID(), change: 'All of it', writes });
    expect(kept.status).toBe(200);
    expect(await other.get('/recipes.json')).toEqual(file);
    await other.stop();
    other.remove();
  });

  it('does not lose a kind that a drink is made with, nor a drink that a plan must open', async () => {
    const tagOf = async (path: string) => (await app.call('GET', path)).headers.get('etag') ?? '';
    const versionOf = async (path: string) => Number((await tagOf(path)).replaceAll('"', ''));
    const gone = (thing: string, id: string, version: number) =>
      app.call<ProblemDetails>('POST', '/changes', {
        id: randomUUID(),
        change: 'Gone',
        writes: [{ thing, id, value: null, version }],
      });
    const needed = await gone('own-kind', 'own-cordial', await versionOf('/kinds/own-cordial'));
    expect([needed.status, needed.body.errors?.[0]?.code]).toEqual([400, 'in-use']);
    expect(needed.body.detail).toMatch(/“own-ebb” is made with it/);
    const ring = await app.call<ProblemDetails>(
      'PUT',
      '/kinds/own-a',
      { value: kind('own-a', { parent: 'own-b' }), change: 'x' },
      { 'if-none-match': '*' },
    );
    expect(ring.status).toBe(400);
    await app.put('/kinds/own-b', kind('own-b'), 'B');
    await app.put('/kinds/own-a', kind('own-a', { parent: 'own-b' }), 'A');
    const round = await app.call<ProblemDetails>(
      'PUT',
      '/kinds/own-b',
      { value: kind('own-b', { parent: 'own-a' }), change: 'x' },
      { 'if-match': await tagOf('/kinds/own-b') },
    );
    expect(round.body.detail).toMatch(/"own-a" is a kind of this one/);
    const must = plan({ brief: { ...sampleBrief, mustDrinks: ['own-ebb'] } });
    await app.put(`/plans/${must.id}`, must, 'Must');
    const wanted = await app.call<ProblemDetails>('DELETE', '/recipes/own-ebb', undefined, {
      'if-match': await tagOf('/recipes/own-ebb'),
    });
    expect([wanted.status, wanted.body.errors?.[0]?.code]).toEqual([400, 'in-use']);
    await app.put(
      `/plans/${must.id}`,
      { ...must, brief: { ...sampleBrief, mustDrinks: [] } },
      'Not any more',
    );
    expect(
      (
        await app.call('DELETE', '/recipes/own-ebb', undefined, {
          'if-match': await tagOf('/recipes/own-ebb'),
        })
      ).status,
    ).toBe(204);
    expect((await gone('own-kind', 'own-cordial', await versionOf('/kinds/own-cordial'))).status).toBe(200);
  });
});
