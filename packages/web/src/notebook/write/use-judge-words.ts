import { withArticle } from '@uisce/core/base';
import { computed } from 'vue';
import type { FamilyPlace } from '@uisce/core/notebook';
import { useCatalogue } from '../../household/use-catalogue';
import { listed, useWords } from '../../words/use-words';
import { ALLERGEN_WORDS } from '../../words/trade-words';
import { useWriting } from './use-writing';

/** From here on it stands out in its family. */
const STANDS_OUT = 0.85;
const MORE = { abv: 'stronger', sugar: 'sweeter', acid: 'sourer', volume: 'larger' } as const;
const LESS = { abv: 'weaker', sugar: 'less sweet', acid: 'less sour', volume: 'smaller' } as const;

/** What is said of a drink while it is written. */
export function useJudgeWords() {
  const catalogue = useCatalogue();
  const words = useWords();
  const { recipe, judged } = useWriting();

  const family = computed(() => catalogue.familyInSentence(recipe.value?.family ?? 'sour'));
  const tens = (share: number) => Math.round(share * 10);
  function stands({ of, below }: FamilyPlace): string {
    if (below === undefined) return '';
    if (below >= STANDS_OUT) return `${MORE[of]} than ${tens(below)} of ten ${family.value}`;
    return 1 - below >= STANDS_OUT ? `${LESS[of]} than ${tens(1 - below)} of ten ${family.value}` : '';
  }
  /** A figure as it is written. */
  function figure({ of, value }: FamilyPlace): string {
    if (of === 'abv') return `${words.percent(value)} vol`;
    return of === 'volume' ? words.volume(Math.round(value)) : `${words.number(value)} g in 100 ml`;
  }
  const said = computed(() => {
    const j = judged.value;
    if (!j || !recipe.value) return [];
    const out = j.places.map(stands).filter(Boolean);
    const [twin] = j.twins;
    const twinName = twin && catalogue.recipes.get(twin.id)?.name;
    const fit = j.fit?.verdict;
    return [
      ...(out.length > 0 ? out : [`among the ${family.value}, in the middle of them`]),
      ...(twinName ? [`nearly ${withArticle(twinName)}`] : []),
      ...(fit === 'over' ? ['more than its glass holds'] : fit === 'short' ? ['short in its glass'] : []),
      ...(j.allergens.length > 0 ? [`contains ${listed(j.allergens.map((a) => ALLERGEN_WORDS[a]))}`] : []),
      ...(j.mayHold.length > 0 ? [`may hold ${listed(j.mayHold.map((a) => ALLERGEN_WORDS[a]))}`] : []),
      ...(j.unknown.length > 0
        ? [
            `nobody has said what allergens the ${listed(j.unknown.map((k) => catalogue.kindInSentence(k)))} holds`,
          ]
        : []),
    ];
  });
  return { said, figure, stands, family };
}
