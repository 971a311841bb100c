import type { Fault } from '../base/fault.js';
import { twins } from '../base/twins.js';
import { errandSchema } from '../errand/errand.js';
import { mergeErrands } from '../errand/merge-errands.js';
import { paidPriceSchema } from '../errand/paid.js';
import { kittyEntrySchema } from '../errand/kitty.js';
import { noTrips, tripsSchema } from '../errand/trips.js';
import { describeKept } from './descriptor.js';

/** Shopping trips: the one under way, and those that were put away. */
export const keptErrand = describeKept({
  name: 'errand',
  path: 'errands',
  schema: errandSchema,
  idOf: (errand) => errand.id,
  noun: 'errand',
  upgrade: upgradeErrand,
  merge: mergeErrands,
  title: (errand) => `the errand of ${errand.startedOn}`,
  faults: ({ startedOn, endedOn, lines }): Fault[] => [
    ...twins(
      lines.map((l) => l.id),
      '/lines',
      'line',
    ),
    ...(endedOn !== null && endedOn < startedOn
      ? [
          {
            code: 'mismatch' as const,
            pointer: '/endedOn',
            detail: `put away on ${endedOn}, before it began on ${startedOn}`,
          },
        ]
      : []),
  ],
});

/** Until sizes were chosen by a rule of their own an errand wrote down what they were for. */
function upgradeErrand(stored: unknown): unknown {
  if (typeof stored !== 'object' || stored === null) return stored;
  const { uses: _, ...errand } = stored as Record<string, unknown>;
  return errand;
}

/** Money set aside and spent. */
export const keptKittyEntry = describeKept({
  // As it has been stored from the beginning.
  name: 'purse-entry',
  path: 'kitty',
  schema: kittyEntrySchema,
  idOf: (entry) => entry.id,
  noun: 'entry of the kitty',
});

/** Prices that were paid. */
export const keptPaidPrice = describeKept({
  name: 'paid-price',
  path: 'paid-prices',
  schema: paidPriceSchema,
  idOf: (price) => price.id,
  noun: 'price',
  stated: true,
  title: (price) => `what ${price.label} cost on ${price.on}`,
});

/** The shops that the household goes to. */
export const keptTrips = describeKept({
  name: 'trips',
  path: 'trips',
  schema: tripsSchema,
  empty: noTrips,
  noun: 'way to the shops',
  stated: true,
  faults: ({ goesTo, trips }, { shops, ownPrices }): Fault[] => {
    const known = new Set([...shops, ...ownPrices].map((l) => l.id));
    const strange = goesTo.flatMap((id, i): Fault[] =>
      known.has(id)
        ? []
        : [{ code: 'unknown', pointer: `/goesTo/${i}`, detail: `there is no price list "${id}"` }],
    );
    return [
      ...strange,
      ...twins(
        trips.map((t) => t.shop),
        '/trips',
        'shop',
      ),
    ];
  },
});
