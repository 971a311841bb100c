import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent } from 'vue';
import { catalogueSchema, priceListSchema } from '@uisce/core/catalogue';
import { emptyKit, type Kit } from '@uisce/core/kit';
import { useKit } from '../household/use-kit';
import { useAnswer } from '../solver/use-answer';
import { inHouse, type InSmallHouse } from '../testing/in-house';
import { SMALL_CATALOGUE, SMALL_SHOP, smallPlan } from '../testing/small-house';
import { served } from '../testing/small-server';
import { useOwnership } from './use-ownership';
import { useWall } from './use-wall';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));

/** The small house with tools for what its drinks ask: a tin or a jar, a long spoon or a table knife. */
const { techniques, tools, kitchen } = catalogueSchema.parse({
  kinds: [],
  recipes: [],
  standIns: [],
  glasses: [],
  techniques: [
    {
      id: 'shake',
      name: 'Shake',
      how: 'Hard, until the tin frosts.',
      needs: [{ id: 'shaker', what: 'a tin to shake in', tools: ['tin', 'fine-tin'], kitchen: ['jar'] }],
    },
    {
      id: 'stir',
      name: 'Stir',
      how: 'Smoothly, along the wall.',
      needs: [{ id: 'spoon', what: 'a long spoon', tools: ['bar-spoon'], kitchen: ['knife'] }],
    },
  ],
  tools: [
    { id: 'tin', name: 'Two tins', techniques: ['shake'], tier: 'essential' },
    { id: 'fine-tin', name: 'Fine tin', techniques: ['shake'], tier: 'nice' },
    { id: 'bar-spoon', name: 'Bar spoon', techniques: ['stir', 'shake'], tier: 'essential' },
  ],
  kitchen: [
    { id: 'jar', name: 'Jam jar', usual: true, hard: 'It is slow to cool.' },
    { id: 'knife', name: 'Table knife', hard: 'It is short.' },
  ],
});
const TOOLED = { ...SMALL_CATALOGUE, techniques, tools, kitchen };
const PRICED = priceListSchema.parse({
  ...JSON.parse(JSON.stringify(SMALL_SHOP)),
  kit: [
    { id: 'tin-a', tool: 'tin', label: 'Tins', priceMinor: 1500 },
    { id: 'tin-b', tool: 'tin', label: 'Heavy tins', priceMinor: 2600 },
    { id: 'spoon', tool: 'bar-spoon', label: 'Spoon', priceMinor: 700 },
  ],
});

let house: InSmallHouse;
let wall: ReturnType<typeof useWall>;
let own: ReturnType<typeof useOwnership>;
const Page = defineComponent(() => {
  [wall, own] = [useWall(), useOwnership()];
  return () => null;
});
beforeEach(() => Object.assign(served, { catalogue: TOOLED, shop: PRICED }));
afterEach(() => {
  house.page.unmount();
  Object.assign(served, { catalogue: SMALL_CATALOGUE, shop: SMALL_SHOP });
});
const open = async (kit: Partial<Kit> = {}) => {
  house = await inHouse(Page, {}, [
    ['plan', smallPlan(0).id, smallPlan(9000)],
    ['kit', 'household', { ...emptyKit(), said: true, inPlan: false, ...kit }],
  ]);
  await house.settle();
};
const rail = (name: string) =>
  wall.rails.value.find((r) => r.name === name) ?? expect.fail(`no rail ${name}`);
const shake = () => rail('Shake');
const stir = () => rail('Stir and layer');
const owned = (...ids: string[]) => ({ tools: ids.map((id) => ({ id, since: null })) });

describe('the wall of tools', () => {
  it('says what lacks, of what drinks here ask for, and what the cheapest of it costs', async () => {
    await open();
    expect(useAnswer().result?.drinksMade).toBe(4);
    expect([shake().lacks, shake().word]).toEqual([true, 'lacks a tin to shake in']);
    expect([stir().lacks, stir().word]).toEqual([true, 'lacks a long spoon']);
    expect(wall.priceOf('tin')).toBe(1500);
    expect(wall.priceOf('fine-tin')).toBeUndefined();
  });

  it('hangs each tool once, on the first rail that it serves', async () => {
    await open();
    const hung = wall.rails.value.flatMap((r) => r.tools.map((t) => t.tool.id));
    expect([...hung].sort()).toEqual(['bar-spoon', 'fine-tin', 'tin']);
    expect(shake().tools.map((t) => t.tool.id)).toContain('bar-spoon');
    expect(stir().tools).toEqual([]);
  });

  it('counts the drinks that cannot do without a rail', async () => {
    await open();
    // Gin sour and daiquiri are shaken; the negroni alone is stirred.
    expect([shake().needed, stir().needed]).toEqual([2, 1]);
  });

  it('is covered by a tool, or by what the kitchen has in its place', async () => {
    await open(owned('tin'));
    expect([shake().lacks, shake().word]).toEqual([false, 'covered']);
    expect(shake().tools.find((t) => t.tool.id === 'tin')?.state).toBe('owned');
    own.toggleThing('knife');
    await house.settle();
    expect(stir()).toMatchObject({
      lacks: false,
      things: [{ thing: { id: 'knife' }, owned: true, serves: true }],
    });
  });

  it('gives a thing from the kitchen up once the tool is there', async () => {
    await open({ kitchen: ['jar'] });
    expect(shake().things).toMatchObject([{ thing: { id: 'jar' }, serves: true }]);
    own.toggleTool('tin');
    await house.settle();
    expect(shake().things).toMatchObject([{ owned: true, serves: false }]);
  });
});

describe('saying what is owned', () => {
  it('is one tap, and one back, with the day it was said', async () => {
    await open();
    own.toggleTool('tin');
    expect(useKit().kit.tools).toEqual([{ id: 'tin', since: '2026-11-25' }]);
    own.setSince('tin', '2024-05-01');
    expect(useKit().kit.tools).toEqual([{ id: 'tin', since: '2024-05-01' }]);
    await house.settle();
    own.toggleTool('tin');
    await house.settle();
    expect(useKit().kit.tools).toEqual([]);
    expect(house.server.changes.at(-1)?.change).toBe('No two tins');
  });

  it('of an ordinary kitchen says at once what nearly everybody has, and drops nothing', async () => {
    await open({ kitchen: ['knife'] });
    own.ordinaryKitchen();
    expect([...useKit().kit.kitchen].sort()).toEqual(['jar', 'knife']);
    own.toggleThing('jar');
    expect(useKit().kit.kitchen).toEqual(['knife']);
  });
});
