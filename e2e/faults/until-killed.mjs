// Ends a writer in the middle of its work, and says what was acknowledged before.
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { emptyBrief } from '../../packages/core/dist/plan/index.js';

const HERE = dirname(fileURLToPath(import.meta.url));

/** What a writer acknowledged before it was ended: as many plans as asked for, and some more. */
export async function writeUntilKilled(file, least, { synchronous, environment = {} } = {}) {
  const options = [
    file,
    JSON.stringify(emptyBrief('EUR')),
    ...(synchronous === undefined ? [] : [synchronous]),
  ];
  const child = spawn(process.execPath, [join(HERE, 'writer.mjs'), ...options], {
    env: { ...process.env, ...environment },
    stdio: ['pipe', 'pipe', 'inherit'],
  });
  let said = '';
  child.stdout.on('data', (chunk) => {
    if (said === '') child.stdin.write('go');
    said += chunk.toString();
    // One line says that it is ready; an acknowledgement cut in two was none.
    if (said.split('\n').length > least + 2) child.kill('SIGKILL');
  });
  await new Promise((resolve) => child.on('exit', resolve));
  return said.split('\n').slice(1, -1);
}

/** The library that keeps what a power cut would leave, made in a folder; undefined where there is no C compiler. */
export function powerCutLibrary(folder) {
  const compiler = ['cc', 'gcc', 'clang'].find((name) => spawnSync(name, ['--version']).status === 0);
  if (compiler === undefined) return undefined;
  const library = join(folder, 'power-cut.so');
  const source = join(HERE, 'power-cut.c');
  execFileSync(compiler, ['-shared', '-fPIC', '-O1', '-o', library, source, '-ldl']);
  return library;
}

/** Writes, a power cut, and the folder of what is on the disk then. */
export async function writeUntilPowerCut(folder, library, least, synchronous) {
  const [memory, disk] = [join(folder, 'memory'), join(folder, 'disk')];
  mkdirSync(disk, { recursive: true });
  const acknowledged = await writeUntilKilled(join(memory, 'uisce.sqlite'), least, {
    environment: { LD_PRELOAD: library, UISCE_DISK: disk },
    ...(synchronous === undefined ? {} : { synchronous }),
  });
  return { acknowledged, disk };
}
