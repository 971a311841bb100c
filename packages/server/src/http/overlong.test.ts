import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { changeSchema, KEPT } from '@uisce/core/kept';
import { planProblemSchema } from '@uisce/core/planner';
import { isTooDeep, MAX_DEPTH } from './depth.js';
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

describe('JSON that is nested too deep', () => {
  const bytes = (text: string) => new TextEncoder().encode(text);
  const nested = (n: number) => `${'['.repeat(n)}${']'.repeat(n)}`;

  it('is told from its bytes; brackets in texts are none', () => {
    expect(isTooDeep(bytes(nested(MAX_DEPTH)))).toBe(false);
    expect(isTooDeep(bytes(nested(MAX_DEPTH + 1)))).toBe(true);
    expect(isTooDeep(bytes(nested(1_000_000)))).toBe(true);
    expect(isTooDeep(bytes(JSON.stringify({ text: `\\" ${'{['.repeat(500)}` })))).toBe(false);
    expect(isTooDeep(bytes('[]'.repeat(1000)))).toBe(false);
  });
});
