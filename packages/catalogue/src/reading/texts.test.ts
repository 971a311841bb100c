import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { KindMatcher, readRecipes, SURE } from '@uisce/core/notebook';
import { loadCatalogue } from '../load.js';

const { catalogue } = loadCatalogue();
const matcher = new KindMatcher(catalogue.kinds);
const texts = readFileSync(new URL('../../src/reading/texts.txt', import.meta.url), 'utf8')
  .split(/^=====$/m)
  .map((block) => block.trim().split('\n'))
  .map((lines) => ({
    wanted: lines
      .filter((l) => l.startsWith('> '))
      .map((l) =>
        l
          .slice(2)
          .split(';')
          .map((c) => c.trim()),
      ),
    text: lines.filter((l) => !l.startsWith('> ')).join('\n'),
  }));

describe('whole texts of recipes', () => {
  const misses = texts.flatMap(({ wanted, text }) => {
    const read = readRecipes(text, matcher, 'us-oz').map((r) => [
      ...[r.name ?? '-', String(r.lines.length), r.method ?? '-', r.glass ?? '-'],
    ]);
    const fold = (rows: string[][]) => rows.map((r) => r.join('; ').toLowerCase()).join(' | ');
    return fold(read) === fold(wanted) ? [] : [`${fold(wanted)} was read as ${fold(read)}`];
  });

  it('are taken apart right, one or many, whatever their order and language', () => {
    expect(texts.length).toBeGreaterThanOrEqual(40);
    if (misses.length > 0) console.error(misses.join('\n'));
    expect(misses.length / texts.length).toBeLessThanOrEqual(0.03);
  });

  it('are known ingredient by ingredient', () => {
    const lines = texts.flatMap(({ text }) => readRecipes(text, matcher, 'us-oz').flatMap((r) => r.lines));
    const asked = lines.filter((l) => l.confidence < SURE).map((l) => l.text);
    if (asked.length > 0) console.error(asked.join('\n'));
    expect(asked.length / lines.length).toBeLessThanOrEqual(0.03);
  });

  it('count parts as a usual drink, and say when an ounce matters', () => {
    const [thirds] = readRecipes(
      'Thirds\n1 part gin\n1 part sweet vermouth\n1 part red bitter',
      matcher,
      'us-oz',
    );
    expect(thirds?.lines.map((l) => l.amount)).toEqual(
      [30, 30, 30].map((value) => ({ value, measure: 'ml' })),
    );
    expect(thirds).toMatchObject({ partMl: 30, hasOunces: false });
    const [bar] = readRecipes('Sour\n2 oz bourbon\n1 oz lemon juice\nShake.', matcher, 'bar-oz');
    expect(bar?.hasOunces).toBe(true);
    expect(bar?.lines[0]?.amount).toEqual({ value: 2, measure: 'bar-oz' });
  });
});
