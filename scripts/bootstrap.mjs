// Set-up with no dependencies of its own: installs what is missing, and nothing twice.
import { spawnSync } from 'node:child_process';
import { existsSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const MIN_NODE = [20, 19];
/** Written after a whole install, so that one cut short is done again. */
const STAMP = join(ROOT, 'node_modules', '.uisce-installed');

/** Run a command in the project's folder with our output; ends this process when it fails. */
export function run(command, args, options = {}) {
  const { status, signal } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (status !== 0) {
    console.error(`${[command, ...args].join(' ')} ended with ${signal ?? status}`);
    process.exit(status ?? 1);
  }
}

/** Run a tool from node_modules. */
export function tool(name, args, options = {}) {
  run(join(ROOT, 'node_modules', '.bin', name), args, options);
}

const changed = (file) => (existsSync(file) ? statSync(file).mtimeMs : 0);

/** Install dependencies when they are missing or older than the lockfile. */
export function install() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major < MIN_NODE[0] || (major === MIN_NODE[0] && minor < MIN_NODE[1])) {
    console.error(`Uisce needs Node ${MIN_NODE.join('.')} or newer; this is ${process.versions.node}.`);
    process.exit(1);
  }
  if (changed(STAMP) >= changed(join(ROOT, 'package-lock.json')) && existsSync(STAMP)) return;
  console.log(
    'Installing what is missing. The first time takes a few minutes: the database driver is compiled here.',
  );
  // A later install must not find development packages left out.
  run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund'], { env: { ...process.env, NODE_ENV: '' } });
  writeFileSync(STAMP, '');
  const now = new Date();
  utimesSync(STAMP, now, now);
}
