import { defineStore } from 'pinia';
import { computed, markRaw, ref, shallowRef, watch } from 'vue';
import { bottleMoneyOf, madeBy } from '@uisce/core/plan';
import type { About, TimedResult } from './about';
import { CHECK_AFTER_MS, questionKey, recall, remember, remembersAny } from './remembered';
import { Solver } from './solver';
import { useCurve } from './use-curve';
import { useKit } from '../household/use-kit';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';

/** The answer to the open plan, re-computed in the background whenever the brief changes. */
export const useAnswer = defineStore('answer', () => {
  const plans = usePlans();
  const catalogue = useCatalogue();
  const curve = useCurve();
  const kits = useKit();
  const stock = useStock();

  const result = shallowRef<TimedResult>();
  const solving = ref(false);
  /** Whether what is shown answers the brief as it stands. */
  const current = ref(false);
  const failure = ref('');

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

  const solver = markRaw(new Solver(() => catalogue.all));
  let started = false;
  /** The question whose answer an earlier page left here, while it is being checked. */
  let checking = '';
  /** Whether that check is under way. */
  const isBeingChecked = ref(false);
  /** The curve is drawn while it is looked at, and once the answer itself is proven: two solves at once only slow each other. */
  const curveWaits = ref(0);
  let asks = 0;
  const wait = () => (curveWaits.value = ++asks);
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

  function show(found: TimedResult, done: boolean): void {
    failure.value = '';
    result.value = found;
    current.value = true;
    solving.value = !done;
  }

  const about = computed<About | undefined>(() =>
    plans.brief && catalogue.prices
      ? { brief: stock.withStock(plans.brief), prices: catalogue.prices, kit: kits.kit }
      : undefined,
  );

  async function ask(): Promise<void> {
    const asked = about.value;
    if (!asked) return;
    const question = questionKey(asked, catalogue.shippedTag);
    const isCheck = question === checking;
    checking = '';
    isBeingChecked.value = isCheck;
    if (!isCheck) {
      solving.value = true;
      current.value = false;
    }
    const budget = asked.brief.moneyNowMinor;
    const near = curve.at(budget);
    // Where the curve is settled its point is the answer: it only has to be explained.
    const startProven = !isCheck && near?.proven === true;
    try {
      const from = near ? { items: near.point.items, proven: startProven } : null;
      const best = await solver.answer(asked, from, (better) => {
        if (!isCheck) show(better, false);
      });
      if (best === undefined) return;
      show(isCheck && result.value ? { ...best, ms: result.value.ms } : best, true);
      // The solver is free again for what of the curve is not drawn yet.
      if (!curve.whole) wait();
      if (best.answer.status !== 'feasible') void remember('answer', question, best);
    } catch (error) {
      // Something newer was asked: what became of this is nobody's business any more.
      if (asked !== about.value) return;
      failure.value = (error as Error).message;
      solving.value = false;
      curve.stop();
    }
    isBeingChecked.value = false;
  }

  function draw(): void {
    curveWaits.value = 0;
    const found = result.value;
    if (!about.value || !found) return;
    const check = { budget: found.budget, value: found.answer.value };
    void curve.draw(about.value, check, solver);
  }

  /** Show at once what an earlier page found for just this question. It is checked like any other. */
  async function showRemembered(): Promise<void> {
    if (!about.value) return;
    const question = questionKey(about.value, catalogue.shippedTag);
    const before = await recall<TimedResult>('answer', question);
    if (!before) return;
    checking = question;
    show(before, true);
  }

  /** Let the thread start while everything else is on its way, where there is nothing to show before it answers. */
  async function warmUp(): Promise<void> {
    if (!(await remembersAny())) solver.wake();
  }

  /** Answer the open plan from now on; resolves when what is known from before is shown. */
  async function start(): Promise<void> {
    if (!catalogue.loaded || started) return;
    started = true;
    await showRemembered();
    watch(
      curveKey,
      () => {
        curve.clear();
        wait();
      },
      { immediate: true },
    );
    watch(
      () => (curve.seen && current.value && !solving.value && !isBeingChecked.value ? curveWaits.value : 0),
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
    watch([() => plans.brief, () => catalogue.prices, planKit, () => stock.owned], () => void ask());
    if (checking === '') void ask();
    // The check is spared when something else was asked meanwhile.
    else setTimeout(() => checking !== '' && void ask(), CHECK_AFTER_MS);
  }

  /** What there is for bottles, beside what is set aside for fresh things. */
  const bottleMoney = computed(() => (plans.brief ? bottleMoneyOf(plans.brief) : 0));
  const proven = computed(() => current.value && result.value?.answer.status === 'optimal');
  /** The drinks it makes, those counted beside included: without alcohol, where they are not counted among the others. */
  const made = computed(() => madeBy(result.value));
  const itemById = computed(() => new Map(result.value?.items.map((i) => [i.id, i])));
  const kitById = computed(() => new Map(result.value?.kit.map((i) => [i.id, i])));
  const packById = computed(() => new Map(result.value?.packs.map((i) => [i.id, i])));

  return {
    result,
    solving,
    failure,
    current,
    bottleMoney,
    proven,
    made,
    itemById,
    kitById,
    packById,
    curveKey,
    solver,
    warmUp,
    start,
    draw,
  };
});
