import { drinkKey, kindIndex, type Catalogue, type PriceList, type Recipe } from '@uisce/core/catalogue';
import {
  chooseGlasses,
  fewestTypes,
  servedDrink,
  type Glassware,
  type GlassPriority,
  type GlassSource,
} from '@uisce/core/glass';
import {
  compareStarterSets,
  coverKit,
  emptyKit,
  techniquesOf,
  WINE_GLASSES,
  type Kit,
  type KitCover,
} from '@uisce/core/kit';
import { measuredAmounts, measuringLines, rankJiggers, scoreMeasures } from '@uisce/core/measure';
import { compilePlan, type Brief } from '@uisce/core/plan';
import { PreparedProblem } from '@uisce/core/planner';
import type { Advice, KitReport, KitScope, Question } from '../protocol';

interface About {
  brief: Brief;
  prices: PriceList;
  kit: Kit;
}

type KitQuestion = Extract<Question, { ask: 'kit' | 'glasses' | 'jiggers' | 'gift' }>;

/** Whether a question is about tools, glasses and measures. */
export function isAboutKit(question: Question): question is KitQuestion {
  return ['kit', 'glasses', 'jiggers', 'gift'].includes(question.ask);
}

/** Answer a question about tools, glasses and measures. */
export function adviseOnKit(about: About, question: KitQuestion, catalogue: Catalogue): Advice {
  switch (question.ask) {
    case 'kit':
      return { ask: 'kit', report: report(about, question, catalogue) };
    case 'glasses':
      return { ask: 'glasses', glassware: glassware(about, question, catalogue) };
    case 'jiggers': {
      const amounts = measuredAmounts(catalogue.recipes);
      return {
        ask: 'jiggers',
        scores: rankJiggers(amounts, catalogue.jiggers),
        own: scoreMeasures(amounts, measuringLines(about.kit.vessels)),
      };
    }
    case 'gift':
      return { ask: 'gift', cover: gift(about, question, catalogue) };
  }
}

/** The drinks in question, whatever tools and glasses they lack. */
function drinksOf(
  { brief, prices }: About,
  { scope, answer }: { scope: KitScope; answer: { items: string[] } },
  catalogue: Catalogue,
): Recipe[] {
  const { problem, recipes } = compilePlan(brief, prices, catalogue);
  if (scope === 'counted') return [...recipes.values()];
  const wanted = new Set(brief.mustDrinks);
  if (scope === 'wanted') return [...recipes.values()].filter((r) => wanted.has(r.id));
  const open = new PreparedProblem(problem).answerOf(answer.items).drinks;
  return open.flatMap((d) => recipes.get(d.id) ?? []);
}

/** The price of one glass of each type, from the cheapest set on sale. */
function glassSources({ prices, kit }: About): GlassSource[] {
  const onSale = prices.kit.flatMap((entry): GlassSource[] =>
    entry.glass === undefined ||
    entry.capacityMl === undefined ||
    (!kit.drinksWine && WINE_GLASSES.has(entry.glass))
      ? []
      : [
          {
            id: entry.id,
            type: entry.glass,
            capacityMl: entry.capacityMl,
            owned: 0,
            eachMinor: Math.round(entry.priceMinor / entry.pieces),
          },
        ],
  );
  // More of a type that is there can be bought too, where the shop has it.
  const owned = kit.glasses.map(({ id, type, capacityMl, count }) => ({
    id: `owned:${id}`,
    ownedId: id,
    type,
    capacityMl,
    owned: count,
    eachMinor: onSale.find((s) => s.type === type)?.eachMinor,
  }));
  return [...owned, ...onSale];
}

function report(
  about: About,
  question: { scope: KitScope; answer: { items: string[] } },
  catalogue: Catalogue,
): KitReport {
  const kinds = kindIndex(catalogue.kinds);
  const recipes = drinksOf(about, question, catalogue);
  const needed = new Map<string, Set<string>>();
  const finishing = new Map<string, Set<string>>();
  for (const recipe of recipes) {
    for (const use of techniquesOf(recipe, kinds)) {
      const counts = use.needed ? needed : finishing;
      const drinks = counts.get(use.technique) ?? new Set();
      counts.set(use.technique, drinks.add(drinkKey(recipe)));
    }
  }
  const onSale = glassSources(about).filter((s) => s.owned === 0);
  const served = recipes.map((r) => servedDrink(r, kinds));
  return {
    scope: question.scope,
    drinks: recipes.map((r) => r.id),
    cover: coverKit(recipes, about.kit, about.prices, catalogue),
    techniques: catalogue.techniques.map(({ id }) => ({
      id,
      needed: needed.get(id)?.size ?? 0,
      finishing: finishing.get(id)?.size ?? 0,
    })),
    sets: compareStarterSets(recipes, about.kit, about.prices, catalogue, about.kit.people),
    fewestTypes: fewestTypes(served, onSale, about.kit.attitude).map((s) => s.type),
  };
}

function glassware(
  about: About,
  { menu, guests, first }: { menu: string[]; guests: number; first: GlassPriority },
  catalogue: Catalogue,
): Glassware {
  const kinds = kindIndex(catalogue.kinds);
  const drinks = menu.flatMap((id) => catalogue.recipes.find((r) => r.id === id) ?? []);
  return chooseGlasses(
    drinks.map((r) => servedDrink(r, kinds)),
    glassSources(about),
    { guests, washRounds: about.kit.washRounds, attitude: about.kit.attitude, first },
  );
}

/** A kit for somebody who owns none, from all drinks that the brief counts. */
function gift(
  about: About,
  { moneyMinor, usualKitchen }: { moneyMinor: number; usualKitchen: boolean },
  catalogue: Catalogue,
): KitCover {
  const { recipes } = compilePlan(about.brief, about.prices, catalogue);
  const kitchen = usualKitchen ? catalogue.kitchen.filter((t) => t.usual).map((t) => t.id) : [];
  const theirs: Kit = {
    ...emptyKit(),
    said: true,
    attitude: usualKitchen ? 'home' : 'professional',
    kitchen,
  };
  return coverKit([...recipes.values()], theirs, about.prices, catalogue, moneyMinor);
}
