import { Router } from 'express';
import { kindIndex, priceListSchema, type Catalogue, type PriceListSummary } from '@uisce/core/catalogue';
import { currencyRefusal } from '@uisce/core/prices';
import { priceListFaults } from '@uisce/core/rules';
import type { Changes } from '../kept/changes.js';
import { jsonBody, LARGE_BODY, validated } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import type { PriceLists } from './price-lists.js';

/** Price lists: name them all, read one, bring in one's own. */
export function priceRoutes(changes: Changes, priceLists: PriceLists, catalogue: Catalogue): Router {
  const router = Router();
  const kinds = kindIndex(catalogue.kinds);
  router.get('/', async (_req, res) => {
    const all = await priceLists.all();
    const summaries: PriceListSummary[] = all.map(({ id, name, currency, over }) => ({
      id,
      name,
      currency,
      ...(over === undefined ? {} : { over }),
    }));
    res.json(summaries);
  });
  router.get('/:id', async (req, res) => {
    const list = await priceLists.find(req.params.id);
    if (list === undefined) throw new HttpProblem(404, `there is no price list "${req.params.id}"`);
    res.json(list);
  });
  router.post('/', jsonBody(LARGE_BODY), async (req, res) => {
    const list = validated(priceListSchema, req.body, 'the price file');
    const faults = priceListFaults(list, kinds);
    if (faults.length > 0) {
      throw new HttpProblem(
        400,
        `the price file has ${faults.length === 1 ? 'a fault' : `${faults.length} faults`}; nothing was taken over`,
        faults.map((f) => ({ pointer: f.path, detail: f.message })),
      );
    }
    if (list.over !== undefined) {
      const below = await priceLists.find(list.over);
      const fault =
        below === undefined
          ? `there is no price list "${list.over}"`
          : currencyRefusal(list.currency, below.currency);
      if (fault !== undefined || below?.over !== undefined) {
        const detail = fault ?? 'own prices lie over a shop, not over other own prices';
        throw new HttpProblem(400, detail, [{ pointer: '/over', detail }]);
      }
    }
    await changes.apply({
      label: `Prices of ${list.name}`,
      target: 'price-list',
      targetId: list.id,
      after: { id: list.id, list } as { id: string },
    });
    res.status(201).json(list);
  });
  return router;
}
