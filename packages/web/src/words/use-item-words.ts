import { useAnswer } from '../solver/use-answer';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed, oneAndMany } from './use-words';

/** Item and drink ids of an answer as people call them. */
export function useItemWords() {
  const answers = useAnswer();
  const catalogue = useCatalogue();
  const itemName = (id: string) => {
    const kit = answers.kitById.get(id);
    if (kit?.toolId !== undefined) return catalogue.tools.get(kit.toolId)?.name ?? id;
    if (kit?.glassId !== undefined)
      return count(kit.pieces, ...oneAndMany(catalogue.glassInSentence(kit.glassId)));
    const pack = answers.packById.get(id);
    if (pack) return catalogue.pantryName(pack.pantry);
    return catalogue.kindName(answers.itemById.get(id)?.kindId ?? id);
  };
  const itemInSentence = (id: string) => {
    const tool = answers.kitById.get(id)?.toolId;
    if (tool !== undefined) return catalogue.toolInSentence(tool);
    const pack = answers.packById.get(id);
    if (pack) return catalogue.pantryInSentence(pack.pantry);
    const kind = answers.itemById.get(id)?.kindId ?? id;
    return catalogue.kinds.has(kind) ? catalogue.kindInSentence(kind) : itemName(id);
  };
  return {
    itemName,
    itemInSentence,
    /** "dry vermouth, rye whiskey and maraschino", or "nothing". */
    itemsInSentence: (ids: readonly string[]) =>
      ids.length === 0 ? 'nothing' : listed(ids.map(itemInSentence)),
    drinkName: (id: string) => catalogue.recipes.get(id)?.name ?? id,
  };
}
