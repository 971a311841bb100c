import { addDays } from '@uisce/core/base';
import { kindIndex, type Catalogue, type Recipe } from '@uisce/core/catalogue';
import type { Person } from '@uisce/core/household';
import {
  goOn,
  logOrders,
  withFillings,
  type BatchLeft,
  type Filling,
  type Order,
  type Pour,
  type Round,
} from '@uisce/core/pouring';
import type { Bottle } from '@uisce/core/stock';
import { BOATHOUSE } from './boathouse.js';

type Who = 'm' | 'c' | 'b' | 'aoife' | 'bran' | 'ciara' | 'two';
/** Days ago, drink, for whom, verdict. */
type Evening = readonly [
  ago: number,
  drink: string,
  who: Who,
  verdict: number | null,
  more?: Partial<Pour> & { time?: string },
];

/** When friends were round last. */
export const PAST_EVENING_AGO = 14;

/** Three friends, on the evening that is over. */
const PAST_EVENING: readonly Evening[] = [
  [PAST_EVENING_AGO, 'irish-buck', 'two', 5, { time: '20:10' }],
  [PAST_EVENING_AGO, 'limeade', 'ciara', 4, { time: '20:20' }],
  [PAST_EVENING_AGO, 'irish-sour', 'b', 4, { time: '20:25' }],
  [PAST_EVENING_AGO, 'irish-buck', 'bran', 4, { time: '21:10' }],
  [PAST_EVENING_AGO, 'lime-and-soda', 'ciara', 1, { time: '21:30' }],
  [PAST_EVENING_AGO, 'irish-sour', 'aoife', 5, { time: '21:40' }],
];

/** Two people's evenings of three months: what they poured, and how they liked it. */
const EVENINGS: readonly Evening[] = [
  [91, 'gin-and-tonic', 'm', 4],
  [89, 'irish-sour', 'c', 4],
  [88, 'gin-fizz', 'm', 3],
  [86, 'cuba-libre', 'm', 3],
  [85, 'irish-buck', 'c', 3],
  [84, 'daiquiri', 'm', 5, { note: 'Where has this been.' }],
  [82, 'gin-and-tonic', 'c', 4],
  [81, 'limeade', 'm', 4],
  [80, 'irish-sour', 'c', 4],
  [79, 'mojito', 'm', 4],
  [77, 'gimlet', 'b', 4],
  [76, 'pink-gin', 'c', 1, { tasted: ['too-bitter'] }],
  [75, 'irish-buck', 'c', 3],
  [74, 'daiquiri', 'm', 5],
  [73, 'lime-and-soda', 'm', 3],
  [71, 'gin-fizz', 'm', 4],
  [70, 'irish-sour', 'c', 5],
  [68, 'cuba-libre', 'c', 3],
  [67, 'gin-and-tonic', 'm', 4],
  [66, 'irish-buck', 'c', 3],
  [64, 'rum-collins', 'm', 4],
  [60, 'gin-and-tonic', 'm', 4],
  [58, 'aviation-clear', 'm', 3, { tasted: ['too-sour'] }],
  [57, 'daiquiri', 'm', 5],
  [56, 'irish-buck', 'c', 4],
  [54, 'gin-fizz', 'm', 4],
  [53, 'pink-gin', 'c', 2],
  [51, 'wet-martini', 'c', 4],
  [50, 'mojito', 'b', 4],
  [49, 'fifty-fifty-martini', 'm', 3],
  [47, 'irish-sour', 'b', 4],
  [46, 'limeade', 'm', 4],
  [45, 'aviation-clear', 'm', 3, { tasted: ['too-sour'], note: 'A bar spoon more maraschino next time.' }],
  [44, 'gin-and-tonic', 'c', 4],
  [43, 'rum-collins', 'm', 4],
  [42, 'irish-buck', 'c', 4],
  [40, 'daiquiri', 'b', 5],
  [38, 'white-lady', 'b', 5, { note: 'The triple sec is worth it.' }],
  [37, 'irish-sour', 'c', 4],
  [36, 'white-lady', 'm', 5],
  [35, 'irish-buck', 'c', 3],
  [34, 'lime-and-soda', 'm', 3],
  [33, 'white-lady', 'm', 5],
  [31, 'irish-sour', 'c', 4],
  [30, 'white-lady', 'b', 4],
  [29, 'wet-martini', 'c', 4],
  [26, 'white-lady', 'm', 5],
  [25, 'gin-and-tonic', 'b', 4],
  [24, 'pink-gin', 'c', 1, { tasted: ['too-bitter'], note: 'Not for us.' }],
  [23, 'daiquiri', 'm', 5],
  [22, 'white-lady', 'b', 5],
  [20, 'wet-martini', 'c', 4],
  [19, 'white-lady', 'm', 4],
  [18, 'lime-and-soda', 'm', 3],
  [17, 'white-lady', 'm', 5],
  [16, 'gimlet', 'b', 4],
  [15, 'bitters-and-soda', 'c', 2],
  ...PAST_EVENING,
  [13, 'white-lady', 'b', 5],
  [12, 'fifty-fifty-martini', 'm', 3],
  [11, 'gin-and-tonic', 'c', 4],
  [9, 'limeade', 'b', 4],
  [9, 'gimlet', 'c', 4],
  [8, 'gin-and-it', 'm', 3],
  [8, 'white-lady', 'm', 5],
  [7, 'gin-and-it', 'c', 4],
  [6, 'irish-sour', 'c', 4],
  [5, 'gimlet', 'm', 4],
  [5, 'half-and-half-vermouth', 'c', 3],
  [4, 'white-lady', 'm', 5, { note: 'The last coupe met the tiles.' }],
  [3, 'half-and-half-vermouth', 'm', 3],
  [3, 'irish-sour', 'c', 4],
  [2, 'gimlet', 'b', 4, { note: 'In tumblers; and the pin of the press snapped.' }],
];

const NAMES: Record<Who, string[]> = {
  m: ['Maeve'],
  c: ['Colm'],
  b: ['Maeve', 'Colm'],
  aoife: ['Aoife'],
  bran: ['Bran'],
  ciara: ['Ciara'],
  two: ['Aoife', 'Bran'],
};
/** Steps of the round that are done. */
const STEPS_MADE = 4;
/** About when a drink is poured, as the clock of the time's own zone has it. */
const AT = 'T20:15:00.000Z';

/** The log of the boathouse, and its stock as that leaves it. */
export interface BoathousePours {
  pours: Pour[];
  bottles: Bottle[];
  /** ml left, by batch. */
  batches: Map<string, number>;
  people: Person[];
  round: Round;
}

/** A recipe with those of its equal kinds that stood in the house. */
function asHere(recipe: Recipe, here: ReadonlySet<string>): Recipe {
  const fillings = recipe.slots.map((slot): Filling | undefined => {
    const kind = [slot.kind, ...slot.or].find((k) => here.has(k)) ?? slot.kind;
    return slot.optional ? undefined : { kinds: [kind], parts: [1] };
  });
  return withFillings(recipe, fillings);
}

/**
 * Three months of evenings poured from the bottles as they were bought: their levels are what the log leaves.
 *
 * @param today ISO day: everything is some days before it.
 */
export function boathousePours(
  today: string,
  newId: () => string,
  catalogue: Catalogue,
  stock: { bottles: readonly Bottle[]; batches: readonly (BatchLeft & { madeOn: string })[] },
): BoathousePours {
  const kinds = kindIndex(catalogue.kinds);
  const here = new Set([...stock.bottles.map((b) => b.kind), ...stock.batches.map((b) => b.kind)]);
  const recipe = (id: string) => {
    const found = catalogue.recipes.find((r) => r.id === id);
    if (found === undefined) throw new Error(`there is no drink ${id}`);
    return asHere(found, here);
  };
  let bottles = [...stock.bottles];
  let batches = [...stock.batches];
  const paid = new Map(
    bottles.flatMap((b) =>
      b.priceMinor === null || b.sizeMl === null ? [] : [[b.id, b.priceMinor / b.sizeMl]],
    ),
  );
  const pours = EVENINGS.flatMap(([ago, id, who, verdict, { time, ...more } = {}]) => {
    const on = addDays(today, -ago);
    const names = NAMES[who];
    const order: Order = {
      drink: recipe(id),
      of: id,
      count: names.length,
      for: names,
      cannot: [],
      without: [],
      from: [],
    };
    const logged = logOrders(
      [order],
      {
        // Only what had been bought or made by then.
        bottles: bottles.filter((b) => (b.boughtOn ?? b.openedOn ?? '') <= on),
        batches: batches.filter((b) => b.madeOn <= on),
        kinds,
        minorPerMl: (bottle) => paid.get(bottle),
        currency: 'EUR',
      },
      { at: time === undefined ? `${on}${AT}` : `${on}T${time}:00.000Z`, on, newId },
    );
    bottles = bottles.map((b) => logged.bottles.find((now) => now.id === b.id) ?? b);
    batches = batches.map((b) => ({ ...b, leftMl: logged.batches.get(b.id) ?? b.leftMl }));
    return logged.pours.map((p): Pour => ({ ...p, verdict, ...more }));
  });
  const person = (name: string, more: Partial<Person>): Person => ({
    id: newId(),
    name,
    limit: null,
    noAlcohol: false,
    drives: false,
    allergens: [],
    without: [],
    likes: [],
    dislikes: [],
    ...more,
  });
  const round: Round = {
    id: newId(),
    startedAt: `${addDays(today, -1)}${AT}`,
    way: 'scale',
    tared: true,
    vesselG: 0,
    orders: [
      {
        drink: recipe('half-and-half-vermouth'),
        of: 'half-and-half-vermouth',
        count: 1,
        for: ['Maeve'],
        cannot: [],
        without: [],
        from: [],
      },
      {
        drink: recipe('gin-and-tonic'),
        of: 'gin-and-tonic',
        count: 1,
        for: ['Colm'],
        cannot: ['nuts'],
        without: [],
        from: [],
      },
    ],
    at: '',
    poured: {},
    off: {},
    workFrom: null,
    worked: {},
  };
  const bar = { catalogue, kinds, kit: BOATHOUSE.kit };
  return {
    pours,
    bottles,
    batches: new Map(batches.map((b) => [b.id, b.leftMl])),
    people: [
      person('Maeve', { limit: 3, dislikes: ['bitter'] }),
      person('Colm', { limit: 4, allergens: ['nuts'] }),
    ],
    // Left half made, with the first parts in.
    round: Array.from({ length: STEPS_MADE }).reduce<Round>((at) => goOn(at, bar, round.startedAt), round),
  };
}
