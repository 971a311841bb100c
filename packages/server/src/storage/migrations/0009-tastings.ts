import type { MigrationInterface, QueryRunner } from 'typeorm';
import { createKeptTable } from './0004-kept.js';

/** Verdicts and notes on drinks. */
export class Tastings1764800000000 implements MigrationInterface {
  readonly name = 'Tastings1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(createKeptTable('tasting'));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE tasting');
  }
}
