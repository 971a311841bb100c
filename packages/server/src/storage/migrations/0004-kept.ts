import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A table in which a stored thing is kept whole: its value, its version, and who wrote it last. */
export function createKeptTable(name: string): string {
  return `CREATE TABLE ${name} (
    id TEXT PRIMARY KEY NOT NULL,
    value TEXT NOT NULL,
    version INTEGER NOT NULL,
    changed_by TEXT NOT NULL,
    changed_what TEXT NOT NULL,
    changed_at TEXT NOT NULL
  )`;
}

interface OldPlan {
  id: string;
  name: string;
  brief: string;
  created_at: string;
}
interface OldChange {
  id: number;
  at: string;
  label: string;
  target: string;
  target_id: string;
  before: string | null;
  after: string | null;
  undone: number;
}

/**
 * Every stored thing is kept one way: whole, with a version. A change may touch several of them. Which
 * plan is open is a place and no longer a setting.
 */
export class Kept1764300000000 implements MigrationInterface {
  readonly name = 'Kept1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    // One release made the third migration without this table.
    await runner.query(
      'CREATE TABLE IF NOT EXISTS own_recipes (id TEXT PRIMARY KEY NOT NULL, value TEXT NOT NULL)',
    );
    const plans = (await runner.query('SELECT * FROM plan')) as OldPlan[];
    const settings = (await runner.query('SELECT * FROM settings')) as { value: string }[];
    await runner.query('ALTER TABLE plan RENAME TO plan_before');
    await runner.query('ALTER TABLE price_list RENAME TO own_prices_before');
    await runner.query('ALTER TABLE own_prices_before RENAME COLUMN list TO value');
    for (const table of ['settings', 'kit', 'batch', 'own_recipes'])
      await runner.query(`ALTER TABLE ${table} RENAME TO ${table}_before`);
    for (const table of ['plan', 'own_prices', 'settings', 'kit', 'batch', 'own_recipes', 'place'])
      await runner.query(createKeptTable(table));

    const insert = (table: string, id: string, value: string) =>
      runner.query(`INSERT INTO ${table} VALUES (?, ?, 1, '', '', '')`, [id, value]);
    // What was stored is passed on as it is, even where it cannot be read: it is set aside later, and named.
    for (const { id, name, brief, created_at } of plans)
      await insert(
        'plan',
        id,
        `{"id":${JSON.stringify(id)},"name":${JSON.stringify(name)},"brief":${brief},"createdAt":${JSON.stringify(created_at)}}`,
      );
    for (const table of ['own_prices', 'settings', 'kit', 'batch', 'own_recipes'])
      await runner.query(`INSERT INTO ${table} SELECT id, value, 1, '', '', '' FROM ${table}_before`);
    const open = openPlan(settings[0]?.value);
    if (open !== undefined) await insert('place', 'household', JSON.stringify({ planId: open }));
    for (const table of ['plan', 'own_prices', 'settings', 'kit', 'batch', 'own_recipes'])
      await runner.query(`DROP TABLE ${table}_before`);

    await this.changes(runner);
    await runner.query(
      'CREATE TABLE clock (id INTEGER PRIMARY KEY CHECK (id = 1), version INTEGER NOT NULL)',
    );
    await runner.query('INSERT INTO clock VALUES (1, 1)');
  }

  /** Changes, each of several parts; those made before have one. */
  private async changes(runner: QueryRunner): Promise<void> {
    const old = (await runner.query('SELECT * FROM change ORDER BY id')) as OldChange[];
    await runner.query('DROP TABLE change');
    await runner.query(`CREATE TABLE change (
      id INTEGER PRIMARY KEY AUTOINCREMENT,
      token TEXT NOT NULL UNIQUE,
      at TEXT NOT NULL,
      label TEXT NOT NULL,
      changed_by TEXT NOT NULL,
      undone INTEGER NOT NULL DEFAULT 0
    )`);
    await runner.query('CREATE INDEX change_undone ON change (undone, id)');
    await runner.query(`CREATE TABLE change_part (
      change_id INTEGER NOT NULL REFERENCES change (id) ON DELETE CASCADE,
      place INTEGER NOT NULL,
      thing TEXT NOT NULL,
      thing_id TEXT NOT NULL,
      before TEXT,
      after TEXT,
      PRIMARY KEY (change_id, place)
    )`);
    for (const c of old) {
      const thing = c.target === 'price-list' ? 'own-prices' : c.target;
      await runner.query('INSERT INTO change VALUES (?, ?, ?, ?, ?, ?)', [
        c.id,
        `before-${c.id}`,
        c.at,
        c.label,
        '',
        c.undone,
      ]);
      await runner.query('INSERT INTO change_part VALUES (?, 0, ?, ?, ?, ?)', [
        c.id,
        thing,
        c.target_id,
        valueOfRow(c.target, c.before),
        valueOfRow(c.target, c.after),
      ]);
    }
  }

  async down(): Promise<void> {
    await Promise.reject(new Error('the change to one way of keeping cannot be taken back'));
  }
}

/** The plan that was open, where the settings can be read. */
function openPlan(settings: string | undefined): string | undefined {
  try {
    const { currentPlanId } = JSON.parse(settings ?? '{}') as { currentPlanId?: string | null };
    return currentPlanId ?? undefined;
  } catch {
    return undefined;
  }
}

/** A change used to hold whole rows; now it holds values. A plan's row was its value. */
function valueOfRow(target: string, row: string | null): string | null {
  if (row === null || target === 'plan') return row;
  const { value, list } = (JSON.parse(row) ?? {}) as { value?: unknown; list?: unknown };
  const held = value ?? list;
  return held === undefined ? null : JSON.stringify(held);
}
