import { mergeFields } from '../base/merge.js';
import { bottleSchema } from '../stock/bottle.js';
import { bottleFaults } from '../stock/bottle-faults.js';
import { describeKept } from './descriptor.js';

/** The household's bottles: those that stand there, and those that are finished. */
export const keptBottle = describeKept({
  name: 'bottle',
  path: 'bottles',
  schema: bottleSchema,
  idOf: (bottle) => bottle.id,
  noun: 'bottle',
  merge: (base, mine, theirs, isTold) => mergeFields(base, mine, theirs, isTold ? [] : ['leftMl', 'pieces']),
  title: (bottle) => (bottle.label === null ? `the bottle of ${bottle.kind}` : `“${bottle.label}”`),
  faults: (bottle, { catalogue }) => {
    const kind = catalogue.kinds.find((k) => k.id === bottle.kind);
    return [
      ...(kind === undefined || kind.abstract
        ? [
            {
              code: 'unknown' as const,
              pointer: '/kind',
              detail: `"${bottle.kind}" is not a kind that is bottled`,
            },
          ]
        : []),
      ...bottleFaults(bottle),
    ];
  },
});
