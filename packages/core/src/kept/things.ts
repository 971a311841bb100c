import { keptAsk } from './ask.js';
import { keptBatch } from './batch.js';
import { keptBottle } from './bottle.js';
import type { Kept } from './descriptor.js';
import { keptEvening } from './evening.js';
import { keptErrand, keptPaidPrice, keptKittyEntry, keptTrips } from './errand.js';
import { keptKit } from './kit.js';
import { keptCollection, keptOwnDrink, keptOwnKind, keptTasting } from './notebook.js';
import { keptDeck, keptTrial } from './practice.js';
import { keptPack } from './pack.js';
import { keptOwnPrices } from './own-prices.js';
import { keptOwnRecipes } from './own-recipes.js';
import { keptPlan } from './plan.js';
import { keptPerson, keptPour, keptRound } from './pouring.js';
import { keptPlace, keptSettings, keptZone } from './settings.js';

/**
 * Every stored thing there is. A new one is its descriptor, a migration of its table, and a line here.
 * What handles every thing alike never looks inside a value, so their types are let go of.
 */
export const KEPT = [
  keptPlan,
  keptSettings,
  keptPlace,
  keptZone,
  keptOwnPrices,
  keptKit,
  keptBatch,
  keptBottle,
  keptPack,
  keptErrand,
  keptKittyEntry,
  keptPaidPrice,
  keptTrips,
  keptOwnRecipes,
  keptPour,
  keptRound,
  keptPerson,
  keptEvening,
  keptOwnDrink,
  keptOwnKind,
  keptCollection,
  keptTasting,
  keptTrial,
  keptDeck,
  keptAsk,
] as unknown as readonly Kept[];

/**
 * The descriptor of that name; undefined when there is none.
 *
 * @example keptNamed('plan')?.path // 'plans'
 */
export function keptNamed(name: string): Kept | undefined {
  return KEPT.find((kept) => kept.name === name);
}
