import { inSentence } from '@uisce/core/base';
import type { Recipe } from '@uisce/core/catalogue';
import { coveredBy, hasThingFor, needIndex } from '@uisce/core/kit';
import { stepCautions, type PourStep } from '@uisce/core/pouring';
import { useCatalogue } from '../household/use-catalogue';
import { useKit } from '../household/use-kit';

/** What stands in where a tool is missing, and what is to be minded at a step. */
export function useStandIns() {
  const kits = useKit();
  const catalogue = useCatalogue();

  /** What of the household's stands in where a tool is missing: how it is done with it, and its caution. */
  function standIn(step: PourStep): { name: string; hard: string; caution: string | undefined } | undefined {
    const technique = catalogue.all.techniques.find((t) => t.id === step.technique);
    if (technique === undefined || !kits.kit.said) return undefined;
    const index = needIndex(catalogue.all);
    for (const { id } of technique.needs) {
      const need = index.get(id);
      const cover = need && coveredBy(need, kits.kit);
      const thing =
        cover?.by === 'kitchen' ? catalogue.all.kitchen.find((t) => t.id === cover.id) : undefined;
      if (thing) return { name: inSentence(thing), hard: thing.hard, caution: thing.caution };
    }
    return undefined;
  }

  /** What is strong and sprayed burns. */
  function sprayed({ act }: PourStep): string | undefined {
    if (act !== 'rinse' || !kits.kit.said || !hasThingFor('spray', kits.kit, catalogue.all)) return undefined;
    return catalogue.all.techniques.find((t) => t.id === 'spray')?.caution;
  }

  /** Cautions of a step of a drink, each once, and of what stands in for a tool. */
  function cautions(step: PourStep, drink: Recipe | undefined): string[] {
    const more = standIn(step)?.caution ?? sprayed(step);
    const own = stepCautions(step, drink, catalogue.all, catalogue.kinds);
    return [...new Set([...own, ...(more === undefined ? [] : [more])])];
  }

  return { standIn, cautions };
}
