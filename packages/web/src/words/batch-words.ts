import type { HomeMade, HomeMadePart } from '@uisce/core/catalogue';
import { recipeOfBatch, type Batch, type BatchRecord } from '@uisce/core/bench';
import { useCatalogue } from '../household/use-catalogue';
import { listed, useWords } from './use-words';

/** Batches as people call them. */
export function useBatchWords() {
  const catalogue = useCatalogue();
  const words = useWords();

  const recipeOf = (batch: BatchRecord) => recipeOfBatch(batch, catalogue.all.homeMade);

  /** "Rich syrup 2:1, with gum". A kind's own ratio gives way to the way's. */
  function recipeName(recipe: HomeMade | undefined): string {
    if (!recipe) return 'Something we no longer know';
    const kind = catalogue.kindName(recipe.makes);
    if (recipe.way === undefined) return kind;
    return `${kind.replace(/ [\d.]+:1$/, '')}, ${recipe.way}`;
  }

  function partName({ kind, pantry, hot, spiritAbv }: HomeMadePart): string {
    const usual =
      pantry === undefined ? catalogue.kindInSentence(kind ?? '') : catalogue.pantryInSentence(pantry);
    const name =
      spiritAbv === undefined ? usual : usual.replace(/[\d.]+ %$/, `${words.number(spiritAbv * 100)} %`);
    return pantry === 'water' && hot ? 'hot water' : name;
  }

  /** "700 g", "0.1 g" for what goes in by the drop. */
  const grams = (g: number) => `${words.number(g, g < 10 ? 1 : 0)} g`;

  /** "700 g white sugar, 400 g hot water". */
  const sayParts = ({ recipe, partsG }: Batch) =>
    listed(recipe.from.map((part, i) => `${grams(partsG[i] ?? 0)} ${partName(part)}`));

  /** Whether a part goes in by the drop. */
  const byDrops = (part: HomeMadePart) => catalogue.pantry.get(part.pantry ?? '')?.drops ?? false;

  const cautionOf = (part: HomeMadePart) =>
    catalogue.pantry.get(part.pantry ?? '')?.caution ?? catalogue.kinds.get(part.kind ?? '')?.caution;

  /** "2 h", "45 min". */
  const minutes = (m: number) =>
    m >= 1440
      ? `${words.number(m / 1440)} d`
      : m >= 60
        ? `${words.number(m / 60)} h`
        : `${words.number(m, 0)} min`;

  return { recipeOf, recipeName, partName, grams, sayParts, byDrops, cautionOf, minutes };
}
