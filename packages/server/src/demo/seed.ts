import { randomUUID } from 'node:crypto';
import type { DataSource } from 'typeorm';
import { DEFAULT_SETTINGS } from '../kept/settings-routes.js';
import { BatchEntity, KitEntity, PlanEntity, SettingsEntity } from '../storage/entities.js';
import { BOATHOUSE, boathouseBatches } from './boathouse.js';

/** Put the demo household into an empty database; one that holds plans is left alone. */
export async function seedDemo(source: DataSource): Promise<void> {
  const plans = source.getRepository(PlanEntity);
  if ((await plans.count()) > 0) return;
  const start = Date.now();
  const rows = BOATHOUSE.plans.map((plan, i) => {
    const at = new Date(start + i).toISOString();
    return { id: randomUUID(), ...plan, createdAt: at, updatedAt: at };
  });
  await plans.save(rows);
  const today = new Date(start).toISOString().slice(0, 10);
  const batches = boathouseBatches(today, [randomUUID(), randomUUID()]);
  await source.getRepository(BatchEntity).save(batches.map((value) => ({ id: value.id, value })));
  await source.getRepository(KitEntity).save({ id: 'household', value: BOATHOUSE.kit });
  await source.getRepository(SettingsEntity).save({
    id: 'household',
    value: { ...DEFAULT_SETTINGS, household: BOATHOUSE.household, currentPlanId: rows[0]?.id ?? null },
  });
}
