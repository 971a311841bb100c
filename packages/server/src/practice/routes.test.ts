import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import { afterAnswer, type Glossary } from '@uisce/core/practice';
import { RunningApp } from '../testing/running-app.js';

const app = new RunningApp();
beforeAll(() => app.start());
afterAll(async () => {
  await app.stop();
  app.remove();
});

it('says person by person how pours lie and which cards are due, and undo never takes practice back', async () => {
  const trial = (by: string, pouredMl: number) => ({
    id: randomUUID(),
    at: new Date().toISOString(),
    by,
    targetMl: 30,
    pouredMl,
    kind: null,
    spout: 'metal',
    way: 'scale',
  });
  for (const value of [trial('Ann', 33), trial('Ann', 36), trial('', 30)])
    await app.put(`/practice/trials/${value.id}`, value, 'A practice pour');
  const deck = {
    id: randomUUID(),
    by: 'Ann',
    of: 'daiquiri',
    cards: {
      parts: afterAnswer(undefined, 'wrong', '2026-01-01T20:00:00.000Z'),
      glass: afterAnswer(undefined, 'at-once', new Date().toISOString()),
    },
  };
  await app.put(`/practice/reviews/${deck.id}`, deck, 'A card');
  interface Practice {
    people: {
      by: string;
      aim: { trials: number; bias: number } | null;
      cards: number;
      due: { key: string }[];
    }[];
  }
  const { people } = await app.get<Practice>('/practice');
  expect(people.map((p) => p.by)).toEqual(['', 'Ann']);
  expect(people[1]).toMatchObject({ cards: 2, due: [{ key: 'parts' }], aim: { trials: 2 } });
  expect(people[1]?.aim?.bias).toBeCloseTo(0.15, 9);
  expect(await app.get('/history')).toEqual({ undo: null, redo: null });
  const bad = await app.call<ProblemDetails>(
    'PUT',
    `/practice/trials/${randomUUID()}`,
    { value: { ...trial('Ann', 30), targetMl: 0 }, change: 'x' },
    { 'if-none-match': '*' },
  );
  expect([bad.status, bad.body.errors?.[0]?.pointer]).toEqual([400, '/value/targetMl']);
});

it('gives out the words of the trade', async () => {
  const glossary = await app.get<Glossary>('/glossary');
  expect(glossary.words.length).toBeGreaterThanOrEqual(180);
  expect(glossary.words.find((w) => w.id === 'split')?.where.map((o) => o.in)).toEqual(['GB', 'US']);
});
