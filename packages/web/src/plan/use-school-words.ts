import { computed, ref } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { useSchools } from './use-schools';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';

export const SCHOOL_COLUMNS = [
  { key: 'item', title: 'Buys' },
  { key: 'spend', title: 'Spent', figures: true },
  { key: 'drinksMade', title: 'In reach', figures: true },
  { key: 'added', title: 'Adds', figures: true },
];

/** The rules of thumb beside the best set, at the money in hand. */
export function useSchoolWords() {
  const answers = useAnswer();
  const schools = useSchools();
  const catalogue = useCatalogue();
  const words = useWords();
  const spread = ref<string>();
  const money = computed(() => answers.bottleMoney);
  const drinksMade = computed(() => answers.result?.drinksMade ?? 0);
  const rows = computed(() =>
    schools.curves
      .map((school) => {
        const followed = school.steps.findLast((s) => s.spend <= money.value)?.drinksMade ?? 0;
        const best = schools.atBest.get(school.id)?.now;
        return { ...school, followed, drinksMade: best?.drinksMade ?? followed, value: best?.value ?? 0 };
      })
      .sort((a, b) => b.value - a.value),
  );
  const verdict = computed(() => {
    const best = rows.value[0];
    if (!best || schools.atBest.size === 0) return '';
    const behind = drinksMade.value - best.drinksMade;
    const price =
      behind > 0 ? `and still makes ${behind} fewer than the best set` : 'and makes as many as the best set';
    return `At ${words.money(money.value)} “${best.name}” is the best rule of thumb for you, ${price}.`;
  });
  const bases = computed(() =>
    catalogue.all.kinds
      .filter((k) => k.job === 'base' && !k.abstract && k.supply === 'bottle')
      .map((k) => ({ value: k.id, title: k.name }))
      .sort((a, b) => a.title.localeCompare(b.title)),
  );
  const drinks = computed(() =>
    catalogue.all.recipes
      .map((r) => ({ value: r.id, title: r.name }))
      .sort((a, b) => a.title.localeCompare(b.title)),
  );

  return { spread, money, drinksMade, rows, verdict, bases, drinks };
}
