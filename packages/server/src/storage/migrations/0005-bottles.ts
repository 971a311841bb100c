import { randomUUID } from 'node:crypto';
import type { MigrationInterface, QueryRunner } from 'typeorm';
import { createKeptTable } from './0004-kept.js';

/** What is owned belongs to the household, not to a plan: every kind owned in any plan becomes a bottle. */
export class Bottles1764400000000 implements MigrationInterface {
  readonly name = 'Bottles1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(createKeptTable('bottle'));
    // Asked for by kind, and by whether it stands there still.
    await runner.query("CREATE INDEX bottle_kind ON bottle (json_extract(value, '$.kind'))");
    await runner.query("CREATE INDEX bottle_finished ON bottle (json_extract(value, '$.finishedOn'))");
    const plans = (await runner.query('SELECT value FROM plan')) as { value: string }[];
    const owned = new Set(plans.flatMap(({ value }) => ownedIn(value)));
    for (const kind of owned) {
      const id = randomUUID();
      await runner.query("INSERT INTO bottle VALUES (?, ?, 1, '', '', '')", [
        id,
        JSON.stringify(there(id, kind)),
      ]);
    }
  }

  async down(): Promise<void> {
    await Promise.reject(new Error('the household’s bottles cannot go back into plans'));
  }
}

/** Kinds that a plan of the release before says are owned; none where it cannot be read. */
function ownedIn(plan: string): string[] {
  try {
    const { brief } = JSON.parse(plan) as { brief?: { ownedKinds?: unknown } };
    const kinds = brief?.ownedKinds;
    return Array.isArray(kinds) ? kinds.filter((k) => typeof k === 'string') : [];
  } catch {
    return [];
  }
}

/** A bottle that is there, not measured: as this migration's release keeps one. */
function there(id: string, kind: string): object {
  return {
    id,
    kind,
    label: null,
    sizeMl: null,
    leftMl: null,
    priceMinor: null,
    currency: null,
    shop: '',
    boughtOn: null,
    openedOn: null,
    finishedOn: null,
    place: 'shelf',
    sipping: false,
    emptyG: null,
    decantedFrom: null,
  };
}
