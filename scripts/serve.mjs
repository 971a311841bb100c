// Starts the built server and passes signals on to it.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './bootstrap.mjs';

/** Run the server in the foreground until it is told to stop. */
export function serve(environment) {
  const child = spawn(process.execPath, [join(ROOT, 'packages/server/bundle/main.js')], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { UISCE_LOG: 'warn', ...process.env, ...environment },
  });
  // The terminal signals the whole group; only a direct kill has to be passed on.
  process.on('SIGINT', () => undefined);
  process.on('SIGTERM', () => child.kill('SIGTERM'));
  child.on('exit', (code, signal) => process.exit(signal ? 1 : (code ?? 0)));
}
