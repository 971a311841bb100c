import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { useCurve } from '../solver/use-curve';
import { usePlans } from '../household/use-plans';

/** The rules of thumb as curves, and which of them are drawn beside the waterline. */
export const useSchools = defineStore('schools', () => {
  const answers = useAnswer();
  const curve = useCurve();
  const plans = usePlans();

  const shown = ref(['one-of-each']);
  const base = ref('bourbon');
  /** For "drink by drink"; the must-haves until others are chosen. */
  const wanted = ref<string[]>();
  const drinks = computed(() => wanted.value ?? plans.brief?.mustDrinks ?? []);

  /** They do not depend on the money in hand. */
  const followed = useQuestion('schools', () => {
    const { brief } = plans;
    if (curve.wholePrice === 0 || !brief) return undefined;
    const of = { most: curve.wholePrice, base: base.value, drinks: [...drinks.value] };
    return { of, brief: { ...brief, moneyNowMinor: 0 } };
  });
  const curves = computed(() => followed.last.value ?? []);
  const rules = useQuestion('rules', () => {
    const { found } = followed;
    if (!found.value || !answers.proven) return undefined;
    return { of: { followed: found.value, most: curve.wholePrice, drawn: [...shown.value] } };
  });
  const failure = computed(() => followed.failure.value || rules.failure.value);
  /** Each rule at its best at the money in hand, by id. */
  const atBest = computed(() => new Map(rules.found.value?.map((r) => [r.id, r])));
  /** The lines to draw: each rule at its best, or as people follow it until that is known. */
  const drawn = computed(() =>
    curves.value
      .filter((c) => shown.value.includes(c.id))
      .map((c) => ({ ...c, steps: atBest.value.get(c.id)?.points ?? c.steps })),
  );

  function toggle(id: string): void {
    shown.value = shown.value.includes(id) ? shown.value.filter((s) => s !== id) : [...shown.value, id];
  }

  return { shown, base, wanted, drinks, curves, atBest, drawn, failure, toggle };
});
