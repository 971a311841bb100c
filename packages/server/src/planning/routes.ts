import { Router, type Request, type Response } from 'express';
import { oversize, planProblemSchema } from '@uisce/core/planner';
import { jsonBody, LARGE_BODY, validated } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import { QueueFullError, type SolverPool } from './pool.js';
import type { SolveTask } from './worker.js';

/** The open planning API: a problem in, the proven best out. */
export function planningRoutes(pool: SolverPool): Router {
  const router = Router();

  const handle = (kind: SolveTask['kind']) => async (req: Request, res: Response) => {
    const tooBig = oversize(req.body);
    if (tooBig !== undefined) throw new HttpProblem(413, `the problem is too large: ${tooBig}`);
    const problem = validated(planProblemSchema, req.body, 'the problem');
    const gone = new AbortController();
    res.on('close', () => gone.abort());
    try {
      const result = await pool.run({ kind, problem }, gone.signal);
      if (result.kind === 'out-of-time') {
        throw new HttpProblem(503, 'no set that meets every rule was found in the time allowed');
      }
      res.json({ ...result.answer, ms: result.ms });
    } catch (error) {
      if (gone.signal.aborted) {
        req.log.info('client left; solve stopped');
        return;
      }
      if (error instanceof QueueFullError) {
        res.set('retry-after', '10');
        throw new HttpProblem(503, 'too many problems are waiting; try again in a moment');
      }
      throw error;
    }
  };

  router.post('/solve', jsonBody(LARGE_BODY), handle('solve'));
  router.post('/frontier', jsonBody(LARGE_BODY), handle('frontier'));
  return router;
}
