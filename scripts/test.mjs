// Everything that must hold, in order of how soon it tells: format, lint, imports, types, catalogue, unit, end to end.
import { spawnSync } from 'node:child_process';
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

const STEPS = [
  ['format', 'prettier', ['--check', '--log-level', 'warn', '.']],
  ['lint', 'eslint', ['.', '--max-warnings', '0']],
  ['imports', 'depcruise', ['--config', '.dependency-cruiser.cjs', 'packages', 'e2e']],
  ['types', 'vue-tsc', ['-b']],
  ['catalogue', process.execPath, [join(ROOT, 'packages/catalogue/dist/check/main.js')]],
  ['unit', 'vitest', ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unitFile}`]],
  ['build', process.execPath, [join(ROOT, 'scripts/build.mjs')]],
  ['end to end', 'playwright', ['test', '--config', 'e2e/playwright.config.ts']],
];

const failed = [];
for (const [name, command, args] of STEPS) {
  const began = Date.now();
  console.log(`\n== ${name}`);
  const path = command.includes('/') ? command : join(ROOT, 'node_modules/.bin', command);
  const { status } = spawnSync(path, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, UISCE_CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_FILE: e2eFile },
  });
  console.log(
    `== ${name}: ${status === 0 ? 'good' : 'failed'} in ${((Date.now() - began) / 1000).toFixed(0)} s`,
  );
  if (status !== 0) failed.push(name);
  // Later steps need what these make.
  if (status !== 0 && (name === 'types' || name === 'build')) break;
}

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
