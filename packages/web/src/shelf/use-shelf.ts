import { createSharedComposable } from '@vueuse/core';
import { daysBetween } from '@uisce/core/base';
import { usesOfDrinks, usesOfSet } from '@uisce/core/plan';
import { daysLeft, FADING_LEVEL, forecast, levelOf, type Bottle } from '@uisce/core/stock';
import { computed, type Ref } from 'vue';
import { paceOf } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useAnswer } from '../solver/use-answer';
import { useToday } from '../household/use-today';
import { count, useWords } from '../words/use-words';

/** Days before its last one from which a bottle asks to be used. */
const SOON_DAYS = 14;

/** Days before its last one from which its tag counts them: a season. */
const TAGGED_DAYS = 90;

/** A bottle as it stands there, with what matters next about it. */
export interface StandingBottle {
  bottle: Bottle;
  name: string;
  /** The tag: days left, pours left, "new"; empty where nothing presses. */
  tag: string;
  pressing: boolean;
  /** How many just like it stand there, sealed: cans of one case are drawn once. */
  alike: number;
}

/** Of sealed bottles that are just alike the first, with how many there are. */
function withoutTwins(all: readonly StandingBottle[]): StandingBottle[] {
  const keyOf = ({ bottle: b }: StandingBottle) =>
    b.openedOn === null && b.leftMl !== null && b.leftMl === b.sizeMl
      ? [b.kind, b.label, b.sizeMl, b.place].join(' ')
      : b.id;
  const found = new Map<string, StandingBottle>();
  for (const s of all) {
    const same = found.get(keyOf(s));
    found.set(keyOf(s), same ? { ...same, alike: same.alike + 1 } : s);
  }
  return [...found.values()];
}

/** The tag of a bottle: days left, pours left, "new"; empty where nothing presses. */
function useTags() {
  const stock = useStock();
  const catalogue = useCatalogue();
  const today = useToday();
  function tagOf(bottle: Bottle): Pick<StandingBottle, 'tag' | 'pressing'> {
    const kind = catalogue.kinds.get(bottle.kind);
    const days = kind && daysLeft(bottle, kind, today.iso());
    if (days !== undefined && days < 0) return { tag: 'past its day', pressing: true };
    if (days !== undefined && days <= SOON_DAYS) return { tag: count(days, 'day'), pressing: true };
    if (bottle.leftMl !== null && !bottle.sipping && stock.toReplace.includes(bottle.kind))
      return { tag: 'nearly empty', pressing: true };
    if (days !== undefined && days <= TAGGED_DAYS && bottle.openedOn !== null)
      return { tag: count(days, 'day'), pressing: false };
    if (bottle.leftMl === null) return { tag: '', pressing: false };
    const level = levelOf(bottle) ?? 1;
    if (bottle.openedOn === null && level === 1) return { tag: 'new', pressing: false };
    const pour = stock.pours(bottle.kind);
    return level < FADING_LEVEL && !bottle.sipping && pour > 0
      ? { tag: `${count(Math.floor(bottle.leftMl / pour), 'pour')}, first`, pressing: false }
      : { tag: '', pressing: false };
  }

  return { tagOf };
}

/** What will be used up and what goes off, at the pace of the log, else of the plan. */
function useForecasts() {
  const answers = useAnswer();
  const log = useLog();
  const plans = usePlans();
  const stock = useStock();
  const catalogue = useCatalogue();
  const today = useToday();
  /** The pace of the log, once it is long enough to say. */
  const pace = computed(() => paceOf(log.pours, today.iso()));
  /** ml of a kind that are poured in a week: as the log has it, else as the plan pours it, else as all drinks would. */
  const perWeekMl = computed(() => {
    const poured = pace.value;
    if (poured) return (kind: string) => poured.mlPerWeek.get(kind) ?? 0;
    const general = usesOfDrinks(catalogue.all.recipes);
    const { drinksPerWeek } = plans.briefOrEmpty;
    const { result } = answers;
    const ofSet = result
      ? usesOfSet(result, catalogue.all, catalogue.recipes, catalogue.kinds, plans.briefOrEmpty)
      : {};
    return (kind: string) => ((ofSet[kind] ?? general[kind])?.mlPerDrink ?? 0) * drinksPerWeek;
  });
  const forecasts = computed(() =>
    // What is made at home is looked after on the Bench.
    forecast(stock.inBottles, stock.bottles, catalogue.kinds, perWeekMl.value, today.iso()).map((f) => ({
      ...f,
      name: catalogue.kindName(f.kind),
    })),
  );

  return { pace, perWeekMl, forecasts };
}

/** The judgement on what stands there. */
function useShelfSentence(
  all: Readonly<Ref<readonly StandingBottle[]>>,
  litres: Readonly<Ref<number>>,
  forecasts: ReturnType<typeof useForecasts>['forecasts'],
) {
  const plans = usePlans();
  const stock = useStock();
  const catalogue = useCatalogue();
  const today = useToday();
  const words = useWords();
  const headline = computed(() => {
    const n = all.value.length;
    if (n === 0) return { before: 'Nothing stands here yet: ', figure: 'say below what you have' };
    const before = `${count(n, 'bottle')}, ${words.number(litres.value)} litres: `;
    const [next] = forecasts.value
      .filter((f) => f.turnsOn !== undefined)
      .sort((a, b) => ((a.turnsOn ?? '') < (b.turnsOn ?? '') ? -1 : 1));
    if (next?.turnsOn) {
      const days = daysBetween(today.iso(), next.turnsOn);
      return {
        before,
        figure: `the ${catalogue.kindInSentence(next.kind)} goes off in ${count(days, 'day')}`,
      };
    }
    const past = all.value.find((s) => s.tag === 'past its day');
    if (past) return { before, figure: `the ${catalogue.kindInSentence(past.bottle.kind)} is past its day` };
    return { before, figure: 'nothing is pressing' };
  });
  const underline = computed(() => {
    const parts: string[] = [];
    const lost = forecasts.value.reduce((sum, f) => sum + f.lostMl, 0);
    if (lost >= 1) parts.push(`at your pace ${words.volume(Math.round(lost))} would go off`);
    const [dry] = forecasts.value
      .filter((f) => f.dryOn !== undefined && f.turnsOn === undefined)
      .sort((a, b) => ((a.dryOn ?? '') < (b.dryOn ?? '') ? -1 : 1));
    if (dry?.dryOn) parts.push(`${catalogue.kindInSentence(dry.kind)} lasts until ${words.day(dry.dryOn)}`);
    if (stock.toReplace.length > 0)
      parts.push(`to be replaced: ${stock.toReplace.map((k) => catalogue.kindInSentence(k)).join(', ')}`);
    const limit = plans.brief?.limits.liquorMl;
    if (limit) parts.push(`${words.number(litres.value)} of the ${limit / 1000} litres you allow at home`);
    return parts.join(' · ');
  });

  return { headline, underline };
}

/** The household's bottles as the Shelf shows them, and the judgement on them. */
export const useShelf = createSharedComposable(() => {
  const stock = useStock();
  const catalogue = useCatalogue();

  const { tagOf } = useTags();
  const all = computed(() =>
    stock.standing.map((bottle): StandingBottle => ({
      bottle,
      name: catalogue.kindName(bottle.kind),
      ...tagOf(bottle),
      alike: 1,
    })),
  );
  const inCold = (b: Bottle) => b.place === 'fridge' || b.place === 'freezer';
  const onShelf = computed(() =>
    withoutTwins(all.value.filter(({ bottle: b }) => !b.sipping && b.place === 'shelf')),
  );
  const sipping = computed(() => withoutTwins(all.value.filter(({ bottle }) => bottle.sipping)));
  const cold = computed(() => withoutTwins(all.value.filter(({ bottle: b }) => !b.sipping && inCold(b))));
  const cupboard = computed(() =>
    withoutTwins(all.value.filter(({ bottle: b }) => !b.sipping && b.place === 'cupboard')),
  );

  const { pace, perWeekMl, forecasts } = useForecasts();
  const litres = computed(() => {
    const strong = stock.standing.filter((b) => (catalogue.kinds.get(b.kind)?.abv ?? 0) > 0);
    return strong.reduce((sum, b) => sum + (b.leftMl ?? 0), 0) / 1000;
  });

  const { headline, underline } = useShelfSentence(all, litres, forecasts);
  return { all, onShelf, sipping, cold, cupboard, forecasts, litres, headline, underline, perWeekMl, pace };
});
