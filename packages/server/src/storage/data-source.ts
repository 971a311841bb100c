import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { DataSource } from 'typeorm';
import { ENTITIES } from './entities.js';
import { Initial1764000000000 } from './migrations/0001-initial.js';
import { Kit1764100000000 } from './migrations/0002-kit.js';
import { Batches1764200000000 } from './migrations/0003-batches.js';

/** Open the database file, creating it and bringing it up to date by migrations. */
export async function openDatabase(file: string): Promise<DataSource> {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
  const source = new DataSource({
    type: 'better-sqlite3',
    database: file,
    entities: ENTITIES,
    migrations: [Initial1764000000000, Kit1764100000000, Batches1764200000000],
    migrationsRun: true,
    synchronize: false,
    enableWAL: true,
  });
  return source.initialize();
}
