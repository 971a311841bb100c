// What the soak reads and writes of a household, through the built server's own store.
import { randomUUID } from 'node:crypto';
import { KeptStore } from '../../packages/server/dist/kept/store.js';
import { openDatabase } from '../../packages/server/dist/storage/data-source.js';
import { keptPlan, keptPour } from '../../packages/core/dist/kept/index.js';
import { emptyBrief } from '../../packages/core/dist/plan/index.js';

/** Ids of the plans in a database; opening it is what a server does after a crash. */
export async function plansIn(file) {
  const db = await openDatabase(file);
  try {
    const store = await KeptStore.open(db);
    return new Set(store.list(keptPlan).map((entry) => entry.id));
  } finally {
    await db.close();
  }
}

export const aPlan = (name) => ({
  id: randomUUID(),
  name,
  brief: emptyBrief('EUR'),
  createdAt: new Date().toISOString(),
});

/** A change that keeps one new plan. */
export function planChange(name) {
  const value = aPlan(name);
  return {
    id: value.id,
    body: {
      id: randomUUID(),
      change: name,
      writes: [{ thing: 'plan', id: value.id, value, version: null }],
    },
  };
}

/** Fill a new database with a log of so many pours. */
export async function pourLog(file, count) {
  const db = await openDatabase(file);
  const store = await KeptStore.open(db);
  const at = Date.UTC(2020, 0, 1, 20);
  await store.seed(
    Array.from({ length: count }, (_, i) => {
      const moment = new Date(at + i * 3_600_000 * 6).toISOString();
      const value = {
        id: randomUUID(),
        at: moment,
        on: moment.slice(0, 10),
        drink: 'negroni',
        name: 'Negroni',
        glasses: 1 + (i % 3),
        for: ['Ann'],
        servedMl: 120,
        abv: 0.24,
        ethanolG: 22.7,
        costMinor: 150,
        currency: 'EUR',
        verdict: i % 6,
        tasted: [],
        note: '',
        round: null,
        parts: ['dry-gin', 'sweet-vermouth', 'red-bitter'].map((kind) => ({
          kind,
          ml: 30,
          pieces: 0,
          drawn: [],
        })),
      };
      return { thing: keptPour.name, id: value.id, value, version: null };
    }),
  );
  await db.close();
}
