import { createSharedComposable } from '@vueuse/core';
import { ref } from 'vue';
import { SimulatedLabelPrinter } from '@uisce/core/devices';
import { batchAsMade, batchHolds, type BatchRecord } from '@uisce/core/bench';
import { useNotices } from '../kept/use-notices';
import { useHomeNetwork } from '../household/use-home-network';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useBatchWords } from '../words/batch-words';
import { saveFile } from '../ui/save-file';
import { ALLERGEN_WORDS } from '../words/trade-words';
import { listed, plainName, useWords } from '../words/use-words';
import { LABEL_SHEETS, labelPdf, type LabelText } from '../ui/paper/label-pdf';

/** From this strength on its strength says more than its sugar. */
const MIN_ABV = 0.1;

/** Labels for batches: a PDF for a sheet, or a strip from the simulated printer. */
export const useLabels = createSharedComposable(() => {
  const stock = useStock();
  const catalogue = useCatalogue();
  const words = useWords();
  const { recipeOf, recipeName } = useBatchWords();
  const notices = useNotices();
  const home = useHomeNetwork();
  const sheetId = ref('a4-21');
  const printer = new SimulatedLabelPrinter();
  const strip = ref<{ lines: string[]; lengthMm: number }>();
  const tapeLeftMm = ref(printer.tapeLeftMm);

  function labelOf(batch: BatchRecord): LabelText {
    const recipe = recipeOf(batch);
    const made = recipe ? batchAsMade(recipe, batch, catalogue.all, catalogue.kinds) : undefined;
    const brix = made?.brix ?? 0;
    const ratio = brix > 28 ? `${words.number(brix / (100 - brix), 2)} to 1 by weight, ` : '';
    const { allergens, mayHold, unknown } = recipe
      ? batchHolds(recipe, { ...catalogue.all, kinds: [...stock.here.kinds.values()] })
      : { allergens: [], mayHold: [], unknown: [] };
    return {
      // Its real ratio stands below: the one of its kind may be another.
      name: plainName(recipeName(recipe)),
      lines: [
        made && made.abv > MIN_ABV ? `${words.percent(made.abv)} vol` : `${ratio}${words.number(brix)} °Brix`,
        ...(batch.madeOn ? [`Made ${words.shortDay(batch.madeOn)}`] : []),
        ...(batch.useBy
          ? [`Use by ${words.shortDay(batch.useBy)}${batch.frozen ? ', frozen' : ', keep cold'}`]
          : []),
        ...(allergens.length > 0 ? [`Contains ${listed(allergens.map((a) => ALLERGEN_WORDS[a]))}`] : []),
        ...(mayHold.length > 0 ? [`May hold ${listed(mayHold.map((a) => ALLERGEN_WORDS[a]))}`] : []),
        ...(unknown.length > 0 ? ['Allergens not all known'] : []),
      ],
      address: home.address.value === '' ? undefined : `${home.address.value}/bench/${batch.id}`,
    };
  }

  async function download(batches: readonly BatchRecord[]): Promise<void> {
    const sheet = LABEL_SHEETS.find((s) => s.id === sheetId.value) ?? LABEL_SHEETS[0];
    if (!sheet) return;
    if (home.state.value === undefined) await home.load();
    const bytes = await labelPdf(batches.map(labelOf), sheet);
    saveFile(`labels-${sheet.id}.pdf`, 'application/pdf', bytes);
  }

  function printStrip(batch: BatchRecord): void {
    const { name, lines } = labelOf(batch);
    try {
      strip.value = printer.print([name, ...lines.slice(-2)]);
      tapeLeftMm.value = printer.tapeLeftMm;
    } catch (error) {
      notices.say((error as Error).message);
    }
  }

  return { sheetId, sheets: LABEL_SHEETS, download, printStrip, strip, tapeLeftMm };
});
