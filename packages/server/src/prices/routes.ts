import { Router } from 'express';
import { kindIndex, priceListFaults, priceListSchema, type Catalogue } from '@uisce/core';
import type { Changes } from '../history/changes.js';
import { jsonBody, LARGE_BODY, validated } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import type { PriceLists } from './price-lists.js';

/** Price lists: read all, bring in one's own. */
export function priceRoutes(changes: Changes, priceLists: PriceLists, catalogue: Catalogue): Router {
  const router = Router();
  const kinds = kindIndex(catalogue.kinds);
  router.get('/', async (_req, res) => {
    res.json(await priceLists.all());
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
