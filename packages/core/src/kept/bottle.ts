import type { Fault } from '../base/fault.js';
import { mergeFields } from '../base/merge.js';
import { bottleSchema, type Bottle } from '../stock/bottle.js';
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
      ...doesNotHold(bottle),
      ...runsBackwards(bottle),
    ];
  },
});

/** More in a bottle than it holds, or a level of a bottle of unknown size. */
function doesNotHold({ sizeMl, leftMl }: Bottle): Fault[] {
  if (leftMl === null) return [];
  if (sizeMl === null)
    return [{ code: 'mismatch', pointer: '/leftMl', detail: 'what is left needs the size of the bottle' }];
  return leftMl > sizeMl
    ? [{ code: 'mismatch', pointer: '/leftMl', detail: `${leftMl} ml do not go into ${sizeMl}` }]
    : [];
}

/** Days in the wrong order: bought, opened, finished. */
function runsBackwards({ boughtOn, openedOn, finishedOn }: Bottle): Fault[] {
  const early = (day: string | null, pointer: string, before: string | null, what: string): Fault[] =>
    day !== null && before !== null && day < before
      ? [{ code: 'mismatch', pointer, detail: `${day} is before it was ${what} on ${before}` }]
      : [];
  return [
    ...early(openedOn, '/openedOn', boughtOn, 'bought'),
    ...early(finishedOn, '/finishedOn', openedOn ?? boughtOn, openedOn === null ? 'bought' : 'opened'),
  ];
}
