import type { MigrationInterface, QueryRunner } from 'typeorm';
import { createKeptTable } from './0004-kept.js';

/** Drinks, kinds and collections of one's own. */
export class Notebook1764700000000 implements MigrationInterface {
  readonly name = 'Notebook1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const thing of ['drink', 'own_kind', 'collection']) await runner.query(createKeptTable(thing));
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const thing of ['drink', 'own_kind', 'collection']) await runner.query(`DROP TABLE ${thing}`);
  }
}
