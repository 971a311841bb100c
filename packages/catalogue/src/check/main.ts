// Every check of the catalogue, then its coverage figures. Ends with 1 when anything is wrong.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import wordListPath from 'word-list';
import { coverage } from '@uisce/core/rules';
import { CatalogueError, loadCatalogue } from '../load.js';
import { checkCatalogue } from './check.js';

/** Most the catalogue may weigh on its way to the browser. */
const MAX_GZIPPED_KB = 120;

const say = (line: string) => process.stdout.write(`${line}\n`);

function printFigures(): number {
  const { catalogue } = loadCatalogue();
  const figures = coverage(catalogue);
  const kb = gzipSync(JSON.stringify(catalogue)).length / 1024;
  const row = (title: string, pairs: [string, number][]) =>
    say(`${title}: ${pairs.map(([name, n]) => `${name} ${n}`).join(', ')}`);
  say('');
  say(
    `${figures.recipes} recipes, ${figures.drinks} drinks with variants counted once, ${figures.withoutAlcohol} without alcohol, ${figures.kinds} kinds, ${figures.standIns} stand-ins`,
  );
  say(`${kb.toFixed(1)} KB gzipped (at most ${MAX_GZIPPED_KB})`);
  row('a family', figures.perFamily);
  row('a base', figures.perBase);
  row('a kind', figures.perKind);
  return kb;
}

try {
  const words = new Set(readFileSync(wordListPath, 'utf8').split('\n'));
  const results = checkCatalogue((word) => words.has(word));
  for (const { name, faults } of results) {
    say(`${faults.length === 0 ? 'good' : 'BAD '} ${name}`);
    for (const fault of faults) say(`     ${fault}`);
  }
  const tooHeavy = printFigures() > MAX_GZIPPED_KB;
  process.exitCode = tooHeavy || results.some((r) => r.faults.length > 0) ? 1 : 0;
} catch (error) {
  if (!(error instanceof CatalogueError)) throw error;
  say(error.message);
  process.exitCode = 1;
}
