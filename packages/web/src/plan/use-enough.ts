import { untilOut } from '@uisce/core/plan';
import { computed, ref } from 'vue';
import { useAboutSet } from '../solver/use-about-set';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { useItemWords } from '../words/use-item-words';
import { count, listed, sayDays, useWords } from '../words/use-words';

/** Bottles listed at first, soonest out. */
export const FEW = 8;
/** The bars run as far as this. */
const WEEKS_DRAWN = 26;
export const whole = (glasses: number) => Math.max(1, Math.floor(glasses));

/** What money left over is best put into: the same set in larger bottles. */
function useLargerBottles() {
  const plans = usePlans();
  const catalogue = useCatalogue();
  const words = useWords();
  const { found: larger } = useAboutSet('larger');
  const largerWords = computed(() => {
    const found = larger.value;
    if (!found) return '';
    const sizes = found.bottles.map(
      ({ kindId, to }) => `${catalogue.kindInSentence(kindId)} ${words.size(to.ml)}`,
    );
    const { glassesNow, glassesThen } = found;
    const gain =
      glassesThen > glassesNow
        ? `: the first bottle is out after ${whole(glassesThen)} glasses instead of ${whole(glassesNow)}`
        : '';
    return `${words.price(found.moreMinor)} of what is left buys ${listed(sizes)}${gain}.`;
  });
  /** Keep the larger bottles: the plan's set stays the same, in these sizes. */
  function takeLarger(): void {
    const { brief } = plans;
    if (!brief || !larger.value) return;
    const from = new Set(larger.value.bottles.map((b) => b.from.id));
    const others = brief.keepBottles.filter((id) => !from.has(id));
    const keepBottles = [...new Set([...others, ...larger.value.bottles.map((b) => b.to.id)])];
    plans.edit('Larger bottles', { brief: { keepBottles } });
  }
  return { largerWords, takeLarger };
}

/** How far the set goes: glasses in all, which bottle is out first, what goes off before, what a glass costs; and larger bottles. */
export function useEnough() {
  const plans = usePlans();
  const { itemName, itemInSentence } = useItemWords();
  const { found: enough, failure } = useAboutSet('enough');
  const all = ref(false);
  const perWeek = computed(() => plans.brief?.drinksPerWeek ?? 0);
  const sayWeeks = (glasses: number) => sayDays(Math.max(1, Math.round((glasses / perWeek.value) * 7)));
  /** "14 glasses, about 2 weeks as you drink". */
  const sayGlasses = (glasses: number) =>
    `${count(whole(glasses), 'glass', 'glasses')}, about ${sayWeeks(glasses)}`;
  const rows = computed(() => {
    const bottles = enough.value?.bottles ?? [];
    return bottles.map((b) => ({
      ...b,
      name: itemName(b.itemId),
      out: untilOut(b),
      share: Math.min(1, untilOut(b) / (perWeek.value * WEEKS_DRAWN)),
    }));
  });
  const goingOff = computed(() =>
    rows.value.filter((b) => b.untilOff !== undefined).map((b) => itemInSentence(b.itemId)),
  );
  const shown = computed(() => (all.value ? rows.value : rows.value.slice(0, FEW)));
  const once = computed(() => {
    if (!enough.value) return '';
    const { drinks, onceEach } = enough.value;
    return onceEach === drinks
      ? 'It pours every one of its drinks once'
      : `Of its ${count(drinks, 'drink')} it pours at least ${onceEach} once each`;
  });

  return {
    enough,
    failure,
    all,
    perWeek,
    sayWeeks,
    sayGlasses,
    rows,
    goingOff,
    ...useLargerBottles(),
    shown,
    once,
  };
}
