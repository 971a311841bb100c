import { mergeFields } from '../base/merge.js';
import { packSchema } from '../bench/pack.js';
import { describeKept } from './descriptor.js';

/** What stands in the cupboard by weight, to make things of. */
export const keptPack = describeKept({
  name: 'pack',
  path: 'packs',
  schema: packSchema,
  idOf: (pack) => pack.id,
  noun: 'pack',
  merge: (base, mine, theirs, isTold) => mergeFields(base, mine, theirs, isTold ? [] : ['leftG']),
  title: (pack) => `the pack of ${pack.pantry}`,
  faults: ({ pantry, leftG, sizeG }, { catalogue }) => [
    ...(catalogue.pantry.some((p) => p.id === pantry)
      ? []
      : [
          {
            code: 'unknown' as const,
            pointer: '/pantry',
            detail: `"${pantry}" is nothing of the pantry`,
          },
        ]),
    ...(leftG <= sizeG
      ? []
      : [{ code: 'mismatch' as const, pointer: '/leftG', detail: 'more is left than it held' }]),
  ],
});
