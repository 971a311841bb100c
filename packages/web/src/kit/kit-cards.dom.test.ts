import { afterEach, describe, expect, it, vi } from 'vitest';
import { emptyKit, type Kit } from '@uisce/core/kit';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { smallPlan } from '../testing/small-house';
import { kept } from '../testing/small-database';
import { asked } from '../testing/small-solver';
import { useKit } from '../household/use-kit';
import type { Topic } from '../solver/tasks/questions';
import KitView from './KitView.vue';
import MeasuresDrawer from './MeasuresDrawer.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

let house: InSmallHouse | undefined;
afterEach(() => house?.page.unmount());

const shot = { ml: 40, diameterMm: 38 };
const kit = (more: Partial<Kit>): Kit => ({ ...emptyKit(), said: true, ...more });
const withKit = (more: Partial<Kit>): [string, string, unknown][] => [
  ['plan', smallPlan(0).id, smallPlan(4700)],
  ['kit', 'household', kit(more)],
];
const press = async (name: RegExp) => {
  const button = house?.page.findAll('button').find((b) => name.test(b.attributes('aria-label') ?? b.text()));
  if (!button) throw new Error(`there is no button ${String(name)}`);
  await button.trigger('click');
  await house?.settle();
};

describe('the judgement on the kit', () => {
  it('asks first what is there, and offers two ways to begin', async () => {
    house = await inHouse(KitView);
    expect(said(house.page)).toMatch(/^Tap what you own: half a bar is in the kitchen already/);
    await press(/I own nothing yet/);
    expect(useKit().kit.said).toBe(true);
    expect(said(house.page)).not.toMatch(/^Tap what you own/);
    expect(house.server.changes.at(-1)?.change).toBe('Nothing owned yet');
  });

  it('counts the drinks that can be made already among those the plan makes', async () => {
    house = await inHouse(KitView, {}, withKit({ inPlan: false }));
    // Gin makes the gin sour, with bitter and vermouth the negroni and americano: three drinks in the plan.
    expect(said(house.page)).toMatch(/Your hands can already make \d of 3 drinks of your plan/);
  });

  it('comes first: measures and glasses are looked into when it is there', async () => {
    kept.clear();
    let prove: () => void = () => undefined;
    Object.assign(asked, { topics: [], proof: new Promise<void>((resolve) => (prove = resolve)) });
    house = await inHouse(KitView, {}, withKit({ inPlan: false }));
    await vi.waitFor(() => expect(house?.page.find('#count-title').exists()).toBe(true), 15_000);
    expect(asked.topics).toEqual([]);
    prove();
    const both = expect.arrayContaining(['jiggers', 'glasses']) as Topic[];
    await vi.waitFor(() => expect(asked.topics).toEqual(both), 15_000);
    expect(asked.topics[0]).toBe('kit');
    asked.proof = undefined;
  });

  it('says why there is none, and measures and glasses are looked into all the same', async () => {
    kept.clear();
    Object.assign(asked, { topics: [], failsOn: 'kit' });
    house = await inHouse(KitView, {}, withKit({ inPlan: false }));
    const all = expect.arrayContaining(['kit', 'jiggers', 'glasses']) as Topic[];
    await vi.waitFor(() => expect(asked.topics).toEqual(all), 15_000);
    await house.settle();
    expect(said(house.page)).toContain('Out of memory');
    asked.failsOn = undefined;
  });
});

describe('the drawer of measures', () => {
  it('draws each vessel with its lines', async () => {
    const vessel = { id: 'old-shot', name: 'Old shot', cups: [{ name: 'cup', lines: [shot] }] };
    house = await inHouse(MeasuresDrawer, {}, withKit({ vessels: [vessel] }));
    expect(said(house.page)).toContain('Old shot');
    expect(
      house.page
        .findAll('[role=img]')
        .some((i) => /Old shot: cup 40 ml/.test(i.attributes('aria-label') ?? '')),
    ).toBe(true);
  });
});
