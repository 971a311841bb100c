import type { Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Kit } from '../kit/kit.js';
import type { HouseholdBrief } from '../plan/brief.js';
import { countOf } from '../plan/beside.js';
import { answerPlan } from '../plan/answer.js';
import { holdPlan, type PlanMatter } from '../plan/best-plan.js';
import { basketsOf } from './basket.js';
import { lineMinor, priceOf, shopsOf, type Errand, type ErrandLine } from './errand.js';
import { idAt, joinShops, type JoinedShops } from './joined-shops.js';
import { linesOf } from './list.js';

/** What an errand plans from: the plan's brief, the prices of every shop it may go to, and the kit. */
export interface ErrandMatter extends Omit<PlanMatter, 'prices'> {
  lists: readonly PriceList[];
}

/** The rest of the list against the best that can be done now, with what is in the basket kept. */
export interface ErrandJudgement {
  /** Nothing is better than the rest of the list, and the money reaches. */
  still: boolean;
  proven: boolean;
  /** Drinks and money of the rest of the list as it stands, at the prices found; minor units, over the money in hand. */
  listed: { drinksMade: number; spendMinor: number; overMinor: number };
  /** The same of the best, and what to leave and to take instead. */
  best: { drinksMade: number; spendMinor: number };
  leave: string[];
  take: ErrandLine[];
}

const sumOf = (lines: readonly ErrandLine[]) => lines.reduce((sum, l) => sum + lineMinor(l), 0);

/** Whether a line is of the plan: restocking and fruit are bought beside it. */
const isPlanned = ({ why }: ErrandLine) => why === 'plan' || why === 'swap';

/** A shop's list as it was found: other prices where they were seen, and without what was not there. */
export function listAsFound(list: PriceList, lines: readonly ErrandLine[]): PriceList {
  const here = lines.filter((l) => l.shop === list.id);
  const byId = new Map(here.filter((l) => l.ware.is !== 'pantry').map((l) => [l.id, l]));
  const lineOf = ({ id }: { id: string }) => byId.get(idAt(id, list.id)) ?? byId.get(id);
  const inBasket = new Set(
    lines.flatMap((l) => (l.ware.is === 'bottle' && l.state === 'basket' ? [l.ware.kind] : [])),
  );
  const byPantry = new Map(
    here.flatMap((l) => (l.ware.is === 'pantry' ? [[l.ware.pantry, l] as const] : [])),
  );
  const found = <T extends { priceMinor: number }>(
    all: readonly T[],
    has: (t: T) => ErrandLine | undefined,
  ) =>
    all.flatMap((thing) => {
      const line = has(thing);
      if (line === undefined) return [thing];
      return line.state === 'missing' ? [] : [{ ...thing, priceMinor: priceOf(line) }];
    });
  return {
    ...list,
    // Of what is in the basket only that bottle is left: it takes the room that it takes.
    bottles: found(list.bottles, lineOf).filter(
      (b) => !inBasket.has(b.kind) || lineOf(b)?.state === 'basket',
    ),
    kit: found(list.kit, lineOf),
    pantry: found(list.pantry, (p) => byPantry.get(p.pantry)),
  };
}

/** A list without the batches that nobody can make, since what goes into them was not there. */
function withoutUnmakeable(
  list: PriceList,
  lines: readonly ErrandLine[],
  { homeMade }: Catalogue,
): PriceList {
  const gone = new Set(
    lines.flatMap((l) => (l.ware.is === 'pantry' && l.state === 'missing' ? [l.ware.pantry] : [])),
  );
  const canBe = (kind: string) =>
    homeMade.some((r) => r.makes === kind && !r.from.some((f) => f.pantry && gone.has(f.pantry)));
  return gone.size === 0
    ? list
    : { ...list, bottles: list.bottles.filter((b) => !b.homeMade || canBe(b.kind)) };
}

/** Bottles to keep, named by the chosen shop's ids, as the joined list names the same kind and size. */
function keptIn(
  { list }: JoinedShops,
  home: PriceList | undefined,
  keepBottles: readonly string[],
): string[] {
  return keepBottles.flatMap((id) => {
    const bottle = home?.bottles.find((b) => b.id === id);
    const same = list.bottles.filter(
      (b) => b.kind === bottle?.kind && b.ml === bottle.ml && b.tier === bottle.tier,
    );
    return same.length > 0 ? [same.reduce((a, b) => (b.priceMinor < a.priceMinor ? b : a)).id] : [];
  });
}

/**
 * A brief for other shops than the one whose prices are in use: what it keeps is named as the joined list names it.
 *
 * @param home the shop whose ids the brief knows.
 */
export function briefAt(
  joined: JoinedShops,
  home: PriceList | undefined,
  brief: HouseholdBrief,
): HouseholdBrief {
  return { ...brief, keepBottles: keptIn(joined, home, brief.keepBottles) };
}

/** What is in the basket, as if it stood at home already. */
function withBasket(
  matter: ErrandMatter,
  lines: readonly ErrandLine[],
): { brief: HouseholdBrief; kit?: Kit } {
  const { brief, kit } = matter;
  // What is bought beside the plan is there too: its money is set aside.
  const wares = lines
    .filter((l) => l.state === 'basket' || (l.state === 'wanted' && !isPlanned(l)))
    .map((l) => ({ ...l.ware, line: l }));
  const kinds = wares.flatMap((w) => (w.is === 'bottle' ? [w.kind] : []));
  const pantry = wares.flatMap((w) => (w.is === 'pantry' ? [w.pantry] : []));
  const tools = wares.flatMap((w) => (w.is === 'tool' ? [{ id: w.tool, since: null }] : []));
  const glasses = wares.flatMap((w) =>
    w.is === 'glasses'
      ? [
          {
            id: `basket-${w.glass}`,
            name: w.line.label.slice(0, 60),
            type: w.glass,
            capacityMl: w.capacityMl,
            count: w.pieces * w.line.count,
          },
        ]
      : [],
  );
  return {
    brief: {
      ...brief,
      ownedKinds: [...new Set([...(brief.ownedKinds ?? []), ...kinds])],
      ownedPantry: [...new Set([...brief.ownedPantry, ...pantry])],
    },
    ...(kit
      ? { kit: { ...kit, tools: [...kit.tools, ...tools], glasses: [...kit.glasses, ...glasses] } }
      : {}),
  };
}

/**
 * Solve again from what is in the basket, at the prices found, without what was not there: whether the rest of
 * the list is still the best, or what to leave and what to take.
 *
 * @param matter the brief with the household's bottles as they were before the errand.
 */
export function judgeErrand(matter: ErrandMatter, errand: Errand): ErrandJudgement {
  const goesTo = new Set(shopsOf(errand));
  const lists = matter.lists
    .filter((l) => goesTo.has(l.id))
    .map((l) => withoutUnmakeable(listAsFound(l, errand.lines), errand.lines, matter.catalogue));
  const joined = joinShops(lists.length > 0 ? lists : matter.lists.slice(0, 1));
  const { whole } = basketsOf(errand);
  const wanted = errand.lines.filter((l) => l.state === 'wanted');
  const aside = sumOf(wanted.filter((l) => !isPlanned(l)));
  // The money set aside for fresh things pays for those on the list; what is left of it stays set aside.
  const fresh = sumOf(
    errand.lines.filter((l) => l.why === 'fresh' && (l.state === 'wanted' || l.state === 'basket')),
  );
  const stillAside = Math.max(0, errand.reserveMinor - fresh);
  const budget = Math.max(0, errand.moneyMinor - whole.basketMinor - aside - stillAside);
  const { brief, kit } = withBasket(matter, errand.lines);
  const rest = wanted.filter(isPlanned);
  const { catalogue } = matter;
  const now: PlanMatter = {
    catalogue,
    prices: joined.list,
    brief: { ...briefAt(joined, matter.lists[0], brief), moneyNowMinor: budget, freshMinor: 0 },
    ...(kit ? { kit } : {}),
  };
  const { compiled, search } = holdPlan(now);
  const best = answerPlan(compiled, search, budget);
  if (best === undefined) throw new Error('the search was stopped');
  const listed = search.prepared.answerOf([...compiled.problem.owned, ...rest.map((l) => l.id)]);
  const spendMinor = sumOf(rest);
  const overMinor = Math.max(0, spendMinor - budget);
  const again = linesOf(best, joined, lists, 'swap');
  const isSame = (a: ErrandLine, b: ErrandLine) => a.id === b.id;
  const take = again.filter((line) => !rest.some((l) => isSame(l, line)));
  const leave = rest.filter((l) => !again.some((line) => isSame(line, l))).map((l) => l.id);
  const listedOpen = countOf(compiled, listed.drinks);
  const better =
    overMinor > 0 ||
    best.answer.value > listed.value + 1e-9 ||
    (best.answer.value > listed.value - 1e-9 && best.answer.spend < spendMinor);
  return {
    still: !better || (leave.length === 0 && take.length === 0),
    proven: best.answer.status === 'optimal',
    listed: { drinksMade: listedOpen, spendMinor, overMinor },
    best: { drinksMade: best.drinksMade, spendMinor: best.answer.spend },
    leave,
    take,
  };
}

/** The errand with a judgement taken up: what is to be left stays there, its price known; what is to be taken is wanted. */
export function takenUp(errand: Errand, { leave, take }: Pick<ErrandJudgement, 'leave' | 'take'>): Errand {
  const wantedAgain = new Set(take.map((l) => l.id));
  const known = errand.lines.map((l): ErrandLine => {
    if (leave.includes(l.id)) return { ...l, state: 'left' };
    return wantedAgain.has(l.id) ? { ...l, state: 'wanted' } : l;
  });
  const ids = new Set(errand.lines.map((l) => l.id));
  return { ...errand, lines: [...known, ...take.filter((l) => !ids.has(l.id))] };
}
