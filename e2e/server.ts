import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));

export interface RunningServer {
  address: string;
  /** Ends it as a user would; resolves to its exit code. */
  stop(): Promise<number | null>;
}

/** A fresh folder for a server's data, and how to remove it. */
export function dataFolder(): { path: string; remove(): void } {
  const path = mkdtempSync(join(tmpdir(), 'uisce-e2e-'));
  return { path, remove: () => rmSync(path, { recursive: true, force: true }) };
}

/** Start the built server on a free port, and wait for the address it prints. */
export async function startServer(
  data: string,
  environment: Record<string, string> = {},
): Promise<RunningServer> {
  const child = spawn(process.execPath, [join(ROOT, 'packages/server/bundle/main.js')], {
    cwd: ROOT,
    env: { ...process.env, UISCE_DATA: data, UISCE_PORT: '0', UISCE_LOG: 'warn', ...environment },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  const address = await new Promise<string>((resolve, reject) => {
    let said = '';
    child.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      const match = /http:\/\/\S+/.exec(said);
      if (match) resolve(match[0]);
    });
    child.on('exit', (code) => reject(new Error(`the server ended with ${code} before it listened`)));
  });
  return {
    address,
    stop: () => {
      child.kill('SIGTERM');
      return ended;
    },
  };
}
