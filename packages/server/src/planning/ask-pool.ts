import type { NextFunction, Request, Response } from 'express';
import { HttpProblem } from '../http/problem.js';
import { QueueFullError, type SolverPool } from './pool.js';
import type { SolveTask } from './worker.js';

function busy(): HttpProblem {
  return new HttpProblem('busy', 'too many problems are waiting; try again in a moment', {
    headers: { 'retry-after': '10', connection: 'close' },
  });
}

/** Refuse before a large body is read for nothing. */
export function whileThereIsRoom(pool: SolverPool) {
  return (_req: Request, _res: Response, next: NextFunction): void => {
    if (!pool.hasRoom) throw busy();
    next();
  };
}

/** Have a task solved in a thread and answer with what comes of it; a client that leaves stops it. */
export async function answerFromPool(
  pool: SolverPool,
  task: Omit<SolveTask, 'seconds'>,
  req: Request,
  res: Response,
): Promise<void> {
  const gone = new AbortController();
  res.on('close', () => gone.abort());
  try {
    const result = await pool.run(task, gone.signal);
    if (result.kind === 'faults') throw HttpProblem.shape(result.faults, 'the problem');
    if (result.kind === 'out-of-memory')
      throw new HttpProblem('too-large', 'the problem needs more memory than one may take here');
    if (result.kind === 'out-of-time')
      throw new HttpProblem('out-of-time', 'no answer that meets every rule was found in the time allowed');
    res.json({ ...result.answer, ms: result.ms });
  } catch (error) {
    if (gone.signal.aborted) {
      req.log.info('client left; solve stopped');
      return;
    }
    if (error instanceof QueueFullError) throw busy();
    throw error;
  }
}
