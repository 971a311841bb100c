import type { MigrationInterface, QueryRunner } from 'typeorm';
import { createKeptTable } from './0004-kept.js';

/** Whose days the household counts in. */
export class Zone1765300000000 implements MigrationInterface {
  readonly name = 'Zone1765300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(createKeptTable('zone'));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE zone');
  }
}
