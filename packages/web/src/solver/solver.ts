import type { Catalogue } from '@uisce/core/catalogue';
import type { WorkerReply, WorkerRequest } from './protocol';

type Question = Extract<WorkerRequest, { kind: 'plan' | 'curve' }>;
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
    catalogue: Catalogue,
    private readonly onReply: (reply: WorkerReply) => void,
  ) {
    this.worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
    const shared = typeof SharedArrayBuffer === 'undefined' ? null : new SharedArrayBuffer(4);
    this.latest = shared ? new Int32Array(shared) : undefined;
    // The catalogue is plain already, and large: it goes over as it is.
    this.worker.postMessage({ kind: 'load', catalogue, latest: shared } satisfies WorkerRequest);
    this.worker.addEventListener('message', (event: MessageEvent<WorkerReply>) => {
      if (event.data.id === this.counter) this.onReply(event.data);
    });
  }

  ask(question: WithoutId<Question>): void {
    this.stop();
    this.post({ ...question, id: this.counter } as Question);
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

  private post(request: Question): void {
    // Reactive proxies cannot be cloned; plain JSON can.
    this.worker.postMessage(JSON.parse(JSON.stringify(request)));
  }
}
