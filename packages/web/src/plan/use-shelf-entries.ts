import { standsOnShelf } from '@uisce/core/plan';
import { levelOf } from '@uisce/core/stock';
import { computed } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';
import { footprintMm, type ShelfEntry } from '../ui/shelf/shelf-layout';

/** Ghosts drawn beside the shelf. */
const MAX_GHOSTS = 2;
/** A thing we know no bottle of is drawn this large. */
const USUAL_BOTTLE = { widthMm: 76, heightMm: 290 };
const JOB_ORDER = ['base', 'sweet', 'aromatic', 'bitter', 'home-made', 'long', 'fresh'];

/** As a bar stands: by job, of each the most used first. */
const byJob = (a: ShelfEntry, b: ShelfEntry) =>
  JOB_ORDER.indexOf(a.job) - JOB_ORDER.indexOf(b.job) || b.drinks - a.drinks || (a.id < b.id ? -1 : 1);

/** The answer as things to draw: on the shelf, in the cold, and not bought yet. */
export function useShelfEntries() {
  const answers = useAnswer();
  const plans = usePlans();
  const stock = useStock();
  const catalogue = useCatalogue();
  const words = useWords();

  /** The level of the bottle that is poured from, where it was measured. */
  function levelAt(kindId: string): { level?: number } {
    const [first] = stock.inBottles.get(kindId)?.bottleIds ?? [];
    const bottle = stock.standing.find((b) => b.id === first);
    const level = bottle && levelOf(bottle);
    return level === undefined ? {} : { level };
  }

  /** An item of the open plan's answer, or of another's, as a thing to draw. */
  function entryOf(
    itemId: string,
    drinks: number,
    ghost: boolean,
    item = answers.itemById.get(itemId),
  ): ShelfEntry | undefined {
    const kind = catalogue.kinds.get(item?.kindId ?? '');
    if (!item || !kind) return undefined;
    const { bottle } = item;
    const priced = words.price(item.priceMinor);
    return {
      id: itemId,
      kindId: kind.id,
      name: kind.name,
      note: item.owned ? 'yours' : item.made ? 'made here' : bottle?.homeMade ? `made · ${priced}` : priced,
      job: kind.job,
      silhouette: kind.silhouette,
      widthMm: bottle?.widthMm ?? USUAL_BOTTLE.widthMm,
      heightMm: bottle?.heightMm ?? USUAL_BOTTLE.heightMm,
      count: 1,
      ...(item.owned ? levelAt(kind.id) : {}),
      drinks,
      ghost,
      kept: plans.brief?.keepBottles.includes(itemId) ?? false,
    };
  }

  const chosen = computed(() =>
    (answers.result?.explanation.reasons ?? [])
      .flatMap((r) => entryOf(r.id, r.leaning.length, false) ?? [])
      .sort(byJob),
  );
  const inTheCold = (entry: ShelfEntry) => {
    const kind = catalogue.kinds.get(entry.kindId);
    return kind === undefined || !standsOnShelf(kind);
  };
  const ghosts = computed(() =>
    (answers.result?.explanation.lifts ?? [])
      .filter((l) => l.adds.length > 0)
      .flatMap((l) => entryOf(l.id, l.adds.length, true) ?? [])
      .filter((e) => !inTheCold(e))
      .slice(0, MAX_GHOSTS),
  );
  const onShelf = computed(() => chosen.value.filter((e) => !inTheCold(e)));
  const shelf = computed(() => [...onShelf.value, ...ghosts.value]);
  const cold = computed(() => chosen.value.filter(inTheCold));
  const usedMm = computed(() => onShelf.value.reduce((sum, e) => sum + footprintMm(e), 0));

  return { shelf, cold, usedMm, entryOf, inTheCold };
}
