import type { Fault } from '../base/fault.js';
import { twins } from '../base/twins.js';
import { personSchema } from '../household/person.js';
import { dequal } from 'dequal';
import { sayRefusal } from '../drink/limits.js';
import { kindsHere } from '../household/at-home.js';
import { kindsInHand } from '../pouring/pourable.js';
import { pourSchema } from '../pouring/pour.js';
import { refusalsOf } from '../pouring/refusals.js';
import { MAX_GLASSES, noRound, keptRoundSchema, type Round } from '../pouring/round.js';
import { isThere } from '../stock/bottle.js';
import { describeKept, type World } from './descriptor.js';
import { limitsIn } from './limits.js';

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
  schema: keptRoundSchema,
  empty: noRound,
  noun: 'round',
  undoable: false,
  // Served, it is written down: that happens once, whoever does it.
  versioned: 'with-others',
  withoutPerson: ({ round }, name) => ({
    round: round && {
      ...round,
      orders: round.orders.map((o) => ({ ...o, for: o.for.filter((n) => n !== name) })),
    },
  }),
  faults: ({ round }, world): Fault[] => {
    if (round === null) return [];
    const glasses = round.orders.reduce((sum, o) => sum + o.count, 0);
    const tooMany: Fault[] =
      glasses > MAX_GLASSES
        ? [
            {
              code: 'mismatch',
              pointer: '/round/orders',
              detail: `${glasses} glasses are more than a round of ${MAX_GLASSES}`,
            },
          ]
        : [];
    return [...tooMany, ...notForThem(round, world)];
  },
});

/**
 * Drinks of a round for somebody who cannot have them: no round begins with one, whoever asks for it. One that is under
 * way is not held up in the middle: what was said since is for those who hand the glasses over.
 */
function notForThem(round: Round, world: World): Fault[] {
  if (dequal(world.round?.orders, round.orders)) return [];
  const { catalogue, homeMade, bottles, batches } = world;
  const all = { ...catalogue, homeMade: [...homeMade] };
  const kinds = kindsHere({ catalogue: all, bottles, batches, houseSyrupRatio: null });
  // A part that no bottle here is by its own name is poured from what is a kind of it.
  const stocked = bottles.filter((b) => isThere(b) && !b.sipping).map((b) => b.kind);
  const inHand = kindsInHand(new Set(stocked), kinds);
  const mayBe = ({ drink }: Round['orders'][number]) => ({
    kinds: drink.slots.flatMap(({ kind }) => (stocked.includes(kind) ? [] : (inHand.get(kind) ?? []))),
  });
  return refusalsOf(round.orders, kinds, limitsIn(world), mayBe).map(({ order, name, refusal }): Fault => ({
    code: 'mismatch',
    pointer: `/round/orders/${order}/for`,
    detail: `${round.orders[order]?.drink.name ?? ''} is not for ${name}: ${sayRefusal(refusal)}`,
  }));
}

/** Who drinks here. */
export const keptPerson = describeKept({
  name: 'person',
  path: 'people',
  schema: personSchema,
  idOf: (person) => person.id,
  noun: 'person',
  stated: true,
  title: (person) => person.name,
  withoutPerson: (person, name) => (person.name === name ? null : person),
  faults: ({ allergens, dislikes, likes }): Fault[] => [
    ...twins(allergens, '/allergens', 'allergen'),
    ...twins(dislikes, '/dislikes', 'taste'),
    ...twins(likes, '/likes', 'taste'),
  ],
});
