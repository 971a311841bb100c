import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Plans, settings, imported price lists, and the record of changes that undo reads. */
export class Initial1764000000000 implements MigrationInterface {
  readonly name = 'Initial1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE plan (
      id TEXT PRIMARY KEY NOT NULL,
      name TEXT NOT NULL,
      brief TEXT NOT NULL,
      created_at TEXT NOT NULL,
      updated_at TEXT NOT NULL
    )`);
    await runner.query('CREATE TABLE settings (id TEXT PRIMARY KEY NOT NULL, value TEXT NOT NULL)');
    await runner.query('CREATE TABLE price_list (id TEXT PRIMARY KEY NOT NULL, list TEXT NOT NULL)');
    await runner.query(`CREATE TABLE change (
      id INTEGER PRIMARY KEY AUTOINCREMENT,
      at TEXT NOT NULL,
      label TEXT NOT NULL,
      target TEXT NOT NULL,
      target_id TEXT NOT NULL,
      before TEXT,
      after TEXT,
      undone BOOLEAN NOT NULL DEFAULT 0
    )`);
    await runner.query('CREATE INDEX change_undone ON change (undone, id)');
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['change', 'price_list', 'settings', 'plan'])
      await runner.query(`DROP TABLE ${table}`);
  }
}
