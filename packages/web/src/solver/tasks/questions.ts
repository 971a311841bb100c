import type { Catalogue, Kind, PriceList } from '@uisce/core/catalogue';
import { chooseGlasses, servedDrink, type GlassPriority } from '@uisce/core/glass';
import { glassSources, kitReport, starterList } from '@uisce/core/kit';
import { measuredAmounts, measuringLines, rankJiggers, scoreMeasures } from '@uisce/core/measure';
import { bestAtShops, judgeErrand, type Errand, type ShopsAnswer, type Trip } from '@uisce/core/errand';
import {
  askGuests,
  bestPlan,
  bottleMoneyOf,
  ATTITUDE_MIN_MATCH,
  drinksInQuestion,
  enoughOf,
  growTo,
  largerBottles,
  roomLeftOf,
  monthByMonth,
  openWithAnyKit,
  rulesAtBest,
  schoolCurves,
  shoppingOrder,
  steadiness,
  tiesOf,
  whyIn,
  whyNot,
  type KitScope,
  type MonthByMonth,
  type PlanResult,
  type SchoolCurve,
  type Steadiness,
} from '@uisce/core/plan';
import type { PlanAnswer, PlanProblem } from '@uisce/core/planner';
import { kindIndex } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import { planEvening, type Evening, type EveningPlan } from '@uisce/core/evening';
import { kindsWith } from '@uisce/core/household';
import { pourablesOnce } from '@uisce/core/pouring';
import type { AtHand } from '@uisce/core/stock';
import type { About, TimedResult } from '../about';
import { searchFor } from './held';

/** What of an answer tells how far it goes. */
type EnoughAsked = Pick<PlanResult, 'answer' | 'inUse' | 'items'>;

/** Tell how far a long answer has come, 0 to 1, and what it is so far. */
type Tell<T> = (soFar: T, progress: number) => void;

/** An evening is looked for so long; what is found by then is not proven. */
const EVENING_MS = 20_000;

/** The problem at the money in hand. */
function problemNow(about: About, catalogue: Catalogue): PlanProblem {
  return { ...searchFor(about, catalogue).compiled.problem, budget: bottleMoneyOf(about.brief) };
}

/** The problem in which of an item's kind only this one size is sold. */
function withoutSiblings(
  problem: PlanProblem,
  about: About,
  itemId: string,
  catalogue: Catalogue,
): PlanProblem {
  const { items } = searchFor(about, catalogue).compiled;
  const kindId = items.get(itemId)?.kind.id;
  const siblings = [...items].flatMap(([id, i]) =>
    id !== itemId && kindId === i.kind.id && !i.owned && !i.made && !problem.must.includes(id) ? [id] : [],
  );
  return { ...problem, never: [...problem.never, ...siblings] };
}

/**
 * What can be asked about a brief, each a call of the core. Long ones tell what they have on the way.
 * Money in minor units.
 */
const ASKED = {
  /** Why an item is in the answer, or why not. */
  why(about: About, { answer, itemId }: { answer: PlanAnswer; itemId: string }, catalogue: Catalogue) {
    // Another size of it would be no answer to why it is there.
    const problem = withoutSiblings(problemNow(about, catalogue), about, itemId, catalogue);
    // What is made at home is there for nothing, and nobody's own.
    const isMade = searchFor(about, catalogue).compiled.items.get(itemId)?.made === true;
    const now = isMade ? { ...problem, owned: problem.owned.filter((id) => id !== itemId) } : problem;
    return answer.items.includes(itemId)
      ? { itemId, why: whyIn(now, answer, itemId) }
      : { itemId, whyNot: whyNot(now, answer, itemId) };
  },
  ties(about: About, { answer, most }: { answer: PlanAnswer; most: number }, catalogue: Catalogue) {
    return tiesOf(problemNow(about, catalogue), answer, most);
  },
  steadiness(about: About, { draws }: { draws: number }, catalogue: Catalogue, tell: Tell<Steadiness>) {
    return steadiness(problemNow(about, catalogue), draws, (so) => {
      tell(so, so.draws / draws);
      return true;
    });
  },
  schools(about: About, of: { most: number; base: string; drinks: string[] }, catalogue: Catalogue) {
    return schoolCurves(searchFor(about, catalogue).compiled, of);
  },
  /** The rules of thumb that were followed, each at its best at the money in hand. */
  rules(
    about: About,
    { followed, ...of }: { followed: SchoolCurve[]; most: number; drawn: string[] },
    catalogue: Catalogue,
  ) {
    const now = bottleMoneyOf(about.brief);
    return rulesAtBest(searchFor(about, catalogue).compiled, followed, { ...of, now });
  },
  ladder(about: About, { months }: { months: number }, catalogue: Catalogue, tell: Tell<MonthByMonth>) {
    const { compiled, search } = searchFor(about, catalogue);
    const nowMinor = bottleMoneyOf(about.brief);
    const { moneyPerMonthMinor: perMonthMinor } = about.brief;
    return monthByMonth(compiled, search, { nowMinor, perMonthMinor, months }, tell) ?? null;
  },
  grow(about: About, { answer, drinks }: { answer: PlanAnswer; drinks: string[] }, catalogue: Catalogue) {
    return growTo(problemNow(about, catalogue), answer, drinks);
  },
  guests(about: About, { answer, guests }: { answer: PlanAnswer; guests: number }, catalogue: Catalogue) {
    const { items } = searchFor(about, catalogue).compiled;
    // Nobody is asked for syrup.
    const bottles = [...items].flatMap(([id, { kind }]) => (kind.supply === 'bottle' ? [id] : []));
    return askGuests(problemNow(about, catalogue), answer, guests, new Set(bottles));
  },
  /** How far the set goes, and what a glass of it comes to. */
  enough({ brief, prices }: About, { result }: { result: EnoughAsked }, catalogue: Catalogue) {
    const recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));
    return enoughOf(result, catalogue, recipes, kindIndex(catalogue.kinds), prices, brief);
  },
  /** What each way of working with tools and glasses would bring for the same money: drinks, and what goes to the kit. */
  kitWays({ brief, prices, kit }: About, _: object, catalogue: Catalogue) {
    const ways = [
      { way: 'professional', asked: { ...kit, attitude: 'professional', inPlan: true } },
      { way: 'home', asked: { ...kit, attitude: 'home', inPlan: true } },
      { way: 'leave', asked: { ...kit, inPlan: false } },
    ] as const;
    return ways.map(({ way, asked }) => {
      const result = bestPlan({ brief, prices, catalogue, kit: asked });
      const bought = result?.kit.filter((k) => result.answer.items.includes(k.id)) ?? [];
      return {
        way,
        open: result?.drinksMade ?? 0,
        pieces: bought.length,
        kitMinor: bought.reduce((sum, k) => sum + k.priceMinor, 0),
      };
    });
  },
  /** The sizes that money left over is best put into; null where no larger bottle fits. */
  larger({ brief, prices }: About, { result }: { result: EnoughAsked }, catalogue: Catalogue) {
    const recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));
    const { bottles } = enoughOf(result, catalogue, recipes, kindIndex(catalogue.kinds), prices, brief);
    const left = roomLeftOf(brief, result, kindIndex(catalogue.kinds));
    return largerBottles(result, bottles, prices, catalogue, left) ?? null;
  },
  shopping(about: About, { answer }: { answer: PlanAnswer }, catalogue: Catalogue) {
    return shoppingOrder(problemNow(about, catalogue), answer);
  },
  /** The best set for the brief it is asked about, which may be another plan's. */
  best(about: About, _: object, catalogue: Catalogue): TimedResult {
    const began = performance.now();
    const result = bestPlan({ ...about, catalogue }, {}, searchFor(about, catalogue));
    if (result === undefined) throw new Error('the search was stopped');
    return { ...result, ms: Math.round(performance.now() - began) };
  },
  /** The best plan at every set of these shops, their trips paid. */
  shops(
    { brief, kit }: About,
    { lists, trips }: { lists: PriceList[]; trips: Trip[] },
    catalogue: Catalogue,
    tell: Tell<ShopsAnswer[]>,
  ) {
    const sets = 2 ** lists.length - 1;
    let told = 0;
    const onSet = (answers: readonly ShopsAnswer[]) => tell([...answers], ++told / sets);
    return bestAtShops({ brief, kit, catalogue, lists }, trips, { onSet }) ?? [];
  },
  /** The rest of an errand against the best that can be done now. */
  basket(
    { brief, kit }: About,
    { errand, lists }: { errand: Errand; lists: PriceList[] },
    catalogue: Catalogue,
  ) {
    return judgeErrand({ brief, kit, catalogue, lists }, errand);
  },
  /** An evening worked out from who comes and what is in the house. */
  evening(
    { brief, prices, kit }: About,
    asked: {
      evening: Evening;
      there: AtHand[];
      fresh: [string, number][];
      /** Kinds that are otherwise here than in the library. */
      changed: Kind[];
      houseSyrupRatio: number | null;
      /** Ice that is left in the freezer. */
      ice: Kit['ice'];
      horizon: number;
      weekday: number;
    },
    catalogue: Catalogue,
  ): EveningPlan | null {
    const until = performance.now() + EVENING_MS;
    const ready = pourablesOnce(catalogue, ATTITUDE_MIN_MATCH[brief.attitude]);
    const house = {
      ready,
      catalogue,
      prices,
      kit: { ...kit, ice: asked.ice },
      horizon: asked.horizon,
      weekday: asked.weekday,
      kinds: kindsWith(catalogue, asked.changed),
      houseSyrupRatio: asked.houseSyrupRatio,
      there: new Map(asked.there.map((at) => [at.kind, at])),
      freshPieces: new Map(asked.fresh),
    };
    return planEvening(asked.evening, house, { isOver: () => performance.now() > until }) ?? null;
  },
  /** The kit against the drinks in question. */
  kit(
    about: About,
    { items, drinks, scope }: { items: string[]; drinks: string[]; scope: KitScope },
    catalogue: Catalogue,
  ) {
    const recipes = drinksInQuestion(scope, { ...about, catalogue }, drinks);
    const report = kitReport(recipes, about.kit, about.prices, catalogue);
    // More that the plan's bottles would make, were there money for the tools as well.
    const waiting =
      scope === 'planned' ? openWithAnyKit({ ...about, catalogue }, items) - report.cover.drinks : 0;
    return { scope, waiting, ...report };
  },
  glasses(
    { kit, prices }: About,
    { menu, guests, first }: { menu: string[]; guests: number; first: GlassPriority },
    catalogue: Catalogue,
  ) {
    const kinds = kindIndex(catalogue.kinds);
    const drinks = menu.flatMap((id) => catalogue.recipes.find((r) => r.id === id) ?? []);
    const served = drinks.map((r) => servedDrink(r, kinds));
    const { washRounds, attitude } = kit;
    return chooseGlasses(served, glassSources(kit, prices), { guests, washRounds, attitude, first });
  },
  jiggers({ kit }: About, _: object, catalogue: Catalogue) {
    const amounts = measuredAmounts(catalogue.recipes);
    return {
      scores: rankJiggers(amounts, catalogue.jiggers),
      own: scoreMeasures(amounts, measuringLines(kit.vessels)),
    };
  },
  /** A kit for somebody who owns none, from all drinks that the brief counts. */
  gift(
    { brief, prices }: About,
    { moneyMinor, usualKitchen }: { moneyMinor: number; usualKitchen: boolean },
    catalogue: Catalogue,
  ) {
    const recipes = drinksInQuestion('counted', { brief, prices, catalogue }, []);
    return starterList(recipes, prices, catalogue, moneyMinor, usualKitchen);
  },
};

export type Topic = keyof typeof ASKED;
/** What a question on a topic asks with, by topic. */
type AllArguments = { [T in Topic]: Parameters<(typeof ASKED)[T]>[1] };
/** What is known of it, by topic. */
type AllAdvice = { [T in Topic]: ReturnType<(typeof ASKED)[T]> };
export type QuestionArguments<T extends Topic> = AllArguments[T];
export type Advice<T extends Topic> = AllAdvice[T];

/** The same, so that the topic tells what goes in and what comes out. */
const QUESTIONS: {
  [T in Topic]: (
    about: About,
    asked: AllArguments[T],
    catalogue: Catalogue,
    tell: Tell<AllAdvice[T]>,
  ) => AllAdvice[T];
} = ASKED;

/** What is known on one topic, under its name: so it keeps its type on its way between threads. */
export type Told = Partial<AllAdvice>;

/** Answer a question on a topic. */
export function answerQuestion<T extends Topic>(
  topic: T,
  about: About,
  asked: AllArguments[T],
  catalogue: Catalogue,
  tell: (soFar: Told, progress: number) => void,
): Told {
  const told = (advice: AllAdvice[T]): Told => {
    const one: Told = {};
    one[topic] = advice;
    return one;
  };
  return told(QUESTIONS[topic](about, asked, catalogue, (soFar, progress) => tell(told(soFar), progress)));
}
