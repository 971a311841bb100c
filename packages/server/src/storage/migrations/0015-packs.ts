import type { MigrationInterface, QueryRunner } from 'typeorm';
import { createKeptTable } from './0004-kept.js';

/** What stands in the cupboard by weight. */
export class Packs1765400000000 implements MigrationInterface {
  readonly name = 'Packs1765400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(createKeptTable('pack'));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE pack');
  }
}
