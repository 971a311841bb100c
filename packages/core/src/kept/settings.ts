import { z } from 'zod';
import { timeZoneSchema } from '../base/zone.js';
import { defaultSettings, settingsSchema } from '../household/settings.js';
import { describeKept } from './descriptor.js';

/** What holds for the whole household. */
export const keptSettings = describeKept({
  name: 'settings',
  path: 'settings',
  schema: settingsSchema,
  empty: defaultSettings,
  noun: 'settings',
  stated: true,
  upgrade: withoutOpenPlan,
  faults: ({ priceListId }, { shops, ownPrices }) =>
    [...ownPrices, ...shops].some((list) => list.id === priceListId)
      ? []
      : [{ code: 'unknown', pointer: '/priceListId', detail: `there is no price list "${priceListId}"` }],
});

/** Until the fourth migration the plan that is open stood among the settings; it is a place, not a setting. */
function withoutOpenPlan(stored: unknown): unknown {
  if (typeof stored !== 'object' || stored === null) return stored;
  const { currentPlanId: _, ...settings } = stored as Record<string, unknown>;
  return { ...defaultSettings(), ...settings };
}

/** Where the household was last: what a new page opens first. Going somewhere is nothing to undo. */
export const keptPlace = describeKept({
  name: 'place',
  path: 'place',
  schema: z.strictObject({ planId: z.uuid().nullable() }),
  empty: () => ({ planId: null }),
  noun: 'place',
  undoable: false,
  faults: ({ planId }, { plans }) =>
    planId === null || plans.some((p) => p.id === planId)
      ? []
      : [{ code: 'unknown', pointer: '/planId', detail: 'there is no such plan' }],
});

/**
 * Whose days the household counts in. The first page to open says where it is; null until then, which means the days of
 * the machine.
 */
export const keptZone = describeKept({
  name: 'zone',
  path: 'zone',
  schema: z.strictObject({ timeZone: timeZoneSchema.nullable() }),
  empty: () => ({ timeZone: null }),
  noun: 'time zone',
  undoable: false,
});
