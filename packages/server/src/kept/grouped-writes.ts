import { setImmediate } from 'node:timers/promises';
import { QueryFailedError, type EntityManager } from 'typeorm';
import type { Database } from '../storage/database.js';

/** So many go onto the disk at once. */
const MOST_AT_ONCE = 64;

/** How one of them is written, and what follows. */
interface Parts<Asked, Written, Done> {
  /** Write it, or refuse: nothing of it may be left then but what the transaction takes back. */
  write(manager: EntityManager, asked: Asked): Promise<Written>;
  /** It is written, if not on the disk yet: whatever is written after it is held against it. */
  take(written: Written): Done;
  /** What was taken did not come onto the disk: all of it is read anew. */
  forget(): Promise<void>;
  /** It is on the disk. */
  kept(asked: Asked, done: Done): void;
}

interface Waiting<Asked, Done> {
  asked: Asked;
  resolve(done: Done): void;
  reject(error: unknown): void;
}

/**
 * What came in while the disk was busy goes onto it in one transaction: a disk takes as long for one write as for fifty.
 * Each is its own all the same: one that is refused takes none of the others along, and nobody hears of one before all are
 * on the disk. Between two of a group nothing else runs, so nobody reads what is not on the disk yet.
 */
export class GroupedWrites<Asked, Written, Done> {
  private waiting: Waiting<Asked, Done>[] = [];

  constructor(
    private readonly db: Database,
    private readonly parts: Parts<Asked, Written, Done>,
  ) {}

  /** Resolves when it is on the disk. */
  push(asked: Asked): Promise<Done> {
    return new Promise((resolve, reject) => {
      this.waiting.push({ asked, resolve, reject });
      void this.db.inTurn(() => this.next());
    });
  }

  private async next(): Promise<void> {
    if (this.waiting.length === 0) return;
    // The disk keeps this thread waiting: whatever has come in by now comes along.
    await setImmediate();
    const group = this.waiting.splice(0, MOST_AT_ONCE);
    if (await this.together(group)) return;
    // The disk refused one of them, who knows which: each by itself.
    for (const one of group) await this.together([one]);
  }

  /** @returns false where none of several came onto the disk because it refused one of them. */
  private async together(group: readonly Waiting<Asked, Done>[]): Promise<boolean> {
    const done: [Waiting<Asked, Done>, Done][] = [];
    const refused: [Waiting<Asked, Done>, unknown][] = [];
    try {
      await this.db.transaction(async (manager) => {
        for (const one of group) {
          try {
            done.push([one, await this.written(manager, one.asked, group.length > 1)]);
          } catch (error) {
            if (group.length === 1 || error instanceof QueryFailedError) throw error;
            refused.push([one, error]);
          }
        }
      });
    } catch (error) {
      if (done.length > 0) await this.parts.forget();
      if (group.length > 1) return false;
      refused.push(...group.map((one): [Waiting<Asked, Done>, unknown] => [one, error]));
      done.length = 0;
    }
    for (const [one, error] of refused) one.reject(error);
    for (const [one, what] of done) {
      this.parts.kept(one.asked, what);
      one.resolve(what);
    }
    return true;
  }

  private async written(manager: EntityManager, asked: Asked, isOfSeveral: boolean): Promise<Done> {
    const { write, take } = this.parts;
    return take(
      isOfSeveral
        ? await manager.transaction((savepoint) => write(savepoint, asked))
        : await write(manager, asked),
    );
  }
}
