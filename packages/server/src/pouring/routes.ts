import { writeCsv } from '@uisce/core/table';
import { z } from 'zod';
import { idSchema, inSentence } from '@uisce/core/base';
import { ALLERGENS, type Recipe } from '@uisce/core/catalogue';
import { sayRefusal, type MayBe } from '@uisce/core/drink';
import { keptPour, limitsIn, type World } from '@uisce/core/kept';
import {
  asksToBeUsed,
  compileRound,
  inItsPlace,
  mixedNow,
  MAX_GLASSES,
  MAX_ORDERS,
  orderHere,
  POUR_COLUMNS,
  pourablesOnce,
  pourNow,
  pourRows,
  pourStepSchema,
  ranked,
  timesPoured,
  refusalsOf,
  sayOrder,
  type Order,
} from '@uisce/core/pouring';
import type { Api } from '../http/api.js';
import { HttpProblem } from '../http/problem.js';
import type { Library } from '../kept/library.js';
import { houseNow } from '../kept/house-now.js';
import type { KeptStore } from '../kept/store.js';

const nowSchema = z.object({
  drinks: z.array(
    z.object({
      drink: z.string(),
      name: z.string(),
      /** 1 as it is written. */
      match: z.number(),
      /** Glasses before something runs out; null where nothing was measured. */
      glasses: z.int().nullable(),
      runsOut: z.string().optional(),
      standIns: z.array(z.object({ asked: z.string(), kinds: z.array(z.string()), changes: z.string() })),
      /** Fresh things that nobody counts. */
      ifThere: z.array(z.string()),
      turning: z.object({ kind: z.string(), days: z.int() }).optional(),
      /** Of a glass as it is poured here: strength, and what it holds; kinds of which nobody has said what they hold. */
      abv: z.number(),
      ethanolG: z.number(),
      noAlcohol: z.boolean(),
      allergens: z.array(z.enum(ALLERGENS)),
      mayHold: z.array(z.enum(ALLERGENS)),
      unknown: z.array(z.string()),
    }),
  ),
  short: z.array(
    z.object({
      drink: z.string(),
      name: z.string(),
      lacks: z.object({ is: z.enum(['kind', 'need', 'glass']), id: z.string() }),
    }),
  ),
  asks: z.array(z.object({ kind: z.string(), days: z.int(), drinks: z.int() })),
});

const stepsQuestion = z.strictObject({
  orders: z
    .array(
      z.strictObject({
        drink: idSchema,
        count: z.int().min(1).max(MAX_GLASSES).default(1),
        for: z.array(z.string().trim().min(1).max(60)).max(MAX_GLASSES).default([]),
      }),
    )
    .min(1)
    .max(MAX_ORDERS),
});
const stepsSchema = z.object({
  seconds: z.number(),
  /** Why in this order; empty for one drink. */
  order: z.string(),
  loads: z.array(z.object({ load: z.int(), order: z.int(), glasses: z.int() })),
  steps: z.array(pourStepSchema),
});

/** What is here, and what pours from it. */
function hereNow(store: KeptStore, library: Library) {
  const { catalogue } = library;
  const found = houseNow(store, library);
  const { kinds, minMatch } = found;
  const ready = pourablesOnce(catalogue, minMatch);
  const poured = timesPoured(store.recent(keptPour).map((entry) => entry.value));
  const now = pourNow(ready, { ...found, poured }, catalogue, kinds, minMatch);
  return { found, now, catalogue, kinds, ready, mixed: mixedNow(ready, found, kinds) };
}
type Here = ReturnType<typeof hereNow>;

/** What can be poured now, as it is told. */
function toldNow(store: KeptStore, library: Library) {
  const { found, now, mixed } = hereNow(store, library);
  const pours = store.recent(keptPour).map((entry) => entry.value);
  const made = now.drinks.filter((d) => !mixed.has(d.pourable.recipe.id));
  const order = ranked([...mixed.values(), ...made], pours, found.there, found.today);
  return {
    drinks: order.map(({ now: n, turning }) => ({
      drink: n.pourable.recipe.id,
      name: n.pourable.recipe.name,
      match: n.match,
      glasses: Number.isFinite(n.glasses) ? n.glasses : null,
      runsOut: n.runsOut,
      standIns: n.standIns,
      ifThere: n.ifThere,
      turning,
      abv: n.glass.figures.abv,
      ethanolG: n.glass.figures.ethanolG,
      noAlcohol: n.glass.noAlcohol,
      allergens: n.glass.allergens,
      mayHold: n.glass.mayHold,
      unknown: n.glass.unknown,
    })),
    short: now.short.map(({ pourable: { recipe }, lacks }) => ({
      drink: recipe.id,
      name: recipe.name,
      lacks,
    })),
    asks: asksToBeUsed(order),
  };
}

/** How a kind is called within a sentence. */
const spokenOf = (kinds: Here['kinds']) => (id: string) => {
  const kind = kinds.get(id);
  return kind ? inSentence(kind) : id;
};

type LimitsOf = ReturnType<typeof limitsIn>;
type Asked = z.output<typeof stepsQuestion>['orders'];

/** What was asked for, as it is poured here; refused where no such drink is known. */
function ordersOf(asked: Asked, { found, now, catalogue, kinds, mixed }: Here, limitsOf: LimitsOf): Order[] {
  const recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));
  return asked.map((order, i): Order => {
    const recipe: Recipe | undefined = recipes.get(order.drink);
    if (recipe === undefined)
      throw HttpProblem.faults(`there is no drink "${order.drink}"`, [
        { code: 'unknown', pointer: `/orders/${i}/drink`, detail: 'not a drink of the library' },
      ]);
    const made = now.drinks.find((d) => d.pourable.recipe.id === order.drink);
    const drinkHere = { recipe, now: made, mixed: mixed.get(order.drink) };
    return orderHere(drinkHere, order.count, order.for, found, kinds, limitsOf);
  });
}

/** Refused: a drink for somebody who cannot have it, and more glasses than a round may have. */
function refuse(
  orders: readonly Order[],
  { found, now, kinds, mixed, ready }: Here,
  limitsOf: LimitsOf,
): void {
  const mayBe = ({ of, count }: Order): MayBe => {
    const pourable = ready.find((p) => p.recipe.id === of);
    const made = now.drinks.find((d) => d.pourable === pourable);
    const drinkHere = { now: made, mixed: mixed.get(of) };
    return pourable ? inItsPlace(pourable, drinkHere, count, found, kinds) : { kinds: [] };
  };
  const [refused] = refusalsOf(orders, kinds, limitsOf, mayBe);
  if (refused) {
    const { order, name, refusal } = refused;
    const why = sayRefusal(refusal, spokenOf(kinds));
    const detail = `${orders[order]?.drink.name ?? ''} is not for ${name}: ${why}`;
    throw HttpProblem.faults(detail, [{ code: 'mismatch', pointer: `/orders/${order}/for`, detail }]);
  }
  const glasses = orders.reduce((sum, o) => sum + o.count, 0);
  if (glasses > MAX_GLASSES)
    throw HttpProblem.faults(`${glasses} glasses are more than a round of ${MAX_GLASSES}`, [
      { code: 'mismatch', pointer: '/orders', detail: `at most ${MAX_GLASSES} glasses` },
    ]);
}

/** The steps of a round, as they are told. */
function toldRound(orders: Order[], { found, catalogue, kinds }: Here) {
  const compiled = compileRound(orders, found.kit, catalogue, kinds);
  return {
    seconds: compiled.seconds,
    loads: compiled.loads,
    steps: compiled.steps,
    order: sayOrder(compiled, spokenOf(kinds)),
  };
}

/** What can be poured now, the steps of a round, and the log as a table. */
export function pouringRoutes(api: Api, store: KeptStore, world: World, library: Library): void {
  api
    .on(
      {
        method: 'get',
        path: '/pour/now',
        summary:
          'What can be poured from what is here, in the order this household would want it; and what is one thing short',
        answer: nowSchema,
      },
      (_req, res) => {
        res.json(toldNow(store, library));
      },
    )
    .on(
      {
        method: 'post',
        path: '/pour/steps',
        summary:
          'The steps of a round: ml, g, vessel and seconds of each; from what is here where it can be poured, else as written',
        body: stepsQuestion,
        answer: stepsSchema,
        problems: ['invalid'],
      },
      (_req, res, { orders }) => {
        const here = hereNow(store, library);
        const limitsOf = limitsIn(world);
        const round = ordersOf(orders, here, limitsOf);
        refuse(round, here, limitsOf);
        res.json(toldRound(round, here));
      },
    )
    .on(
      { method: 'get', path: '/pours.csv', summary: 'The whole log as a table (RFC 4180), the newest first' },
      (_req, res) => {
        const rows = pourRows(store.list(keptPour).map((entry) => entry.value));
        res.type('text/csv').attachment('pours.csv').send(writeCsv(rows, POUR_COLUMNS));
      },
    );
}
