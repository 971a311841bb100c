import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { settingsSchema, type Settings } from '@uisce/core/household';
import type { Changes } from './changes.js';
import { jsonBody, SMALL_BODY, validated } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import type { PriceLists } from '../prices/price-lists.js';
import { SettingsEntity } from '../storage/entities.js';

export const DEFAULT_SETTINGS: Settings = {
  household: '',
  measure: 'ml',
  locale: 'en-IE',
  theme: 'day',
  priceListId: 'lantern-store',
  currentPlanId: null,
  houseSyrupRatio: null,
};

/** Household settings. Which plan is open is a place, not a change, so it is not undone. */
export function settingsRoutes(source: DataSource, changes: Changes, priceLists: PriceLists): Router {
  const router = Router();
  const table = source.getRepository(SettingsEntity);
  const current = async () => ({
    ...DEFAULT_SETTINGS,
    ...(await table.findOneBy({ id: 'household' }))?.value,
  });

  router.get('/', async (_req, res) => {
    res.json(await current());
  });
  router.put('/', jsonBody(SMALL_BODY), async (req, res) => {
    const value = validated(settingsSchema, req.body);
    if ((await priceLists.find(value.priceListId)) === undefined) {
      throw new HttpProblem(400, `there is no price list "${value.priceListId}"`, [
        { pointer: '/priceListId', detail: 'not a price list we have' },
      ]);
    }
    const { currentPlanId, ...rest } = await current();
    const { currentPlanId: nextPlanId, ...nextRest } = value;
    if (JSON.stringify(rest) === JSON.stringify(nextRest)) {
      if (currentPlanId !== nextPlanId) await table.save({ id: 'household', value });
    } else {
      await changes.apply({
        label: 'Settings',
        target: 'settings',
        targetId: 'household',
        after: { id: 'household', value } as { id: string },
      });
    }
    res.json(value);
  });
  return router;
}
