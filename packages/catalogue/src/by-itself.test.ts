import { describe, expect, it } from 'vitest';
import { kindIndex } from '@uisce/core/catalogue';
import { guestDrinks, menuHere, newGuest, planEvening, settledMenu } from '@uisce/core/evening';
import { inGlass, standardDrink } from '@uisce/core/drink';
import { keptEvening, keptFaults, type World } from '@uisce/core/kept';
import { logOrders, servingOf, usualServing } from '@uisce/core/pouring';
import { householdOf, ID, shipped, testBottle, testEvening } from './testing/household.js';

const kinds = kindIndex(shipped.kinds);
const kind = (id: string) => kinds.get(id) ?? expect.fail(id);
const house = householdOf(
  shipped,
  [
    testBottle(1, 'red-wine', 750),
    testBottle(2, 'bourbon'),
    testBottle(3, 'dry-gin'),
    testBottle(4, 'lager', 330),
  ],
  [],
  0.75,
);
const wine = newGuest({ id: ID(910), name: 'Orla', count: 5 });
const sober = newGuest({ id: ID(911), name: 'Bran', noAlcohol: true });
const evening = {
  ...testEvening([wine, sober], ['neat-red-wine', 'neat-lemonade', 'gin-and-tonic']),
  hours: 3,
};
const plan = planEvening(evening, { ...house, horizon: 24 * 60, weekday: 6 }) ?? expect.fail('a plan');

describe('what is poured by itself', () => {
  it.each([
    // Usual measures (common practice), and what the guidance of Ireland calls them: 10 g a standard drink.
    ['bourbon', 50, 1.6],
    ['red-port', 75, 1.2],
    ['red-wine', 150, 1.5],
    ['sparkling-wine', 120, 1.1],
    ['lager', 330, 1.3],
    ['lemonade', 200, 0],
  ])('%s: %d ml, about %d standard drinks', (id, ml, standard) => {
    expect(usualServing(kind(id)).ml).toBe(ml);
    const { ethanolG } = inGlass(servingOf(kind(id)), kinds).figures;
    expect(ethanolG / standardDrink('en-IE').g).toBeCloseTo(standard, 0);
  });

  it('stands on an evening’s menu: poured for who finds it, bought by the bottle, never mixed ahead', () => {
    expect(plan.menu.drinks.sort()).toEqual([...evening.must].sort());
    const red = plan.drinks.find((d) => d.id === 'neat-red-wine') ?? expect.fail('wine');
    expect(red.seats).toEqual(['finds', 'not']);
    expect(red.glasses).toBeGreaterThan(4);
    const wanted = plan.quantities.wanted.find((w) => w.kind === 'red-wine');
    expect(wanted?.wanted).toBe(red.glasses * 150);
    // One bottle of 750 ml stands there.
    const short = Math.max(0, red.glasses * 150 - 750);
    expect(wanted?.short).toBe(short);
    expect(wanted?.buy?.count ?? 0).toBe(short > 0 ? Math.ceil(short / 750) : 0);
    expect(plan.batches.map((b) => b.drink)).not.toContain('neat-red-wine');
  });

  it('stands on the guests’ page and on the night with its strength, and who drinks no alcohol is not poured it', () => {
    const menu = menuHere(evening, house);
    const page = guestDrinks({ off: [] }, menu, (id) => id);
    expect(page.map((d) => [d.id, d.noAlcohol])).toEqual([
      ['gin-and-tonic', false],
      ['neat-red-wine', false],
      ['neat-lemonade', true],
    ]);
    expect(page[1]?.abv).toBeCloseTo(kind('red-wine').abv, 6);
    expect(page[1]?.allergens).toContain('sulphites');
    const night = settledMenu(evening, menu);
    expect(night.find((d) => d.id === 'neat-red-wine')?.seats).toEqual(['finds', 'not']);
  });

  it('is drawn from its bottle and counted like any drink', () => {
    const order = {
      drink: servingOf(kind('red-wine')),
      of: 'neat-red-wine',
      count: 2,
      for: ['Orla'],
      cannot: [],
      without: [],
      from: [],
    };
    const { pours, bottles } = logOrders(
      [order],
      {
        bottles: [testBottle(1, 'red-wine', 750)],
        batches: [],
        kinds,
        currency: null,
        minorPerMl: () => undefined,
      },
      { at: '2026-12-05T20:00:00.000Z', on: '2026-12-05', newId: () => ID(950) },
    );
    expect(bottles[0]?.leftMl).toBe(450);
    expect(pours[0]).toMatchObject({ name: 'Red wine, by itself', servedMl: 150 });
  });

  it('is kept on an evening where its kind is known, and nothing else by that beginning', () => {
    const world = { catalogue: shipped } as World;
    const faults = (must: string[]) =>
      keptFaults(keptEvening, evening.id, { ...evening, must }, world).map((f) => f.pointer);
    expect(faults(['neat-red-wine', 'negroni'])).toEqual([]);
    // Bitters are for dashes, an abstract kind is nothing to pour.
    expect(faults(['neat-nothing', 'neat-aromatic-bitters', 'neat-gin'])).toEqual([
      '/must/0',
      '/must/1',
      '/must/2',
    ]);
  });
});
