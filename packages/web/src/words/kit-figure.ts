import { computed } from 'vue';
import { coveredBy, needIndex, needsOf } from '@uisce/core/kit';
import { useAnswer } from '../solver/use-answer';
import { useKit } from '../household/use-kit';
import { useCatalogue } from '../household/use-catalogue';

/** How much of what the plan's drinks ask of the hands is there: "9 of 14". */
export function useKitFigure() {
  const answers = useAnswer();
  const kits = useKit();
  const catalogue = useCatalogue();
  return computed(() => {
    if (!kits.kit.said || !answers.result) return '';
    const index = needIndex(catalogue.all);
    const recipes = answers.made.flatMap((d) => catalogue.recipes.get(d.id) ?? []);
    const asked = [...new Set(recipes.flatMap((r) => needsOf(r, catalogue.all, catalogue.kinds)))];
    const there = asked.filter((id) => {
      const need = index.get(id);
      return need !== undefined && coveredBy(need, kits.kit) !== undefined;
    });
    return asked.length > 0 ? `${there.length} of ${asked.length}` : '';
  });
}
