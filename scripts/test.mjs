// Everything that must hold, in order of how soon it tells: format, lint, imports, what nobody uses, types, catalogue, unit, end to end.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { install, ROOT } from './bootstrap.mjs';
import { ensureChromium } from './chromium.mjs';

install();
const chromium = ensureChromium();
if (chromium === undefined) {
  console.error(
    'End-to-end tests need Chromium: install Debian’s package "chromium", or name one in UISCE_CHROMIUM.',
  );
  process.exit(1);
}

const RESULTS = join(ROOT, '.tmp', 'results');
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });
const unitFile = join(RESULTS, 'unit.json');
const e2eFile = join(RESULTS, 'e2e.json');

const bin = (name) => join(ROOT, 'node_modules/.bin', name);
/** What only reads goes in two lanes side by side; what then needs both cores, one after the other. */
const LANES = [
  [
    ['format', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
    ['lint', bin('eslint'), ['.', '--max-warnings', '0']],
    ['imports', bin('depcruise'), ['--config', '.dependency-cruiser.mjs', 'packages', 'e2e']],
    ['unused', bin('knip'), []],
  ],
  [
    ['types', bin('vue-tsc'), ['-b']],
    ['catalogue', process.execPath, [join(ROOT, 'packages/catalogue/dist/check/main.js')]],
  ],
];
const STEPS = [
  ['unit', bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unitFile}`]],
  ['build', process.execPath, [join(ROOT, 'scripts/build.mjs')]],
  ['end to end', bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts']],
];
/** Later steps need what these make. */
const NEEDED = new Set(['types', 'build']);
const env = { ...process.env, UISCE_CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_FILE: e2eFile };
const failed = [];

/** Run a step; with a lane beside it, what it says is held until it is done. Resolves to whether it was good. */
function step([name, command, args], isAlone) {
  const began = Date.now();
  if (isAlone) console.log(`\n== ${name}`);
  const child = spawn(command, args, {
    cwd: ROOT,
    env,
    stdio: isAlone ? 'inherit' : ['ignore', 'pipe', 'pipe'],
  });
  const said = [];
  child.stdout?.on('data', (chunk) => said.push(chunk));
  child.stderr?.on('data', (chunk) => said.push(chunk));
  return new Promise((resolve) => {
    child.on('close', (status) => {
      if (!isAlone) process.stdout.write(`\n== ${name}\n${Buffer.concat(said)}`);
      const seconds = ((Date.now() - began) / 1000).toFixed(0);
      console.log(`== ${name}: ${status === 0 ? 'good' : 'failed'} in ${seconds} s`);
      if (status !== 0) failed.push(name);
      resolve(status === 0);
    });
  });
}

/** Steps one after the other, until one that is needed fails. */
async function inTurn(steps, isAlone) {
  for (const one of steps) if (!(await step(one, isAlone)) && NEEDED.has(one[0])) return;
}

await Promise.all(LANES.map((lane) => inTurn(lane, false)));
if (!failed.includes('types')) await inTurn(STEPS, true);

const read = (file) => {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return undefined;
  }
};
const unit = read(unitFile);
const e2e = read(e2eFile)?.stats;
const passed = (unit?.numPassedTests ?? 0) + (e2e?.expected ?? 0);
const failures = (unit?.numFailedTests ?? 0) + (e2e?.unexpected ?? 0) + (e2e?.flaky ?? 0);
// A step that failed without a failing test (lint, types, a crash) counts as one failure.
const silent = failed.length > 0 && failures === 0 ? failed.length : 0;
if (failed.length > 0) console.log(`\nFailed: ${failed.join(', ')}`);
console.log(`\n${passed} passed, ${failures + silent} failed`);
process.exit(failed.length > 0 || passed === 0 ? 1 : 0);
