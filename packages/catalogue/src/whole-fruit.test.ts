import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { kindIndex, type Catalogue, type Kind, type Recipe } from '@uisce/core/catalogue';
import { emptyKit, type Kit } from '@uisce/core/kit';
import { atHome } from '@uisce/core/household';
import { drawFrom, givenBack, logOrders, pourablesOnce, pourNow } from '@uisce/core/pouring';
import { bottleThere, type Bottle } from '@uisce/core/stock';
import { loadCatalogue } from './load.js';

const TODAY = '2026-11-26';
let catalogue: Catalogue;
let kinds: Map<string, Kind>;
beforeAll(() => {
  ({ catalogue } = loadCatalogue());
  kinds = kindIndex(catalogue.kinds);
});
let made = 0;
const newId = () => `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`;
const counted = (kind: string, pieces: number, more: Partial<Bottle> = {}): Bottle => ({
  ...bottleThere(newId(), kind, 'fridge'),
  pieces,
  boughtOn: TODAY,
  ...more,
});
const full = (kind: string): Bottle => ({
  ...bottleThere(newId(), kind),
  sizeMl: 700,
  leftMl: 700,
  boughtOn: TODAY,
});
const drink = (id: string): Recipe => {
  const found = catalogue.recipes.find((r) => r.id === id);
  if (found === undefined) throw new Error(`there is no ${id}`);
  return found;
};
function pourable(bottles: Bottle[], today = TODAY, kit: Kit = emptyKit()) {
  const house = atHome({ catalogue, bottles, batches: [], kit, houseSyrupRatio: null, today });
  return pourNow(pourablesOnce(catalogue, 0.75), house, catalogue, house.kinds, 0.75).drinks;
}
const glassesOf = (bottles: Bottle[], id: string, today?: string) =>
  pourable(bottles, today).find((d) => d.pourable.recipe.id === id)?.glasses;
const take = (bottles: Bottle[], asked: { kind: string; ml?: number; pieces?: number }[], day = TODAY) =>
  drawFrom(
    asked.map(({ kind, ml = 0, pieces = 0 }) => ({ kind, ml, pieces })),
    bottles,
    [],
    kinds,
    day,
  );

/** A kit of these tools, a knife and two glasses. */
const kitOf = (...tools: string[]): Kit => ({
  ...emptyKit(),
  said: true,
  tools: tools.map((id) => ({ id, since: null })),
  kitchen: ['kitchen-knife', 'supermarket-tray'],
  glasses: ['coupe', 'rocks'].map((type) => ({
    id: newId(),
    name: type,
    type,
    capacityMl: type === 'rocks' ? 300 : 180,
    count: 4,
  })),
});

describe('whole fruit', () => {
  it('six limes pour six caipirinhas, a whole one pressed in each (published list), and the seventh has none', () => {
    const bar = [full('cachaca'), counted('sugar', 50)];
    expect(glassesOf([...bar, counted('lime-juice', 6)], 'caipirinha')).toBe(6);
    expect(glassesOf([...bar, counted('lime-juice', 0)], 'caipirinha')).toBeUndefined();
  });

  it('bare hands press about three quarters of what a press does (common practice): six limes are two daiquiris fewer', () => {
    const bar = [full('white-rum'), full('simple-syrup'), counted('lime-juice', 6)];
    const hands = kitOf('two-tin-shaker', 'spring-strainer', 'fine-strainer', 'jigger');
    const press = kitOf('two-tin-shaker', 'spring-strainer', 'fine-strainer', 'jigger', 'citrus-press');
    const glasses = (kit: Kit) =>
      pourable(bar, TODAY, kit).find((d) => d.pourable.recipe.id === 'daiquiri')?.glasses;
    expect([glasses(emptyKit()), glasses(press), glasses(hands)]).toEqual([7, 7, 5]);
  });

  it('an atomiser’s mist takes a tenth of a rinse (common practice), and the drink is as strong', () => {
    const bar = ['cognac', 'absinthe', 'creole-bitters'].map(full);
    const sazerac = (tools: string[]) =>
      pourable(
        [...bar, counted('sugar-cube', 9), counted('lemon-juice', 1)],
        TODAY,
        kitOf('spring-strainer', 'muddler', 'jigger', ...tools),
      ).find((d) => d.pourable.recipe.id === 'sazerac');
    const absinthe = (tools: string[]) =>
      sazerac(tools)?.drink.slots.find((s) => s.kind === 'absinthe')?.amount.value;
    expect([absinthe([]), absinthe(['atomiser'])]).toEqual([10, 1]);
    expect(sazerac(['atomiser'])?.glass.figures.abv).toBe(sazerac([])?.glass.figures.abv);
  });

  it('juice and wedges come of the same limes: 27 ml or eight wedges of each (common practice)', () => {
    const limes = counted('lime-juice', 3);
    const [left] = take(
      [limes],
      [
        { kind: 'lime-juice', ml: 27 },
        { kind: 'lime-whole', pieces: 4 },
      ],
    ).bottles;
    expect(left).toMatchObject({ pieces: 1.5, cutOn: TODAY });
  });

  it('a half that was cut is there tomorrow, and no more the day after', () => {
    const gone = counted('lime-juice', 2.5, { cutOn: TODAY });
    const bar = [full('white-rum'), full('simple-syrup')];
    expect(glassesOf([...bar, gone], 'daiquiri', '2026-11-27')).toBe(2);
    const [tomorrow] = take([gone], [{ kind: 'lime-juice', ml: 13 }], '2026-11-27').bottles;
    expect(tomorrow).toMatchObject({ pieces: 2, cutOn: null });
    const [late] = take([gone], [{ kind: 'lime-juice', ml: 13 }], '2026-11-28').bottles;
    expect(late).toMatchObject({ pieces: 1.5, cutOn: '2026-11-28' });
  });

  it('juice that stands pressed in the fridge is poured before a fruit is cut', () => {
    const pressed = {
      ...bottleThere(newId(), 'lime-juice', 'fridge'),
      sizeMl: 50,
      leftMl: 20,
      openedOn: TODAY,
    };
    const { parts, bottles } = take([counted('lime-juice', 4), pressed], [{ kind: 'lime-juice', ml: 30 }]);
    expect(parts[0]?.drawn.map((d) => [d.ml, d.pieces])).toEqual([
      [20, 0],
      [0, 0.5],
    ]);
    expect(bottles.map((b) => b.pieces ?? b.leftMl).sort()).toEqual([0, 3.5]);
  });

  it('whole eggs give whites and yolks, one of each', () => {
    const eggs = counted('whole-egg', 3);
    const bar = [full('bourbon'), full('simple-syrup'), counted('lemon-juice', 6)];
    const sour = pourable([...bar, eggs]).find((d) =>
      d.drink.slots.some((s) => s.kind === 'egg-white' && !s.optional),
    );
    expect(sour?.glasses).toBe(3);
    const [left] = take([eggs], [{ kind: 'egg-white', pieces: 2 }]).bottles;
    expect(left?.pieces).toBe(1);
  });

  it('a garnish is cut of what is counted, a twist of what is pressed anyway; what nobody counts is not written down', () => {
    const written = { at: `${TODAY}T20:00:00.000Z`, on: TODAY, newId };
    const stock = (bottles: Bottle[]) => ({
      bottles,
      batches: [],
      kinds,
      currency: null,
      minorPerMl: () => undefined,
    });
    const order = (id: string) => [
      { drink: drink(id), of: id, count: 2, for: [], cannot: [], without: [], from: [] },
    ];
    const limes = counted('lime-juice', 2);
    const gin = [full('dry-gin'), full('tonic-water')];
    const wedges = drink('gin-and-tonic').garnish;
    expect(JSON.stringify(wedges)).toMatch(/lime-whole|lemon-whole/);
    const { pours, bottles } = logOrders(
      order('gin-and-tonic'),
      stock([...gin, limes, counted('lemon-juice', 2)]),
      written,
    );
    const fruit = bottles.filter((b) => b.pieces !== null).map((b) => b.pieces);
    expect(fruit).toHaveLength(1);
    expect(fruit[0]).toBeLessThan(2);
    expect(logOrders(order('gin-and-tonic'), stock(gin), written).pours[0]?.parts.map((p) => p.kind)).toEqual(
      ['dry-gin', 'tonic-water'],
    );
    // Taken back, they are whole again.
    const back = givenBack(pours[0] as never, [...bottles], []);
    expect(back.bottles.find((b) => b.pieces !== null)?.pieces).toBe(2);
  });

  it('of two halves poured, one given back is a half that was cut then, and no half for ever', () => {
    const limes = counted('lime-juice', 2);
    const first = take([limes], [{ kind: 'lime-juice', ml: 13 }]);
    const second = take(first.bottles, [{ kind: 'lime-juice', ml: 13 }]);
    expect(second.bottles[0]).toMatchObject({ pieces: 1, cutOn: null });
    const [back] = givenBack({ parts: first.parts, on: TODAY }, second.bottles, []).bottles;
    expect(back).toMatchObject({ pieces: 1.5, cutOn: TODAY });
  });

  it('whatever is cut and given back, there are as many as before, by eighths', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.array(
          fc.record({
            kind: fc.constantFrom('lime-juice', 'lime-whole'),
            much: fc.integer({ min: 1, max: 60 }),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        (pieces, asked) => {
          const limes = counted('lime-juice', pieces);
          const drawn = take(
            [limes],
            asked.map(({ kind, much }) =>
              kind === 'lime-juice' ? { kind, ml: much } : { kind, pieces: much % 9 },
            ),
          );
          const left = drawn.bottles[0]?.pieces ?? pieces;
          expect(left).toBeGreaterThanOrEqual(0);
          expect(left * 8).toBe(Math.round(left * 8));
          const taken = drawn.parts.flatMap((p) => p.drawn).reduce((sum, d) => sum + d.pieces, 0);
          expect(left + taken).toBe(pieces);
          const back = givenBack(
            { parts: drawn.parts, on: TODAY },
            drawn.bottles.length > 0 ? drawn.bottles : [limes],
            [],
          );
          expect(back.bottles[0]?.pieces ?? pieces).toBe(pieces);
        },
      ),
    );
  });
});

describe('a pour that never was', () => {
  it('gives a sealed bottle back sealed, and leaves one open that was open before', () => {
    const sealed = full('dry-gin');
    const drawn = take([sealed], [{ kind: 'dry-gin', ml: 50 }]);
    expect(drawn.bottles[0]?.openedOn).toBe(TODAY);
    const [back] = givenBack({ parts: drawn.parts, on: TODAY }, drawn.bottles, []).bottles;
    expect(back).toMatchObject({ leftMl: 700, openedOn: null });
    const open = { ...full('dry-gin'), openedOn: TODAY };
    const again = take([open], [{ kind: 'dry-gin', ml: 50 }]);
    expect(givenBack({ parts: again.parts, on: TODAY }, again.bottles, []).bottles[0]?.openedOn).toBe(TODAY);
  });

  it('of two that were poured, one taken back leaves it open', () => {
    const first = take([full('dry-gin')], [{ kind: 'dry-gin', ml: 50 }]);
    const second = take(first.bottles, [{ kind: 'dry-gin', ml: 50 }]);
    const [left] = givenBack({ parts: first.parts, on: TODAY }, second.bottles, []).bottles;
    expect(left).toMatchObject({ leftMl: 650, openedOn: TODAY });
  });
});
