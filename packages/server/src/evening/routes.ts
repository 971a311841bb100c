import { z } from 'zod';
import { TASTES } from '@uisce/core/drink';
import { menuAskedSchema, scheduleProblemSchema } from '@uisce/core/evening';
import type { World } from '@uisce/core/kept';
import type { Api } from '../http/api.js';
import { houseNow, pricesNow } from '../kept/house-now.js';
import type { Library } from '../kept/library.js';
import type { KeptStore } from '../kept/store.js';
import { answerFromPool, whileThereIsRoom } from '../planning/ask-pool.js';
import type { SolverPool } from '../planning/pool.js';

const missingSchema = z.object({
  kind: z.string(),
  label: z.string(),
  count: z.int(),
  holds: z.number(),
  priceMinor: z.int(),
  ware: z.object({ is: z.enum(['bottle', 'fresh', 'made']) }),
});
const menuSchema = z.object({
  proven: z.boolean(),
  score: z.object({
    lacking: z.int(),
    money: z.int(),
    parts: z.int(),
    work: z.number(),
    sameness: z.int(),
  }),
  drinks: z.array(
    z.object({ drink: z.string(), name: z.string(), glasses: z.int(), missing: z.array(missingSchema) }),
  ),
  coverage: z.array(
    z.object({
      guest: z.string(),
      people: z.int(),
      needs: z.int(),
      /** Drinks here that they find at all. */
      exists: z.int(),
      finds: z.array(z.string()),
    }),
  ),
  /** What it lacks, for whom; empty where everyone finds two they like. */
  lacks: z.array(
    z.discriminatedUnion('is', [
      z.object({ is: z.literal('contradiction'), guest: z.string(), tastes: z.array(z.enum(TASTES)) }),
      z.object({ is: z.literal('few'), guest: z.string(), finds: z.int(), exists: z.int() }),
      z.object({ is: z.literal('no-soft') }),
    ]),
  ),
  missingMinor: z.int(),
  swaps: z.array(
    z.object({
      out: z.string(),
      in: z.string(),
      moneyMinor: z.int(),
      parts: z.int(),
      lacking: z.int(),
      noSoft: z.boolean(),
    }),
  ),
  candidates: z.int(),
  ms: z.int(),
});
const scheduleSchema = z.object({
  ok: z.boolean(),
  /** Minutes before the first glass; and by how many each could begin earlier. */
  starts: z.array(z.object({ id: z.string(), begins: z.int(), ends: z.int(), slack: z.int() })),
  proven: z.boolean(),
  conflict: z
    .object({ task: z.string(), why: z.enum(['no-time', 'not-fresh', 'no-room', 'no-hands', 'circle']) })
    .optional(),
  ms: z.int(),
});

/** The menu of an evening and its schedule, asked over the API. */
export function eveningRoutes(
  api: Api,
  store: KeptStore,
  world: World,
  library: Library,
  pool: SolverPool,
): void {
  const common = {
    method: 'post',
    before: whileThereIsRoom(pool),
    problems: ['invalid', 'busy', 'out-of-time'],
  } as const;
  api
    .on(
      {
        ...common,
        path: '/evening/menu',
        summary:
          'The proven best menu for who comes: everyone finds two, least is missing; who finds what, and what could stand there instead',
        body: menuAskedSchema,
        answer: menuSchema,
      },
      (req, res, asked) => {
        // What differs from the library is sent, not the whole of it.
        const { kinds: _, ...here } = houseNow(store, library);
        const house = { ...here, prices: pricesNow(store, world, library) };
        return answerFromPool(pool, { kind: 'menu', problem: asked, own: library.own, house }, req, res);
      },
    )
    .on(
      {
        ...common,
        path: '/evening/schedule',
        summary: 'When to do what before the first glass: as late as freshness, hands and room let it be',
        body: scheduleProblemSchema,
        answer: scheduleSchema,
      },
      (req, res, problem) => answerFromPool(pool, { kind: 'schedule', problem }, req, res),
    );
}
