import fc from 'fast-check';
import { planProblemSchema, type PlanProblem } from '../planner/problem.js';

/** Random problems that use every field of the format; with lenses only where `lenses` says so. */
export function problemArbitrary(size: {
  items: number;
  drinks: number;
  capabilities: number;
  lenses?: boolean;
}): fc.Arbitrary<PlanProblem> {
  const capability = fc.nat(size.capabilities - 1).map((n) => `c${n}`);
  const fit = fc.constantFrom(1, 1, 0.9, 0.85, 0.75, 0.6, 0.5);
  const slot = fc.record({
    any: fc.array(fc.record({ all: fc.array(capability, { minLength: 1, maxLength: 2 }), fit }), {
      minLength: 1,
      maxLength: 3,
    }),
  });
  const item = fc.record({
    provides: fc.array(capability, { minLength: 1, maxLength: 2 }),
    price: fc.nat(12).map((p) => p * 50),
    widthMm: fc.constantFrom(0, 60, 74, 85),
    counted: fc.boolean(),
    liquorMl: fc.constantFrom(0, 350, 700),
  });
  const drink = fc.record({
    weight: fc.constantFrom(0, 0.5, 1, 1, 1, 1.5, 2),
    group: fc.option(fc.constantFrom('g1', 'g2'), { nil: undefined, freq: 3 }),
    slots: fc.array(slot, { maxLength: 3 }),
  });
  const lenses = {
    variety: fc.option(
      fc.record({ after: fc.integer({ min: 1, max: 3 }), factor: fc.constantFrom(0, 0.25, 0.5, 0.75) }),
      { nil: undefined },
    ),
    shares: fc.option(
      fc.array(fc.record({ tag: fc.constantFrom('t0', 't1'), oneIn: fc.integer({ min: 1, max: 4 }) }), {
        maxLength: 2,
      }),
      { nil: undefined },
    ),
  };
  const few = fc.array(fc.nat(99), { maxLength: 1 });
  return fc
    .record({
      items: fc.array(item, { minLength: 1, maxLength: size.items }),
      drinks: fc.array(drink, { minLength: 1, maxLength: size.drinks }),
      budget: fc.nat(50).map((b) => b * 50),
      owned: few,
      must: few,
      never: few,
      mustDrinks: few,
      minFit: fc.constantFrom(0, 0.5, 0.75, 1),
      maxCounted: fc.option(fc.nat(6), { nil: undefined }),
      maxWidthMm: fc.option(fc.nat(400), { nil: undefined }),
      maxLiquorMl: fc.option(fc.nat(3000), { nil: undefined }),
      ...(size.lenses ? lenses : {}),
    })
    .map((raw) => {
      const itemIds = raw.items.map((_, i) => `item-${(i * 7) % 13}-${i}`);
      const drinkIds = raw.drinks.map((_, i) => `drink-${i}`);
      const pick = (numbers: number[], ids: string[]) => numbers.map((n) => ids[n % ids.length] as string);
      const defined = Object.fromEntries(Object.entries(raw).filter(([, v]) => v !== undefined));
      return planProblemSchema.parse({
        ...defined,
        format: 'uisce-plan-problem/1',
        items: raw.items.map((i, n) => ({ ...i, id: itemIds[n] })),
        drinks: raw.drinks.map(({ group, ...d }, n) => ({
          ...d,
          id: drinkIds[n],
          ...(group ? { group } : {}),
          // Drinks of one group must be of one family and tag.
          ...(size.lenses
            ? { family: `f${group?.length ?? n % 2}`, tags: group ? ['t0'] : [`t${n % 3}`] }
            : {}),
        })),
        owned: pick(raw.owned, itemIds),
        must: pick(raw.must, itemIds),
        never: pick(raw.never, itemIds),
        mustDrinks: pick(raw.mustDrinks, drinkIds),
      });
    });
}
