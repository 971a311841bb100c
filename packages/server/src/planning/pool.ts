import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import type { SolveResult, SolveTask } from './worker.js';

/** Problems that may wait their turn before more are refused. */
const MOST_WAITING = 64;
/** A worker that does not stop by itself this long after its time is ended from outside. */
const GRACE_SECONDS = 10;

/** All solver threads are busy and the queue is full. */
export class QueueFullError extends Error {}

/** Worker threads that solve planning problems, so that no request holds up another. */
export class SolverPool {
  private readonly pool: Piscina<SolveTask, SolveResult>;

  constructor(
    threads: number,
    private readonly seconds: number,
  ) {
    this.pool = new Piscina({
      filename: fileURLToPath(new URL('./worker.js', import.meta.url)),
      minThreads: 1,
      maxThreads: threads,
      maxQueue: MOST_WAITING,
      idleTimeout: 60_000,
    });
  }

  /**
   * Solve in a worker thread. Aborting `signal` takes the task off the queue or ends its thread.
   *
   * @throws QueueFullError when too many problems wait already.
   */
  async run(task: Omit<SolveTask, 'seconds'>, signal: AbortSignal): Promise<SolveResult> {
    if (this.pool.queueSize >= MOST_WAITING) throw new QueueFullError();
    const overrun = AbortSignal.timeout((this.seconds + GRACE_SECONDS) * 1000 * (1 + this.pool.queueSize));
    try {
      return await this.pool.run(
        { ...task, seconds: this.seconds },
        { signal: AbortSignal.any([signal, overrun]) },
      );
    } catch (error) {
      if (overrun.aborted && !signal.aborted) return { kind: 'out-of-time' };
      throw error;
    }
  }

  /** Wait for nothing and end all threads. */
  close(): Promise<void> {
    return this.pool.destroy();
  }
}
