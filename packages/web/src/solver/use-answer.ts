import { defineStore } from 'pinia';
import { computed, markRaw, ref, shallowRef, watch, type Ref } from 'vue';
import { bottleMoneyOf, madeBy } from '@uisce/core/plan';
import type { About, TimedResult } from './about';
import { CHECK_AFTER_MS, questionKey, recall, remember, remembersAny } from './remembered';
import { Solver } from './solver';
import { useCurve } from './use-curve';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';

/** What is asked: the open plan’s brief with what the household has, at the prices in use. */
function useAbout() {
  const plans = usePlans();
  const catalogue = useCatalogue();
  const kits = useKit();
  const stock = useStock();
  /** What of the kit the plan depends on; how specs are read, say, is not. */
  const planKit = computed(() => {
    const { said, inPlan, attitude, maxMinor, tools, kitchen, glasses, vessels, people, drinksWine } =
      kits.kit;
    if (!said || !inPlan) return '';
    const hasMeasure = vessels.length > 0;
    return JSON.stringify([
      attitude,
      maxMinor,
      tools.map((t) => t.id),
      kitchen,
      glasses,
      hasMeasure,
      people,
      drinksWine,
    ]);
  });

  /** The brief without its money: while it stays the same the curve does too. */
  const curveKey = computed(() => {
    const brief = plans.brief;
    return brief && catalogue.prices
      ? JSON.stringify([
          { ...stock.withStock(brief), moneyNowMinor: 0, freshMinor: 0 },
          catalogue.prices.bottles.map((b) => [b.id, b.priceMinor]),
          planKit.value,
        ])
      : '';
  });

  const about = computed<About | undefined>(() =>
    plans.brief && catalogue.prices
      ? { brief: stock.withStock(plans.brief), prices: catalogue.prices, kit: kits.kit }
      : undefined,
  );

  /** A change of any of these asks anew. */
  const whatCounts = [() => plans.brief, () => catalogue.prices, planKit, () => stock.owned];

  return { whatCounts, curveKey, about };
}

/** The drinks and things of an answer, and what is proven of it. */
function useIndexesOf(result: Readonly<Ref<TimedResult | undefined>>, current: Readonly<Ref<boolean>>) {
  const plans = usePlans();
  /** What there is for bottles, beside what is set aside for fresh things. */
  const bottleMoney = computed(() => (plans.brief ? bottleMoneyOf(plans.brief) : 0));
  const proven = computed(() => current.value && result.value?.answer.status === 'optimal');
  /** The drinks it makes, those counted beside included: without alcohol, where they are not counted among the others. */
  const made = computed(() => madeBy(result.value));
  const itemById = computed(() => new Map(result.value?.items.map((i) => [i.id, i])));
  const kitById = computed(() => new Map(result.value?.kit.map((i) => [i.id, i])));
  const packById = computed(() => new Map(result.value?.packs.map((i) => [i.id, i])));

  return { bottleMoney, proven, made, itemById, kitById, packById };
}

/** When the curve is drawn: while it is looked at, and once the answer itself is proven; two solves at once only slow each other. */
function useWhenToDraw(isSettled: () => boolean, draw: () => void) {
  const curve = useCurve();
  const waits = ref(0);
  let asks = 0;
  const wait = () => (waits.value = ++asks);

  function begin(curveKey: Readonly<Ref<string>>): void {
    watch(
      curveKey,
      () => {
        curve.clear();
        wait();
      },
      { immediate: true },
    );
    watch(
      () => (curve.seen && isSettled() ? waits.value : 0),
      (due) => {
        if (due > 0) draw();
      },
      { immediate: true },
    );
    watch(
      () => curve.seen,
      (seen) => {
        if (seen || !curve.drawing) return;
        curve.stop();
        wait();
      },
    );
  }

  return { wait, drawn: () => (waits.value = 0), begin };
}

/** What is shown: an answer, whether it answers the brief as it stands, and why there is none. */
function useShown() {
  const result = shallowRef<TimedResult>();
  const solving = ref(false);
  /** Whether what is shown answers the brief as it stands. */
  const current = ref(false);
  const failure = ref('');
  /** Whether an answer of an earlier page is being checked. */
  const isBeingChecked = ref(false);

  function show(found: TimedResult, done: boolean): void {
    failure.value = '';
    result.value = found;
    current.value = true;
    solving.value = !done;
  }
  /** A question is under way: what is shown stays, and says that it is of another, unless it is only checked. */
  function asking(isCheck: boolean): void {
    isBeingChecked.value = isCheck;
    if (!isCheck) [solving.value, current.value] = [true, false];
  }
  function fail(error: unknown): void {
    failure.value = (error as Error).message;
    solving.value = false;
  }

  return { result, solving, current, failure, isBeingChecked, show, asking, fail };
}

/** The answer to the open plan, re-computed in the background whenever the brief changes. */
export const useAnswer = defineStore('answer', () => {
  const catalogue = useCatalogue();
  const curve = useCurve();
  const { whatCounts, curveKey, about } = useAbout();
  const { result, solving, current, failure, isBeingChecked, show, asking, fail } = useShown();
  const solver = markRaw(new Solver(() => catalogue.all));
  const drawing = useWhenToDraw(() => current.value && !solving.value && !isBeingChecked.value, draw);
  let started = false;
  /** The question whose answer an earlier page left here, while it is being checked. */
  let checking = '';

  const questionOf = (asked: About) => questionKey(asked, catalogue.shippedTag);
  async function ask(): Promise<void> {
    const asked = about.value;
    if (!asked) return;
    const question = questionOf(asked);
    const isCheck = question === checking;
    checking = '';
    asking(isCheck);
    const near = curve.at(asked.brief.moneyNowMinor);
    // Where the curve is settled its point is the answer: it only has to be explained.
    const from = near ? { items: near.point.items, proven: !isCheck && near.proven } : null;
    try {
      const best = await solver.answer(asked, from, (better) => {
        if (!isCheck) show(better, false);
      });
      if (best === undefined) return;
      show(isCheck && result.value ? { ...best, ms: result.value.ms } : best, true);
      // The solver is free again for what of the curve is not drawn yet.
      if (!curve.whole) drawing.wait();
      if (best.answer.status !== 'feasible') void remember('answer', question, best);
    } catch (error) {
      // Something newer was asked: what became of this is nobody's business any more.
      if (asked !== about.value) return;
      fail(error);
      curve.stop();
    }
    isBeingChecked.value = false;
  }

  function draw(): void {
    drawing.drawn();
    const [asked, found] = [about.value, result.value];
    if (asked && found) void curve.draw(asked, { budget: found.budget, value: found.answer.value }, solver);
  }

  /** Let the thread start while everything else is on its way, where there is nothing to show before it answers. */
  async function warmUp(): Promise<void> {
    if (!(await remembersAny())) solver.wake();
  }

  /** Answer the open plan from now on; resolves when what is known from before is shown. */
  async function start(): Promise<void> {
    if (!catalogue.loaded || started) return;
    started = true;
    // Shown at once, what an earlier page found for just this question is checked like any other.
    const question = about.value ? questionOf(about.value) : '';
    const before = await recall<TimedResult>('answer', question);
    if (before) {
      checking = question;
      show(before, true);
    }
    drawing.begin(curveKey);
    watch(whatCounts, () => void ask());
    if (checking === '') void ask();
    // The check is spared when something else was asked meanwhile.
    else setTimeout(() => checking !== '' && void ask(), CHECK_AFTER_MS);
  }

  const indexes = useIndexesOf(result, current);
  return { result, solving, failure, current, ...indexes, curveKey, solver, warmUp, start, draw };
});
