import { computed, ref } from 'vue';
import { useQuestion } from '../../solver/use-question';
import { useAnswer } from '../../solver/use-answer';
import { usePlans } from '../../household/use-plans';
import { useWords } from '../../words/use-words';
import { useChartStyle } from '../../ui/use-chart-style';
import { ladderOption } from './ladder-option';

export const MONTHS = [4, 6, 9, 12] as const;

/** The waterline read by months: what to buy when, each month keeping what is bought. */
export function useLadder() {
  const answers = useAnswer();
  const plans = usePlans();
  const words = useWords();
  const style = useChartStyle();
  const months = ref<(typeof MONTHS)[number]>(6);
  const perMonth = computed(() => plans.brief?.moneyPerMonthMinor ?? 0);
  const {
    found: ladder,
    failure,
    isAsking,
    progress,
  } = useQuestion('ladder', () => answers.proven && perMonth.value > 0 && { of: { months: months.value } });
  const certainty = computed(() => {
    if (!ladder.value) return '';
    const { proven, total, bound } = ladder.value;
    if (proven) return 'Proven best order';
    return `A good order, at most ${words.number((100 * (bound - total)) / Math.max(total, 1), 1)} % from the best`;
  });
  const behind = computed(() => {
    const last = ladder.value?.rungs.at(-1);
    return last ? last.bestOpen - last.drinksMade : 0;
  });
  /** The skipped month that leaves most in reach at the end. */
  const skip = computed(() => {
    const best = [...(ladder.value?.skips ?? [])].sort((a, b) => b.last - a.last || b.total - a.total)[0];
    if (!best) return '';
    const lost = words.number(Math.max(0, -best.total), 1);
    return best.last > 0.005
      ? `Skipping month ${best.month} once would leave ${words.number(best.last, 2)} more in reach at the end, and on the way ${lost} drinks fewer for a month.`
      : `Skipping a month once wins nothing by the end: the best to skip, month ${best.month}, leaves ${lost} drinks fewer for a month.`;
  });
  const option = computed(() => ladderOption(ladder.value?.rungs ?? [], style.value));

  return { months, perMonth, ladder, failure, isAsking, progress, certainty, behind, skip, option };
}
