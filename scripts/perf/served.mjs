// Starts the built server on a data folder of its own, for what is measured from outside.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from '../bootstrap.mjs';

/** The demo household, served; `stop` ends it and removes its data. */
export async function servedDemo() {
  const data = mkdtempSync(join(tmpdir(), 'uisce-perf-'));
  const server = spawn(process.execPath, ['packages/server/bundle/main.js'], {
    cwd: ROOT,
    env: { ...process.env, UISCE_DATA: data, UISCE_DEMO: '1', UISCE_PORT: '0', UISCE_LOG: 'silent' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise((resolve) => {
    server.stdout.on('data', (chunk) => resolve(/http:\S+/.exec(String(chunk))?.[0]));
  });
  const stop = () => {
    server.kill('SIGTERM');
    rmSync(data, { recursive: true, force: true });
  };
  return { address, stop };
}

/** The value below which a share of the numbers lies. */
export function quantile(numbers, share) {
  const rising = [...numbers].sort((a, b) => a - b);
  return rising[Math.min(rising.length - 1, Math.floor(share * rising.length))];
}
