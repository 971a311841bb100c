// Keeps one plan after another in the store of a database, saying each that is acknowledged.
import { randomUUID } from 'node:crypto';
import { writeSync } from 'node:fs';
import { KeptStore } from '../../packages/server/bundle/store.js';
import { openDatabase } from '../../packages/server/bundle/data-source.js';

const [file, brief, synchronous] = process.argv.slice(2);
const db = await openDatabase(file);
if (synchronous !== undefined) await db.inTurn(() => db.manager.query(`PRAGMA synchronous = ${synchronous}`));
const store = await KeptStore.open(db);
process.stdin.on('data', async () => {
  for (;;) {
    const id = randomUUID();
    const value = { id, name: 'Kept', brief: JSON.parse(brief), createdAt: new Date().toISOString() };
    const change = {
      id: randomUUID(),
      change: 'Keep',
      writes: [{ thing: 'plan', id, value, version: null }],
    };
    await store.apply(change, { page: 'writer', name: 'writer' });
    // Straight to the pipe: what the reader has seen was acknowledged before the end came.
    writeSync(process.stdout.fd, `${id}\n`);
  }
});
process.stdout.write('ready\n');
