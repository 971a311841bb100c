import { afterEach, describe, expect, it, vi } from 'vitest';
import { defaultSettings } from '@uisce/core/household';
import { inHouse, said, type InSmallHouse } from '../testing/in-house';
import { SMALL_CATALOGUE, smallBottles, smallPlan } from '../testing/small-house';
import { usePlans } from '../household/use-plans';
import KeepsPanel from '../bench/KeepsPanel.vue';
import DrinkFigures from './DrinkFigures.vue';
import DrinkPage from './DrinkPage.vue';
import HomeMadeList from './HomeMadeList.vue';

vi.mock('../solver/solver', () => import('../testing/small-solver'));
vi.mock('../solver/solver.worker?worker&url', () => ({ default: 'solver' }));
vi.mock('idb-keyval', () => import('../testing/small-database'));
vi.mock('./BalanceChart.vue', () => ({ __esModule: true, default: { render: () => null } }));

let house: InSmallHouse | undefined;
afterEach(() => house?.page.unmount());
const recipe = (id: string) => SMALL_CATALOGUE.recipes.find((r) => r.id === id);
const settings = (more: object): [string, string, unknown] => [
  'settings',
  'household',
  { ...defaultSettings(), priceListId: 'corner', ...more },
];
const plan = (brief: object = {}): [string, string, unknown] => [
  'plan',
  smallPlan(0).id,
  smallPlan(4700, brief),
];

describe('a drink’s figures', () => {
  const figures = async (ratio: number | null) => {
    house = await inHouse(DrinkFigures, { recipe: recipe('gin-sour') }, [
      plan(),
      settings({ houseSyrupRatio: ratio }),
    ]);
    const [abv, mixMl, sugarG] = [/Strength ([\d.]+) ?%/, /then served ([\d.]+) ml/, /acid ([\d.]+) g/].map(
      (part) => Number(part.exec(said((house as InSmallHouse).page))?.[1]),
    ) as [number, number, number];
    house.page.unmount();
    return { abv, mixMl, sugarG };
  };

  it('are those of the drink as it is poured: the house syrup’s water counts, its sugar stays', async () => {
    const written = await figures(null);
    const poured = await figures(2);
    // 20 ml of 1:1 are 13.9 of 2:1: six millilitres of water fewer.
    expect(written.mixMl - poured.mixMl).toBe(6);
    expect(poured.sugarG).toBe(written.sugarG);
    expect(poured.abv).toBeGreaterThan(written.abv);
    // A house syrup as the spec is written changes nothing.
    expect(await figures(1)).toEqual(written);
  });
});

describe('what is made at home', () => {
  it('keeps as long on a drink’s page as at the bench', async () => {
    house = await inHouse(HomeMadeList, { recipe: recipe('gin-sour') });
    expect(said(house.page)).toMatch(
      /Simple syrup 1:1: 100 g white sugar and 100 g hot water\..* Keeps 14 days/,
    );
    house.page.unmount();
    house = await inHouse(KeepsPanel);
    expect(said(house.page)).toContain('14 days cold');
  });

  it('is not spoken of where nothing of the drink is', async () => {
    house = await inHouse(HomeMadeList, { recipe: recipe('negroni') });
    expect(said(house.page)).toBe('');
  });
});

describe('what a drink lacks', () => {
  const lacks = async (id: string, brief: object = {}, owned: string[] = []) => {
    const things = [plan(brief), ...smallBottles(...owned)];
    house = await inHouse(DrinkPage, { recipe: recipe(id), named: true }, things);
    const text = said(house.page);
    house.page.unmount();
    return text;
  };

  it('is bottles and whole packs, with their prices and the sum', async () => {
    const text = await lacks('daiquiri');
    expect(text).toMatch(
      /From what you own: lacks white sugar \(€1\.00\) and rum \(€18\.00\), together €19\.00\./,
    );
    // The plan has bought the sugar already.
    expect(text).toMatch(/With what your plan buys: lacks rum \(€18\.00\)\./);
  });

  it('is less for what is in the house, bottles and pantry alike', async () => {
    const text = await lacks('gin-sour', { ownedPantry: ['sugar'] }, ['gin']);
    expect(text).toContain('From what you own: nothing is lacking.');
  });

  it('is said of a drink in reach as nothing', async () => {
    expect(await lacks('negroni')).toContain('With what your plan buys: nothing is lacking.');
  });
});

describe('a drink for more than one', () => {
  const servings = () => house?.page.get('output').text();
  const step = async (label: string, times = 1) => {
    for (let i = 0; i < times; i++) await house?.page.get(`button[aria-label="${label}"]`).trigger('click');
  };

  it('is scaled part by part, from one to two dozen, and begins at one with the next drink', async () => {
    house = await inHouse(DrinkPage, { recipe: recipe('gin-sour'), named: true }, [plan()]);
    expect(servings()).toBe('1 serving');
    expect(house.page.get('button[aria-label="One fewer"]').attributes('disabled')).toBeDefined();
    await step('One more', 3);
    expect(said(house.page)).toMatch(/240 ml Gin/);
    expect(said(house.page)).toMatch(/ml in all once diluted; shake or stir at most two at a time\./);
    await step('One more', 40);
    expect(servings()).toBe('24 servings');
    await house.page.setProps({ recipe: recipe('negroni') });
    expect(servings()).toBe('1 serving');
    expect(said(house.page)).toMatch(/30 ml Gin/);
  });

  it('becomes a must-have at a touch, and none at another', async () => {
    house = await inHouse(DrinkPage, { recipe: recipe('daiquiri'), named: true }, [plan()]);
    const button = (name: string) => house?.page.findAll('button').find((b) => b.text() === name);
    await button('I must have this')?.trigger('click');
    await house.settle();
    expect(usePlans().brief?.mustDrinks).toEqual(['daiquiri']);
    await button('No longer a must-have')?.trigger('click');
    await house.settle();
    expect(usePlans().brief?.mustDrinks).toEqual([]);
  });
});
