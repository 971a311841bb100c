import { Router } from 'express';
import { HttpProblem } from '../http/problem.js';
import type { Changes } from './changes.js';

/** Undo and redo of every change, whichever screen made it. */
export function historyRoutes(changes: Changes): Router {
  const router = Router();
  router.get('/', async (_req, res) => {
    res.json(await changes.state());
  });
  for (const step of ['undo', 'redo'] as const) {
    router.post(`/${step}`, async (_req, res) => {
      const change = await changes[step]();
      if (change === null) throw new HttpProblem(409, `there is nothing to ${step}`);
      res.json({ label: change.label, target: change.target, targetId: change.targetId });
    });
  }
  return router;
}
