import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Devices of the home network that are signed in: of their tokens only hashes. */
export class Sessions1765100000000 implements MigrationInterface {
  readonly name = 'Sessions1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE session (
      id TEXT PRIMARY KEY NOT NULL,
      token_hash TEXT NOT NULL,
      device TEXT NOT NULL,
      since TEXT NOT NULL,
      seen TEXT NOT NULL
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE session');
  }
}
