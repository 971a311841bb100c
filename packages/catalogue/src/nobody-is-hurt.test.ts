import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ALLERGENS,
  homeMadeSchema,
  kindAndAncestors,
  kindIndex,
  type Allergen,
  type Catalogue,
  type Kind,
} from '@uisce/core/catalogue';
import { asWritten, inGlass, NO_LIMITS, refusalOf, type Limits } from '@uisce/core/drink';
import { mixedRecipe } from '@uisce/core/mixed';
import { cannotServe, guestDrinks, menuHere, settledMenu } from '@uisce/core/evening';
import { emptyKit } from '@uisce/core/kit';
import { beginBatch, bottleBatch, scaledBatch, type BatchRecord } from '@uisce/core/bench';
import { withOwn } from '@uisce/core/notebook';
import {
  compileRound,
  inItsPlace,
  mixedNow,
  orderHere,
  pourNow,
  refusalsOf,
  type Pourable,
} from '@uisce/core/pouring';
import type { Bottle } from '@uisce/core/stock';
import {
  testBottle,
  menuFor,
  testEvening,
  guestOf,
  householdOf,
  ID,
  own,
  shipped,
  TODAY,
} from './testing/household.js';

/** Everything that is said of who may have what, in one household, against what really goes into the glass. */
function holds(
  catalogue: Catalogue,
  bottles: Bottle[],
  batches: BatchRecord[],
  minMatch: number,
  limits: Limits,
): void {
  const house = householdOf(catalogue, bottles, batches, minMatch);
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

  const now = pourNow(ready, house, catalogue, kinds, minMatch);
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
  for (const { pourable, glass, glasses } of now.drinks) {
    const asked = order(pourable.recipe, 2);
    const one = {
      now: now.drinks.find((d) => d.pourable === pourable),
      mixed: mixed.get(pourable.recipe.id),
    };
    const mayBe = inItsPlace(pourable, one, 2, house, kinds);
    if (refusalsOf([asked], kinds, limitsOf, () => mayBe).length > 0) continue;
    // Where a bottle gives but one, whatever is next to it of its kind may follow.
    if (glasses < 2 && !mixed.has(pourable.recipe.id))
      for (const { kind } of house.there.values())
        if (
          pourable.recipe.slots.some((s) =>
            [s.kind, ...s.or].some((id) => kindAndAncestors(kind, kinds).includes(id)),
          )
        )
          expect(hurts([kind]), `${kind} after the first ${pourable.recipe.id}`).toBe(false);
    const steps = compileRound([asked], emptyKit(), catalogue, kinds).steps;
    const touched = steps.flatMap((s) => [...(s.part ? [s.part.kind] : []), ...s.kinds]);
    expect(hurts(touched), `${pourable.recipe.id} on a round`).toBe(false);
    expect(inGlass(asked.drink, kinds).allergens, pourable.recipe.id).toEqual(glass.allergens);
    if (limits.noAlcohol) expect(glass.figures.abv).toBeLessThanOrEqual(0.005);
  }

  // The card while it is planned: whatever is found, from this stock or bought for it.
  const question = menuFor(house, guest);
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
  const menu = menuHere(testEvening([guest], must), house);
  const seats = new Map(settledMenu(testEvening([guest], must), menu).map((d) => [d.id, d.seats[0]]));
  for (const drink of guestDrinks({ off: [] }, menu, (kind) => kind)) {
    const parts = pouredParts.get(drink.id) ?? [];
    const may =
      cannotServe(
        { cannot: [...limits.allergens], without: [], noAlcohol: limits.noAlcohol },
        drink,
        (k) => k,
      ) === undefined;
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
      id: `own-${makes}`,
      makes,
      effort: 1,
      how: 'Stir it until it is clear.',
      keepsDays: 10,
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
  const ZOMBIE_BAR = [
    'dark-rum',
    'overproof-rum',
    'falernum',
    'cinnamon-syrup',
    'grenadine',
    'absinthe',
    'aromatic-bitters',
    'own-somebodys-rum',
  ];
  const household = fc.record({
    kinds: fc.subarray(stocked, { minLength: 8 }),
    lefts: fc.array(fc.constantFrom(700, 700, 60, 20), { minLength: 7, maxLength: 7 }),
    batches: fc.subarray(ways),
    minMatch: fc.constantFrom(1, 0.75, 0.5),
    allergens: fc.subarray([...ALLERGENS], { maxLength: 3 }),
    noAlcohol: fc.boolean(),
  });

  it('over all drinks, all stand-ins, random own ingredients, batches and stocks, whichever way one comes to it', () => {
    fc.assert(
      fc.property(household, ({ kinds, lefts, batches, minMatch, allergens, noAlcohol }) => {
        const bottles = kinds.map((kind, n) => testBottle(n, kind, lefts[n % lefts.length]));
        const limits = { ...NO_LIMITS, allergens, noAlcohol };
        holds(
          catalogue,
          bottles,
          batches.map((recipe, n) => batchOf(n, recipe)),
          minMatch,
          limits,
        );
      }),
      {
        numRuns: 40,
        // A drink that pours one bottle twice, of which enough is left for either part and not for both: what follows it counts.
        examples: [
          [
            {
              kinds: ZOMBIE_BAR,
              lefts: Array<60>(7).fill(60),
              batches: [],
              minMatch: 0.5,
              allergens: ['sulphites'],
              noAlcohol: false,
            },
          ],
        ],
      },
    );
  });
});

describe('an ingredient that somebody rules out', () => {
  const library = kindIndex(shipped.kinds);
  const drink = (id: string) => shipped.recipes.find((r) => r.id === id) ?? expect.fail(`there is no ${id}`);
  const cannot = (kind: string, id: string, kinds: ReadonlyMap<string, Kind>) =>
    refusalOf({ ...NO_LIMITS, without: [kind] }, asWritten(drink(id), kinds))?.kinds ?? [];

  it('is found in what is made of it, bought or made here, and in what dresses the glass', () => {
    const { kinds } = householdOf(shipped, [], [], 1);
    expect(cannot('pineapple', 'pisco-punch', kinds)).toEqual(['pineapple']);
    expect(cannot('cloves', 'zombie', kinds)).toEqual(['cloves']);
    expect(cannot('nutmeg', 'milk-punch', kinds)).toEqual(['nutmeg']);
    expect(cannot('dry-gin', 'sloe-gin-fizz', kinds)).toEqual(['dry-gin']);
    expect(cannot('pineapple', 'daiquiri', kinds)).toEqual([]);
  });

  it('is found in a drink that was mixed ahead', () => {
    const recipe = mixedRecipe(drink('negroni'), 4, library);
    const made = scaledBatch(recipe, 1, shipped, library);
    const batch: BatchRecord = {
      ...bottleBatch(beginBatch(ID(790), made, `${TODAY}T10:00:00.000Z`), made, TODAY, shipped),
      recipe,
      inG: recipe.from.map((p) => p.g),
    };
    const { kinds } = householdOf(shipped, [], [batch], 1);
    const [first] = drink('negroni').slots.map((slot) => ({ ...slot, kind: recipe.makes }));
    const glass = inGlass({ ...drink('negroni'), slots: first ? [first] : [] }, kinds);
    expect(glass.parts).toEqual([recipe.makes]);
    expect(refusalOf({ ...NO_LIMITS, without: ['dry-gin'] }, glass)?.kinds).toEqual(['dry-gin']);
    expect(refusalOf({ ...NO_LIMITS, without: ['mezcal'] }, glass)).toBeUndefined();
  });
});
