import { z } from 'zod';

/** Beyond these a problem is refused (HTTP 413) rather than left to run for ever. */
export const PROBLEM_LIMITS = {
  items: 1000,
  drinks: 10_000,
  alternatives: 200_000,
  /** Capabilities of one item, slots of one drink, capabilities of one alternative. */
  provides: 200,
  slots: 100,
  all: 50,
} as const;

const text = z.string().min(1).max(200);
const count = z.int().nonnegative();
const money = z.int().nonnegative().max(1_000_000_000_000);

const itemSchema = z.strictObject({
  id: text,
  provides: z.array(text),
  price: money,
  widthMm: z.number().nonnegative().max(1e6).default(0),
  counted: z.boolean().default(true),
  /** Liquor held, for a cap on what may be kept at home; an extension that is absent by default. */
  liquorMl: count.max(1e9).default(0),
  /** What of its price goes to tools and glasses, for a limit on those; likewise an extension. */
  kitMinor: money.default(0),
});

const fit = z.number().min(0).max(1);

const drinkSchema = z.strictObject({
  id: text,
  weight: z.number().nonnegative().max(1e6).default(1),
  group: text.optional(),
  /** Extensions for the two lenses below: what it is one of, and what it counts as. */
  family: text.optional(),
  tags: z.array(text).max(20).optional(),
  slots: z.array(z.strictObject({ any: z.array(z.strictObject({ all: z.array(text), fit })) })),
});

/** Past this many drinks' worth of one family, each further drink of it counts this share. */
const varietySchema = z.strictObject({
  after: z.int().min(1).max(1000),
  factor: z.union([0, 0.25, 0.5, 0.75].map((f) => z.literal(f))),
});

/** At least one drink in so many carries the tag; drinks beyond that share do not count. */
const shareSchema = z.strictObject({ tag: text, oneIn: z.int().min(1).max(20) });

/** The shape of a problem alone; `planProblemSchema` also follows its references. */
const planProblemShape = z.strictObject({
  format: z.literal('uisce-plan-problem/1'),
  budget: money,
  items: z.array(itemSchema),
  drinks: z.array(drinkSchema),
  owned: z.array(text).default([]),
  must: z.array(text).default([]),
  never: z.array(text).default([]),
  mustDrinks: z.array(text).default([]),
  minFit: fit.default(0),
  maxCounted: count.optional(),
  maxWidthMm: z.number().nonnegative().optional(),
  maxLiquorMl: count.optional(),
  maxKitMinor: money.optional(),
  variety: varietySchema.optional(),
  shares: z.array(shareSchema).max(6).optional(),
});

/** The open format of one planning problem, references checked. */
export const planProblemSchema = planProblemShape.superRefine((problem, context) => {
  const ids = { items: new Set<string>(), drinks: new Set<string>() };
  for (const list of ['items', 'drinks'] as const) {
    problem[list].forEach(({ id }, i) => {
      if (ids[list].has(id)) {
        context.addIssue({ code: 'custom', path: [list, i, 'id'], message: `"${id}" is listed twice` });
      }
      ids[list].add(id);
    });
  }
  const groups = new Map<string, string>();
  problem.drinks.forEach(({ group, family, tags = [] }, i) => {
    if (group === undefined) return;
    const kind = JSON.stringify([family, [...tags].sort()]);
    if ((groups.get(group) ?? kind) !== kind) {
      const message = `drinks of the group "${group}" must share one family and the same tags`;
      context.addIssue({ code: 'custom', path: ['drinks', i], message });
    }
    groups.set(group, kind);
  });
  const references = { owned: ids.items, must: ids.items, never: ids.items, mustDrinks: ids.drinks };
  for (const [list, known] of Object.entries(references) as [keyof typeof references, Set<string>][]) {
    problem[list].forEach((id, i) => {
      if (!known.has(id)) {
        const what = list === 'mustDrinks' ? 'drinks' : 'items';
        context.addIssue({ code: 'custom', path: [list, i], message: `"${id}" is not among the ${what}` });
      }
    });
  }
});

export type PlanProblem = z.infer<typeof planProblemSchema>;
export type PlanProblemInput = z.input<typeof planProblemSchema>;
export type PlanItem = PlanProblem['items'][number];
export type PlanDrink = PlanProblem['drinks'][number];

/** The same problem without any limit but money. */
export function withoutLimits(problem: PlanProblem): PlanProblem {
  const { maxCounted: _c, maxWidthMm: _w, maxLiquorMl: _l, maxKitMinor: _k, ...unlimited } = problem;
  return unlimited;
}

export type PlanStatus = 'optimal' | 'feasible' | 'infeasible';

/** A drink that is open, and how well. */
export interface DrinkMade {
  id: string;
  fit: number;
}

/** The best set found. `items` holds every id in the set, owned ones too, sorted by code unit. */
export interface PlanAnswer {
  /** "optimal" only when value and every tie-break are proven. */
  status: PlanStatus;
  value: number;
  /** No set can be worth more than this. */
  bound: number;
  spend: number;
  items: string[];
  drinks: DrinkMade[];
}

export const INFEASIBLE: PlanAnswer = {
  status: 'infeasible',
  value: 0,
  bound: 0,
  spend: 0,
  items: [],
  drinks: [],
};

export interface FrontierPoint {
  spend: number;
  value: number;
  items: string[];
}

export interface Frontier {
  /** "optimal" when complete; "feasible" when time ran out before the dear end was reached. */
  status: PlanStatus;
  points: FrontierPoint[];
}

const lengthOf = (list: unknown): number => (Array.isArray(list) ? list.length : 0);

/** Which stated size limit a raw (unparsed) problem exceeds, in words; undefined when none. */
export function oversize(raw: unknown): string | undefined {
  if (typeof raw !== 'object' || raw === null) return undefined;
  const { items, drinks } = raw as { items?: unknown; drinks?: unknown };
  if (Array.isArray(items) && items.length > PROBLEM_LIMITS.items) {
    return `${items.length} items; the most is ${PROBLEM_LIMITS.items}`;
  }
  const crowded = (Array.isArray(items) ? (items as { provides?: unknown }[]) : []).find(
    (item) => lengthOf(item?.provides) > PROBLEM_LIMITS.provides,
  );
  if (crowded)
    return `an item of ${lengthOf(crowded.provides)} capabilities; the most is ${PROBLEM_LIMITS.provides}`;
  if (!Array.isArray(drinks)) return undefined;
  if (drinks.length > PROBLEM_LIMITS.drinks)
    return `${drinks.length} drinks; the most is ${PROBLEM_LIMITS.drinks}`;
  let alternatives = 0;
  for (const drink of drinks as { slots?: unknown }[]) {
    if (!Array.isArray(drink?.slots)) continue;
    if (drink.slots.length > PROBLEM_LIMITS.slots)
      return `a drink of ${drink.slots.length} slots; the most is ${PROBLEM_LIMITS.slots}`;
    for (const slot of drink.slots as { any?: unknown }[]) {
      if (!Array.isArray(slot?.any)) continue;
      alternatives += slot.any.length;
      const wide = (slot.any as { all?: unknown }[]).find((a) => lengthOf(a?.all) > PROBLEM_LIMITS.all);
      if (wide)
        return `an alternative of ${lengthOf(wide.all)} capabilities; the most is ${PROBLEM_LIMITS.all}`;
    }
  }
  return alternatives > PROBLEM_LIMITS.alternatives
    ? `${alternatives} alternatives; the most is ${PROBLEM_LIMITS.alternatives}`
    : undefined;
}
