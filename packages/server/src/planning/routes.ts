import type { Request, Response } from 'express';
import { oversize, planProblemSchema } from '@uisce/core/planner';
import { shopsQuestionSchema } from '@uisce/core/errand';
import type { World } from '@uisce/core/kept';
import { z } from 'zod';
import type { Api } from '../http/api.js';
import { LARGE_BODY } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import { answerFromPool, whileThereIsRoom } from './ask-pool.js';
import type { SolverPool } from './pool.js';

const answerSchema = z.object({
  status: z.enum(['optimal', 'feasible', 'infeasible']),
  value: z.number(),
  bound: z.number(),
  spend: z.int(),
  items: z.array(z.string()),
  drinks: z.array(z.object({ id: z.string(), fit: z.number() })),
  ms: z.int(),
});
const frontierSchema = z.object({
  status: answerSchema.shape.status,
  points: z.array(answerSchema.pick({ spend: true, value: true, items: true })),
  ms: z.int(),
});

const shopsSchema = z.object({
  sets: z.array(
    answerSchema
      .pick({ status: true, value: true, spend: true, items: true })
      .extend({ shops: z.array(z.string()), open: z.int(), tripMinor: z.int(), minutes: z.int() }),
  ),
  single: z.array(z.string()),
  best: z.array(z.string()),
  ms: z.int(),
});

/** The open planning API: a problem in, the proven best out. */
export function planningRoutes(api: Api, pool: SolverPool, world: Pick<World, 'homeMade'>): void {
  const handle = (kind: 'solve' | 'frontier' | 'shops') => (req: Request, res: Response, body: unknown) => {
    const tooBig = kind === 'shops' ? undefined : oversize(body);
    if (tooBig !== undefined) throw new HttpProblem('too-large', `the problem is too large: ${tooBig}`);
    return answerFromPool(
      pool,
      { kind, problem: body, ...(kind === 'shops' ? { homeMade: world.homeMade } : {}) },
      req,
      res,
    );
  };

  const common = {
    method: 'post',
    before: whileThereIsRoom(pool),
    // Measured by hand first: what is far too large is refused before its schema looks at it.
    body: z.unknown(),
    described: planProblemSchema,
    limit: LARGE_BODY,
    problems: ['invalid', 'too-large', 'busy', 'out-of-time'],
  } as const;
  api
    .on(
      {
        ...common,
        path: '/plan/solve',
        summary: 'The proven best set for a planning problem',
        answer: answerSchema,
      },
      handle('solve'),
    )
    .on(
      { ...common, path: '/plan/frontier', summary: 'The best set at every budget', answer: frontierSchema },
      handle('frontier'),
    )
    .on(
      {
        ...common,
        described: shopsQuestionSchema,
        path: '/errand/shops',
        summary: 'The best plan at every set of shops, their trips paid, and which set is best',
        answer: shopsSchema,
      },
      handle('shops'),
    );
}
