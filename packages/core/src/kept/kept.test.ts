import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { defaultSettings } from '../household/settings.js';
import { emptyKit, type Kit } from '../kit/kit.js';
import type { BatchRecord } from '../bench/batch-record.js';
import { beginBatch } from '../bench/batch-life.js';
import { scaledBatch } from '../bench/batch.js';
import { emptyBrief, type Brief } from '../plan/brief.js';
import { kindIndex } from '../catalogue/catalogue.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { keptBatch } from './batch.js';
import { changeSchema } from './change.js';
import { isOnly, type Kept, type World } from './descriptor.js';
import { keptKit } from './kit.js';
import { keptOwnDrink } from './notebook.js';
import { keptOwnPrices } from './own-prices.js';
import { keptOwnRecipes } from './own-recipes.js';
import { keptPlan } from './plan.js';
import { keptFaults, readKept } from './read.js';
import { keptPlace, keptSettings } from './settings.js';
import { KEPT, keptNamed } from './things.js';

const ID = '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001';
const catalogue = testCatalogue({
  kinds: [
    kindInput('gin', { abv: 0.4, sizes: [{ ml: 700, widthMm: 72, heightMm: 300 }] }),
    kindInput('syrup', { job: 'sweet', supply: 'home-made' }),
  ],
  pantry: [
    { id: 'sugar', name: 'sugar', sugar: 1, keepsAs: 'plain' },
    { id: 'water', name: 'water', water: 1, keepsAs: 'plain' },
  ],
  homeMade: [recipe('simple')],
  recipes: [recipeInput([{ kind: 'gin', amount: '60 ml', role: 'base' }], { id: 'neat' })],
});
function recipe(id: string, more: object = {}) {
  const from = [
    { pantry: 'sugar', g: 100 },
    { pantry: 'water', g: 100 },
  ];
  return { id, makes: 'syrup', effort: 1, from, how: 'Stir it until it is clear.', keepsDays: 20, ...more };
}
const shop = priceListSchema.parse({
  format: 'uisce-prices/1',
  id: 'corner',
  name: 'Corner',
  currency: 'EUR',
  provenance: 'for the tests',
  bottles: [
    { id: 'gin-70', kind: 'gin', label: 'Gin', ml: 700, priceMinor: 2000, widthMm: 72, heightMm: 300 },
  ],
});
const world = (more: Partial<World> = {}): World => ({
  catalogue,
  homeMade: catalogue.homeMade,
  shops: [shop],
  ownPrices: [],
  batches: [],
  plans: [plan()],
  evenings: [],
  bottles: [],
  ownDrinks: [],
  people: [],
  asks: [],
  round: null,
  ...more,
});
const [simple] = catalogue.homeMade;
if (simple === undefined) throw new Error('a recipe is there');
const begun = (more: Partial<BatchRecord> = {}): BatchRecord => ({
  ...beginBatch(
    ID,
    scaledBatch(simple, 1, catalogue, kindIndex(catalogue.kinds)),
    '2026-11-25T18:00:00.000Z',
    500,
  ),
  ...more,
});
const plan = (brief: Partial<Brief> = {}) => ({
  id: ID,
  name: 'First winter',
  createdAt: '2026-11-25T18:00:00.000Z',
  brief: { ...emptyBrief('EUR'), ...brief },
});
/** Codes and places of what speaks against keeping a value. */
const faults = <T>(kept: Kept<T>, value: T, where = world(), id = kept.idOf?.(value) ?? 'household') =>
  keptFaults(kept, id, value, where).map((f) => `${f.code} ${f.pointer}`);

describe('stored things', () => {
  it('are described once each, by a name and a path of their own', () => {
    expect(new Set(KEPT.map((k) => k.name)).size).toBe(KEPT.length);
    expect(new Set(KEPT.map((k) => k.path)).size).toBe(KEPT.length);
    for (const kept of KEPT) {
      expect(keptNamed(kept.name)).toBe(kept);
      // The only one of a thing has something to begin with; one of many is told by its id.
      expect(isOnly(kept)).toBe(kept.idOf === undefined);
      if (kept.empty) expect(readKept(kept, kept.empty())).toMatchObject({ ok: true });
    }
    expect(keptNamed('moon')).toBeUndefined();
  });

  it('are never thrown at their readers: what cannot be read says where', () => {
    for (const kept of KEPT)
      for (const nonsense of [null, 7, 'a', [], [1], {}, { id: 4 }, { brief: [] }]) {
        const read = readKept(kept, nonsense);
        if (!read.ok) expect(read.faults.length, kept.name).toBeGreaterThan(0);
      }
  });

  it('belong to the address that they were sent to', () => {
    expect(faults(keptPlan, plan())).toEqual([]);
    expect(faults(keptPlan, plan(), world(), 'another')).toEqual(['mismatch /id']);
  });
});

describe('a plan', () => {
  it('names only what the catalogue has, each list with its own word', () => {
    const strangers = plan({
      mustDrinks: ['neat', 'moonshine'],
      ownedPantry: ['sugar', 'sand'],
      neverKinds: ['nothing'],
    });
    expect(faults(keptPlan, strangers)).toEqual([
      'unknown /brief/mustDrinks/1',
      'unknown /brief/ownedPantry/1',
      'unknown /brief/neverKinds/0',
    ]);
    const said = keptFaults(keptPlan, ID, strangers, world()).map((f) => f.detail);
    expect(said).toContain('"sand" is not a pantry thing we know');
  });

  it('written before the cupboard was asked about has nothing in it, and forgets when it was changed', () => {
    const { ownedPantry: _, ...older } = plan().brief;
    const read = readKept(keptPlan, { ...plan(), brief: older, updatedAt: '2026-01-01T00:00:00.000Z' });
    expect(read).toEqual({ ok: true, value: plan() });
  });
});

describe('settings and place', () => {
  it('point at a price list and a plan that there are', () => {
    const settings = { ...defaultSettings(), priceListId: 'corner' };
    expect(faults(keptSettings, settings)).toEqual([]);
    expect(faults(keptSettings, { ...settings, priceListId: 'moon' })).toEqual(['unknown /priceListId']);
    expect(faults(keptPlace, { planId: ID })).toEqual([]);
    expect(faults(keptPlace, { planId: null })).toEqual([]);
    const other = '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c002';
    expect(faults(keptPlace, { planId: other })).toEqual(['unknown /planId']);
  });

  it('of an older release are read with what came since', () => {
    const read = readKept(keptSettings, { priceListId: 'corner', currentPlanId: ID });
    expect(read).toEqual({ ok: true, value: { ...defaultSettings(), priceListId: 'corner' } });
    expect(keptPlace.undoable).toBe(false);
  });
});

describe('own prices', () => {
  it('lie over a shop in their own currency, and over nothing else', () => {
    const own = (more: object) => ({ ...shop, id: 'own', ...more });
    expect(faults(keptOwnPrices, own({}))).toEqual([]);
    expect(faults(keptOwnPrices, own({ over: 'corner' }))).toEqual([]);
    expect(faults(keptOwnPrices, own({ over: 'moon' }))).toEqual(['unknown /over']);
    expect(faults(keptOwnPrices, own({ over: 'own' }))).toEqual(['mismatch /over']);
    expect(faults(keptOwnPrices, own({ over: 'corner', currency: 'GBP' }))).toEqual(['mismatch /over']);
    const other = { ...shop, id: 'other' };
    expect(faults(keptOwnPrices, own({ over: 'other' }), world({ ownPrices: [other] }))).toEqual([
      'mismatch /over',
    ]);
  });

  it('of an older release tell a batch by its id', () => {
    const [gin] = shop.bottles;
    const { homeMade: _, ...unmarked } = { ...gin, id: 'made-syrup', kind: 'syrup' };
    const read = readKept(keptOwnPrices, { ...shop, bottles: [unmarked] });
    expect(read.ok && read.value.bottles[0]?.homeMade).toBe(true);
  });
});

describe('a batch', () => {
  it('is of something that can be made, in as many parts, and made before it is to be used', () => {
    expect(faults(keptBatch, begun())).toEqual([]);
    const { recipe: _, ...bare } = begun({ recipeId: 'moon' });
    expect(faults(keptBatch, bare)).toEqual(['unknown /recipeId']);
    expect(faults(keptBatch, begun({ inG: [0] }))).toEqual(['mismatch /inG']);
    expect(faults(keptBatch, begun({ madeOn: '2026-11-25', useBy: '2026-11-24' }))).toEqual([
      'mismatch /useBy',
    ]);
  });

  it('may keep a copy of a recipe that is known no longer', () => {
    expect(faults(keptBatch, begun({ recipeId: 'gone', recipe: { ...simple, id: 'gone' } }))).toEqual([]);
  });
});

describe('own recipes', () => {
  const own = (more: object = {}) => [{ ...simple, id: 'mine', ...more }];

  it('are of things that we know, under names of their own', () => {
    expect(faults(keptOwnRecipes, own())).toEqual([]);
    expect(faults(keptOwnRecipes, own({ id: 'simple' }))).toEqual(['twice /0/id']);
    expect(faults(keptOwnRecipes, own({ makes: 'moon' }))).toEqual(['unknown /0/makes']);
    const dust = [{ pantry: 'moon-dust', g: 1, hot: false, cold: false, strained: false }];
    expect(faults(keptOwnRecipes, own({ from: dust }))).toEqual(['unknown /0/from/0']);
  });

  it('do not go while batches need them, unless those keep a copy', () => {
    const made = begun({ recipeId: 'mine' });
    const { recipe: _, ...bare } = made;
    expect(faults(keptOwnRecipes, [], world({ batches: [bare] }))).toEqual(['in-use ']);
    expect(
      faults(keptOwnRecipes, [], world({ batches: [{ ...bare, recipe: { ...simple, id: 'mine' } }] })),
    ).toEqual([]);
    expect(faults(keptOwnRecipes, own(), world({ batches: [bare] }))).toEqual([]);
  });
});

describe('a kit', () => {
  it('has things that we know, each once', () => {
    const glass = { id: 'a', name: 'A', type: 'coupe', capacityMl: 150, count: 2 };
    const kit = (more: Partial<Kit>): Kit => ({ ...emptyKit(), ...more });
    expect(faults(keptKit, kit({ glasses: [glass] }))).toEqual([]);
    expect(faults(keptKit, kit({ glasses: [glass, glass] }))).toEqual(['twice /glasses/1']);
    expect(faults(keptKit, kit({ glasses: [{ ...glass, type: 'moon' }] }))).toEqual([
      'unknown /glasses/0/type',
    ]);
    expect(faults(keptKit, kit({ tools: [{ id: 'sonic-spoon', since: null }], kitchen: ['moon'] }))).toEqual([
      'unknown /tools/0/id',
      'unknown /kitchen/0',
    ]);
  });
});

describe('a change', () => {
  const write = { thing: 'plan', id: ID, value: plan(), version: null };

  it('says in words what it does, and does something', () => {
    const change = { id: ID, change: 'Money now', writes: [write] };
    expect(changeSchema.safeParse(change).success).toBe(true);
    for (const part of [{ change: '  ' }, { writes: [] }, { id: 'one' }, { more: 1 }])
      expect(changeSchema.safeParse({ ...change, ...part }).success, JSON.stringify(part)).toBe(false);
    expect(changeSchema.safeParse({ ...change, writes: [{ ...write, version: 0 }] }).success).toBe(false);
  });
});

describe('a drink of one’s own that an earlier release kept', () => {
  it('has its garnish read, and what dressed it among its parts put to it', () => {
    const recipe = {
      ...recipeInput([
        { kind: 'gin', amount: { value: 60, measure: 'ml' }, role: 'base' },
        { kind: 'cocktail-onion', amount: { value: 1, measure: 'whole' }, role: 'garnish' },
      ]),
      garnish: 'lemon twist, a wish',
    };
    const stored = {
      id: 'own-onion',
      houseSpecOf: null,
      versions: [{ at: '2026-11-01T18:00:00.000Z', why: '', recipe }],
      current: 0,
      from: '',
      tags: [],
      notes: '',
    };
    const read = readKept(keptOwnDrink, stored);
    const [version] = read.ok ? read.value.versions : [];
    expect(version?.recipe.slots.map((s) => s.kind)).toEqual(['gin']);
    expect(version?.recipe.garnish).toMatchObject([
      { kind: 'lemon-whole', form: 'twist' },
      { words: 'a wish' },
      { kind: 'cocktail-onion', form: 'berry' },
    ]);
  });
});
