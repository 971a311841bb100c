import { inSentence, lowerFirst, upperFirst } from '../base/in-sentence.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import { waitMinutesOf } from '../bench/batch-schedule.js';
import { batchedDrink, isMixedAhead, type BatchedDrink } from '../mixed/batched.js';
import type { IcePlan } from './ice-plan.js';
import type { Quantities } from './quantities.js';
import type { MenuPour, WantedKind } from './wanted.js';
import { scheduleProblemSchema, type ScheduleTask } from './schedule.js';

/** How long hands take, minutes (assumptions, common practice at home). */
const MINUTES = {
  buy: 45,
  fill: 5,
  batch: 10,
  batchGlass: 2,
  chill: 180,
  fruit: 1,
  squeeze: 5,
  herbs: 5,
  glasses: 5,
  cold: 30,
  garnish: 15,
  table: 10,
};
/** A batch of syrup by its trouble: stirring; pressing or simmering; an afternoon. */
const MAKE_MINUTES = { 1: 20, 2: 45, 3: 90 } as const;
const DAY = 24 * 60;
/** Juice the same day, best within four hours; herbs and garnish nearer, glasses cold half an hour. */
const FRESH = { buy: 3 * DAY, juice: 240, herbs: 180, garnish: 90, glasses: 180, table: 60 };
const MAX_FRESH = 14 * DAY;
/** Shops close and streets are full; a syrup is cold before it is poured. */
const READY = { buy: 180, syrup: 120 };
const GLASSES_LITRES = 0.5;

/** What an evening asks to be done ahead. */
export interface Ahead {
  quantities: Quantities;
  drinks: readonly MenuPour[];
  ice: IcePlan;
  kinds: ReadonlyMap<string, Kind>;
  homeMade: Catalogue['homeMade'];
  /** Days that a way of making keeps, by what is in it. */
  keepsDays: (way: HomeMade) => number;
  /** Bottles at hand for batches, ml. */
  bottleMl: readonly number[];
  people: number;
}

/** A drink that is mixed ahead. */
export interface AheadBatch {
  drink: string;
  name: string;
  glasses: number;
  batch: BatchedDrink;
}

type Task = Partial<ScheduleTask> & Pick<ScheduleTask, 'id' | 'name' | 'minutes' | 'hands'>;

/** The row of all that is frozen, however often its trays are turned. */
const ICE_ROW = 'ice';

/** The id of filling a mould's trays for the n-th time, from 1. */
export const fillTask = (mould: string, n: number): string => `fill.${mould}.${n}`;

/** Drinks of a menu that are mixed ahead, for the glasses that are not in a bottle yet. */
export function batchesAhead({
  drinks,
  kinds,
  bottleMl,
}: Pick<Ahead, 'drinks' | 'kinds' | 'bottleMl'>): AheadBatch[] {
  return drinks.flatMap(({ drink, glasses: all, mixed }) => {
    const glasses = Math.max(0, all - mixed);
    return isMixedAhead(drink, glasses, kinds)
      ? [{ drink: drink.id, name: drink.name, glasses, batch: batchedDrink(drink, glasses, kinds, bottleMl) }]
      : [];
  });
}

/** The way to make a kind that is least trouble. */
function wayToMake(kind: string, homeMade: readonly HomeMade[]): HomeMade | undefined {
  return homeMade.filter((h) => h.makes === kind).sort((a, b) => a.effort - b.effort)[0];
}

/** Whether something is short that a shop has. */
const isToBuy = (w: WantedKind) => w.buy !== undefined && w.buy.ware.is !== 'made';

/** All that is to be done before the first glass, as tasks of a schedule. */
export function tasksAhead(ahead: Ahead): ScheduleTask[] {
  const { wanted, dressing } = ahead.quantities;
  const toBuy = new Set([...wanted, ...dressing].filter(isToBuy).map((w) => w.kind));
  const bought = (needs: Iterable<string>) => ([...needs].some((k) => toBuy.has(k)) ? ['buy'] : []);
  const shopping: Task = {
    id: 'buy',
    kind: 'buy',
    name: 'Shopping',
    minutes: MINUTES.buy,
    hands: true,
    freshMinutes: FRESH.buy,
    readyMinutes: READY.buy,
  };
  const tasks = [
    ...(toBuy.size > 0 ? [shopping] : []),
    ...iceTasks(ahead.ice),
    ...batchTasks(ahead, bought),
    ...syrupTasks(ahead),
    ...freshTasks(ahead, bought),
    ...glassTasks(ahead),
    ...lastTasks(ahead, bought(toBuy)),
  ];
  return scheduleProblemSchema.parse({ tasks, horizon: 0 }).tasks;
}

/** Juice and herbs, the same day. */
function freshTasks({ quantities, kinds }: Ahead, bought: (kinds: Iterable<string>) => string[]): Task[] {
  const fruit = quantities.wanted.filter((w) => w.juiceMl > 0);
  const pieces = fruit.reduce((sum, f) => sum + f.wanted, 0);
  const names = fruit.map((f) => inSentence(kinds.get(f.kind) ?? { name: f.kind }));
  const squeeze: Task = {
    id: 'squeeze',
    kind: 'squeeze',
    name: upperFirst(names.join(', ')),
    hands: true,
    minutes: MINUTES.squeeze + Math.ceil(pieces) * MINUTES.fruit,
    freshMinutes: FRESH.juice,
    after: bought(fruit.map((f) => f.kind)),
  };
  const herbs = [...quantities.wanted, ...quantities.dressing].filter(
    (w) => w.unit === 'pieces' && kinds.get(w.kind)?.herb === true,
  );
  const wash: Task = {
    id: 'herbs',
    kind: 'herbs',
    name: 'Herbs, washed and picked',
    minutes: MINUTES.herbs,
    hands: true,
    freshMinutes: FRESH.herbs,
    after: bought(herbs.map((w) => w.kind)),
  };
  return [...(fruit.length > 0 ? [squeeze] : []), ...(herbs.length > 0 ? [wash] : [])];
}

/** Glasses for what is served without ice stand in the cold. */
function glassTasks({ drinks, people }: Ahead): Task[] {
  if (!drinks.some(({ drink }) => drink.ice === 'none' && drink.method !== 'hot')) return [];
  return [
    {
      id: 'glasses',
      kind: 'glasses',
      name: 'Glasses to the freezer',
      minutes: MINUTES.glasses,
      hands: true,
      freshMinutes: FRESH.glasses + MINUTES.cold,
    },
    {
      id: 'cold',
      kind: 'cold',
      row: 'glasses',
      name: 'Glasses cold',
      minutes: MINUTES.cold,
      hands: false,
      after: ['glasses'],
      during: { freezer: people * GLASSES_LITRES },
    },
  ];
}

/** What is done when guests are nearly there. */
function lastTasks({ quantities }: Ahead, after: string[]): Task[] {
  const garnish: Task = {
    id: 'garnish',
    kind: 'garnish',
    name: 'Garnishes',
    minutes: MINUTES.garnish,
    hands: true,
    freshMinutes: FRESH.garnish,
    after,
  };
  const table: Task = {
    id: 'table',
    kind: 'table',
    name: 'Mats, water and food out',
    minutes: MINUTES.table,
    hands: true,
    freshMinutes: FRESH.table,
  };
  return quantities.garnishes.length > 0 ? [garnish, table] : [table];
}

/** Somebody has to be there to empty a tray and fill it again; it freezes by itself. */
function iceTasks({ trays }: IcePlan): Task[] {
  return trays.flatMap(({ mould, cycles, hours }) =>
    Array.from({ length: cycles }, (_, i): Task[] => [
      {
        id: fillTask(mould.id, i + 1),
        kind: 'fill',
        of: mould.id,
        row: ICE_ROW,
        name: `Fill the trays, ${i + 1} of ${cycles}`,
        minutes: MINUTES.fill,
        hands: true,
        after: i > 0 ? [`ice.${mould.id}.${i}`] : [],
      },
      {
        id: `ice.${mould.id}.${i + 1}`,
        kind: 'freeze',
        of: mould.id,
        row: ICE_ROW,
        name: `Ice, ${lowerFirst(mould.name)}, ${i + 1} of ${cycles}`,
        minutes: Math.round(hours * 60),
        hands: false,
        after: [fillTask(mould.id, i + 1)],
        during: { [`tray.${mould.id}`]: 1 },
      },
    ]).flat(),
  );
}

/** Mixed once its parts are there, and cold before it is poured. */
function batchTasks(ahead: Ahead, bought: (kinds: Iterable<string>) => string[]): Task[] {
  return batchesAhead(ahead).flatMap(({ drink, name, glasses, batch }): Task[] => [
    {
      id: `batch.${drink}`,
      kind: 'batch',
      of: drink,
      name: `${name}, mixed ahead`,
      proper: true,
      hands: true,
      minutes: MINUTES.batch + glasses * MINUTES.batchGlass,
      after: bought(batch.parts.map((p) => p.kind)),
      keeps: { [batch.freezer === 'slush' ? 'fridge' : 'freezer']: batch.volumeMl / 1000 },
    },
    {
      id: `chill.${drink}`,
      kind: 'chill',
      of: drink,
      row: `batch.${drink}`,
      name: `${name}, cold`,
      proper: true,
      minutes: MINUTES.chill,
      hands: false,
      after: [`batch.${drink}`],
    },
  ]);
}

/** Syrups that are short, each the way that is least trouble, with its waits. */
function syrupTasks({ quantities, kinds, homeMade, keepsDays }: Ahead): Task[] {
  return quantities.wanted.flatMap(({ kind, short }): Task[] => {
    const known = kinds.get(kind);
    const way = wayToMake(kind, homeMade);
    if (short <= 0 || known?.supply !== 'home-made' || way === undefined) return [];
    const waits = waitMinutesOf(way);
    const freshMinutes = Math.min(MAX_FRESH, keepsDays(way) * DAY);
    const make: Task = {
      id: `make.${kind}`,
      kind: 'make',
      of: kind,
      name: known.name,
      proper: known.proper,
      minutes: MAKE_MINUTES[way.effort],
      hands: true,
    };
    if (waits === 0) return [{ ...make, freshMinutes, readyMinutes: READY.syrup }];
    const rest: Task = {
      id: `rest.${kind}`,
      kind: 'rest',
      of: kind,
      row: make.id,
      name: `${known.name}, resting`,
      proper: known.proper,
      minutes: Math.ceil(waits),
      hands: false,
    };
    return [make, { ...rest, after: [make.id], freshMinutes, readyMinutes: READY.syrup }];
  });
}
