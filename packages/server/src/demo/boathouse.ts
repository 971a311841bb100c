import { addDays } from '@uisce/core/base';
import { emptyKit, type Kit } from '@uisce/core/kit';
import type { BatchRecord } from '@uisce/core/making';
import { bottleThere, type Bottle } from '@uisce/core/stock';
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

/** Bottles at their levels: bought at two shops, one near its end, one kept for sipping, one poured over, three finished. */
export function boathouseBottles(today: string, newId: () => string): Bottle[] {
  const ago = (days: number) => addDays(today, -days);
  const bottle = (kind: string, more: Partial<Bottle>): Bottle => ({
    ...bottleThere(newId(), kind),
    currency: 'EUR',
    shop: 'Lantern Store',
    ...more,
  });
  const gin = { label: 'Three Buoys dry gin', sizeMl: 700, priceMinor: 1750 };
  const bitters = bottle('aromatic-bitters', {
    label: 'Lantern Store aromatic bitters', sizeMl: 200, leftMl: 0, priceMinor: 1190, boughtOn: ago(150), openedOn: ago(148), finishedOn: ago(20),
  }); // prettier-ignore
  return [
    bottle('dry-gin', { ...gin, leftMl: 230, boughtOn: ago(64), openedOn: ago(60), emptyG: 462 }),
    bottle('dry-gin', { ...gin, leftMl: 700, boughtOn: ago(9), emptyG: 462 }),
    bottle('irish-whiskey', {
      label: 'Inver Sollas Irish whiskey', sizeMl: 700, leftMl: 560, priceMinor: 2600, shop: 'Harbour Wines', boughtOn: ago(40), openedOn: ago(31),
    }), // prettier-ignore
    bitters,
    bottle('aromatic-bitters', {
      label: 'poured over', sizeMl: 100, leftMl: 70, openedOn: ago(148), decantedFrom: bitters.id, shop: '', currency: null,
    }), // prettier-ignore
    bottle('irish-whiskey', {
      label: 'The old one from the wedding', sizeMl: 700, leftMl: 410, openedOn: ago(400), sipping: true, shop: '', currency: null,
    }), // prettier-ignore
    bottle('dry-vermouth', {
      label: 'Lantern Store dry vermouth', sizeMl: 375, leftMl: 260, priceMinor: 800, boughtOn: ago(55), openedOn: ago(51), place: 'fridge',
    }), // prettier-ignore
    bottle('dry-gin', { ...gin, leftMl: 0, boughtOn: ago(130), openedOn: ago(126), finishedOn: ago(62) }),
    bottle('irish-whiskey', {
      label: 'Inver Sollas Irish whiskey', sizeMl: 700, leftMl: 0, priceMinor: 2550, shop: 'Harbour Wines', boughtOn: ago(140), openedOn: ago(138), finishedOn: ago(35),
    }), // prettier-ignore
  ];
}

/** Two batches on the shelf, made some days ago. */
export function boathouseBatches(today: string, ids: readonly [string, string]): BatchRecord[] {
  const batch = (id: string, recipeId: string, grams: number[], more: Partial<BatchRecord>): BatchRecord => ({
    id,
    recipeId,
    plannedG: grams,
    inG: grams,
    jarG: 535,
    tared: true,
    bottleMl: 500,
    restsDone: 0,
    restStartedAt: null,
    toppedUpG: 0,
    startedAt: `${addDays(today, -9)}T18:00:00.000Z`,
    madeOn: addDays(today, -9),
    useBy: addDays(today, 5),
    frozen: false,
    yieldMl: 490,
    measuredBrix: null,
    remainingMl: 310,
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
