import type { CompiledPlan } from '../compile.js';
import { PreparedProblem } from '../../planner/prepared.js';
import type { DrinkMade, PlanAnswer } from '../../planner/problem.js';
import { wayToDrink } from '../explain.js';

/** A rule of thumb for what to buy, in order: kinds, then perhaps what is called for most. */
export interface School {
  id: string;
  name: string;
  /** What it says, in a few words. */
  rule: string;
  kinds: string[];
  /** After its list: liqueurs and the like one by one, those that most drinks ask for first. */
  goesOn: boolean;
}

/** What every school starts from: nearly free, and in nearly everything. */
export const SCHOOL_BASICS = ['simple-syrup', 'soda-water'];

/** The schools of stocking a bar (common practice). */
export const SCHOOLS: readonly School[] = [
  {
    id: 'one-of-each',
    name: 'One of each base',
    rule: 'the six bases, then vermouth, triple sec, red bitter, liqueurs one by one',
    kinds: [
      'rye',
      'bourbon',
      'dry-gin',
      'white-rum',
      'blanco-tequila',
      'vodka',
      'sweet-vermouth',
      'triple-sec',
      'red-bitter',
    ],
    goesOn: true,
  },
  {
    id: 'whites-and-darks',
    name: 'Whites and darks',
    rule: 'vodka, white rum, gin; then whiskey and dark rum',
    kinds: ['vodka', 'white-rum', 'dry-gin', 'bourbon', 'dark-rum'],
    goesOn: true,
  },
  {
    id: 'party-five',
    name: 'The party five',
    rule: 'vodka, gin, white rum, tequila and triple sec, with syrup, soda and cola',
    kinds: ['vodka', 'dry-gin', 'white-rum', 'blanco-tequila', 'triple-sec', 'cola'],
    goesOn: false,
  },
  {
    id: 'flavour-ten',
    name: 'Flavour eight to ten',
    rule: 'eight bottles for flavour, then dry vermouth and dark rum',
    kinds: [
      'white-rum',
      'dry-gin',
      'bourbon',
      'blanco-tequila',
      'red-bitter',
      'triple-sec',
      'sweet-vermouth',
      'aromatic-bitters',
      'dry-vermouth',
      'dark-rum',
    ],
    goesOn: false,
  },
  {
    id: 'twelve',
    name: 'Twelve for nearly everything',
    rule: 'eleven that most lists lean on, and absinthe as the wild card',
    kinds: [
      'rye',
      'bourbon',
      'white-rum',
      'aged-rum',
      'dry-gin',
      'blanco-tequila',
      'triple-sec',
      'sweet-vermouth',
      'dry-vermouth',
      'red-bitter',
      'maraschino',
      'absinthe',
    ],
    goesOn: true,
  },
];

/** One purchase of a school: what was bought, and what is open after it. */
export interface SchoolStep {
  itemId: string;
  spend: number;
  value: number;
  drinks: DrinkMade[];
}

/** Buys one thing after another, and writes down what each adds. */
class Buyer {
  readonly steps: SchoolStep[] = [];
  private readonly prepared: PreparedProblem;
  private readonly held: Set<string>;

  constructor(
    private readonly compiled: CompiledPlan,
    private readonly most: number,
  ) {
    this.prepared = new PreparedProblem(compiled.problem);
    this.held = new Set(compiled.problem.owned);
  }

  get answer(): PlanAnswer {
    return this.prepared.answerOf(this.held);
  }

  /** Buy these items if there is money for all of them; false when there is not. */
  buy(itemIds: readonly string[]): boolean {
    const wanted = itemIds.filter((id) => !this.held.has(id));
    const before = this.answer.spend;
    const cost = this.prepared.answerOf([...this.held, ...wanted]).spend - before;
    if (before + cost > this.most) return false;
    for (const itemId of wanted) {
      this.held.add(itemId);
      const { spend, value, drinks } = this.answer;
      this.steps.push({ itemId, spend, value, drinks });
    }
    return true;
  }

  /**
   * Buy tools and glasses as the drinks ask for them: whatever is needed for all that the bottles
   * could open by now, nothing that would open none, and only as far as the money goes.
   */
  buyKitAsAsked(): void {
    const cheapestLast = [...this.compiled.kit.values()]
      .filter((k) => !this.held.has(k.id))
      .sort((a, b) => b.priceMinor - a.priceMinor)
      .map((k) => k.id);
    const value = (ids: readonly string[]) => this.prepared.answerOf([...this.held, ...ids]).value;
    const whole = value(cheapestLast);
    if (whole <= this.answer.value) return;
    let wanted = cheapestLast;
    for (const id of cheapestLast) {
      const without = wanted.filter((other) => other !== id);
      if (value(without) === whole) wanted = without;
    }
    // Cheapest first; the rest waits for the next purchase.
    for (const id of wanted.reverse()) this.buy([id]);
  }

  /**
   * What buying a kind takes that is not there yet: its bottle, the cheapest that is large enough, or the packs that
   * it is made from. Nothing when it is owned, ruled out or not sold.
   */
  itemsFor(kindId: string): string[] {
    const { problem, items } = this.compiled;
    const never = new Set(problem.never);
    const sizes = [...items].filter(([id, i]) => i.kind.id === kindId && !never.has(id));
    if (sizes.some(([id, item]) => item.owned || (this.held.has(id) && !item.made))) return [];
    const [cheapest] = sizes.sort(([, a], [, b]) => a.priceMinor - b.priceMinor);
    if (cheapest === undefined) return [];
    const [id, item] = cheapest;
    return (item.made ? item.madeFrom : [id]).filter((i) => !this.held.has(i));
  }
}

/** Kinds by the number of counted drinks that ask for them, most first. */
function mostCalledFor({ recipes }: CompiledPlan): string[] {
  const calls = new Map<string, number>();
  for (const recipe of recipes.values()) {
    for (const slot of recipe.slots)
      if (!slot.optional) calls.set(slot.kind, (calls.get(slot.kind) ?? 0) + 1);
  }
  return [...calls].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).map(([kind]) => kind);
}

/** What following a school buys, in order, up to an amount of money; the dear end is where it stops. */
export function followSchool(compiled: CompiledPlan, school: School, mostMinor: number): SchoolStep[] {
  const buyer = new Buyer(compiled, mostMinor);
  const wanted = [...SCHOOL_BASICS, ...school.kinds, ...(school.goesOn ? mostCalledFor(compiled) : [])];
  for (const kind of wanted) {
    const items = buyer.itemsFor(kind);
    // Whoever follows a list buys the next thing on it, or waits: nothing is passed over for a cheaper one.
    if (items.length === 0) continue;
    if (!buyer.buy(items)) break;
    buyer.buyKitAsAsked();
  }
  return buyer.steps;
}

/** Drink by drink: for each wanted drink in turn, buy the cheapest things that it still lacks. */
export function followDrinks(
  compiled: CompiledPlan,
  drinkIds: readonly string[],
  mostMinor: number,
): SchoolStep[] {
  const buyer = new Buyer(compiled, mostMinor);
  for (const drink of drinkIds) {
    const way = wayToDrink(compiled.problem, drink, buyer.answer.items);
    if (way !== undefined && !buyer.buy(way.items)) break;
  }
  return buyer.steps;
}

/**
 * One bottle deep: a base, then again and again the cheapest way to one more drink of that base for
 * what it makes.
 */
export function followBase(compiled: CompiledPlan, baseKind: string, mostMinor: number): SchoolStep[] {
  const buyer = new Buyer(compiled, mostMinor);
  const first = [...SCHOOL_BASICS, baseKind].flatMap((kind) => buyer.itemsFor(kind));
  if (!buyer.buy(first)) return buyer.steps;
  const ofBase = [...compiled.recipes.values()].filter((r) => r.slots.some((s) => s.kind === baseKind));
  let bought = true;
  while (bought) {
    const open = new Set(buyer.answer.drinks.map((d) => d.id));
    const ways = ofBase
      .filter((r) => !open.has(r.id))
      .flatMap((r) => wayToDrink(compiled.problem, r.id, buyer.answer.items) ?? [])
      .sort((a, b) => a.cost - b.cost);
    bought = ways.some((way) => buyer.buy(way.items));
  }
  return buyer.steps;
}
