import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Kind } from '../catalogue/kind.js';
import type { InGlass } from '../drink/in-glass.js';
import { capacityMl } from '../glass/profile.js';
import { needIndex } from '../kit/needs.js';
import type { Kit } from '../kit/kit.js';
import { pourables, type Pourable } from '../pouring/pourable.js';
import { servingById } from '../pouring/serving.js';
import { keepsDaysOf } from '../bench/batch-life.js';
import { glassFor } from '../pouring/vessels.js';
import type { AtHand } from '../stock/at-hand.js';
import { awakeStretches } from './awake.js';
import { bringOf, type Bring } from './bring.js';
import { menuQuestion, type MenuQuestion } from './candidates.js';
import type { Menu } from './menu.js';
import { lacksOf, type Lack } from './lacks.js';
import { minutesOf, peopleOf, type Evening } from './evening.js';
import { findMenu, type FindMenuOptions } from './find-menu.js';
import { swapsOf, type Swap } from './good-menu.js';
import { finds, seatOf, type Seat } from './guest.js';
import { icePlan, type IcePlan } from './ice-plan.js';
import { insteadOf, type Instead } from './instead.js';
import { placeSchedule, type Schedule } from './place-schedule.js';
import { quantitiesOf, type Quantities } from './quantities.js';
import type { MenuPour } from './wanted.js';
import { slackOf } from './slack.js';
import { poursOf, thirstOf, type MenuPours } from './thirst.js';
import type { ScheduleProblem, ScheduleTask } from './schedule.js';
import { batchesAhead, tasksAhead, type AheadBatch, fillTask } from './schedule-of.js';
import type { MissingItem } from './ware.js';
import { glassPlan, type GlassPlan } from './washes.js';

/** What an evening is planned with. */
export interface EveningHouse {
  ready: readonly Pourable[];
  catalogue: Catalogue;
  /** Every kind as it is in this house. */
  kinds: ReadonlyMap<string, Kind>;
  houseSyrupRatio: number | null;
  there: ReadonlyMap<string, AtHand>;
  freshPieces: ReadonlyMap<string, number>;
  prices: PriceList;
  kit: Kit;
  /** Minutes from now until the first glass; and its weekday, 0 for Sunday. */
  horizon: number;
  weekday: number;
}

/** A drink of the menu. */
export interface OnTheMenu extends MenuPour {
  id: string;
  name: string;
  missing: MissingItem[];
  seats: Seat[];
  /** What is in a glass of it, as it would be poured here. */
  glass: InGlass;
}

/** An evening worked out. */
export interface EveningPlan {
  menu: Menu;
  drinks: OnTheMenu[];
  pours: MenuPours;
  /** All that is to be bought, each once. */
  missing: MissingItem[];
  /** What the menu lacks, for whom; empty where everyone finds two they like. */
  lacks: Lack[];
  swaps: Swap[];
  bring: Bring[];
  quantities: Quantities;
  batches: AheadBatch[];
  ice: IcePlan;
  glasses: GlassPlan[];
  tasks: ScheduleTask[];
  schedule: Schedule;
  /** Minutes by which each task could begin earlier. */
  slack: ReadonlyMap<string, number>;
  /** What to do about what there is no time for. */
  instead: Instead | undefined;
  candidates: number;
}

/** Sizes of bottles that stand about empty, for batches (an assumption). */
const EMPTY_BOTTLES_ML = [700, 500, 350];
const USUAL_GLASS_ML = 250;
/** Ice is made at the most so many days ahead, and a tray turned at the most so often. */
const ICE_DAYS = 3;
const TURN_HOURS = 8;
const WORK_TURN_HOURS = 12;
/** Turns of the trays given up, at most, where there is no time for them. */
const FEWER_TURNS = 3;

/** What stands on a menu by itself, made ready: a wine, a beer, a spirit neat. No other is poured in its place. */
export function servingsOn(
  must: readonly string[],
  { catalogue, kinds }: Pick<EveningHouse, 'catalogue' | 'kinds'>,
): Pourable[] {
  const recipes = must.flatMap((id) => servingById(id, kinds) ?? []);
  return recipes.length === 0 ? [] : pourables({ ...catalogue, recipes }, 1);
}

/**
 * The problem of an evening's menu, from who comes and what is in the house.
 *
 * @example findMenu(menuQuestionOf(evening, house))
 */
export function menuQuestionOf(
  evening: Evening,
  house: Omit<EveningHouse, 'horizon' | 'weekday'>,
): MenuQuestion {
  const { guests, size, must, never, order } = evening;
  return menuQuestion({
    ...house,
    ready: [...house.ready, ...servingsOn(must, house)],
    guests,
    size,
    must,
    never,
    order,
    needs: needIndex(house.catalogue),
    pours: thirstOf(evening).reduce((a, b) => a + b, 0),
  });
}

/**
 * An evening worked out from who comes: the best menu that there is, its pours, what it takes and lacks, what is mixed
 * ahead, the ice, and when to do what.
 *
 * @returns undefined where there are fewer drinks than the menu is to have.
 * @example planEvening(evening, house)?.menu.drinks
 */
export function planEvening(
  evening: Evening,
  house: EveningHouse,
  options: FindMenuOptions = {},
): EveningPlan | undefined {
  const question = menuQuestionOf(evening, house);
  const menu = findMenu(question, options);
  if (menu === undefined) return undefined;
  const served = servedMenu(evening, house, question, menu);
  return {
    ...served,
    ...aheadOf(evening, house, served),
    lacks: lacksOf(evening.guests, question, menu.drinks),
    swaps: swapsOf(question, menu.drinks),
    bring: bringOf(question, menu.drinks, house.kinds),
    candidates: question.candidates.length,
  };
}

/** A menu with its pours, and what they take. */
export type ServedMenu = Pick<
  EveningPlan,
  'menu' | 'drinks' | 'pours' | 'missing' | 'quantities' | 'glasses'
>;

/**
 * What a menu takes: who finds what on it, how often each drink is poured, and what of it is there.
 *
 * @example servedMenu(evening, house, question, menu).missing
 */
export function servedMenu(
  evening: Evening,
  house: Omit<EveningHouse, 'horizon' | 'weekday'>,
  question: MenuQuestion,
  menu: Menu,
): ServedMenu {
  const { catalogue, kit, kinds } = house;
  const { guests } = evening;
  const chosen = menu.drinks.flatMap((id) => {
    const poured = question.poured.get(id);
    const candidate = question.candidates.find((c) => c.id === id);
    return poured && candidate ? [{ ...poured, mixed: candidate.mixed }] : [];
  });
  const found = guests.map((g) => chosen.map(({ glass }) => finds(g, glass)));
  const pours = poursOf(guests, found, thirstOf(evening), chosen.length);
  const poured = chosen.map(
    ({ glass: { drink }, mixed }, d): MenuPour & { owned: ReturnType<typeof glassFor> } => {
      const glasses = pours.byDrink[d] ?? 0;
      const owned = glassFor(drink, kit, kinds);
      const brimMl = owned?.capacityMl ?? brimOf(drink.glass, catalogue);
      return { drink, glasses, mixed: Math.min(mixed, glasses), brimMl, owned };
    },
  );
  const quantities = quantitiesOf(poured, house);
  const missing = quantities.wanted.flatMap((w) => w.buy ?? []);
  const drinks = poured.map(({ owned: _, ...pour }, d): OnTheMenu => {
    const { glass } = chosen[d] as (typeof chosen)[number];
    const takes = new Set(pour.drink.slots.flatMap((s) => (s.optional ? [] : s.kind)));
    return {
      ...pour,
      id: pour.drink.id,
      name: pour.drink.name,
      missing: quantities.wanted.flatMap((w) => (w.buy && takes.has(w.kind) ? [w.buy] : [])),
      seats: guests.map((g) => seatOf(g, glass)),
      glass,
    };
  });
  const glasses = glassPlan(
    poured.map(({ owned, drink, glasses: n }) => ({
      glass: owned,
      type: drink.glass,
      glasses: n,
      name: catalogue.glasses.find((g) => g.id === drink.glass)?.name ?? drink.glass,
    })),
    pours.byHour,
  );
  return { menu, drinks, pours, missing, quantities, glasses };
}

type Before = Pick<EveningPlan, 'batches' | 'ice' | 'tasks' | 'schedule' | 'slack' | 'instead'>;

/** What is done before the first glass, and when; with fewer turns of the trays where there is no time for all. */
function aheadOf(
  evening: Evening,
  house: EveningHouse,
  { drinks, quantities }: Pick<ServedMenu, 'drinks' | 'quantities'>,
): Before {
  const { catalogue, kit, horizon, prices, kinds } = house;
  const trays = kit.moulds.flatMap(({ id, count }) => {
    const mould = catalogue.moulds.find((m) => m.id === id);
    return mould ? [{ mould, count }] : [];
  });
  const awake = awakeStretches(minutesOf(evening.from), house.weekday, horizon, evening.atWork);
  const turnHours = evening.atWork ? WORK_TURN_HOURS : TURN_HOURS;
  const room: ScheduleProblem['room'] = {
    ...(evening.freezerLitres === null ? {} : { freezer: evening.freezerLitres }),
    ...Object.fromEntries(trays.map(({ mould, count }) => [`tray.${mould.id}`, Math.min(1, count)])),
  };
  const tried = (fewer: number): Before => {
    // A tray is turned as often as somebody is awake to do it, and there is time for.
    const turns = (hours: number, { id }: { id: string }) =>
      turnsDone(evening.done, id) +
      Math.max(0, Math.floor(Math.min(horizon / 60, ICE_DAYS * 24) / Math.max(hours, turnHours)) - fewer);
    const thereG = kit.ice.ownG + kit.ice.boughtG;
    const ice = icePlan({ neededG: quantities.iceG, blocks: quantities.blocks, thereG }, trays, turns);
    const ahead = {
      quantities,
      drinks,
      ice,
      kinds,
      homeMade: catalogue.homeMade,
      keepsDays: (way: HomeMade) => keepsDaysOf(way, catalogue, kinds),
      bottleMl: EMPTY_BOTTLES_ML,
      people: peopleOf(evening),
    };
    const tasks = tasksAhead(ahead).filter((t) => !evening.done.includes(t.id));
    const open = new Set(tasks.map((t) => t.id));
    const problem = {
      tasks: tasks.map((t) => ({ ...t, after: t.after.filter((id) => open.has(id)) })),
      awake,
      people: Math.min(2, Math.max(1, kit.people)),
      horizon,
      room,
    };
    const schedule = placeSchedule(problem);
    const late = schedule.ok ? undefined : tasks.find((t) => t.id === schedule.not.task);
    const instead = schedule.ok ? undefined : insteadOf(late ?? {}, drinks, prices);
    const slack = schedule.ok ? slackOf(problem, schedule.placed) : new Map<string, number>();
    return { batches: batchesAhead(ahead), ice, tasks, schedule, slack, instead };
  };
  let before = tried(0);
  for (let fewer = 1; fewer <= FEWER_TURNS && before.instead?.is === 'bags'; fewer++) before = tried(fewer);
  return before;
}

/** How often a mould's trays were filled: one time after the other. */
function turnsDone(done: readonly string[], mould: string): number {
  let turns = 0;
  while (done.includes(fillTask(mould, turns + 1))) turns += 1;
  return turns;
}

function brimOf(glass: string, catalogue: Pick<Catalogue, 'glasses'>): number {
  const type = catalogue.glasses.find((g) => g.id === glass);
  return type ? capacityMl(type.inside) : USUAL_GLASS_ML;
}
