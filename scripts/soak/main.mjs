// npm run soak: everything that could lose or block something, many times over; a table for docs/reliability.md. -- quick: a tenth.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { install } from '../bootstrap.mjs';

install();
const { build } = await import('../build.mjs');
build();
const { backups, kills, powerCuts, restore } = await import('./disk.mjs');
const { clients, dripping, malformed, passphrases } = await import('./network.mjs');
const { week } = await import('./devices.mjs');

const quick = process.argv.includes('quick');
const of = (whole, tenth) => (quick ? tenth : whole);
const folder = mkdtempSync(join(tmpdir(), 'uisce-soak-'));
const TRIALS = [
  ['malformed requests', () => malformed(folder, of(2000, 200))],
  ['clients', () => clients(folder, of(30, 8))],
  ['clients without a pause', () => clients(folder, of(30, 8), 0)],
  ['passphrases', () => passphrases(folder, of(60, 10))],
  ['dripping', () => dripping(folder, 30)],
  ['a week of devices', () => week(folder, of(7, 1))],
  ['backups', () => backups(folder, of(30, 5))],
  ['restore', () => restore(folder, of(10_000, 1000))],
  ['power cuts', () => powerCuts(folder, of(20, 2))],
  ['kills', () => kills(folder, of(1000, 40))],
];
const only = process.argv
  .slice(2)
  .filter((word) => word !== 'quick')
  .join(' ');
const rows = [];
const began = Date.now();
try {
  for (const [name, trial] of TRIALS) {
    if (only !== '' && only !== name) continue;
    const from = Date.now();
    const row = await trial();
    rows.push(row);
    console.log(
      `${row.good ? 'held  ' : 'BROKE '} ${name}: ${row.tried}; ${row.held} (${((Date.now() - from) / 1000).toFixed(0)} s)`,
    );
  }
} finally {
  rmSync(folder, { recursive: true, force: true });
}
console.log(`\n| what was tried | what held |\n| --- | --- |`);
for (const { tried, held } of rows) console.log(`| ${tried} | ${held} |`);
console.log(`\n${((Date.now() - began) / 60_000).toFixed(1)} minutes`);
process.exit(rows.every((row) => row.good) ? 0 : 1);
