import { beforeAll, describe, expect, it } from 'vitest';
import {
  kindAndAncestors,
  kindIndex,
  type Catalogue,
  type Glass,
  type Kind,
  type PriceList,
  type Slot,
} from '@uisce/core/catalogue';
import { asWritten, drinkCost, drinkFigures, inGlass, sayMethod } from '@uisce/core/drink';
import { DrinkSearch } from '@uisce/core/find';
import { capacityMl, fillGlass } from '@uisce/core/glass';
import {
  bestPlan,
  buyingLadder,
  holdPlan,
  explainPlan,
  compilePlan,
  emptyBrief,
  followSchool,
  monthlyBudgets,
  pouredWith,
  winesForTheDay,
  SCHOOLS,
  wayToDrink,
  type Brief,
} from '@uisce/core/plan';
import { PlanSearch, solvePlan } from '@uisce/core/planner';
import { loadCatalogue, loadPriceLists } from './load.js';

let catalogue: Catalogue;
let kinds: Map<string, Kind>;
let glasses: Map<string, Glass>;
let prices: PriceList[];
beforeAll(() => {
  ({ catalogue } = loadCatalogue());
  kinds = kindIndex(catalogue.kinds);
  glasses = new Map(catalogue.glasses.map((g) => [g.id, g]));
  prices = loadPriceLists(catalogue);
});
const recipe = (id: string) => {
  const found = catalogue.recipes.find((r) => r.id === id);
  if (!found) throw new Error(`there is no ${id}`);
  return found;
};

describe('every drink of the shipped catalogue', () => {
  it('is made in sentences that name each of its parts', () => {
    for (const r of catalogue.recipes) {
      const text = sayMethod(r, kinds, r.glass, (k) => `<${k.id}>`).join(' ');
      // Pieces of a fruit are called by what is cut of it: "lime wedges".
      const piece = ({ kind, amount }: Slot) =>
        amount.measure === 'wedge' || amount.measure === 'slice' ? kinds.get(kind)?.one : undefined;
      const unnamed = r.slots.filter((s) => !text.includes(piece(s) ?? `<${s.kind}>`)).map((s) => s.kind);
      expect(unnamed, `${r.id}: ${text}`).toEqual([]);
      expect(text, r.id).toMatch(/^[A-Z].*\.$/);
      // Once each: who follows the words pours nothing twice.
      const twice = r.slots.filter(
        (s) => text.split(`<${s.kind}>`).length - 1 > r.slots.filter((other) => other.kind === s.kind).length,
      );
      expect(twice, `${r.id}: ${text}`).toEqual([]);
    }
  });

  it('is costed in full at every shop, in whole minor units', () => {
    for (const list of prices) {
      for (const r of catalogue.recipes) {
        const { minor, unpriced } = drinkCost(r, list, kinds);
        expect(unpriced, `${r.id} at ${list.id}`).toEqual([]);
        expect(Number.isInteger(minor) && minor > 0, `${r.id} at ${list.id}`).toBe(true);
      }
    }
  });

  it.each([
    ['whisky sour', 'whiskey-sour'],
    ['daquiri', 'daiquiri'],
    ['marguerita', 'margarita'],
    ['tom collins', 'gin-collins'],
    ['rum cola', 'cuba-libre'],
    ['gibson', 'onion-martini'],
    ['old fashioned', 'old-fashioned'],
  ])('typed as %s brings the plain drink first', (typed, id) => {
    expect(new DrinkSearch(catalogue).find(typed)[0]).toBe(id);
  });

  it('is found by its name and by each of its other names, among the first three', () => {
    const search = new DrinkSearch(catalogue);
    for (const r of catalogue.recipes) {
      for (const name of [r.name, ...r.also]) {
        expect(search.find(name).slice(0, 3), name).toContain(r.id);
      }
    }
  });

  it('stands in its glass without spilling, all its liquid in the layers', () => {
    for (const r of catalogue.recipes) {
      const fill = fillGlass(r, glasses.get(r.glass) as Glass, kinds);
      expect(fill.verdict, r.id).not.toBe('over');
      expect(capacityMl(fill.inside), r.id).toBeCloseTo(fill.capacityMl, 6);
      const layered = fill.layers.reduce((sum, l) => sum + l.ml, 0);
      expect(layered, r.id).toBeCloseTo(drinkFigures(r, kinds).servedMl, 6);
    }
  });

  it('without alcohol has none to speak of, and no liquor in any part', () => {
    // Regulation (EU) No 1169/2011 asks for the strength on labels above 1.2 %; beer and wine without alcohol hold at most
    // half a per cent (both from memory).
    const free = catalogue.recipes.filter((r) => r.family === 'no-alcohol');
    for (const r of free) {
      expect(drinkFigures(r, kinds).abv, r.id).toBeLessThan(0.012);
      const strong = r.slots.filter((s) => (kinds.get(s.kind)?.abv ?? 0) > 0.005 && s.role !== 'seasoning');
      expect(strong, r.id).toEqual([]);
    }
  });
});

describe('figures the trade knows', () => {
  // Arnold, Liquid Intelligence, 2014 (from memory): served strengths of stirred drinks lie about 21 to
  // 29 %, of shaken sours 15 to 20 %, of egg-white sours 12 to 15 %; built highballs are weaker still.
  it.each([
    ['manhattan', 0.21, 0.29],
    ['dry-martini', 0.24, 0.3],
    ['negroni', 0.18, 0.26],
    ['daiquiri', 0.15, 0.2],
    ['margarita', 0.15, 0.22],
    ['whiskey-sour', 0.1, 0.15],
    ['gin-and-tonic', 0.07, 0.12],
  ])('%s is served at %d to %d', (id, least, most) => {
    const { abv } = drinkFigures(recipe(id), kinds);
    expect(abv).toBeGreaterThanOrEqual(least);
    expect(abv).toBeLessThanOrEqual(most);
  });

  it('warn of what must be said', () => {
    expect(asWritten(recipe('mai-tai'), kinds).allergens).toContain('nuts');
    expect(asWritten(recipe('brandy-alexander'), kinds).allergens).toContain('milk');
    expect(asWritten(recipe('pisco-sour'), kinds).allergens).toContain('egg');
    expect(asWritten(recipe('bloody-mary'), kinds).allergens).toEqual(['gluten', 'celery', 'fish']);
    // Garnish and stand-ins bring their own.
    expect(asWritten(recipe('chocolate-martini'), kinds).allergens).toContain('milk');
    expect(inGlass(recipe('zombie'), kinds, { kinds: ['orgeat'] }).allergens).toContain('nuts');
    expect(asWritten(recipe('gin-and-tonic'), kinds).cautions.join()).toMatch(/quinine/);
    expect(asWritten(recipe('greyhound'), kinds).cautions.join()).toMatch(/medicines/);
  });
});

describe('what a drink lacks', () => {
  it('is the same from its own page as from the plan, and nothing once it is bought', () => {
    const list = prices.find((l) => l.currency === 'EUR') as PriceList;
    const brief = { ...emptyBrief('EUR'), ownedKinds: ['dry-gin', 'aromatic-bitters'] };
    const { problem, items, packs } = compilePlan(brief, list, catalogue);
    const notMade = explainPlan(problem, { items: problem.owned }).notMade;
    expect(notMade.length).toBeGreaterThan(300);
    for (const drink of notMade) {
      const way = wayToDrink(problem, drink.id, problem.owned);
      expect(way?.items ?? [], drink.id).toEqual(drink.lacks);
      if (way === undefined) continue;
      expect(wayToDrink(problem, drink.id, [...problem.owned, ...way.items]), drink.id).toEqual({
        items: [],
        cost: 0,
      });
      const bought = new Set([...problem.owned, ...way.items]);
      // A batch is there when the packs of one way to make it are.
      const isMade = (kind: string) =>
        catalogue.homeMade.some(
          (h) =>
            h.makes === kind &&
            h.from.every((p) => !packs.has(`pack:${p.pantry}`) || bought.has(`pack:${p.pantry}`)),
        );
      const have = new Set(
        [...bought].flatMap((id) => {
          const item = items.get(id);
          return item && (!item.made || isMade(item.kind.id)) ? kindAndAncestors(item.kind.id, kinds) : [];
        }),
      );
      for (const wine of winesForTheDay(catalogue, { keepsWine: false })) have.add(wine);
      const poured = pouredWith(recipe(drink.id), catalogue, have, problem.minFit);
      expect(
        poured.filter((p) => p.match === 0 && !p.slot.optional),
        drink.id,
      ).toEqual([]);
    }
    expect(wayToDrink(problem, 'no-such-drink', [])).toBeUndefined();
    expect(items.size).toBeGreaterThan(100);
  });
});

describe('a plan from the shipped prices', () => {
  const plan = (change: Partial<Brief> = {}) =>
    compilePlan(
      { ...emptyBrief('EUR'), count: 'core', ...change },
      prices.find((l) => l.currency === 'EUR') as PriceList,
      catalogue,
    );

  it('is the same whether its budget is asked alone or settled with all the others', () => {
    const { problem } = plan();
    const search = new PlanSearch(problem);
    const top = search.solve(search.wholePrice);
    const frontier = search.stretches(top.spend).flatMap((stretch) => {
      expect(search.settle(stretch)).toBe(true);
      return search.known(stretch).filter((p) => p.spend >= stretch.low);
    });
    expect(frontier.length).toBeGreaterThan(100);
    expect(frontier.at(-1)).toEqual(top);
    frontier.forEach((point, i) => {
      const below = frontier[i - 1];
      if (below) expect(point.value > below.value && point.spend > below.spend).toBe(true);
    });
    for (const budget of [0, 3_000, 9_900, 20_000, 41_000]) {
      const alone = solvePlan({ ...problem, budget });
      expect(alone).toEqual(frontier.findLast((p) => p.spend <= budget));
    }
  });

  it('makes what the sentence of every rule of thumb says, and never more than the best set', () => {
    const compiled = plan();
    for (const school of SCHOOLS) {
      const steps = followSchool(compiled, school, 30_000);
      expect(steps.length, school.id).toBeGreaterThan(3);
      const last = steps.at(-1);
      const best = solvePlan({ ...compiled.problem, budget: last?.spend ?? 0 });
      expect(last?.value, school.id).toBeLessThanOrEqual(best.value + 1e-9);
    }
    const kinds = new Set(catalogue.kinds.map((k) => k.id));
    for (const kind of SCHOOLS.flatMap((s) => s.kinds)) expect(kinds.has(kind), kind).toBe(true);
  });

  it('climbs a ladder that is close to proven', () => {
    const compiled = plan({ drinksPerWeek: 4 });
    const ladder = buyingLadder(compiled.problem, monthlyBudgets(12_000, 5_000, 4));
    expect(ladder?.rungs).toHaveLength(4);
    expect((ladder?.bound ?? 0) / (ladder?.total ?? 1)).toBeLessThan(1.05);
  });
});

describe('the plan at every shop', () => {
  it('is proven, no bottle of it is idle, and what one more would bring holds against a fresh solve', () => {
    for (const list of prices) {
      const brief = emptyBrief(list.currency);
      const held = holdPlan({ brief, prices: list, catalogue });
      const { prepared } = held.search;
      const whole = held.search.solve(held.search.wholePrice).spend;
      let before = 0;
      for (const share of [0.03, 0.06, 0.12, 0.3]) {
        const moneyNowMinor = Math.round(whole * share);
        const result = bestPlan({ brief: { ...brief, moneyNowMinor }, prices: list, catalogue }, {}, held);
        const { answer, drinksMade: open, explanation } = result ?? expect.fail('stopped');
        expect([answer.status, answer.value > before], `${list.id} ${moneyNowMinor}`).toEqual([
          'optimal',
          true,
        ]);
        before = answer.value;
        const drinks = new Set(answer.drinks.map((d) => recipe(d.id).group ?? d.id));
        expect(open).toBe(drinks.size);
        const owned = new Set(held.compiled.problem.owned);
        for (const id of answer.items.filter((i) => !owned.has(i)))
          expect(prepared.answerOf(answer.items.filter((i) => i !== id)).value, id).toBeLessThan(
            answer.value,
          );
        for (const lift of explanation.lifts.slice(0, 3)) {
          const more = prepared.answerOf([...answer.items, lift.id]);
          expect(more.value - answer.value, lift.id).toBeCloseTo(lift.gain, 6);
          const budget = answer.spend + lift.price;
          expect(held.search.solve(budget).value, lift.id).toBeGreaterThanOrEqual(more.value - 1e-9);
        }
      }
    }
  });

  it('is worth more to who loves making things than to who is fine with it, and least to who never does', () => {
    const list = prices.find((l) => l.id === 'lantern-store') as PriceList;
    const worth = (more: Partial<Brief>) =>
      bestPlan({ brief: { ...emptyBrief('EUR'), moneyNowMinor: 50_000, ...more }, prices: list, catalogue })
        ?.answer.value ?? 0;
    const [love, fine, never] = [worth({}), worth({ mostTrouble: 2 }), worth({ makesSyrups: false })];
    expect(love).toBeGreaterThan(fine);
    expect(fine).toBeGreaterThan(never);
  });

  it('holds one batch of each syrup in the set, cut where they share a pack', () => {
    const list = prices.find((l) => l.id === 'lantern-store') as PriceList;
    const brief = { ...emptyBrief('EUR'), moneyNowMinor: 50_000 };
    const result = bestPlan({ brief, prices: list, catalogue }) ?? expect.fail('stopped');
    const made = result.items.filter((i) => i.made && result.inUse.includes(i.id)).map((i) => i.kindId);
    expect(made.length).toBeGreaterThan(5);
    const taken = new Map<string, number>();
    for (const kind of made) {
      const [way] = catalogue.homeMade.filter((h) => h.makes === kind).sort((a, b) => a.effort - b.effort);
      for (const { pantry, g } of way?.from ?? [])
        if (pantry && pantry !== 'water')
          taken.set(pantry, (taken.get(pantry) ?? 0) + g * (result.batchShares[kind] ?? NaN));
    }
    for (const [pantry, g] of taken)
      expect(g, pantry).toBeLessThanOrEqual((result.packs.find((p) => p.pantry === pantry)?.g ?? 0) + 1e-6);
    expect(Math.min(...Object.values(result.batchShares))).toBeLessThan(1);
  });
});
