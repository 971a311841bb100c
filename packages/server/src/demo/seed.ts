import { randomUUID } from 'node:crypto';
import { formatISO } from 'date-fns';
import {
  keptBatch,
  keptBottle,
  keptKit,
  keptPlace,
  keptPlan,
  keptSettings,
  ONLY_ID,
  type Kept,
} from '@uisce/core/kept';
import { defaultSettings } from '@uisce/core/household';
import type { KeptStore } from '../kept/store.js';
import { BOATHOUSE, boathouseBatches, boathouseBottles } from './boathouse.js';

/** Put the demo household into an empty database; one that holds plans is left alone. */
export function seedDemo(store: KeptStore): void {
  if (store.list(keptPlan).length > 0) return;
  const start = Date.now();
  const plans = BOATHOUSE.plans.map((plan, i) => ({
    id: randomUUID(),
    ...plan,
    createdAt: new Date(start + i).toISOString(),
  }));
  // The days of whoever looks at it: this machine's.
  const today = formatISO(start, { representation: 'date' });
  const write = <T>(kept: Kept<T>, value: T) => ({
    thing: kept.name,
    id: kept.idOf?.(value) ?? ONLY_ID,
    value,
    version: null,
  });
  store.seed([
    ...plans.map((plan) => write(keptPlan, plan)),
    ...boathouseBatches(today, [randomUUID(), randomUUID()]).map((batch) => write(keptBatch, batch)),
    ...boathouseBottles(today, randomUUID).map((bottle) => write(keptBottle, bottle)),
    write(keptKit, BOATHOUSE.kit),
    write(keptSettings, { ...defaultSettings(), household: BOATHOUSE.household }),
    write(keptPlace, { planId: plans[0]?.id ?? null }),
  ]);
}
