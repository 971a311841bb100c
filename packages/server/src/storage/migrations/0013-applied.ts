import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Changes that were applied, by their writers' own ids: known for as long as one may be sent again. */
export class Applied1765200000000 implements MigrationInterface {
  readonly name = 'Applied1765200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('CREATE TABLE applied (token TEXT PRIMARY KEY NOT NULL, at TEXT NOT NULL)');
    await runner.query('CREATE INDEX applied_at ON applied (at)');
    await runner.query('INSERT OR IGNORE INTO applied (token, at) SELECT token, at FROM change');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE applied');
  }
}
