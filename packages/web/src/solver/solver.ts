import { proxy, wrap, type Remote } from 'comlink';
import type { Catalogue } from '@uisce/core/catalogue';
import type { About, From, TimedResult } from './about';
import type { SolverApi } from './solver.worker';
import solverUrl from './solver.worker?worker&url';
import type { CurvePart, CurveShare } from './tasks/curve';
import type { Advice, QuestionArguments, Told, Topic } from './tasks/questions';

/** Reactive proxies cannot be cloned; plain JSON can. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/**
 * One background solver, made when it is first asked. Asking anew stops what it was doing: through
 * shared memory where the browser allows it, else as soon as the running solve ends. What a worker
 * throws is thrown here, with its name and stack.
 */
export class Solver {
  private worker: Worker | undefined;
  private remote: Remote<SolverApi> | undefined;
  private latest: Int32Array | undefined;
  private loaded: Catalogue | undefined;
  private turn = 0;

  constructor(private readonly catalogue: () => Catalogue) {}

  /** Start its thread before the first question comes, while the catalogue is still on its way. */
  wake(): void {
    this.start();
  }

  /** The best set for a brief, told as soon as there is a good one; undefined when something newer was asked. */
  async answer(
    about: About,
    from: From | null,
    onBetter: (result: TimedResult) => void,
  ): Promise<TimedResult | undefined> {
    const { remote, turn } = this.next();
    const result = await remote.answer(
      turn,
      plain(about),
      plain(from),
      proxy((better: TimedResult) => {
        if (turn === this.turn) onBetter(better);
      }),
    );
    return turn === this.turn ? result : undefined;
  }

  /** A share of the curve, part by part; true when it was drawn to its end. What was asked since is not stopped by `signal`. */
  async curve(
    about: About,
    share: CurveShare,
    onPart: (part: CurvePart) => void,
    signal: AbortSignal,
  ): Promise<boolean> {
    const { remote, turn } = this.next();
    signal.addEventListener('abort', () => turn === this.turn && this.stop());
    const whole = await remote.curve(
      turn,
      plain(about),
      share,
      proxy((part: CurvePart) => {
        if (turn === this.turn) onPart(part);
      }),
    );
    return whole && turn === this.turn;
  }

  /** Ask a question about a brief. Questions wait for each other; `end` gives up on all of them. */
  async advise<T extends Topic>(
    topic: T,
    about: About,
    asked: QuestionArguments<T>,
    onSoFar: (soFar: Advice<T>, progress: number) => void,
  ): Promise<Advice<T>> {
    const on = (told: Told): Advice<T> => {
      const advice = told[topic];
      if (advice === undefined) throw new Error(`nothing was told on ${topic}`);
      return advice;
    };
    // What the page makes of it stays here: nothing of it could be cloned back.
    const tell = proxy((soFar: Told, progress: number): void => {
      onSoFar(on(soFar), progress);
    });
    return on(await this.open().advise(topic, plain(about), plain(asked), tell));
  }

  /** Give up on whatever is being solved. */
  stop(): void {
    this.turn += 1;
    if (this.latest) Atomics.store(this.latest, 0, this.turn);
  }

  /** End the background thread; the next question starts another. */
  end(): void {
    this.stop();
    this.worker?.terminate();
    this.worker = undefined;
    this.remote = undefined;
    this.loaded = undefined;
  }

  private next(): { remote: Remote<SolverApi>; turn: number } {
    this.stop();
    const remote = this.open();
    return { remote, turn: this.turn };
  }

  /** Its thread, with the catalogue in its hands. */
  private open(): Remote<SolverApi> {
    const remote = this.start();
    if (this.loaded !== this.catalogue()) {
      this.loaded = this.catalogue();
      // The catalogue is plain already, and large: it goes over as it is.
      void remote.load(this.loaded);
    }
    return remote;
  }

  private start(): Remote<SolverApi> {
    if (this.remote) return this.remote;
    const worker = new Worker(solverUrl, { type: 'module' });
    const shared = typeof SharedArrayBuffer === 'undefined' ? null : new SharedArrayBuffer(4);
    this.latest = shared ? new Int32Array(shared) : undefined;
    if (this.latest) Atomics.store(this.latest, 0, this.turn);
    this.worker = worker;
    this.remote = wrap<SolverApi>(worker);
    void this.remote.start(shared);
    return this.remote;
  }
}
