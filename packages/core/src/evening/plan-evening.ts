import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import { capacityMl } from '../glass/profile.js';
import type { Kit } from '../kit/kit.js';
import { needIndex } from '../kit/needs.js';
import type { Recipe } from '../catalogue/recipe.js';
import { kindsInHand, type Pourable } from '../pouring/pourable.js';
import { glassFor } from '../pouring/vessels.js';
import type { AtHand } from '../stock/at-hand.js';
import type { Card } from './card.js';
import { bottlesToBuy, cardQuestion, freshToBuy, type MissingItem } from './candidates.js';
import { peopleOf, type Evening } from './evening.js';
import { findCard, type FindCardOptions } from './find-card.js';
import { canHave, finds } from './guest.js';
import { icePlan, type IcePlan } from './ice-plan.js';
import { placeTide, type Tide } from './place-tide.js';
import { quantitiesOf, type Quantities } from './quantities.js';
import { poursOf, usualThirst, type Pours } from './thirst.js';
import type { TideTask } from './tide.js';
import { awakeStretches, batchesAhead, tasksAhead, type AheadBatch } from './tide-of.js';

/** What an evening is planned with. */
export interface EveningHouse {
  ready: readonly Pourable[];
  catalogue: Catalogue;
  there: ReadonlyMap<string, AtHand>;
  freshPieces: ReadonlyMap<string, number>;
  prices: PriceList;
  kit: Kit;
  /** Minutes from now until the first glass; and its weekday, 0 for Sunday. */
  horizon: number;
  weekday: number;
}

/** How a guest stands to a drink of the card. */
export type Seat = 'finds' | 'may' | 'not';

/** A drink of the card. */
export interface OnTheCard {
  id: string;
  name: string;
  glasses: number;
  missing: MissingItem[];
  seats: Seat[];
}

/** An evening worked out. */
export interface EveningPlan {
  card: Card;
  drinks: OnTheCard[];
  pours: Pours;
  /** All that is to be bought, each once. */
  missing: MissingItem[];
  quantities: Quantities;
  batches: AheadBatch[];
  ice: IcePlan;
  tasks: TideTask[];
  tide: Tide;
  candidates: number;
}

/** Sizes of bottles that stand about empty, for batches (an assumption). */
const EMPTY_BOTTLES_ML = [700, 500, 350];
const USUAL_GLASS_ML = 250;

/**
 * An evening worked out from who comes: the best card that there is, its pours, what it takes and lacks, what is mixed
 * ahead, the ice, and when to do what.
 *
 * @returns undefined where there are fewer drinks than the card is to have.
 * @example planEvening(evening, house)?.card.drinks
 */
export function planEvening(
  evening: Evening,
  house: EveningHouse,
  options: FindCardOptions = {},
): EveningPlan | undefined {
  const { ready, catalogue, kit, there, freshPieces, prices } = house;
  const { guests, size, must, never } = evening;
  const kinds = kindIndex(catalogue.kinds);
  const thirst = usualThirst(evening.hours);
  const people = peopleOf(evening);
  const all = people * thirst.reduce((a, b) => a + b, 0);
  const question = cardQuestion({
    ...{
      ready,
      guests,
      there,
      freshPieces,
      prices,
      kinds,
      needs: needIndex(catalogue),
      kit,
      size,
      must,
      never,
    },
    pours: all,
  });
  const card = findCard(question, options);
  if (card === undefined) return undefined;
  const byId = new Map(ready.map((p) => [p.recipe.id, p]));
  const chosen = card.drinks.flatMap((id) => byId.get(id) ?? []);
  /** A slot as it is poured here: the kind in hand of those that fill it, else as it is written. */
  const inHand = kindsInHand(there.keys(), kinds);
  const here = (recipe: Recipe): Recipe => ({
    ...recipe,
    slots: recipe.slots
      .filter((s) => !s.optional)
      .map((s) => ({ ...s, kind: [s.kind, ...s.or].flatMap((k) => inHand.get(k) ?? [])[0] ?? s.kind })),
  });
  const offered = chosen.map(({ tastes, allergens, figures }) => ({ tastes, allergens, abv: figures.abv }));
  const found = guests.map((g) => offered.map((o) => finds(g, o)));
  const pours = poursOf(guests, found, thirst, chosen.length);
  const poured = chosen.map(({ recipe }, d) => ({
    drink: here(recipe),
    glasses: pours.byDrink[d] ?? 0,
    brimMl: glassFor(recipe, kit, kinds)?.capacityMl ?? brimOf(recipe.glass, catalogue),
  }));
  const quantities = quantitiesOf(poured, there, freshPieces, kinds);
  // What is short of the pours as they came out, in whole packs.
  const missing = quantities.wanted.flatMap(({ kind, ml, pieces, short }): MissingItem[] => {
    if (short <= 0) return [];
    const item =
      kinds.get(kind)?.supply === 'fresh'
        ? freshToBuy(kind, ml, pieces, { prices, freshPieces })
        : bottlesToBuy(kind, short, { prices, kinds });
    return item ? [item] : [];
  });
  const drinks = poured.map(({ drink, glasses }, d): OnTheCard => ({
    ...{ id: drink.id, name: drink.name, glasses },
    missing: missing.filter((m) => drink.slots.some((slot) => slot.kind === m.kind)),
    seats: guests.map((g, i) =>
      found[i]?.[d] ? 'finds' : offered[d] && canHave(g, offered[d]) ? 'may' : 'not',
    ),
  }));
  const awake = awakeStretches(minutesOf(evening.from), house.weekday, house.horizon, evening.atWork);
  const trays = kit.moulds.flatMap(({ id, count }) => {
    const mould = catalogue.moulds.find((m) => m.id === id);
    return mould ? [{ mould, count }] : [];
  });
  // A tray is turned as often as somebody is awake to do it, and there is time for.
  const ice = icePlan({ neededG: quantities.iceG, blocks: quantities.blocks }, trays, (hours) =>
    Math.floor(
      Math.min(house.horizon / 60, ICE_DAYS * 24) /
        Math.max(hours, evening.atWork ? WORK_TURN_HOURS : TURN_HOURS),
    ),
  );
  const ahead = { quantities, drinks: poured, ice, kinds, bottleMl: EMPTY_BOTTLES_ML, people };
  const tasks = tasksAhead(ahead).filter((t) => !evening.done.includes(t.id));
  const open = new Set(tasks.map((t) => t.id));
  const tide = placeTide({
    tasks: tasks.map((t) => ({ ...t, after: t.after.filter((id) => open.has(id)) })),
    ...{ awake, people: Math.min(2, Math.max(1, kit.people)), horizon: house.horizon },
    room: {
      ...(evening.freezerLitres === null ? {} : { freezer: evening.freezerLitres }),
      ...Object.fromEntries(trays.map(({ mould, count }) => [`tray.${mould.id}`, Math.min(1, count)])),
    },
  });
  return {
    ...{ card, drinks, pours, missing, quantities, batches: batchesAhead(ahead), ice, tasks, tide },
    candidates: question.candidates.length,
  };
}

/** Ice is made at the most so many days ahead, and a tray turned at the most so often. */
const ICE_DAYS = 3;
const TURN_HOURS = 8;
const WORK_TURN_HOURS = 12;

/** Minutes after midnight of a time such as 20:00. */
export function minutesOf(time: string): number {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return hours * 60 + minutes;
}

function brimOf(glass: string, catalogue: Pick<Catalogue, 'glasses'>): number {
  const type = catalogue.glasses.find((g) => g.id === glass);
  return type ? capacityMl(type.inside) : USUAL_GLASS_ML;
}
