import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Batches of syrup, on the bench and on the shelf. */
export class Batches1764200000000 implements MigrationInterface {
  readonly name = 'Batches1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('CREATE TABLE batch (id TEXT PRIMARY KEY NOT NULL, value TEXT NOT NULL)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE batch');
  }
}
