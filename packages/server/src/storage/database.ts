import { QueryFailedError, type DataSource, type EntityManager } from 'typeorm';
import { BetterSqlite3Driver } from 'typeorm/driver/better-sqlite3/BetterSqlite3Driver.js';
import { copyInto, type Connection } from './driver.js';

/**
 * The open database of a household. All work on it waits its turn: one connection is shared by what is asynchronous, and a
 * query of somebody else's in the middle of a transaction would see, and be part of, half a change. The file is locked for
 * this process alone from the first page read, so that a transaction that has begun is never refused.
 */
export class Database {
  private turn: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly source: DataSource,
    private readonly connection: Connection,
  ) {}

  /** Do something when all that was asked before is done. Not to be asked for from within a turn: it would wait for itself. */
  inTurn<T>(work: () => Promise<T>): Promise<T> {
    const mine = this.turn.then(work);
    this.turn = mine.catch(() => undefined);
    return mine;
  }

  /** A transaction in its turn: all of the work is on the disk when this resolves, or none of it. */
  write<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.inTurn(() => this.transaction(work));
  }

  /**
   * A transaction, for whoever has the turn.
   *
   * @throws the driver's own error, with SQLite's code, where it says no.
   */
  async transaction<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    this.settle();
    try {
      return await this.source.transaction(work);
    } catch (error) {
      throw error instanceof QueryFailedError ? error.driverError : error;
    } finally {
      this.settle();
    }
  }

  /**
   * A transaction that a failure left open (a full disk) would swallow every later write: end it. One that SQLite ended by
   * itself TypeORM still counts as open, and would nest the next one in it: it begins anew.
   */
  private settle(): void {
    if (this.connection.inTransaction) this.connection.exec('ROLLBACK');
    const { driver } = this.source;
    if (driver instanceof BetterSqlite3Driver && driver.queryRunner?.isTransactionActive)
      delete driver.queryRunner;
  }

  /** What is kept, to be read by whoever has the turn. */
  get manager(): EntityManager {
    return this.source.manager;
  }

  /** Names and columns of the tables that entities describe. */
  get tables(): { name: string; columns: string[] }[] {
    return this.source.entityMetadatas.map((m) => ({
      name: m.tableName,
      columns: m.columns.map((c) => c.databaseName),
    }));
  }

  /**
   * Copy all of it into a new file, as it stands between two changes. It takes no turn, so that nobody waits for it: SQLite
   * copies nothing while a transaction is open, and takes over what is written meanwhile.
   */
  backUpInto(file: string): Promise<void> {
    return copyInto(this.connection, file);
  }

  /** Nothing that was deleted stays readable in the file or beside it. For whoever has the turn. */
  async sweep(): Promise<void> {
    await this.manager.query('VACUUM');
    await this.manager.query('PRAGMA wal_checkpoint(TRUNCATE)');
  }

  /** The last migration that it has had, and its size. */
  state(): Promise<{ migration: string; bytes: number }> {
    return this.inTurn(async () => {
      const ask = async <T>(question: string) => ((await this.manager.query(question)) as T[])[0];
      const last = await ask<{ name: string }>('SELECT name FROM migrations ORDER BY id DESC LIMIT 1');
      const pages = await ask<{ page_count: number }>('PRAGMA page_count');
      const page = await ask<{ page_size: number }>('PRAGMA page_size');
      return { migration: last?.name ?? '', bytes: (pages?.page_count ?? 0) * (page?.page_size ?? 0) };
    });
  }

  /** Close it, after what has been asked. */
  close(): Promise<void> {
    return this.inTurn(() => this.source.destroy());
  }
}
