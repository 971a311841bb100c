import type { Fault } from '../base/fault.js';
import type { Bottle } from './bottle.js';

/** What speaks against a bottle by itself: more in it than it holds, days in the wrong order. */
export function bottleFaults(bottle: Bottle): Fault[] {
  return [...doesNotHold(bottle), ...runsBackwards(bottle)];
}

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
