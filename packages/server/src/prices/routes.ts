import { z } from 'zod';
import { priceListSchema, type PriceList, type PriceListSummary } from '@uisce/core/catalogue';
import type { World } from '@uisce/core/kept';
import type { Api } from '../http/api.js';
import { HttpProblem } from '../http/problem.js';

const summarySchema = priceListSchema
  .pick({ id: true, name: true, currency: true, over: true, country: true, year: true })
  .extend({ own: z.boolean() });

/** Price lists to read: the shops that came with the program, and own prices before them. */
export function priceRoutes(api: Api, world: World): void {
  const all = (): PriceList[] => {
    const own = world.ownPrices;
    return [...own, ...world.shops.filter((s) => !own.some((o) => o.id === s.id))];
  };
  api
    .on(
      {
        method: 'get',
        path: '/price-lists',
        summary: 'Every price list by name, own ones first',
        answer: z.array(summarySchema),
      },
      (_req, res) => {
        const own = new Set(world.ownPrices.map((l) => l.id));
        const summaries: PriceListSummary[] = all().map(({ id, name, currency, over, country, year }) => ({
          id,
          name,
          currency,
          own: own.has(id),
          ...(over === undefined ? {} : { over }),
          ...(country === undefined ? {} : { country }),
          ...(year === undefined ? {} : { year }),
        }));
        res.json(summaries);
      },
    )
    .on(
      {
        method: 'get',
        path: '/price-lists/{id}',
        summary: 'One price list, as it stands',
        answer: priceListSchema,
        problems: ['not-found'],
      },
      (req, res) => {
        const list = all().find((l) => l.id === req.params.id);
        if (list === undefined)
          throw new HttpProblem('not-found', `there is no price list "${String(req.params.id)}"`);
        res.json(list);
      },
    );
}
