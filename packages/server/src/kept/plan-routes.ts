import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { z } from 'zod';
import { briefSchema, planNameSchema, planWriteSchema } from '@uisce/core/plan';
import type { Changes } from './changes.js';
import { jsonBody, SMALL_BODY, validated } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import { PlanEntity, type PlanRow } from '../storage/entities.js';

const duplicateSchema = z.strictObject({ name: planNameSchema });

/** Named plans: list, read, make, change, duplicate, delete. */
export function planRoutes(source: DataSource, changes: Changes): Router {
  const router = Router();
  const plans = source.getRepository(PlanEntity);

  /** A plan written by an earlier version, with what briefs have gained since. */
  const current = (plan: PlanRow): PlanRow => ({ ...plan, brief: briefSchema.parse(plan.brief) });
  const find = async (id: string): Promise<PlanRow> => {
    const plan = await plans.findOneBy({ id });
    if (plan === null) throw new HttpProblem(404, 'there is no such plan; it may have been deleted');
    return current(plan);
  };
  const store = async (label: string, row: PlanRow): Promise<PlanRow> => {
    await changes.apply({ label, target: 'plan', targetId: row.id, after: row });
    return row;
  };
  const fresh = (): Pick<PlanRow, 'id' | 'createdAt' | 'updatedAt'> => {
    const now = new Date().toISOString();
    return { id: randomUUID(), createdAt: now, updatedAt: now };
  };

  router.get('/', async (_req, res) => {
    res.json((await plans.find({ order: { createdAt: 'ASC', id: 'ASC' } })).map(current));
  });
  router.get('/:id', async (req, res) => {
    res.json(await find(req.params.id));
  });
  router.post('/', jsonBody(SMALL_BODY), async (req, res) => {
    const { name, brief, change } = validated(planWriteSchema, req.body);
    res.status(201).json(await store(change, { ...fresh(), name, brief }));
  });
  router.post('/:id/duplicate', jsonBody(SMALL_BODY), async (req, res) => {
    const { name } = validated(duplicateSchema, req.body);
    const { brief, name: original } = await find(String(req.params.id));
    res.status(201).json(await store(`Duplicate “${original}”`, { ...fresh(), name, brief }));
  });
  router.put('/:id', jsonBody(SMALL_BODY), async (req, res) => {
    const { name, brief, change } = validated(planWriteSchema, req.body);
    const plan = await find(String(req.params.id));
    if (plan.name === name && JSON.stringify(plan.brief) === JSON.stringify(brief)) res.json(plan);
    else res.json(await store(change, { ...plan, name, brief, updatedAt: new Date().toISOString() }));
  });
  router.delete('/:id', async (req, res) => {
    const plan = await find(req.params.id);
    await changes.apply({ label: `Delete “${plan.name}”`, target: 'plan', targetId: plan.id, after: null });
    res.status(204).end();
  });
  return router;
}
