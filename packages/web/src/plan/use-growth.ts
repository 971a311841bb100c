import { computed, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useCatalogue } from '../household/use-catalogue';

/** The cheapest way from this set to wanted drinks, and what else it adds. */
export function useGrowth() {
  const answers = useAnswer();
  const catalogue = useCatalogue();
  const wanted = ref<string[]>([]);
  const { found: growth, failure } = useQuestion('grow', () => {
    const { result, proven } = answers;
    const drinks = [...wanted.value];
    return proven && result && drinks.length > 0 && { of: { answer: result.answer, drinks } };
  });
  const besides = computed(() => growth.value?.change?.added.filter((d) => !wanted.value.includes(d)) ?? []);
  const drinks = computed(() => {
    const open = new Set(answers.made.map((d) => d.id));
    const counted = new Set(answers.result?.explanation.notMade.map((d) => d.id));
    return catalogue.all.recipes
      .filter((r) => counted.has(r.id) && !open.has(r.id))
      .map((r) => ({ value: r.id, title: r.name }))
      .sort((a, b) => a.title.localeCompare(b.title));
  });

  return { wanted, growth, failure, besides, drinks };
}
