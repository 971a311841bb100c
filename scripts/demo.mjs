// One command: installs, builds, makes the demo database when there is none, serves, prints the address.
import { rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { install, ROOT } from './bootstrap.mjs';

install();
const { build } = await import('./build.mjs');
build();
if (process.argv.includes('--reset')) {
  const file = resolve(ROOT, process.env.UISCE_DATA ?? 'data', 'demo.sqlite');
  for (const suffix of ['', '-wal', '-shm']) rmSync(file + suffix, { force: true });
}
const { serve } = await import('./serve.mjs');
serve({ UISCE_DEMO: '1' });
