import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { batchedDrink, mayBatch, type BatchedDrink } from './batched.js';
import type { IcePlan } from './ice-plan.js';
import type { Quantities } from './quantities.js';
import { tideProblemSchema, type TideProblem, type TideTask } from './tide.js';

/** How long hands take, minutes (assumptions, common practice at home). */
const MINUTES = {
  fill: 5,
  batch: 10,
  batchGlass: 2,
  syrup: 40,
  fruit: 1,
  squeeze: 5,
  herbs: 5,
  glasses: 5,
  cold: 30,
  garnish: 15,
  table: 10,
};
/** Juice the same day, best within four hours; herbs and garnish nearer, glasses cold half an hour. */
const FRESH = { juice: 240, herbs: 180, garnish: 90, glasses: 180, table: 60 };
const GLASSES_LITRES = 0.5;

/** What an evening asks to be done ahead. */
export interface Ahead {
  quantities: Quantities;
  /** Drinks of the card with their glasses. */
  drinks: readonly { drink: Recipe; glasses: number }[];
  ice: IcePlan;
  kinds: ReadonlyMap<string, Kind>;
  /** Bottles at hand for batches, ml. */
  bottleMl: readonly number[];
  people: number;
}

/** A drink that is mixed ahead. */
export interface AheadBatch {
  drink: string;
  name: string;
  batch: BatchedDrink;
}

/** Drinks of a card that are mixed ahead: poured more than twice, and of what neither turns nor falls. */
export function batchesAhead({
  drinks,
  kinds,
  bottleMl,
}: Pick<Ahead, 'drinks' | 'kinds' | 'bottleMl'>): AheadBatch[] {
  return drinks.flatMap(({ drink, glasses }) =>
    glasses > 2 && mayBatch(drink, kinds) === undefined
      ? [{ drink: drink.id, name: drink.name, batch: batchedDrink(drink, glasses, kinds, bottleMl) }]
      : [],
  );
}

/** All that is to be done before the first glass, as tasks of a tide. */
export function tasksAhead(ahead: Ahead): TideTask[] {
  const { quantities, drinks, ice, kinds, people } = ahead;
  const tasks: (Partial<TideTask> & Pick<TideTask, 'id' | 'name' | 'minutes' | 'hands'>)[] = [];
  for (const { mould, cycles, hours } of ice.trays)
    for (let turn = 1; turn <= cycles; turn++) {
      // Somebody has to be there to empty the tray and fill it again.
      tasks.push({
        ...{
          id: `fill.${mould.id}.${turn}`,
          name: `Fill the trays, ${turn} of ${cycles}`,
          minutes: MINUTES.fill,
          hands: true,
        },
        after: turn > 1 ? [`ice.${mould.id}.${turn - 1}`] : [],
      });
      tasks.push({
        ...{ id: `ice.${mould.id}.${turn}`, name: `Ice, ${mould.name.toLowerCase()}, ${turn} of ${cycles}` },
        ...{ minutes: Math.round(hours * 60), hands: false },
        after: [`fill.${mould.id}.${turn}`],
        during: { [`tray.${mould.id}`]: 1 },
      });
    }
  for (const { drink, name, batch } of batchesAhead(ahead))
    tasks.push({
      ...{ id: `batch.${drink}`, name: `${name}, batched`, hands: true },
      minutes: MINUTES.batch + Math.round((batch.volumeMl / batch.glassMl) * MINUTES.batchGlass),
      keeps: batch.freezer === 'slush' ? {} : { freezer: batch.volumeMl / 1000 },
    });
  for (const { kind, short } of quantities.wanted)
    if (short > 0 && kinds.get(kind)?.supply === 'home-made')
      tasks.push({
        id: `make.${kind}`,
        name: kinds.get(kind)?.name ?? kind,
        minutes: MINUTES.syrup,
        hands: true,
      });
  const fruit = quantities.wanted.filter((w) => w.ml > 0 && w.pieces > 0);
  if (fruit.length > 0) {
    const pieces = fruit.reduce((sum, f) => sum + f.pieces, 0);
    const names = fruit.map((f) => (kinds.get(f.kind)?.name ?? f.kind).toLowerCase());
    tasks.push({
      ...{ id: 'squeeze', name: names.join(', ').replace(/^./, (c) => c.toUpperCase()), hands: true },
      ...{ minutes: MINUTES.squeeze + pieces * MINUTES.fruit, freshMinutes: FRESH.juice },
    });
  }
  if (quantities.wanted.some((w) => w.ml === 0 && kinds.get(w.kind)?.tastes.includes('mint')))
    tasks.push({
      id: 'herbs',
      name: 'Herbs, washed and picked',
      minutes: MINUTES.herbs,
      hands: true,
      freshMinutes: FRESH.herbs,
    });
  if (drinks.some(({ drink }) => drink.ice === 'none' && drink.method !== 'hot')) {
    tasks.push({
      id: 'glasses',
      name: 'Glasses to the freezer',
      minutes: MINUTES.glasses,
      hands: true,
      freshMinutes: FRESH.glasses + MINUTES.cold,
    });
    tasks.push({
      ...{ id: 'cold', name: 'Glasses cold', minutes: MINUTES.cold, hands: false, after: ['glasses'] },
      during: { freezer: people * GLASSES_LITRES },
    });
  }
  if (drinks.some(({ drink }) => drink.garnish !== 'none'))
    tasks.push({
      id: 'garnish',
      name: 'Garnishes',
      minutes: MINUTES.garnish,
      hands: true,
      freshMinutes: FRESH.garnish,
    });
  tasks.push({
    id: 'table',
    name: 'Mats, water and food out',
    minutes: MINUTES.table,
    hands: true,
    freshMinutes: FRESH.table,
  });
  return tideProblemSchema.parse({ tasks, horizon: 0 }).tasks;
}

const DAY = 24 * 60;
/** Awake from eight to eleven; out from nine to five where somebody works. */
const WAKES = 8 * 60;
const SLEEPS = 23 * 60;
const WORK = [9 * 60, 17 * 60] as const;

/**
 * When hands are there, in minutes before the first glass.
 *
 * @param firstGlass minutes after midnight of its day; @param weekday of it, 0 for Sunday.
 */
export function awakeStretches(
  firstGlass: number,
  weekday: number,
  horizon: number,
  atWork: boolean,
): TideProblem['awake'] {
  const out: TideProblem['awake'] = [];
  for (let back = 0; back * DAY < horizon + DAY; back++) {
    const day = (((weekday - back) % 7) + 7) % 7;
    const works = atWork && day >= 1 && day <= 5;
    const parts = works ? [[WAKES, WORK[0]], [WORK[1], SLEEPS]] : [[WAKES, SLEEPS]]; // prettier-ignore
    for (const [begin = 0, end = 0] of parts) {
      const from = Math.min(horizon, firstGlass + back * DAY - begin);
      const to = Math.max(0, firstGlass + back * DAY - end);
      if (from > to) out.push({ from, to });
    }
  }
  return out;
}
