import { localMoment, type LocalMoment } from '@uisce/core/base';
import { keptZone, ONLY_ID } from '@uisce/core/kept';
import type { KeptStore } from './store.js';

/** What the household's clock shows: in the zone that it said, else in this machine's. */
export function houseMoment(store: Pick<KeptStore, 'get'>, at = new Date()): LocalMoment {
  const said = store.get(keptZone, ONLY_ID)?.value.timeZone;
  return localMoment(at, said ?? Intl.DateTimeFormat().resolvedOptions().timeZone);
}
