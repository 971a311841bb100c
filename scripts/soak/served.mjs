// A server of a data folder of its own, for what is tried from outside.
import { spawn } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { ROOT } from '../bootstrap.mjs';

/** Start the built server; `stop` ends it as a user would. */
export async function served(data, environment = {}) {
  const server = spawn(process.execPath, ['packages/server/bundle/main.js'], {
    cwd: ROOT,
    env: { ...process.env, UISCE_DATA: data, UISCE_PORT: '0', UISCE_LOG: 'silent', ...environment },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise((resolve) => server.on('exit', resolve));
  let said = '';
  const address = await new Promise((resolve) => {
    server.stdout.on('data', (chunk) => {
      said += chunk;
      const [found] = /http:\S+/.exec(said) ?? [];
      if (found) resolve(found);
    });
  });
  return { address, pid: server.pid, stop: () => (server.kill('SIGTERM'), ended) };
}

/** The most memory that a process has had at once, MiB (Linux counts it). */
export function peakMiB(pid) {
  const [, kB] = /VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
  return Number(kB) / 1024;
}

/** Count it from what the process has now. */
export function forgetPeak(pid) {
  writeFileSync(`/proc/${pid}/clear_refs`, '5');
}

/** Ask the API; a body is sent as JSON. */
export const post = (address, path, body) =>
  fetch(`${address}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
