import { goodUntil, type Bottle } from '@uisce/core/stock';
import { useCatalogue } from '../household/use-catalogue';
import { LABEL_SHEETS, labelPdf } from '../ui/paper/label-pdf';
import { saveFile } from '../ui/save-file';
import { useWords } from '../words/use-words';

/** A label for a bottle of the shelf, above all for one that was poured over: what it is, how strong, since when open. */
export function useBottleLabel() {
  const catalogue = useCatalogue();
  const words = useWords();

  async function download(bottle: Bottle): Promise<void> {
    const kind = catalogue.kinds.get(bottle.kind);
    const [sheet] = LABEL_SHEETS;
    if (sheet === undefined || kind === undefined) return;
    const until = goodUntil(bottle, kind);
    const abv = bottle.abv ?? kind.abv;
    const lines = [
      ...(bottle.label === null ? [] : [bottle.label]),
      ...(abv > 0 ? [`${words.percent(abv)} vol`] : []),
      ...(bottle.openedOn === null ? [] : [`Opened ${words.shortDay(bottle.openedOn)}`]),
      ...(until === undefined ? [] : [`Good until ${words.shortDay(until)}`]),
    ];
    const bytes = await labelPdf([{ name: kind.name, lines, address: undefined }], sheet);
    saveFile(`label-${kind.id}.pdf`, 'application/pdf', bytes);
  }
  return { download };
}
