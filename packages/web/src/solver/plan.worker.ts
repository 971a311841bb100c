import type { Catalogue } from '@uisce/core/catalogue';
import { PlanSearch } from '@uisce/core/planner';
import { advise } from './tasks/advice-task';
import { answerBrief } from './tasks/answer-task';
import { drawCurve } from './tasks/curve-task';
import type { WorkerReply, WorkerRequest } from './protocol';

let catalogue: Catalogue | undefined;
let latest: Int32Array | undefined;

const reply = (message: WorkerReply) => {
  postMessage(message);
};

/** Get the search compiled before the first question arrives: solve something small a few times. */
function warmUp(): void {
  const ids = Array.from({ length: 24 }, (_, i) => `k${i}`);
  const slot = (id: string) => ({ any: [{ all: [id], fit: 1 }] });
  const search = new PlanSearch({
    format: 'uisce-plan-problem/1',
    budget: 1,
    items: ids.map((id, i) => ({ id, provides: [id], price: 90 + ((i * 37) % 50), widthMm: 0, counted: true, liquorMl: 0 })),
    drinks: ids.flatMap((id, i) =>
      [1, 5, 7].map((step) => ({ id: `${id}-${step}`, weight: 1, slots: [slot(id), slot(ids[(i + step) % 24] as string)] })),
    ),
    owned: [],
    must: [],
    never: [],
    mustDrinks: [],
    minFit: 1,
  }); // prettier-ignore
  for (let budget = 300; budget < 2000; budget += 300) search.solve(budget);
}

async function handle(request: WorkerRequest): Promise<void> {
  if (request.kind === 'load') {
    catalogue = request.catalogue;
    latest = request.latest ? new Int32Array(request.latest) : undefined;
    warmUp();
    return;
  }
  const { id } = request;
  const isStale = () => latest !== undefined && Atomics.load(latest, 0) !== id;
  if (catalogue === undefined || isStale()) return;
  try {
    if (request.kind === 'plan') {
      const result = answerBrief(request, catalogue, isStale, (better) =>
        reply({ kind: 'plan', id, result: better, done: false }),
      );
      if (result) reply({ kind: 'plan', id, result, done: true });
    } else if (request.kind === 'curve') {
      await drawCurve(request, catalogue, isStale, (part) => reply({ kind: 'curve', id, ...part }));
    } else {
      const advice = advise(request, catalogue, (so, progress) =>
        reply({ kind: 'advice', id, advice: so, progress, done: false }),
      );
      reply({ kind: 'advice', id, advice, progress: 1, done: true });
    }
  } catch (error) {
    reply({ kind: 'failed', id, message: (error as Error).message });
  }
}

// One request at a time, in order: a stale one returns at once.
let queue = Promise.resolve();
addEventListener('message', (event: MessageEvent<WorkerRequest>) => {
  queue = queue.then(() => handle(event.data));
});
