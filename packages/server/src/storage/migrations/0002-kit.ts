import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The household's tools, glasses and measures. */
export class Kit1764100000000 implements MigrationInterface {
  readonly name = 'Kit1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('CREATE TABLE kit (id TEXT PRIMARY KEY NOT NULL, value TEXT NOT NULL)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE kit');
  }
}
