import type { MigrationInterface, QueryRunner } from 'typeorm';
import { createKeptTable } from './0004-kept.js';

/** Pours by count, and what is remembered of cards. */
export class Practice1764900000000 implements MigrationInterface {
  readonly name = 'Practice1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const thing of ['trial', 'deck']) await runner.query(createKeptTable(thing));
    // A page asks for the latest.
    await runner.query(`CREATE INDEX trial_at ON trial (json_extract(value, '$.at'))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const thing of ['trial', 'deck']) await runner.query(`DROP TABLE ${thing}`);
  }
}
