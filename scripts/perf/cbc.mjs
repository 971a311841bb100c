// The same program for Debian's cbc, as a file in LP format.
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { PreparedProblem } from '../../packages/core/dist/planner/index.js';
import { Formulation } from '../../packages/core/dist/planner/reference/formulation.js';

export function hasCbc() {
  return spawnSync('cbc', ['-quit']).status === 0;
}

function term([column, value]) {
  return `${value < 0 ? '-' : '+'} ${Math.abs(value)} x${column}`;
}

/** Greatest value first, least spend second; ids are not settled, which spares cbc some work. */
function lpText(problem, budget) {
  const prepared = new PreparedProblem(problem);
  const { rows, items, columns, valueSteps, measures } = new Formulation(prepared);
  const prices = items.map((i) => prepared.price(i) / 10);
  const worth =
    Math.ceil(
      Math.min(
        budget / 10,
        prices.reduce((a, b) => a + b, 0),
      ),
    ) + 1;
  const costs = valueSteps.map((v, c) => v * worth - (prices[c] ?? 0));
  const lines = rows.flatMap((row, r) => {
    const upper = r === measures.spend ? budget : row.upper;
    const out = [];
    if (row.entries.length === 0) return out;
    if (upper < Infinity) out.push(` u${r}: ${row.entries.map(term).join('\n ')} <= ${upper}`);
    if (row.lower > -Infinity) out.push(` l${r}: ${row.entries.map(term).join('\n ')} >= ${row.lower}`);
    return out;
  });
  return [
    'Maximize',
    ` obj: ${costs.flatMap((c, i) => (c === 0 ? [] : [term([i, c])])).join('\n ')}`,
    'Subject To',
    ...lines,
    'Bounds',
    ...Array.from({ length: columns }, (_, c) => ` 0 <= x${c} <= 1`),
    'Integers',
    ` ${items.map((_, c) => `x${c}`).join('\n ')}`,
    'End',
    '',
  ].join('\n');
}

/** Milliseconds that cbc takes from reading the file to its proof; undefined when it does not get there. */
export function timeCbc(problem, budget, seconds) {
  const folder = mkdtempSync(join(tmpdir(), 'uisce-cbc-'));
  const file = join(folder, 'plan.lp');
  writeFileSync(file, lpText(problem, budget));
  const began = performance.now();
  const out = execFileSync('cbc', [file, '-sec', String(seconds), '-ratio', '0', '-allow', '0.9', 'solve'], {
    encoding: 'utf8',
    maxBuffer: 1e8,
  });
  const ms = performance.now() - began;
  rmSync(folder, { recursive: true });
  return /Optimal solution found/.test(out) ? ms : undefined;
}
