import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import type { Brief } from '@uisce/core/plan';
import type { Advice, Question, WorkerReply, WorkerRequest } from './protocol';

/** Told what is known so far: progress 1 is the whole answer. */
export type OnAdvice = (advice: Advice, progress: number) => void;

interface Waiting {
  onAdvice: OnAdvice;
  onFailure: (message: string) => void;
}

/** A background worker for questions about the answer, made when the first one is asked. */
export class Adviser {
  private worker: Worker | undefined;
  private counter = 0;
  private readonly waiting = new Map<number, Waiting>();

  constructor(private readonly catalogue: () => Catalogue) {}

  ask(
    question: Question,
    { brief, prices, kit }: { brief: Brief; prices: PriceList; kit: Kit },
    waiting: Waiting,
  ): void {
    this.worker ??= this.open();
    const id = ++this.counter;
    this.waiting.set(id, waiting);
    // Reactive proxies cannot be cloned; plain JSON can.
    const about = JSON.parse(JSON.stringify({ brief, prices, kit, question })) as Omit<
      Extract<WorkerRequest, { kind: 'advice' }>,
      'kind' | 'id'
    >;
    this.worker.postMessage({ kind: 'advice', id, ...about } satisfies WorkerRequest);
  }

  /** Give up on everything asked. */
  stop(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.waiting.clear();
  }

  private open(): Worker {
    const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
    worker.postMessage({ kind: 'load', catalogue: this.catalogue(), latest: null } satisfies WorkerRequest);
    worker.addEventListener('message', ({ data }: MessageEvent<WorkerReply>) => {
      const asked = this.waiting.get(data.id);
      if (asked === undefined) return;
      if (data.kind === 'failed') {
        this.waiting.delete(data.id);
        asked.onFailure(data.message);
      } else if (data.kind === 'advice') {
        if (data.done) this.waiting.delete(data.id);
        asked.onAdvice(data.advice, data.progress);
      }
    });
    return worker;
  }
}
