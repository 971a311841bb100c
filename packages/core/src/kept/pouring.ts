import type { Fault } from '../base/fault.js';
import { twins } from '../base/twins.js';
import { personSchema } from '../household/person.js';
import { pourSchema } from '../pouring/pour.js';
import { noRound, roundInHandSchema } from '../pouring/round.js';
import { describeKept } from './descriptor.js';

/** A page is given so many of the newest pours; the rest stays in the log, and is asked for by its table. */
const RECENT_POURS = 1000;

/** The log: what was poured, from what, for whom, and how it was liked. */
export const keptPour = describeKept({
  name: 'pour',
  path: 'pours',
  schema: pourSchema,
  idOf: (pour) => pour.id,
  noun: 'pour',
  title: (pour) => `the ${pour.name} of ${pour.on}`,
  recent: { by: 'at', most: RECENT_POURS },
  withoutPerson: (pour, name) => ({ ...pour, for: pour.for.filter((n) => n !== name) }),
});

/** The round under way. Going on in it is nothing to undo, and whoever goes on last is right. */
export const keptRound = describeKept({
  name: 'round',
  path: 'round',
  schema: roundInHandSchema,
  empty: noRound,
  noun: 'round',
  undoable: false,
  withoutPerson: ({ round }, name) => ({
    round: round && {
      ...round,
      orders: round.orders.map((o) => ({ ...o, for: o.for.filter((n) => n !== name) })),
    },
  }),
  faults: ({ round }): Fault[] => {
    if (round === null) return [];
    const glasses = round.orders.reduce((sum, o) => sum + o.count, 0);
    return glasses > 12
      ? [
          {
            code: 'mismatch',
            pointer: '/round/orders',
            detail: `${glasses} glasses are more than a round of 12`,
          },
        ]
      : [];
  },
});

/** Who drinks here. */
export const keptPerson = describeKept({
  name: 'person',
  path: 'people',
  schema: personSchema,
  idOf: (person) => person.id,
  noun: 'person',
  title: (person) => person.name,
  withoutPerson: (person, name) => (person.name === name ? null : person),
  faults: ({ allergens, dislikes, likes }): Fault[] => [
    ...twins(allergens, '/allergens', 'allergen'),
    ...twins(dislikes, '/dislikes', 'taste'),
    ...twins(likes, '/likes', 'taste'),
  ],
});
