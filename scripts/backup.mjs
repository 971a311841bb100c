// npm run backup, and npm run restore -- FILE: the household's data as one file, and back.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { install, ROOT } from './bootstrap.mjs';

install();
const { build } = await import('./build.mjs');
build();
const command = join(ROOT, 'packages/server/bundle/command.js');
const { status } = spawnSync(process.execPath, [command, ...process.argv.slice(2)], {
  cwd: ROOT,
  stdio: 'inherit',
});
process.exit(status ?? 1);
