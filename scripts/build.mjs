// Builds what is older than its sources: types with tsc, the server gathered by Rolldown, the web application with Vite.
import { execFileSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { install, ROOT, tool } from './bootstrap.mjs';

const WEB_SOURCES = ['packages/web/src', 'packages/web/public', 'packages/core/src'];
const WEB_FILES = [
  'packages/web/index.html',
  'packages/web/guest-page.html',
  'packages/web/vite.config.ts',
  'packages/web/build/licences.ts',
  'package-lock.json',
];

function newest(folder, of = '') {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && entry.name.endsWith(of))
    .reduce((latest, entry) => Math.max(latest, statSync(join(entry.parentPath, entry.name)).mtimeMs), 0);
}

function webIsCurrent() {
  const page = join(ROOT, 'packages/web/dist/index.html');
  if (!existsSync(page)) return false;
  const sources = [
    ...WEB_SOURCES.map((f) => newest(join(ROOT, f))),
    ...WEB_FILES.map((f) => statSync(join(ROOT, f)).mtimeMs),
  ];
  return statSync(page).mtimeMs >= Math.max(...sources);
}

/** Modules that the server is gathered from. */
const SERVER_SOURCES = ['packages/server/dist', 'packages/core/dist', 'packages/catalogue/dist'];
const SERVER_CONFIG = 'packages/server/rolldown.config.mjs';

function serverIsCurrent() {
  const main = join(ROOT, 'packages/server/bundle/main.js');
  if (!existsSync(main)) return false;
  const sources = [
    ...SERVER_SOURCES.map((f) => newest(join(ROOT, f), '.js')),
    ...[SERVER_CONFIG, 'package-lock.json'].map((f) => statSync(join(ROOT, f)).mtimeMs),
  ];
  return statSync(main).mtimeMs >= Math.max(...sources);
}

/** Build everything that a running server needs. */
export function build() {
  tool('tsc', ['-b', 'packages/server']);
  execFileSync(process.execPath, [join(ROOT, 'packages/catalogue/dist/build/main.js')], { stdio: 'inherit' });
  if (!serverIsCurrent())
    tool('rolldown', ['--config', SERVER_CONFIG], { stdio: ['ignore', 'ignore', 'inherit'] });
  if (!webIsCurrent()) tool('vite', ['build', '--logLevel', 'warn', 'packages/web']);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  install();
  build();
}
