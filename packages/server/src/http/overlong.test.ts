import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { changeSchema, KEPT } from '@uisce/core/kept';
import { planProblemSchema } from '@uisce/core/planner';
import { tooMuch } from './json-size.js';
import { overlong } from './overlong.js';

const many = (n: number) => Array.from({ length: n }, () => ({}));

describe('a list that is longer than its schema allows', () => {
  const inner = z.array(z.object({ a: z.string() })).max(3);
  const schema = z.object({
    list: inner.optional().nullable(),
    either: z.union([z.string(), inner]).default(''),
    named: z.record(z.string(), inner),
    piped: inner.transform((l) => l.length),
  });

  it.each([
    [{ list: many(4) }, '/list'],
    [{ either: many(4) }, undefined],
    [{ named: { x: [], y: many(4) } }, '/named/y'],
    [{ piped: many(4) }, '/piped'],
    [{ list: many(3), either: 'no', named: {}, piped: [] }, undefined],
    ['nothing of the kind', undefined],
  ])('is found wherever it stands: %#', (value, pointer) => {
    expect(overlong(schema, value)?.pointer).toBe(pointer);
  });

  it('is found in what is kept before each of its elements is told to be wrong', () => {
    const evening = KEPT.find((k) => k.name === 'evening');
    expect(evening && overlong(evening.schema, { guests: many(1_000_000) })?.pointer).toBe('/guests');
    expect(overlong(changeSchema, { writes: many(501) })?.pointer).toBe('/writes');
    expect(overlong(planProblemSchema, { drinks: many(1_000_000) })?.pointer).toBe('/drinks');
  });
});

describe('JSON that asks too much', () => {
  const bytes = (text: string) => new TextEncoder().encode(text);
  const nested = (n: number) => `${'['.repeat(n)}${']'.repeat(n)}`;

  it('is told from its bytes: too deep, or too much; brackets and commas in texts are none', () => {
    expect(tooMuch(bytes(nested(64)))).toBeUndefined();
    expect(tooMuch(bytes(nested(65)))).toMatch(/deeper than 64/);
    expect(tooMuch(bytes(nested(1_000_000)))).toMatch(/deeper/);
    expect(tooMuch(bytes(JSON.stringify(Array(50).fill({}))), 99)).toMatch(/more than 99 values/);
    expect(tooMuch(bytes(JSON.stringify(Array(50).fill({}))), 100)).toBeUndefined();
    expect(tooMuch(bytes(JSON.stringify({ text: `\\" ${'{[,'.repeat(500)}` })), 9)).toBeUndefined();
  });
});
