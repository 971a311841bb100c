import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Batches of syrup, on the bench and on the shelf, and the household's own ways of making them. */
export class Batches1764200000000 implements MigrationInterface {
  readonly name = 'Batches1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of ['batch', 'own_recipes'])
      await runner.query(`CREATE TABLE ${table} (id TEXT PRIMARY KEY NOT NULL, value TEXT NOT NULL)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['batch', 'own_recipes']) await runner.query(`DROP TABLE ${table}`);
  }
}
