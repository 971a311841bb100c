import { computed } from 'vue';
import { useErrands } from '../household/use-errands';
import { usePlans } from '../household/use-plans';
import { useAnswer } from '../solver/use-answer';
import { count, listed, useWords } from '../words/use-words';
import { useErrand } from './use-errand';

/** How the rest of the list stands, in a few words. */
function useStanding() {
  const errand = useErrand();
  const words = useWords();
  /** How the rest of the list stands, in a few words. */
  const standing = computed(() => {
    const { judged, baskets, swap } = errand;
    const whole = baskets.value?.whole;
    if (whole && whole.wanted === 0) return 'type what the receipt says, and put it away';
    if (!judged.value) return 'looking whether it is still the best';
    if (!swap.value) return `still the best, ${count(judged.value.best.drinksMade, 'drink')}`;
    const { listed: rest, best } = judged.value;
    if (rest.overMinor > 0 && best.drinksMade <= rest.drinksMade)
      return `${words.money(rest.overMinor)} more than there is: ${count(best.drinksMade, 'drink')} can be had`;
    if (best.drinksMade > rest.drinksMade)
      return `a swap makes ${best.drinksMade} instead of ${rest.drinksMade}`;
    return best.drinksMade === rest.drinksMade && best.spendMinor < rest.spendMinor
      ? 'a swap makes as much for less'
      : 'a swap is more to your taste';
  });

  return { standing };
}

/** The sentence of the Errand, and what stands under it. */
export function useErrandWords() {
  const answers = useAnswer();
  const errands = useErrands();
  const plans = usePlans();
  const words = useWords();
  const errand = useErrand();

  const { standing } = useStanding();
  const headline = computed(() => {
    if (errands.open) {
      const whole = errand.baskets.value?.whole;
      const n = whole?.things ?? 0;
      const of = n + (whole?.wanted ?? 0);
      const money = `${words.price(whole?.basketMinor ?? 0)} of ${words.money(errands.open.moneyMinor)}`;
      return { before: `${n} of ${of} in the basket, ${money}: `, figure: standing.value };
    }
    if (!plans.current)
      return { before: 'No plan to shop for yet: ', figure: 'say in the Brief what you like' };
    const n = errand.preview.value.length;
    if (!answers.result) return { before: 'Writing the list', figure: '' };
    if (n === 0) return { before: 'Nothing to buy: ', figure: 'what the plan asks for is at home' };
    const shops = [...new Set(errand.preview.value.map((l) => errand.shopName(l.shop)))];
    const before = `${count(n, 'thing')} to buy at ${listed(shops)} for ${words.money(errand.previewMinor.value)}: `;
    return { before, figure: `they make ${count(openAfter.value, 'drink')}` };
  });
  const openAfter = computed(() => {
    const { part, ladder, result } = errand;
    const step = part.value === 'month' ? ladder.value?.rungs[0]?.drinksMade : undefined;
    return step ?? result.value?.drinksMade ?? 0;
  });

  const underline = computed(() => {
    if (errands.open) {
      const { missing = 0, wantedMinor = 0, leftMinor = 0 } = errand.baskets.value?.whole ?? {};
      const parts = [
        `${words.price(wantedMinor)} still to buy`,
        leftMinor >= 0 ? `${words.price(leftMinor)} left then` : `${words.price(-leftMinor)} too much`,
        missing > 0 ? `${missing} not there` : '',
      ];
      return parts.filter((p) => p !== '').join(' · ');
    }
    if (!plans.brief || errand.preview.value.length === 0) return '';
    const left = plans.brief.moneyNowMinor - errand.tripMinor.value - errand.previewMinor.value;
    return left >= 0
      ? `Leaves ${words.price(left)} of ${words.money(plans.brief.moneyNowMinor)} · tap through the shop with it: what is dearer or missing is solved again`
      : `${words.price(-left)} more than the ${words.money(plans.brief.moneyNowMinor)} there is`;
  });

  return { headline, underline };
}
