import type { MigrationInterface, QueryRunner } from 'typeorm';
import { createKeptTable } from './0004-kept.js';

/** The log of what was poured, the round under way, who drinks here, and evenings with guests. */
export class Pours1764600000000 implements MigrationInterface {
  readonly name = 'Pours1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const thing of ['pour', 'round', 'person', 'evening']) await runner.query(createKeptTable(thing));
    // A page asks for the latest; an evening and a drink are asked for by themselves.
    await runner.query(`CREATE INDEX pour_at ON pour (json_extract(value, '$.at'))`);
    await runner.query(`CREATE INDEX pour_day ON pour (json_extract(value, '$.on'))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const thing of ['pour', 'round', 'person', 'evening']) await runner.query(`DROP TABLE ${thing}`);
  }
}
