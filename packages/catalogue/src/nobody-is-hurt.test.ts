import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ALLERGENS,
  kindIndex,
  kindSchema,
  type Allergen,
  type Catalogue,
  type Kind,
} from '@uisce/core/catalogue';
import { inGlass, NO_LIMITS, type Limits } from '@uisce/core/drink';
import {
  cannotServe,
  cardQuestion,
  eveningSchema,
  guestDrinks,
  menuHere,
  settledCard,
  type Evening,
  type Guest,
} from '@uisce/core/evening';
import { emptyKit } from '@uisce/core/kit';
import { needIndex } from '@uisce/core/kit';
import { homeMadeSchema } from '@uisce/core/catalogue';
import { beginBatch, bottleBatch, scaledBatch, type BatchRecord } from '@uisce/core/making';
import { withOwn } from '@uisce/core/notebook';
import {
  atHome,
  compileRound,
  mixedNow,
  orderHere,
  pourables,
  pourNow,
  refusalsOf,
  type Pourable,
} from '@uisce/core/pouring';
import { withBatchesPriced } from '@uisce/core/prices';
import { bottleThere, type Bottle } from '@uisce/core/stock';
import { loadCatalogue, loadPriceLists } from './load.js';

const { catalogue: shipped } = loadCatalogue();
const shop = loadPriceLists(shipped).find((s) => s.currency === 'EUR') ?? expect.fail('a shop');
const prices = withBatchesPriced(shop, shipped);
const TODAY = '2026-11-26';
const ID = (n: number) => `7a1b0c52-0d5f-4a63-9d0e-${String(n).padStart(12, '0')}`;
const bottle = (n: number, kind: string, leftMl = 700): Bottle => ({
  ...bottleThere(ID(n), kind),
  sizeMl: 700,
  leftMl,
});
const someone = { count: 1, likes: [], dislikes: [], noAlcohol: false, drives: false };
const guestOf = ({ allergens = [], noAlcohol = false }: Partial<Limits>): Guest => ({
  ...{ ...someone, id: ID(900), name: 'Colm', allergens: [...allergens], noAlcohol },
});
const eveningOf = (guests: Guest[], must: string[]): Evening =>
  eveningSchema.parse({
    ...{
      id: ID(901),
      name: 'Six',
      on: '2026-12-05',
      from: '20:00',
      hours: 3,
      size: Math.max(1, Math.min(6, must.length)),
      guests,
      must,
    },
    ...{ never: [], atWork: false, freezerLitres: null, done: [], endedOn: null },
  });

/** A household, put together as the server and the page put it together. */
function householdOf(catalogue: Catalogue, bottles: Bottle[], batches: BatchRecord[], minFit: number) {
  const here = atHome({ catalogue, bottles, batches, kit: emptyKit(), houseSyrupRatio: null, today: TODAY });
  const ready = readyOf(catalogue, minFit);
  return { ...here, catalogue, prices, ready, minFit };
}
const known = new Map<Catalogue, Map<number, Pourable[]>>();
function readyOf(catalogue: Catalogue, minFit: number): Pourable[] {
  const of = known.get(catalogue) ?? new Map<number, Pourable[]>();
  known.set(catalogue, of);
  const ready = of.get(minFit) ?? pourables(catalogue, minFit);
  of.set(minFit, ready);
  return ready;
}

const own = (id: string, parent: string, more: object = {}): Kind =>
  kindSchema.parse({
    ...{
      id: `own-${id}`,
      name: id,
      parent,
      job: 'base',
      supply: 'bottle',
      abv: shipped.kinds.find((k) => k.id === parent)?.abv ?? 0,
    },
    ...{ allergensStated: false, ...more },
  });

describe('what is judged is what is poured', () => {
  it('a red bitter filled by half sweet vermouth is not for somebody who cannot have sulphites', () => {
    // Seven drinks were offered: their red bitter was judged, and another amaro and sweet vermouth were poured.
    const standIn = shipped.standIns.find((s) => s.for === 'red-bitter' && s.with.includes('sweet-vermouth'));
    expect(standIn?.with.length).toBe(2);
    const stock = shipped.kinds.filter((k) => !k.abstract && k.supply !== 'fresh' && k.id !== 'red-bitter');
    const house = householdOf(
      shipped,
      stock.map((k, n) => bottle(n, k.id)),
      [],
      0.5,
    );
    const { candidates, poured } = cardQuestion({
      ...{
        ...house,
        guests: [guestOf({ allergens: ['sulphites'] })],
        needs: needIndex(shipped),
        size: 4,
        must: [],
        never: [],
      },
      ...{ order: ['seats', 'money', 'parts', 'work', 'variety'], pours: 4 },
    });
    const filled = candidates.filter(({ id }) => {
      const { pourable, glass } = poured.get(id) ?? expect.fail(id);
      return (
        pourable.recipe.slots.some((s) => s.kind === 'red-bitter') && glass.parts.includes('sweet-vermouth')
      );
    });
    expect(filled.length).toBeGreaterThan(6);
    expect(filled.filter((c) => c.finds[0]).map((c) => c.id)).toEqual([]);
  });

  it('a hazelnut gin, the only gin here, is in every gin and tonic', () => {
    const catalogue = withOwn(
      shipped,
      [],
      [own('hazelnut-gin', 'dry-gin', { allergens: ['nuts'], allergensStated: true })],
    );
    const house = householdOf(catalogue, [bottle(1, 'own-hazelnut-gin'), bottle(2, 'tonic-water')], [], 0.75);
    const guest = guestOf({ allergens: ['nuts'] });
    const menu = menuHere(eveningOf([guest], ['gin-and-tonic']), house);
    expect(settledCard(eveningOf([guest], ['gin-and-tonic']), menu).map((d) => d.seats)).toEqual([['not']]);
    const [page] = guestDrinks({ off: [] }, menu, (kind) => house.kinds.get(kind)?.name ?? kind);
    expect(page).toMatchObject({ parts: ['hazelnut-gin', 'Tonic water'], allergens: ['nuts'] });
    expect(page && cannotServe({ cannot: ['nuts'], noAlcohol: false }, page)).toMatch(/it contains nuts/);
  });

  it('a menu on paper and the guests’ page are one answer: parts, strength, what it holds', () => {
    const stock = shipped.kinds
      .filter((k) => !k.abstract && k.supply !== 'fresh')
      .filter((_, i) => i % 2 === 0);
    const house = householdOf(
      shipped,
      stock.map((k, n) => bottle(n, k.id)),
      [],
      0.5,
    );
    const must = ['negroni', 'daiquiri', 'whiskey-sour', 'margarita'];
    const menu = menuHere(eveningOf([guestOf({})], must), house);
    const page = guestDrinks({ off: [] }, menu, (kind) => kind);
    expect(page).toHaveLength(4);
    for (const { id, glass } of menu) {
      const read = page.find((d) => d.id === id);
      expect(read).toMatchObject({ parts: glass.parts, abv: glass.figures.abv, allergens: glass.allergens });
    }
  });
});

/** Everything that is said of who may have what, in one household, against what really goes into the glass. */
function holds(
  catalogue: Catalogue,
  bottles: Bottle[],
  batches: BatchRecord[],
  minFit: number,
  limits: Limits,
): void {
  const house = householdOf(catalogue, bottles, batches, minFit);
  const { kinds, ready } = house;
  const guest = guestOf(limits);
  const limitsOf = () => limits;
  /** The truth, from the data alone: what a kind, or any batch of it that is left, was made of. */
  const truth = new Map<string, { has: Set<Allergen>; known: boolean }>();
  const library = kindIndex(catalogue.kinds);
  const of = (id: string): { has: Set<Allergen>; known: boolean } => {
    const before = truth.get(id);
    if (before) return before;
    const kind = library.get(id);
    const sum = { has: new Set<Allergen>(kind?.allergens), known: kind?.allergensStated === true };
    truth.set(id, sum);
    for (const batch of batches.filter((b) => b.recipe?.makes === id && b.remainingMl > 0))
      for (const part of batch.recipe?.from ?? []) {
        const from = part.kind === undefined ? undefined : of(part.kind);
        for (const a of from?.has ?? catalogue.pantry.find((p) => p.id === part.pantry)?.allergens ?? [])
          sum.has.add(a);
        sum.known &&= from?.known ?? true;
      }
    return sum;
  };
  const hurts = (parts: readonly string[]) =>
    parts.some(
      (id) =>
        (limits.allergens.length > 0 && !of(id).known) || limits.allergens.some((a) => of(id).has.has(a)),
    );

  const now = pourNow(ready, house, catalogue, kinds, minFit);
  const mixed = mixedNow(ready, house, kinds);
  const order = (recipe: Pourable['recipe'], count: number) =>
    orderHere(
      {
        recipe,
        now: now.drinks.find((d) => d.pourable.recipe.id === recipe.id),
        mixed: mixed.get(recipe.id),
      },
      count,
      ['Colm'],
      house,
      kinds,
      limitsOf,
    );
  const pouredParts = new Map(
    now.drinks.map((d) => [d.pourable.recipe.id, order(d.pourable.recipe, 1).drink.slots.map((s) => s.kind)]),
  );

  // Pour, the API, the round by hand: an order that is not refused hurts nobody, step by step.
  for (const { pourable, glass } of now.drinks) {
    const asked = order(pourable.recipe, 2);
    if (refusalsOf([asked], kinds, limitsOf).length > 0) continue;
    const steps = compileRound([asked], emptyKit(), catalogue, kinds).steps;
    const touched = steps.flatMap((s) => [...(s.part ? [s.part.kind] : []), ...s.kinds]);
    expect(hurts(touched), `${pourable.recipe.id} on a round`).toBe(false);
    expect(inGlass(asked.drink, kinds).allergens, pourable.recipe.id).toEqual(glass.allergens);
    if (limits.noAlcohol) expect(glass.figures.abv).toBeLessThanOrEqual(0.005);
  }

  // The card while it is planned: whatever is found, from this stock or bought for it.
  const question = cardQuestion({
    ...{ ...house, guests: [guest], needs: needIndex(catalogue), size: 4, must: [], never: [] },
    ...{ order: ['seats', 'money', 'parts', 'work', 'variety'], pours: 4 },
  });
  const found = question.candidates.filter((c) => c.finds[0]);
  for (const { id } of found) {
    const glass = question.poured.get(id)?.glass ?? expect.fail(id);
    expect(hurts(glass.drink.slots.map((s) => s.kind)), `${id} on the card`).toBe(false);
    // And what would be poured of it now, by the round's own choice, is no other glass.
    const parts = pouredParts.get(id);
    if (parts) expect(hurts(parts), `${id} on the card, as it is poured now`).toBe(false);
  }

  // The settled menu, the night, the guests' page: of some of them, all that they say.
  const must = [...pouredParts.keys()].slice(0, 6);
  const menu = menuHere(eveningOf([guest], must), house);
  const seats = new Map(settledCard(eveningOf([guest], must), menu).map((d) => [d.id, d.seats[0]]));
  for (const drink of guestDrinks({ off: [] }, menu, (kind) => kind)) {
    const parts = pouredParts.get(drink.id) ?? [];
    const may =
      cannotServe({ cannot: [...limits.allergens], noAlcohol: limits.noAlcohol }, drink) === undefined;
    if (may) expect(hurts(parts), `${drink.id} on the guests’ page`).toBe(false);
    if (seats.get(drink.id) !== 'not') expect(hurts(parts), `${drink.id} on the night`).toBe(false);
    // What is printed names what is in it.
    for (const id of parts)
      for (const a of of(id).has) expect(drink.allergens, `${drink.id} on paper`).toContain(a);
    for (const id of parts) if (!of(id).known) expect(drink.unknown, `${drink.id} on paper`).toContain(id);
  }
}

describe('nothing that somebody cannot have is offered, accepted, put on a round or printed without it', () => {
  // Own ingredients under what drinks ask for most, one of them stated, one not, one that hides behind its parent.
  const owns = [
    own('hazelnut-gin', 'dry-gin', { allergens: ['nuts'], allergensStated: true }),
    own('plain-gin', 'dry-gin', { allergensStated: true }),
    own('somebodys-rum', 'white-rum'),
    own('oyster-vermouth', 'dry-vermouth', { allergens: ['molluscs', 'sulphites'], allergensStated: true }),
    own('hard-tonic', 'tonic-water', { supply: 'mixer', abv: 0.05, allergensStated: true }),
    own('peanut-orgeat', 'orgeat', {
      supply: 'home-made',
      abv: 0,
      allergens: ['peanuts', 'nuts'],
      allergensStated: true,
    }),
    own('soy-syrup', 'simple-syrup', {
      supply: 'home-made',
      abv: 0,
      allergens: ['soya'],
      allergensStated: true,
    }),
  ];
  const catalogue = withOwn(shipped, [], owns);
  const stocked = catalogue.kinds.filter((k) => !k.abstract && k.supply !== 'fresh').map((k) => k.id);
  const way = (makes: string, from: object[]) =>
    homeMadeSchema.parse({
      ...{ id: `own-${makes}`, makes, effort: 1, how: 'Stir it until it is clear.', keepsDays: 10 },
      from,
    });
  const ways = [
    way('simple-syrup', [
      { pantry: 'white-sugar', g: 200 },
      { kind: 'own-soy-syrup', g: 100 },
    ]),
    way('grenadine', [
      { pantry: 'white-sugar', g: 200 },
      { kind: 'own-somebodys-rum', g: 100 },
    ]),
    way('orgeat', [
      { pantry: 'white-sugar', g: 200 },
      { pantry: 'almond-milk', g: 200 },
    ]),
    way('rich-syrup', [
      { pantry: 'white-sugar', g: 200 },
      { kind: 'simple-syrup', g: 100 },
    ]),
  ];
  const library = kindIndex(catalogue.kinds);
  const batchOf = (n: number, recipe: (typeof ways)[number]): BatchRecord => {
    const made = scaledBatch(recipe, 1, catalogue, library);
    return {
      ...bottleBatch(beginBatch(ID(700 + n), made, `${TODAY}T10:00:00.000Z`), made, TODAY, catalogue),
      inG: recipe.from.map((p) => p.g),
    };
  };
  const household = fc.record({
    kinds: fc.subarray(stocked, { minLength: 8 }),
    lefts: fc.array(fc.constantFrom(700, 700, 60, 20), { minLength: 7, maxLength: 7 }),
    batches: fc.subarray(ways),
    minFit: fc.constantFrom(1, 0.75, 0.5),
    allergens: fc.subarray([...ALLERGENS], { maxLength: 3 }),
    noAlcohol: fc.boolean(),
  });

  it('over all drinks, all stand-ins, random own ingredients, batches and stocks, whichever way one comes to it', () => {
    fc.assert(
      fc.property(household, ({ kinds, lefts, batches, minFit, allergens, noAlcohol }) => {
        const bottles = kinds.map((kind, n) => bottle(n, kind, lefts[n % lefts.length]));
        const limits = { ...NO_LIMITS, allergens, noAlcohol };
        holds(
          catalogue,
          bottles,
          batches.map((recipe, n) => batchOf(n, recipe)),
          minFit,
          limits,
        );
      }),
      { numRuns: 40 },
    );
  });
});
