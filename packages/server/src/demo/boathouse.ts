import { emptyBrief, type Brief } from '@uisce/core';

/** An invented household: a retired boathouse on a made-up inlet, two people, one shelf. */
export const BOATHOUSE = {
  household: 'The boathouse, Inver Sollas',
  plans: [
    { name: 'First winter', brief: firstWinter() },
    { name: 'A smaller start', brief: { ...firstWinter(), moneyNowMinor: 12_000 } },
  ],
} satisfies { household: string; plans: { name: string; brief: Brief }[] };

function firstWinter(): Brief {
  return {
    ...emptyBrief('EUR'),
    moneyNowMinor: 24_000,
    moneyPerMonthMinor: 6_000,
    tastes: { anise: 'no' },
    count: 'well-known',
    mustDrinks: ['whiskey-sour', 'dark-rum-buck'],
    ownedKinds: ['irish-whiskey', 'dry-gin', 'aromatic-bitters'],
    place: { spot: 'shelf', lengthMm: 920, keepTo: true },
  };
}
