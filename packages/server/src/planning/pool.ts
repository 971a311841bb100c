import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import type { SolveResult, SolveTask } from './worker.js';

/** Problems that may wait their turn before more are refused. */
const MAX_WAITING = 64;
/** A worker that does not stop by itself this long after its time is ended from outside. */
const GRACE_SECONDS = 10;
/** What one problem may take of the machine's memory. */
const MAX_MEMORY_MB = 1024;

/** All solver threads are busy and the queue is full. */
export class QueueFullError extends Error {}

/** Worker threads that solve planning problems, so that no request holds up another. */
export class SolverPool {
  /** Made when the first problem comes: starting is quicker without. */
  private pool: Piscina<SolveTask, SolveResult> | undefined;
  /** Problems in threads, and those that wait for one, each woken in its turn. */
  private running = 0;
  private readonly waiting: (() => void)[] = [];

  constructor(
    private readonly threads: number,
    private readonly seconds: number,
  ) {}

  private open(): Piscina<SolveTask, SolveResult> {
    return new Piscina({
      filename: fileURLToPath(new URL('./worker.js', import.meta.url)),
      minThreads: 1,
      maxThreads: this.threads,
      idleTimeout: 60_000,
      resourceLimits: { maxOldGenerationSizeMb: MAX_MEMORY_MB },
    });
  }

  /** Whether another problem may still wait. */
  get hasRoom(): boolean {
    return this.waiting.length < MAX_WAITING;
  }

  /**
   * Solve in a worker thread; the time allowed begins when a thread takes it up. Aborting `signal` takes
   * the task off the queue or ends its thread.
   *
   * @throws QueueFullError when too many problems wait already.
   */
  async run(task: Omit<SolveTask, 'seconds'>, signal: AbortSignal): Promise<SolveResult> {
    if (!this.hasRoom) throw new QueueFullError();
    await this.turn(signal);
    const overrun = AbortSignal.timeout((this.seconds + GRACE_SECONDS) * 1000);
    try {
      this.pool ??= this.open();
      return await this.pool.run(
        { ...task, seconds: this.seconds },
        { signal: AbortSignal.any([signal, overrun]) },
      );
    } catch (error) {
      if (overrun.aborted && !signal.aborted) return { kind: 'out-of-time' };
      if ((error as NodeJS.ErrnoException).code === 'ERR_WORKER_OUT_OF_MEMORY')
        return { kind: 'out-of-memory' };
      throw error;
    } finally {
      this.running -= 1;
      this.waiting.shift()?.();
    }
  }

  /** Wait for a thread, or for the client to leave. */
  private async turn(signal: AbortSignal): Promise<void> {
    if (this.running >= this.threads)
      await new Promise<void>((resolve, reject) => {
        const go = () => {
          signal.removeEventListener('abort', leave);
          resolve();
        };
        const leave = () => {
          this.waiting.splice(this.waiting.indexOf(go), 1);
          reject(signal.reason as Error);
        };
        signal.addEventListener('abort', leave, { once: true });
        this.waiting.push(go);
      });
    this.running += 1;
  }

  /** Wait for nothing and end all threads. */
  async close(): Promise<void> {
    await this.pool?.destroy();
  }
}
