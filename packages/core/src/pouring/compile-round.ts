import type { Catalogue } from '../catalogue/catalogue.js';
import type { Recipe } from '../catalogue/recipe.js';
import type { Kind } from '../catalogue/kind.js';
import { madeIn } from '../drink/method-steps.js';
import type { Kit } from '../kit/kit.js';
import { Tools, type Traces } from './carry-over.js';
import { loadSteps, type Load, type LoadSteps } from './drink-steps.js';
import { fruitFor } from './fruit.js';
import { pouringRank } from './order-of-parts.js';
import type { Order } from './poured-drink.js';
import { bestOrder, type Task } from './round-order.js';
import { SECONDS } from './seconds.js';
import { isMeasured, pourStep, type PourStep } from './step.js';
import { glassesAtOnce, isSameVessel, vesselsOf } from './vessels.js';

/** How a drink bears standing; each class counts four times the one before, so that lengths do not turn them round. */
export type Holds = 'base' | 'stirred' | 'shaken' | 'foam' | 'last';
const FADES: Record<Holds, number> = { base: 0.1, stirred: 1, shaken: 4, foam: 16, last: 64 };

/** A round as it is made. */
export interface CompiledRound {
  orders: readonly Order[];
  loads: Load[];
  steps: PourStep[];
  seconds: number;
  /** What comes when, for the sentence that explains it: a drink and how it holds, in order. */
  served: { order: number; holds: Holds }[];
  /** Kinds that are poured for more than one drink while the bottle is in hand. */
  shared: string[];
}

function holdsOf(drink: Recipe, kinds: ReadonlyMap<string, Kind>): Holds {
  if (drink.method === 'dry-shake' || drink.slots.some((s) => kinds.get(s.kind)?.tastes.includes('egg')))
    return 'foam';
  if (drink.method === 'blend' || drink.method === 'swizzle') return 'foam';
  return drink.method === 'stir' ? 'stirred' : 'shaken';
}

const secondsOf = (steps: readonly PourStep[]) => steps.reduce((sum, s) => sum + s.seconds, 0);

/** Below this a part is not worth picking up its bottle once instead of twice. */
const SHARED_ML = 10;

/** A drink of a round, filling by filling. */
interface Made {
  order: number;
  loads: { load: Load; steps: LoadSteps }[];
}

/** A part of a round that is done in one go: a drink made, or finished in its glass. */
interface RoundTask extends Task {
  made: Made;
  part: 'make' | 'finish';
  holds: Holds;
}

/** The kit's vessels and the household's kinds, as a round needs them. */
interface Bench {
  orders: readonly Order[];
  vessels: ReturnType<typeof vesselsOf>;
  kinds: ReadonlyMap<string, Kind>;
}

/** Each drink in as many fillings as its vessel asks for. */
function fillings({ orders, vessels, kinds }: Bench): { loads: Load[]; made: Made[] } {
  const loads: Load[] = [];
  const made = orders.map(({ drink, count }, order): Made => {
    const most = Math.min(count, glassesAtOnce(drink, kinds, vessels));
    const mine: Made = { order, loads: [] };
    for (let left = count; left > 0; left -= most) {
      const load = { load: loads.length, order, glasses: Math.min(most, left) };
      loads.push(load);
      mine.loads.push({ load, steps: loadSteps(drink, load, kinds) });
    }
    return mine;
  });
  return { loads, made };
}

/** A strained drink is dressed at once; what is topped or floated waits for the end. */
const isDressedAtOnce = (drink: Recipe, finish: readonly PourStep[], kinds: Bench['kinds']) =>
  madeIn(drink, kinds) !== 'glass' && finish.every((s) => s.act === 'garnish');

/** What is done of each drink, and how it bears standing. */
function tasksOf(made: readonly Made[], { orders, kinds }: Bench): RoundTask[] {
  const tasks: RoundTask[] = [];
  for (const mine of made) {
    const { drink, count } = orders[mine.order] as Order;
    const built = madeIn(drink, kinds) === 'glass';
    const make = mine.loads.flatMap(({ steps }) => [...steps.press, ...steps.pours, ...steps.work]);
    const finish = mine.loads.flatMap(({ steps }) => steps.finish);
    const fizzes = finish.some((s) => s.act === 'top');
    const holds: Holds = built ? 'base' : holdsOf(drink, kinds);
    const atOnce = isDressedAtOnce(drink, finish, kinds);
    const makes = tasks.length;
    tasks.push({
      made: mine,
      part: 'make',
      holds,
      fades: FADES[holds] * count,
      seconds: secondsOf(make) + (atOnce ? secondsOf(finish) : 0),
    });
    if (!atOnce)
      tasks.push({
        made: mine,
        part: 'finish',
        after: makes,
        seconds: secondsOf(finish),
        ...finishHolds(built && !fizzes ? 'foam' : 'last', count),
      });
  }
  return tasks;
}

/** Writes the steps of a round down in their order. */
class RoundWriter {
  readonly shared = new Set<string>();
  private readonly measured = new Set<Load>();

  constructor(
    private readonly bench: Bench,
    private readonly tools: Tools,
  ) {}

  /** One task, with those that come after it: what they share with it is measured now. */
  stepsOf(task: RoundTask, at: number, later: Made['loads']): PourStep[] {
    const off = this.tools.washedFor(task.made.order);
    const wash = off ? [washStep(String(at), off)] : [];
    this.tools.used(task.made.order);
    const [first] = task.made.loads;
    return [
      ...wash,
      ...task.made.loads.flatMap(({ load, steps }) =>
        task.part === 'finish' ? steps.finish : this.making(load, steps, load === first?.load ? later : []),
      ),
    ];
  }

  private making(load: Load, own: LoadSteps, later: Made['loads']): PourStep[] {
    const steps: PourStep[] = [];
    if (!this.measured.has(load)) {
      const beside = this.partners(own, load, later);
      for (const { load: other } of beside) this.measured.add(other);
      steps.push(...own.press, ...this.together([own, ...beside.map((b) => b.steps)]));
    }
    steps.push(...own.work);
    const drink = this.bench.orders[load.order]?.drink;
    if (drink && isDressedAtOnce(drink, own.finish, this.bench.kinds)) steps.push(...own.finish);
    return steps;
  }

  /** Whether two fillings would want the same vessel at once. */
  private clash(a: Load, b: Load): boolean {
    const { orders, vessels, kinds } = this.bench;
    const vessel = (l: Load) => madeIn((orders[l.order] as Order).drink, kinds);
    const held = (l: Load) => {
      const v = vessel(l);
      return v === 'glass' ? undefined : vessels[v];
    };
    const [x, y] = [held(a), held(b)];
    const isOne = x !== undefined && y !== undefined && (vessel(a) === vessel(b) || isSameVessel(x, y));
    return a.order === b.order || isOne;
  }

  /** Later drinks that go into other vessels, are not pressed, and share a bottle worth picking up once. */
  private partners(own: LoadSteps, load: Load, rest: Made['loads']): Made['loads'] {
    // Where something must not carry over, one drink is made after the other.
    if (own.press.some(isMeasured) || this.tools.mindsTraces) return [];
    const taken = [load];
    return rest.filter(({ load: other, steps: others }) => {
      if (others.press.some(isMeasured) || this.measured.has(other)) return false;
      const both = others.pours.flatMap((s) =>
        (s.part?.ml ?? 0) >= SHARED_ML && own.pours.some((o) => o.part?.kind === s.part?.kind)
          ? [s.part?.kind ?? '']
          : [],
      );
      if (both.length === 0 || taken.some((l) => this.clash(l, other))) return false;
      for (const kind of both) this.shared.add(kind);
      taken.push(other);
      return true;
    });
  }

  /** What is measured for several drinks, a bottle at a time, in the order of the tin. */
  private together(all: readonly LoadSteps[]): PourStep[] {
    const pours = all.flatMap((s) => s.pours);
    if (all.length === 1) return pours;
    const { orders, kinds } = this.bench;
    const rank = new Map<string, number>();
    for (const step of pours) {
      const slot = orders[step.order ?? 0]?.drink.slots[step.part?.slot ?? 0];
      const kind = step.part?.kind ?? '';
      if (slot) rank.set(kind, Math.max(rank.get(kind) ?? 0, pouringRank(slot, kinds)));
    }
    return pours
      .map((step, i) => ({ step, i, kind: step.part?.kind ?? '' }))
      .sort((a, b) => {
        const [x, y] = [rank.get(a.kind) ?? 0, rank.get(b.kind) ?? 0];
        return x - y || (a.kind === b.kind ? a.i - b.i : a.kind < b.kind ? -1 : 1);
      })
      .map(({ step }) => step);
  }
}

/**
 * The steps of a round: fruit and glasses first, then drink by drink in the order in which the least is lost by
 * standing; what two drinks share is measured for both while its bottle is in hand; ice and bubbles of long drinks
 * last.
 *
 * @example compileRound([{ drink: daiquiri, of: 'daiquiri', count: 3, for: [] }], kit, catalogue, kinds).loads.length // 2
 */
export function compileRound(
  orders: readonly Order[],
  kit: Kit,
  catalogue: Pick<Catalogue, 'techniques' | 'tools' | 'kitchen'>,
  kinds: ReadonlyMap<string, Kind>,
): CompiledRound {
  const bench: Bench = { orders, vessels: vesselsOf(kit, catalogue), kinds };
  const { loads, made } = fillings(bench);
  const all = tasksOf(made, bench);
  const tools = new Tools(orders, kinds);
  const isTheirs = (t: RoundTask) => t.part === 'make' && tools.comesFirst(t.made.order);
  const tasks = theirsFirst(all, isTheirs).flatMap((place) => all[place] ?? []);
  const writer = new RoundWriter(bench, tools);
  const laterThan = (at: number) =>
    tasks.slice(at + 1).flatMap((t) => (t.part === 'make' ? (t.made.loads[0] ?? []) : []));

  const steps: PourStep[] = [
    // Nobody knows what was made with them before.
    ...(tools.mindsTraces ? [washStep('first', tools.minded)] : []),
    ...fruitFor(orders, kinds),
    ...coldGlasses(orders),
    ...tasks.flatMap((task, at) => writer.stepsOf(task, at, laterThan(at))),
    pourStep('serve', 'serve', SECONDS.serve, { vessels: orders.reduce((n, o) => n + o.count, 0) }),
  ];
  const served = tasks.map(({ made: { order }, holds }) => ({ order, holds }));
  return { orders, loads, steps, seconds: secondsOf(steps), served, shared: [...writer.shared] };
}

/** Tin, jigger, strainer and spoon are washed of something that somebody cannot have. */
function washStep(id: string, { cannot, without }: Traces): PourStep {
  return pourStep(`wash.${id}`, 'wash', SECONDS.wash, { cannot, without });
}

/** The best order of tasks with some of them before all others. */
function theirsFirst<T extends Task>(tasks: readonly T[], isFirst: (task: T) => boolean): number[] {
  const places = tasks.map((_, i) => i);
  const first = places.filter((i) => isFirst(tasks[i] as T));
  if (first.length === 0) return bestOrder(tasks);
  const ordered = (some: readonly number[]) =>
    bestOrder(
      some.map((i) => {
        const { seconds, fades, after } = tasks[i] as T;
        const before = after === undefined ? -1 : some.indexOf(after);
        return before < 0 ? { seconds, fades } : { seconds, fades, after: before };
      }),
    ).map((i) => some[i] as number);
  return [...ordered(first), ...ordered(places.filter((i) => !first.includes(i)))];
}

function finishHolds(holds: Holds, count: number): { holds: Holds; fades: number } {
  return { holds, fades: FADES[holds] * count };
}

/** Glasses for what is served without ice are chilled first; what is hot is warmed in its own steps. */
function coldGlasses(orders: readonly Order[]): PourStep[] {
  const cold = orders.filter(({ drink }) => drink.ice === 'none' && drink.method !== 'hot');
  const glasses = cold.reduce((n, o) => n + o.count, 0);
  return glasses === 0
    ? []
    : [pourStep('chill', 'chill', SECONDS.chillGlass * glasses, { vessels: glasses, into: 'glass' })];
}
