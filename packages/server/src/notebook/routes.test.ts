import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import type { JsonLdRecipe } from '@uisce/core/notebook';
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

  it('judges a recipe, and refuses a kind that is none', async () => {
    const { body } = await app.call<{ abv: number; like: string[]; twins: { id: string }[] }>('POST', '/notebook/judge', { recipe: { ...daiquiri, id: 'own-x', name: 'X' } }); // prettier-ignore
    expect(body.abv).toBeGreaterThan(0.13);
    expect(body.like[0]).toBe('sour');
    expect(body.twins[0]?.id).toBe('daiquiri');
    const strange = { ...daiquiri, slots: daiquiri.slots.map((s, i) => (i === 1 ? { ...s, kind: 'moonlight' } : s)) }; // prettier-ignore
    const refused = await app.call<ProblemDetails>('POST', '/notebook/judge', { recipe: strange });
    expect(refused.status).toBe(400);
    expect(refused.body.errors?.[0]?.pointer).toBe('/recipe/slots/1/kind');
  });

  it('keeps a drink of one’s own, pours it, and gives it out as schema.org has it', async () => {
    const drink = {
      ...{ id: 'own-harbour', houseSpecOf: null, current: 0, from: '', tags: [], notes: '' },
      versions: [{ at: '2026-11-26T20:00:00.000Z', why: '', recipe: { ...daiquiri, id: 'own-harbour', name: 'Harbour' } }], // prettier-ignore
    };
    await app.put('/recipes/own-harbour', drink, 'Wrote Harbour');
    const steps = await app.call<{ steps: { part?: { kind: string } }[] }>('POST', '/pour/steps', {
      orders: [{ drink: 'own-harbour' }],
    });
    expect(steps.body.steps.some((s) => s.part?.kind === 'white-rum')).toBe(true);
    const out = await app.get<{ '@graph': JsonLdRecipe[] }>('/recipes.jsonld');
    expect(out['@graph'].map((r) => r.recipeIngredient[0])).toEqual(['60 ml White rum']);
    const bad = await app.call<ProblemDetails>('PUT', '/recipes/harbour', { value: { ...drink, id: 'harbour' }, change: 'x' }); // prettier-ignore
    expect(bad.status).toBe(400);
  });
});
