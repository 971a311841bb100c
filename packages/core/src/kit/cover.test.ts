import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { recipeInput, testCatalogue } from '../testing/trade.js';
import { coverKit } from './cover.js';
import { kitOffers, kitSlots } from './kit-offers.js';
import { emptyKit, type Kit } from './kit.js';
import { servedDrink } from '../glass/serves.js';
import { kindIndex } from '../catalogue/catalogue.js';

/** A small world: every technique of a method needs one of some tools, or of some kitchen things. */
const METHODS = ['stir', 'shake', 'blend', 'swizzle', 'layer'] as const;
const world = fc.record({
  needs: fc.array(
    fc.record({
      tools: fc.uniqueArray(fc.nat(6), { minLength: 1, maxLength: 3 }),
      kitchen: fc.uniqueArray(fc.nat(2), { maxLength: 1 }),
    }),
    { minLength: METHODS.length + 2, maxLength: METHODS.length + 2 },
  ),
  prices: fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 9, maxLength: 9 }),
  drinks: fc.array(
    fc.record({
      method: fc.constantFrom(...METHODS),
      strain: fc.constantFrom('none', 'once', 'twice'),
      ml: fc.constantFrom(60, 120, 200),
    }),
    { minLength: 1, maxLength: 7 },
  ),
  owned: fc.uniqueArray(fc.nat(6), { maxLength: 2 }),
  kitchen: fc.uniqueArray(fc.nat(2), { maxLength: 2 }),
  budget: fc.integer({ min: 0, max: 120 }),
});

function build({
  needs,
  prices,
  drinks,
  owned,
  kitchen,
}: typeof world extends fc.Arbitrary<infer T> ? T : never) {
  const techniques = [...METHODS, 'strain', 'fine-strain'].map((id, i) => ({
    id,
    name: id,
    how: 'as it is done',
    needs: [
      {
        id: `n${i}`,
        what: 'a thing',
        tools: needs[i]?.tools.map((t) => `t${t}`) ?? [],
        kitchen: needs[i]?.kitchen.map((k) => `k${k}`) ?? [],
      },
    ],
  }));
  const tools = Array.from({ length: 7 }, (_, i) => ({
    id: `t${i}`,
    name: `t${i}`,
    techniques: ['stir'],
    tier: 'nice',
  }));
  const catalogue = testCatalogue({
    techniques,
    tools,
    kitchen: Array.from({ length: 3 }, (_, i) => ({ id: `k${i}`, name: `k${i}`, hard: 'slow' })),
    glasses: ['coupe', 'pint'].map((id, i) => ({
      id,
      name: id,
      minMl: 50,
      maxMl: 600,
      footMm: 5,
      inside: [
        [0, 30 + 10 * i],
        [60, 30 + 10 * i],
      ],
    })),
    kinds: [{ id: 'gin', name: 'gin', job: 'base', supply: 'bottle' }],
    recipes: drinks.map((d, i) =>
      recipeInput([{ kind: 'gin', amount: `${d.ml} ml`, role: 'base' }], {
        id: `d${i}`,
        method: d.method,
        strain: d.strain,
        ice: 'none',
        making: 'none',
        glass: 'coupe',
      }),
    ),
  });
  const list = priceListSchema.parse({
    format: 'uisce-prices/1',
    id: 'shop',
    name: 'Shop',
    currency: 'EUR',
    provenance: 'made up',
    bottles: [{ id: 'g', kind: 'gin', label: 'gin', ml: 700, priceMinor: 1, widthMm: 70, heightMm: 300 }],
    kit: [
      ...tools.map((t, i) => ({ id: `buy-${t.id}`, tool: t.id, label: t.id, priceMinor: prices[i] })),
      { id: 'buy-coupe', glass: 'coupe', label: 'c', capacityMl: 150, pieces: 2, priceMinor: prices[7] },
      { id: 'buy-pint', glass: 'pint', label: 'p', capacityMl: 330, pieces: 2, priceMinor: prices[8] },
    ],
  });
  const kit: Kit = {
    ...emptyKit(),
    said: true,
    tools: owned.map((i) => ({ id: `t${i}`, since: null })),
    kitchen: kitchen.map((i) => `k${i}`),
  };
  return { catalogue, list, kit };
}

describe('the cheapest cover', () => {
  it('is what trying every set of tools and glasses finds', () => {
    fc.assert(
      fc.property(world, (input) => {
        const { catalogue, list, kit } = build(input);
        const kinds = kindIndex(catalogue.kinds);
        const offers = kitOffers(kit, list, catalogue);
        const asked = catalogue.recipes.map((r) =>
          kitSlots(servedDrink(r, kinds), kit, offers, catalogue, kinds),
        );
        let best = { made: -1, cost: 0, ids: [] as string[] };
        for (let mask = 0; mask < 1 << offers.length; mask++) {
          const chosen = offers.filter((_, i) => mask & (1 << i));
          const cost = chosen.reduce((sum, o) => sum + o.priceMinor, 0);
          if (cost > input.budget) continue;
          const has = new Set(chosen.flatMap((o) => o.provides));
          const made = asked.filter((slots) =>
            slots.every((s) => s.any.some((a) => a.all.every((c) => has.has(c)))),
          ).length;
          const ids = chosen.map((o) => o.id).sort();
          const better =
            made > best.made ||
            (made === best.made &&
              (cost < best.cost ||
                (cost === best.cost &&
                  (ids.length < best.ids.length ||
                    (ids.length === best.ids.length && ids.join() < best.ids.join())))));
          if (better) best = { made, cost, ids };
        }
        const cover = coverKit(catalogue.recipes, kit, list, catalogue, input.budget);
        expect(cover.drinks - cover.beyond.length).toBe(best.made);
        expect(cover.costMinor).toBe(best.cost);
        expect(cover.buy.map((b) => b.id).sort()).toEqual(best.ids);
        for (const b of cover.buy) expect(b.closes.length).toBeGreaterThan(0);
      }),
      { numRuns: 300 },
    );
  });

  it('asks for nothing that a tool, the kitchen or a glass at home covers already', () => {
    fc.assert(
      fc.property(world, (input) => {
        const { catalogue, list, kit } = build(input);
        const full: Kit = {
          ...kit,
          tools: catalogue.tools.map((t) => ({ id: t.id, since: null })),
          glasses: [70, 150, 250, 450].map((capacityMl, i) => ({
            id: `g${i}`,
            name: 'g',
            type: 'coupe',
            capacityMl,
            count: 2,
          })),
        };
        const cover = coverKit(catalogue.recipes, full, list, catalogue);
        expect(cover.ready).toHaveLength(cover.drinks);
        expect(cover.buy).toEqual([]);
      }),
      { numRuns: 100 },
    );
  });
});
