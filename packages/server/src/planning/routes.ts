import type { Request, Response } from 'express';
import { oversize, planProblemSchema } from '@uisce/core/planner';
import type { PriceList } from '@uisce/core/catalogue';
import { shopsQuestionSchema } from '@uisce/core/errand';
import type { World } from '@uisce/core/kept';
import type { Fault } from '@uisce/core/base';
import {
  briefAnswerSchema,
  briefQuestionSchema,
  strangersInBrief,
  wholeBrief,
  type BriefQuestion,
} from '@uisce/core/plan';
import { pricesHere } from '../kept/house-now.js';
import type { Library } from '../kept/library.js';
import type { KeptStore } from '../kept/store.js';
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
      .extend({ shops: z.array(z.string()), drinksMade: z.int(), tripMinor: z.int(), minutes: z.int() }),
  ),
  single: z.array(z.string()),
  best: z.array(z.string()),
  ms: z.int(),
});

/** The prices that a question is about. */
function pricesFor(
  { shop, brief }: BriefQuestion,
  store: KeptStore,
  world: World,
  library: Library,
): PriceList {
  const list = [...world.ownPrices, ...world.shops].find((l) => l.id === shop);
  const fault = (code: Fault['code'], pointer: string, detail: string) =>
    HttpProblem.shape([{ code, pointer, detail }], 'the question');
  if (list === undefined) throw fault('unknown', '/shop', `there is no price list "${shop}"`);
  if (brief.currency !== undefined && brief.currency !== list.currency)
    throw fault('mismatch', '/brief/currency', `the shop is in ${list.currency}`);
  const strangers = strangersInBrief(wholeBrief({ shop, brief }, list.currency), library.catalogue);
  if (strangers.length > 0) throw HttpProblem.shape(strangers, 'the question');
  return pricesHere(list, store, world, library);
}

/** The open planning API: a problem in, the proven best out. */
export function planningRoutes(
  api: Api,
  pool: SolverPool,
  store: KeptStore,
  world: World,
  library: Library,
): void {
  const solve = (kind: 'solve' | 'frontier') => (req: Request, res: Response, problem: unknown) => {
    const tooBig = oversize(problem);
    if (tooBig !== undefined) throw new HttpProblem('too-large', `the problem is too large: ${tooBig}`);
    return answerFromPool(pool, { kind, problem }, req, res);
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
      solve('solve'),
    )
    .on(
      { ...common, path: '/plan/frontier', summary: 'The best set at every budget', answer: frontierSchema },
      solve('frontier'),
    )
    .on(
      {
        method: 'post',
        path: '/plan/brief',
        summary: 'What the Plan would say of a brief at a shop',
        before: whileThereIsRoom(pool),
        body: briefQuestionSchema,
        answer: briefAnswerSchema.extend({ ms: z.int() }),
        problems: ['invalid', 'too-large', 'busy', 'out-of-time'],
      },
      (req, res, body) => {
        const prices = pricesFor(body, store, world, library);
        return answerFromPool(pool, { kind: 'brief', problem: body, own: library.own, prices }, req, res);
      },
    )
    .on(
      {
        ...common,
        described: shopsQuestionSchema,
        path: '/errand/shops',
        summary: 'The best plan at every set of shops, their trips paid, and which set is best',
        answer: shopsSchema,
      },
      (req, res, problem) => answerFromPool(pool, { kind: 'shops', problem, own: library.own }, req, res),
    );
}
