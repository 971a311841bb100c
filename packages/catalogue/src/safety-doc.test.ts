import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { KEEPING_TABLE } from '@uisce/core/bench';

/** The table of docs/safety.md: days cold and frozen of each class. */
const rows = readFileSync(new URL('../../../docs/safety.md', import.meta.url), 'utf8')
  .split('\n')
  .filter((line) => /^\| `[a-z-]+`/.test(line))
  .map((line) =>
    line
      .split('|')
      .slice(1, -1)
      .map((cell) => cell.trim()),
  );

it('the days in docs/safety.md are those that are used, guards and all', () => {
  const said = rows.map(([id = '', , days, guards = '', frozen, source]) => [
    id.replaceAll('`', ''),
    Number(days),
    [...guards.matchAll(/: (\d+)/g)].map((m) => Number(m[1])),
    frozen === 'not frozen' ? null : Number(frozen),
    source,
  ]);
  const used = Object.entries(KEEPING_TABLE).map(([id, t]) => [
    ...[id, t.days, t.guards.map((g) => g.days), t.frozenDays, t.source],
  ]);
  expect(said).toEqual(used);
});
