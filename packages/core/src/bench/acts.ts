import type { BenchAct, HomeMade } from '../catalogue/home-made.js';

/** One thing to do at the bench. */
export type BenchStep =
  | { do: 'add'; part: number }
  | { do: 'act'; act: number; what: BenchAct }
  | { do: 'top-up' }
  | { do: 'bottle' };

/** A pan cools so long, covered, before it goes into a cold bottle (common practice). */
const COOL_MINUTES = 30;
/** What is left alone for so long is cold by then. */
const COOLS_MEANWHILE_MINUTES = 60;

/**
 * Everything done to a batch beside adding, in order: as its recipe says; and where that says nothing, what is heated
 * is heated, what is strained is strained, and what was hot cools before it is bottled.
 *
 * @example actsOf(rich).map((a) => a.do) // ['heat', 'cool']
 */
export function actsOf({ acts, from, heated }: Pick<HomeMade, 'acts' | 'from' | 'heated'>): BenchAct[] {
  const has = (what: BenchAct['do']) => acts.some((a) => a.do === what);
  const firstCold = from.findIndex((p) => p.cold);
  const hotEnd = firstCold < 0 ? from.length : firstCold;
  const more: BenchAct[] = [];
  if (heated && !has('heat'))
    more.push({ do: 'heat', after: hotEnd, say: 'Warm it gently until it is clear; it need not boil.' });
  if (from.some((p) => p.strained) && !has('strain'))
    more.push({ do: 'strain', after: hotEnd, say: 'Strain it, and weigh what came through.' });
  const lastHot = Math.max(
    from.findLastIndex((p) => p.hot) + 1,
    acts.findLast((a) => a.do === 'heat')?.after ?? 0,
  );
  const coolsMeanwhile = acts.some((a) => a.after >= lastHot && (a.minutes ?? 0) >= COOLS_MEANWHILE_MINUTES);
  if ((heated || lastHot > 0) && !has('cool') && !coolsMeanwhile)
    more.push({
      do: 'cool',
      after: from.length,
      minutes: COOL_MINUTES,
      say: 'Let it cool, covered, before it goes into its bottle.',
    });
  return [...acts, ...more].sort((a, b) => a.after - b.after);
}

/**
 * Steps of a recipe in order: each part, the acts that follow it, water given back after heat, the bottle. What is
 * strained is weighed then, and needs no water given back.
 */
export function benchSteps(recipe: HomeMade): BenchStep[] {
  const acts = actsOf(recipe);
  const isStrained = acts.some((a) => a.do === 'strain');
  const lastHeat = recipe.heated && !isStrained ? acts.findLastIndex((a) => a.do === 'heat') : -1;
  const after = (n: number) =>
    acts.flatMap((what, act): BenchStep[] => {
      if (what.after !== n) return [];
      const step: BenchStep = { do: 'act', act, what };
      return act === lastHeat ? [step, { do: 'top-up' }] : [step];
    });
  return [
    ...after(0),
    ...recipe.from.flatMap((_, part): BenchStep[] => [{ do: 'add', part }, ...after(part + 1)]),
    { do: 'bottle' },
  ];
}
