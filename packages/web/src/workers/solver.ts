import type { CatalogueText } from '@uisce/core';
import type { WorkerReply, WorkerRequest } from './protocol';

type Question = Exclude<WorkerRequest, { kind: 'load' }>;
type WithoutId<T> = T extends unknown ? Omit<T, 'id'> : never;

/**
 * One background solver. Asking anew stops what it was doing: through shared memory where the
 * browser allows it, else as soon as the running solve ends.
 */
export class Solver {
  private readonly worker: Worker;
  private readonly latest: Int32Array | undefined;
  private counter = 0;

  constructor(
    catalogue: CatalogueText,
    private readonly onReply: (reply: WorkerReply) => void,
  ) {
    this.worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
    const shared = typeof SharedArrayBuffer === 'undefined' ? null : new SharedArrayBuffer(4);
    this.latest = shared ? new Int32Array(shared) : undefined;
    this.post({ kind: 'load', catalogue, latest: shared });
    this.worker.addEventListener('message', (event: MessageEvent<WorkerReply>) => {
      if (event.data.id === this.counter) this.onReply(event.data);
    });
  }

  ask(question: WithoutId<Question>): void {
    this.stop();
    this.post({ ...question, id: this.counter } as WorkerRequest);
  }

  /** Give up on whatever is being solved. */
  stop(): void {
    this.counter += 1;
    if (this.latest) Atomics.store(this.latest, 0, this.counter);
  }

  /** End the background thread for good. */
  end(): void {
    this.stop();
    this.worker.terminate();
  }

  private post(request: WorkerRequest): void {
    // Reactive proxies cannot be cloned; plain JSON can.
    const { latest, ...plain } = request as WorkerRequest & { latest?: SharedArrayBuffer | null };
    this.worker.postMessage({
      ...(JSON.parse(JSON.stringify(plain)) as object),
      ...(latest === undefined ? {} : { latest }),
    });
  }
}
