import { randomBytes, randomUUID } from 'node:crypto';
import { formatISO, startOfDay, subMinutes } from 'date-fns';
import { addDays } from '@uisce/core/base';
import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import {
  keptBatch,
  keptBottle,
  keptPack,
  keptCollection,
  keptDeck,
  keptErrand,
  keptEvening,
  keptKit,
  keptOwnDrink,
  keptOwnKind,
  keptTasting,
  keptPaidPrice,
  keptPerson,
  keptPlace,
  keptPlan,
  keptPour,
  keptKittyEntry,
  keptRound,
  keptSettings,
  keptTrial,
  keptTrips,
  ONLY_ID,
  type Kept,
} from '@uisce/core/kept';
import { defaultSettings } from '@uisce/core/household';
import type { KeptStore } from '../kept/store.js';
import { drawPacks, packsOfBatch, recipeOfBatch } from '@uisce/core/bench';
import { BOATHOUSE, boathouseBatches, boathouseEvening, boathousePastEvening } from './boathouse.js';
import { boathouseNotebook } from './boathouse-notebook.js';
import { boathousePours, PAST_EVENING_AGO } from './boathouse-pours.js';
import { boathousePractice } from './boathouse-practice.js';
import { boathouseStock } from './boathouse-stock.js';

/** Put the demo household into an empty database; one that holds plans is left alone. Answers whether it was. */
export async function seedDemo(
  store: KeptStore,
  shipped: { catalogue: Catalogue; shops: readonly PriceList[] },
): Promise<boolean> {
  if (store.list(keptPlan).length > 0) return false;
  const start = Date.now();
  const plans = BOATHOUSE.plans.map((plan, i) => ({
    id: randomUUID(),
    ...plan,
    createdAt: new Date(start + i).toISOString(),
  }));
  // The days of whoever looks at it: this machine's.
  const today = formatISO(start, { representation: 'date' });
  const stock = boathouseStock(today, randomUUID, { ...shipped, planId: plans[0]?.id ?? '' });
  const batches = boathouseBatches(today, [randomUUID(), randomUUID()]);
  const evenings = boathousePours(today, randomUUID, shipped.catalogue, {
    bottles: stock.bottles,
    batches: batches.map((b) => ({
      id: b.id,
      leftMl: b.remainingMl,
      until: b.useBy,
      madeOn: b.madeOn ?? today,
      kind: recipeOfBatch(b, shipped.catalogue.homeMade)?.makes ?? '',
    })),
  });
  // What the batches were made of came out of the packs.
  const taken = batches.flatMap((b) => {
    const recipe = recipeOfBatch(b, shipped.catalogue.homeMade);
    return recipe ? packsOfBatch(recipe, b.inG) : [];
  });
  const after = drawPacks(taken, stock.packs, today);
  const notebook = boathouseNotebook(today, randomUUID, shipped.catalogue);
  const practice = boathousePractice(today, randomUUID, shipped.catalogue);
  const write = <T>(kept: Kept<T>, value: T) => ({
    thing: kept.name,
    id: kept.idOf?.(value) ?? ONLY_ID,
    value,
    version: null,
  });
  await store.seed([
    ...plans.map((plan) => write(keptPlan, plan)),
    ...batches.map((b) =>
      write(keptBatch, { ...b, remainingMl: evenings.batches.get(b.id) ?? b.remainingMl }),
    ),
    ...evenings.bottles.map((bottle) => write(keptBottle, bottle)),
    ...stock.packs.map((pack) => write(keptPack, after.find((p) => p.id === pack.id) ?? pack)),
    ...evenings.pours.map((pour) => write(keptPour, pour)),
    ...evenings.people.map((person) => write(keptPerson, person)),
    write(keptRound, { round: evenings.round }),
    write(
      keptEvening,
      boathouseEvening(today, randomUUID, () => randomBytes(24).toString('base64url')),
    ),
    write(keptEvening, boathousePastEvening(addDays(today, -PAST_EVENING_AGO), randomUUID, evenings.pours)),
    ...notebook.kinds.map((kind) => write(keptOwnKind, kind)),
    ...notebook.drinks.map((drink) => write(keptOwnDrink, drink)),
    ...notebook.collections.map((collection) => write(keptCollection, collection)),
    ...notebook.tastings.map((tasting) => write(keptTasting, tasting)),
    ...practice.trials.map((trial) => write(keptTrial, trial)),
    ...practice.decks.map((deck) => write(keptDeck, deck)),
    ...stock.errands.map((errand) => write(keptErrand, errand)),
    ...stock.kitty.map((entry) => write(keptKittyEntry, entry)),
    ...stock.paid.map((price) => write(keptPaidPrice, price)),
    write(keptTrips, stock.trips),
    write(keptKit, BOATHOUSE.kit),
    write(keptSettings, { ...defaultSettings(), household: BOATHOUSE.household }),
    write(keptPlace, { planId: plans[0]?.id ?? null }),
  ]);
  return true;
}

/** When the invented household was backed up last: late in the evening before. */
export function lastNight(now: Date): Date {
  return subMinutes(startOfDay(now), MINUTES_BEFORE_MIDNIGHT);
}
const MINUTES_BEFORE_MIDNIGHT = 26;
