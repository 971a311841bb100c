import { addDays } from '@uisce/core/base';
import { costOfEvening, eveningSchema, newGuest, type Evening, type Guest } from '@uisce/core/evening';
import type { Pour } from '@uisce/core/pouring';
import { emptyKit, type Kit } from '@uisce/core/kit';
import type { BatchRecord } from '@uisce/core/bench';
import { emptyBrief, type Brief } from '@uisce/core/plan';

/** An invented household: a retired boathouse on a made-up inlet, two people, one shelf. */
export const BOATHOUSE = {
  household: 'The boathouse, Inver Sollas',
  plans: [
    { name: 'First winter', brief: firstWinter() },
    { name: 'A smaller start', brief: { ...firstWinter(), moneyNowMinor: 12_000 } },
  ],
  kit: boathouseKit(),
} satisfies { household: string; plans: { name: string; brief: Brief }[]; kit: Kit };

function firstWinter(): Brief {
  return {
    ...emptyBrief('EUR'),
    moneyNowMinor: 24_000,
    moneyPerMonthMinor: 6_000,
    tastes: { anise: 'no' },
    count: 'well-known',
    mustDrinks: ['whiskey-sour', 'dark-rum-buck'],
    place: { spot: 'shelf', lengthMm: 920, keepTo: true },
  };
}

/** A kitchen with the usual things, an old jigger, tumblers and tall glasses; nothing for juice or for serving up. */
function boathouseKit(): Kit {
  return {
    ...emptyKit(),
    said: true,
    tools: [
      { id: 'openers', since: '2019-05-01' },
      { id: 'kettle', since: null },
      { id: 'peeler', since: '2024-03-10' },
      { id: 'spring-strainer', since: '2022-11-01' },
      { id: 'ice-trays', since: '2025-06-20' },
    ],
    kitchen: [
      'spoon-set',
      'lidded-jar',
      'slotted-spoon',
      'long-teaspoon',
      'rolling-pin',
      'kitchen-knife',
      'box-grater',
      'small-pan',
      'measuring-jug',
    ],
    glasses: [
      { id: 'tumblers', name: 'Blue tumblers', type: 'rocks', capacityMl: 290, count: 4 },
      { id: 'tall', name: 'Tall glasses', type: 'collins', capacityMl: 350, count: 6 },
      { id: 'mugs', name: 'Enamel mugs', type: 'toddy-mug', capacityMl: 300, count: 4 },
    ],
    vessels: [
      {
        id: 'old-jigger',
        name: 'Old jigger',
        cups: [
          { name: 'large cup', lines: [{ ml: 50, diameterMm: 43 }] },
          { name: 'small cup', lines: [{ ml: 25, diameterMm: 36 }] },
        ],
      },
      {
        id: 'spoons',
        name: 'Kitchen spoons',
        cups: [
          { name: 'tablespoon', lines: [{ ml: 15, diameterMm: 40 }] },
          { name: 'teaspoon', lines: [{ ml: 5, diameterMm: 28 }] },
        ],
      },
    ],
    moulds: [{ id: 'cube-tray', count: 2 }],
    people: 2,
  };
}

function guestsOf(newId: () => string) {
  return (name: string, more: Partial<Guest> = {}) => newGuest({ id: newId(), name, ...more });
}

/** Saturday with four who come, and two more with one of them: by their tastes, one driving; the first ice is made. */
export function boathouseEvening(today: string, newId: () => string, newKey: () => string): Evening {
  const guest = guestsOf(newId);
  const weekday = new Date(`${today}T12:00:00Z`).getUTCDay();
  // The next Saturday that leaves two days to make ice.
  const ahead = ((6 - weekday + 7) % 7) + ((6 - weekday + 7) % 7 < 2 ? 7 : 0);
  return eveningSchema.parse({
    id: newId(),
    name: 'Saturday at the boathouse',
    on: addDays(today, ahead),
    from: '20:00',
    hours: 4,
    guests: [
      guest('Aoife', { likes: ['sour', 'fizzy'] }),
      guest('Bran', { allergens: ['egg'] }),
      guest('Ciara', { drives: true }),
      guest('three more', { count: 3, dislikes: ['bitter'] }),
    ],
    size: 4,
    must: ['syrup-old-fashioned', 'gin-and-tonic'],
    never: [],
    atWork: true,
    freezerLitres: 14,
    endedOn: null,
    guestCard: { key: newKey(), asks: true },
    done: ['fill.cube-tray.1', 'ice.cube-tray.1'],
  });
}

/** The evening that is over, with what the log says it came to. */
export function boathousePastEvening(on: string, newId: () => string, pours: readonly Pour[]): Evening {
  const guest = guestsOf(newId);
  const past = eveningSchema.parse({
    id: newId(),
    name: 'Last of the long evenings',
    on,
    from: '20:00',
    hours: 3,
    endedOn: on,
    guests: [
      guest('Aoife', { likes: ['sour', 'fizzy'] }),
      guest('Bran', { allergens: ['egg'] }),
      guest('Ciara', { drives: true }),
      guest('Maeve', { dislikes: ['bitter'] }),
      guest('Colm', { allergens: ['nuts'] }),
    ],
    size: 4,
    must: ['irish-buck'],
    never: [],
    atWork: true,
    freezerLitres: 14,
    done: [],
  });
  return { ...past, cost: costOfEvening(past, pours) };
}

/** Two batches on the shelf, made some days ago; what was poured from them since is in the log. */
export function boathouseBatches(today: string, ids: readonly [string, string]): BatchRecord[] {
  const batch = (id: string, recipeId: string, grams: number[], more: Partial<BatchRecord>): BatchRecord => ({
    id,
    recipeId,
    plannedG: grams,
    inG: grams,
    jarG: 535,
    tared: true,
    bottleMl: 500,
    actsDone: 0,
    actStartedAt: null,
    strained: [],
    toppedUpG: 0,
    startedAt: `${addDays(today, -9)}T18:00:00.000Z`,
    madeOn: addDays(today, -9),
    useBy: addDays(today, 5),
    frozen: false,
    leftDays: null,
    thawed: false,
    yieldMl: 490,
    measuredBrix: null,
    remainingMl: 490,
    notes: '',
    ...more,
  });
  return [
    batch(ids[0], 'simple', [301, 301], {}),
    batch(ids[1], 'grenadine-cold', [190, 190, 30, 2], {
      bottleMl: 350,
      madeOn: addDays(today, -4),
      startedAt: `${addDays(today, -4)}T18:00:00.000Z`,
      useBy: addDays(today, 10),
      yieldMl: 318,
      measuredBrix: 57.5,
      remainingMl: 318,
      notes: 'From the two big fruits; a little sharper than the last.',
    }),
  ];
}
