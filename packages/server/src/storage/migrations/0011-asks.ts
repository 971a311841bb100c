import type { MigrationInterface, QueryRunner } from 'typeorm';
import { createKeptTable } from './0004-kept.js';

/** What guests ask for from their card. */
export class Asks1765000000000 implements MigrationInterface {
  readonly name = 'Asks1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(createKeptTable('ask'));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE ask');
  }
}
