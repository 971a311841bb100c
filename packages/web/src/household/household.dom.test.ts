import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { emptyBrief } from '@uisce/core/plan';
import { SMALL_CATALOGUE, SMALL_SHOP, smallPlan } from '../testing/small-house';
import { openPage, SmallServer } from '../testing/small-server';
import { useBatches } from './use-batches';
import { useKit } from './use-kit';
import { usePlans } from './use-plans';
import { useSettings } from './use-settings';
import { useCatalogue } from './use-catalogue';

vi.mock('idb-keyval', () => import('../testing/small-database'));

let server: SmallServer;
beforeEach(async () => {
  vi.useFakeTimers();
  localStorage.clear();
  server = new SmallServer([['plan', smallPlan(0).id, smallPlan(4500)]]);
  await openPage();
});
const sent = async () => {
  await vi.advanceTimersByTimeAsync(3000);
  return server.changes.map((c) => c.change);
};

describe('plans', () => {
  it('a new one is open at once, and going back to the old one is a place and no change', async () => {
    const plans = usePlans();
    plans.create('Second');
    expect([plans.current?.name, plans.brief]).toEqual(['Second', emptyBrief('EUR')]);
    plans.open(smallPlan(0).id);
    expect(plans.current?.name).toBe('Corner bar');
    expect(await sent()).toEqual(['New plan “Second”', 'Open a plan']);
  });

  it('a copy has the brief and a name of its own; removing the open one leaves another open', async () => {
    const plans = usePlans();
    plans.duplicate(smallPlan(0).id, 'Copy');
    expect(plans.current).toMatchObject({ name: 'Copy', brief: { moneyNowMinor: 4500 } });
    plans.remove(plans.current?.id ?? '');
    expect(plans.current?.name).toBe('Corner bar');
    expect(plans.plans).toHaveLength(1);
    await sent();
  });

  it('what the catalogue no longer knows is left out of a brief when it is kept', async () => {
    const plans = usePlans();
    plans.edit('Must', {
      brief: { mustDrinks: ['negroni', 'forgotten-fizz'], neverKinds: ['gin', 'moonshine'] },
    });
    expect(plans.brief).toMatchObject({ mustDrinks: ['negroni'], neverKinds: ['gin'] });
    await sent();
  });

  it('without any, kit and bench have a brief that says nothing, in the money of the shop', () => {
    const plans = usePlans();
    plans.remove(smallPlan(0).id);
    expect([plans.brief, plans.briefOrEmpty.currency]).toEqual([undefined, 'EUR']);
  });
});

describe('the trade', () => {
  it('is one catalogue until something of it changes: much is worked out from it, and workers are sent it whole', async () => {
    const before = useCatalogue().all;
    usePlans().edit('Money now', { brief: { moneyNowMinor: 9000 } });
    useSettings().change({ measure: 'cl' });
    await sent();
    expect(useCatalogue().all).toBe(before);
    useSettings().change({ freshness: 'strict' });
    expect(useCatalogue().all).not.toBe(before);
  });

  it('prices what is made at home by its parts: sugar for a bottle, in the steps of the shop', () => {
    // 500 ml at 1:1 by weight is about 307 g of sugar (NBS Circular 440, from memory): 0.46 at 1.50 a kilogram.
    expect(useCatalogue().bottles.get('made-syrup')?.priceMinor).toBe(100);
    expect(useCatalogue().bottles.get('gin-700')?.priceMinor).toBe(2000);
  });

  it('own recipes stand beside the shipped ones; an older batch takes a copy of the one that goes', async () => {
    const catalogue = useCatalogue();
    const [simple] = SMALL_CATALOGUE.homeMade;
    if (!simple) throw new Error('the house makes syrup');
    const own = { ...simple, id: 'own-cold', way: 'cold' };
    catalogue.keepOwnRecipes([own], 'Own recipe');
    expect(catalogue.all.homeMade.map((h) => h.id)).toEqual(['simple', 'own-cold']);
    const batches = useBatches();
    const batch = { ...BATCH, recipeId: 'own-cold' };
    batches.keep(batch, 'Begin');
    catalogue.keepOwnRecipes([], 'No more');
    expect(batches.batches[0]?.recipe?.way).toBe('cold');
    await sent();
    expect(server.changes.at(-1)?.writes.map((w) => w.thing)).toEqual(['own-recipes', 'batch']);
  });

  it('own prices lie over their shop, and leave it in use where they name nothing', async () => {
    const catalogue = useCatalogue();
    const settings = useSettings();
    const [gin] = SMALL_SHOP.bottles;
    const own = {
      ...SMALL_SHOP,
      id: 'mine',
      name: 'Mine',
      over: 'corner',
      bottles: [{ ...gin, id: 'g', priceMinor: 1500 }],
    };
    server.entries.set('own-prices/mine', { thing: 'own-prices', id: 'mine', version: 50, value: own });
    await openPage();
    useSettings().change({ priceListId: 'mine' });
    await sent();
    const now = useCatalogue();
    expect(now.prices?.bottles.map((b) => [b.kind, b.priceMinor])).toEqual(
      expect.arrayContaining([
        ['gin', 1500],
        ['rum', 1800],
      ]),
    );
    expect(now.prices?.bottles.filter((b) => b.kind === 'gin')).toHaveLength(1);
    expect([catalogue.prices?.id, settings.current.priceListId]).not.toContain('mine');
  });

  it('a shop that is gone leaves the first there is in use', async () => {
    useSettings().change({ priceListId: 'closed-down' });
    await nextTick();
    await sent();
    expect(useCatalogue().prices?.id).toBe('corner');
  });
});

describe('the kit and the batches', () => {
  it('whoever changes anything has said something', () => {
    expect(useKit().kit.said).toBe(false);
    useKit().edit('Own jigger', { tools: [{ id: 'jigger', since: null }] });
    expect(useKit().kit).toMatchObject({ said: true, tools: [{ id: 'jigger' }] });
  });

  it('the newest that is not bottled is on the bench; the rest stand by what spoils first', async () => {
    const batches = useBatches();
    const later = { ...BATCH, id: ids[1] ?? '', startedAt: '2026-11-26T09:00:00.000Z' };
    const shelf = (n: number, useBy: string) => ({ ...BATCH, id: ids[n] ?? '', madeOn: '2026-11-20', useBy });
    for (const b of [BATCH, later, shelf(2, '2026-12-20'), shelf(3, '2026-12-01')]) batches.keep(b, 'Keep');
    expect(batches.onBench?.id).toBe(later.id);
    // Half sugar, half water, made on the 20th: no label gives it longer than it keeps.
    expect(batches.onShelf.map((b) => b.useBy)).toEqual(['2026-12-01', '2026-12-04']);
    batches.edit(later.id, 'Bottled', { madeOn: '2026-11-26', useBy: '2026-11-30' });
    expect([batches.onBench?.id, batches.onShelf[0]?.id]).toEqual([BATCH.id, later.id]);
    await sent();
  });
});

const ids = [1, 2, 3, 4].map((n) => `9f0b7c3e-55a1-4b7e-8a43-0c1d2e3f400${n}`);
const BATCH = {
  id: ids[0] ?? '',
  recipeId: 'simple',
  plannedG: [100, 100],
  inG: [0, 0],
  jarG: 535,
  tared: true,
  bottleMl: 200,
  actsDone: 0,
  actStartedAt: null,
  strained: [],
  toppedUpG: 0,
  startedAt: '2026-11-25T18:00:00.000Z',
  madeOn: null as string | null,
  useBy: null as string | null,
  frozen: false,
  leftDays: null,
  thawed: false,
  yieldMl: null,
  measuredBrix: null,
  remainingMl: 0,
  notes: '',
};
