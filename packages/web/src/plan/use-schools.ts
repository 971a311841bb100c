import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { useAdvice } from '../solver/use-advice';
import { useAnswer } from '../solver/use-answer';
import { useCurve } from '../solver/use-curve';
import { usePlans } from '../household/use-plans';

/** The rules of thumb as curves, and which of them are drawn beside the waterline. */
export const useSchools = defineStore('schools', () => {
  const advice = useAdvice();
  const answers = useAnswer();
  const curve = useCurve();
  const plans = usePlans();

  const shown = ref(['one-of-each']);
  const base = ref('bourbon');
  /** For "drink by drink"; the must-haves until others are chosen. */
  const wanted = ref<string[]>();
  const drinks = computed(() => wanted.value ?? plans.brief?.mustDrinks ?? []);

  const found = advice.on('schools');
  const curves = computed(() => found.value ?? []);
  const foundBest = advice.on('rules');
  /** Each rule at its best at the money in hand, by id. */
  const atBest = computed(() => new Map(foundBest.value?.map((r) => [r.id, r])));
  /** The lines to draw: each rule at its best, or as people follow it until that is known. */
  const drawn = computed(() =>
    curves.value
      .filter((c) => shown.value.includes(c.id))
      .map((c) => ({ ...c, steps: atBest.value.get(c.id)?.points ?? c.steps })),
  );

  watch([() => curve.wholePrice, base, drinks, () => answers.curveKey], () => {
    if (curve.wholePrice === 0) return;
    advice.ask('schools', { most: curve.wholePrice, base: base.value, drinks: [...drinks.value] });
  });

  watch([found, () => plans.brief?.moneyNowMinor, () => answers.proven, shown], () => {
    if (!found.value || !answers.proven) return;
    void advice.ask('rules', { followed: found.value, most: curve.wholePrice, drawn: [...shown.value] });
  });

  function toggle(id: string): void {
    shown.value = shown.value.includes(id) ? shown.value.filter((s) => s !== id) : [...shown.value, id];
  }

  return { shown, base, wanted, drinks, curves, atBest, drawn, toggle };
});
