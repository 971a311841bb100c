import type { MigrationInterface, QueryRunner } from 'typeorm';
import { createKeptTable } from './0004-kept.js';

/** Shopping trips, the purse, prices that were paid, and where the household goes. */
export class Errands1764500000000 implements MigrationInterface {
  readonly name = 'Errands1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const thing of ['errand', 'purse_entry', 'paid_price', 'trips'])
      await runner.query(createKeptTable(thing));
    // Asked for by day.
    await runner.query(`CREATE INDEX purse_day ON purse_entry (json_extract(value, '$.on'))`);
    await runner.query(`CREATE INDEX paid_price_day ON paid_price (json_extract(value, '$.on'))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const thing of ['errand', 'purse_entry', 'paid_price', 'trips'])
      await runner.query(`DROP TABLE ${thing}`);
  }
}
