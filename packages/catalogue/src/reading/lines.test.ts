import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { KindMatcher, readLine, SURE } from '@uisce/core/notebook';
import { loadCatalogue } from '../load.js';

const { catalogue } = loadCatalogue();
const matcher = new KindMatcher(catalogue.kinds);
const rows = readFileSync(new URL('../../src/reading/lines.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((l) => l !== '' && !l.startsWith('#'))
  .map((l) => l.split('|').map((cell) => cell.trim()));
/** Of the lines so many are to be read right. */
const RIGHT = 0.97;

/** What is wrong with the reading of a line; empty where nothing is. */
function wrong([line = '', amount = '', kind = '', more = '']: string[]): string[] {
  const read = readLine(line, matcher, 'us-oz');
  const says = read.amount ? `${Math.round(read.amount.value * 1000) / 1000} ${read.amount.measure}` : '-';
  const asked = more.split(/[ ,]+/).filter(Boolean);
  const flags = (['optional', 'top', 'muddle', 'float', 'rinse', 'garnish'] as const).filter((f) => read[f]);
  const of = (name: string) => asked.find((a) => a.startsWith(`${name}=`))?.slice(name.length + 1);
  const isSure = read.confidence >= SURE;
  const out = [
    ...(says === amount ? [] : [`amount ${says}, not ${amount}`]),
    ...(of('parts') === undefined || Number(of('parts')) === read.parts
      ? []
      : [`parts ${String(read.parts)}`]),
    ...(of('upTo') === undefined || Number(of('upTo')) === read.upTo ? [] : [`up to ${String(read.upTo)}`]),
    ...(of('or') === undefined || read.or.includes(of('or') ?? '') ? [] : [`or ${read.or.join()}`]),
    ...asked.filter((a) => !/=|ask/.test(a) && !flags.some((f) => f === a)).map((a) => `not ${a}`),
  ];
  if (asked.includes('ask')) return isSure ? [...out, `surely ${String(read.kind)}`] : out;
  if (kind === '-') return out;
  return read.kind === kind && isSure
    ? out
    : [...out, `kind ${String(read.kind)} at ${read.confidence.toFixed(2)}`];
}

describe('lines of recipes from anywhere', () => {
  const misses = rows.flatMap((row) => {
    const why = wrong(row);
    return why.length > 0 ? [`${row[0] ?? ''}: ${why.join('; ')}`] : [];
  });

  it('are read right to 97 % of more than a hundred and fifty, and the misses are told', () => {
    expect(rows.length).toBeGreaterThanOrEqual(150);
    if (misses.length > 0) console.error(misses.join('\n'));
    expect(1 - misses.length / rows.length).toBeGreaterThanOrEqual(RIGHT);
  });

  it('never have a wrong kind that nobody is asked about', () => {
    const silent = rows.filter(([line = '', , kind = '', more = '']) => {
      const read = readLine(line, matcher, 'us-oz');
      return read.confidence >= SURE && kind !== '-' && (read.kind !== kind || more.includes('ask'));
    });
    expect(silent.map(([line]) => line)).toEqual([]);
  });
});
