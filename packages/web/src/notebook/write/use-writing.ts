import { createSharedComposable, useLocalStorage, useSessionStorage, watchDebounced } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';
import type { Amount } from '@uisce/core/base';
import type { Family, Method, Recipe } from '@uisce/core/catalogue';
import { measuringLines } from '@uisce/core/measure';
import {
  balance,
  judge,
  KindMatcher,
  readLine,
  readText,
  plainText,
  recipeFrom,
  recipeOfOwn,
  sayLine,
  sayRecipe,
  slotOf,
  SURE,
  textOfJsonLd,
  withLine,
  withLineAdded,
  type Ounce,
  type ReadLine,
  type Wish,
} from '@uisce/core/notebook';
import { useKit } from '../../household/use-kit';
import { useNotebook } from '../../household/use-notebook';
import { useCatalogue } from '../../household/use-catalogue';

/** The hand has moved on: what was typed is read. */
const READ_AFTER_MS = 150;
/** What an ingredient begins with that was added by its kind alone. */
const USUAL_ML = 20;
/** Spoons and dashes aside, amounts are measured in these steps where no jigger is known. */
const USUAL_STEP_ML = 2.5;
const MAX_ML = 120;

/** The text that is written, and the recipes read of it, with what its words were said to be. */
function useReadText() {
  const catalogue = useCatalogue();
  const text = useSessionStorage('uisce:writing', '');
  const ounce = useLocalStorage<Ounce>('uisce:ounce', 'us-oz');
  const read = ref(text.value ?? '');
  /** What was typed is read at once, where something is done with it. */
  const readNow = (): void => {
    read.value = text.value ?? '';
  };
  watchDebounced(text, readNow, { debounce: READ_AFTER_MS });
  const at = ref(0);
  /** What a line's words were said to be, by the words. */
  const said = ref<Record<string, string>>({});
  const matcher = computed(() => new KindMatcher(catalogue.all.kinds));
  /** What somebody said of a line of the text: that it is a part, or none. */
  const told = ref<Record<string, 'measured' | 'aside'>>({});
  const whole = computed(() =>
    catalogue.loaded && read.value.trim() !== ''
      ? readText(read.value, matcher.value, ounce.value, undefined, new Map(Object.entries(told.value)))
      : { recipes: [], aside: [] },
  );
  const recipes = computed(() => whole.value.recipes);
  const aside = computed(() => whole.value.aside);
  const tell = (line: string, is: 'measured' | 'aside') =>
    (told.value = { ...told.value, [line.trim()]: is });
  // A page or a JSON document that was pasted becomes the text of its recipes: what is read is what stands there.
  watch(text, (pasted) => {
    const plain = pasted ? textOfJsonLd(pasted) : undefined;
    if (plain !== undefined) text.value = plain;
  });
  watch([recipes], () => {
    at.value = Math.min(at.value, Math.max(0, recipes.value.length - 1));
  });
  const settled = (line: ReadLine): ReadLine => {
    const kind = said.value[line.says];
    return kind === undefined
      ? line
      : { ...line, kind, confidence: 1, notes: line.notes.filter((n) => n !== 'unsure' && n !== 'unknown') };
  };
  const current = computed(() => {
    const one = recipes.value[at.value];
    return one && { ...one, lines: one.lines.map(settled) };
  });

  return { text, ounce, readNow, at, said, told, tell, matcher, recipes, aside, settled, current };
}

/** The lines of the text: otherwise, taken out, one more. */
function useLines({
  text,
  ounce,
  at,
  said,
  matcher,
  recipes,
  current,
  readNow,
}: ReturnType<typeof useReadText>) {
  const catalogue = useCatalogue();
  /** A line as it is written once its amount or its kind is another. */
  function rewritten(line: ReadLine, part: { amount?: Amount; kind?: string; optional?: boolean }): string {
    const slot = slotOf({ ...line, ...part }, catalogue.kinds);
    if (slot) return sayLine(slot, catalogue.kinds);
    const amount = part.amount
      ? `${part.amount.value} ${part.amount.measure === 'whole' ? '' : part.amount.measure} `
      : '';
    return `${amount}${line.says}`;
  }
  /** The text with one of its lines otherwise; its words stand for the kind that was chosen. */
  function edit(i: number, part: { amount?: Amount; kind?: string; optional?: boolean }): void {
    const line = current.value?.lines[i];
    if (!line) return;
    const next = rewritten(line, part);
    const kind = part.kind ?? line.kind;
    const reads = readLine(next, matcher.value, ounce.value);
    if (kind !== undefined && reads.kind !== kind) said.value = { ...said.value, [reads.says]: kind };
    text.value = withLine(plainText(text.value ?? ''), recipes.value, at.value, i, next);
    readNow();
  }
  function takeOut(i: number): void {
    text.value = withLine(plainText(text.value ?? ''), recipes.value, at.value, i, undefined);
    readNow();
  }
  /** One more ingredient, below the others. */
  function add(kind: string): void {
    const next = `${USUAL_ML} ml ${(catalogue.kinds.get(kind)?.name ?? kind).replace(/ \d+:\d+$/, '')}`;
    const reads = readLine(next, matcher.value, ounce.value);
    if (reads.kind !== kind) said.value = { ...said.value, [reads.says]: kind };
    text.value = withLineAdded(plainText(text.value ?? ''), recipes.value, at.value, next);
    readNow();
  }

  return { edit, takeOut, add };
}

/** A drink balanced to a wish, in amounts that this house can measure. */
function useWishes(recipe: Readonly<Ref<Recipe | undefined>>) {
  const kits = useKit();
  const catalogue = useCatalogue();
  /** Amounts that this house can measure. */
  const measurable = computed(() => {
    const lines = measuringLines(kits.kit.vessels).map((l) => l.ml);
    const usual = Array.from({ length: MAX_ML / USUAL_STEP_ML }, (_, i) => (i + 1) * USUAL_STEP_ML);
    return lines.length === 0 ? usual : [...new Set([...lines, ...lines.map((l) => l / 2), ...usual])];
  });
  function wish(what: Wish) {
    return recipe.value && balance(recipe.value, what, catalogue.kinds, measurable.value);
  }

  return { wish };
}

/** What was chosen beside the text. */
interface Chosen {
  method?: Method;
  glass?: string;
  family?: Family;
  name?: string;
}

/** Writing on at what is there: a drink, or one of its versions. */
function useBeginnings(
  { text, at, said, told }: ReturnType<typeof useReadText>,
  chosen: Ref<Chosen>,
  of: Ref<string | undefined>,
) {
  const notebook = useNotebook();
  const catalogue = useCatalogue();
  const clear = (): void => {
    [text.value, at.value, said.value, chosen.value, of.value] = ['', 0, {}, {}, undefined];
    told.value = {};
  };
  /** Write on at a drink that is there: own, or a shipped one as the house makes it. */
  function begin(id: string): void {
    const own = notebook.ownOf(id);
    const from = (own && recipeOfOwn(own)) ?? catalogue.recipes.get(id);
    if (!from) return;
    clear();
    of.value = id;
    text.value = sayRecipe(from, catalogue.kinds);
    chosen.value = { method: from.method, glass: from.glass, family: from.family };
  }

  /** Write on at one of the versions of the drink that is written on. */
  function beginFrom(recipe: Recipe): void {
    const id = of.value;
    clear();
    of.value = id;
    text.value = sayRecipe(recipe, catalogue.kinds);
    chosen.value = { method: recipe.method, glass: recipe.glass, family: recipe.family };
  }

  return { clear, begin, beginFrom };
}

/** What is being written: the text, what was read of it, and what that is as a drink. */
export const useWriting = createSharedComposable(() => {
  const catalogue = useCatalogue();

  const written = useReadText();
  const { text, ounce, readNow, at, said, tell, recipes, aside, settled, current } = written;
  const chosen = ref<Chosen>({});
  /** The own drink that another version is written of. */
  const of = ref<string>();

  const open = computed(() => (current.value?.lines ?? []).filter((l) => l.confidence < SURE && !l.garnish));
  const recipe = computed<Recipe | undefined>(() => {
    const one = current.value;
    if (!one) return undefined;
    const made = recipeFrom(one, of.value ?? 'own-draft', catalogue.all.recipes, catalogue.kinds);
    return made && { ...made, ...chosen.value };
  });
  const judged = computed(() => (recipe.value ? judge(recipe.value, catalogue.all) : undefined));

  const { wish } = useWishes(recipe);
  /** All recipes of the text as drinks, where nothing of any of them is left to settle. */
  const allSettled = computed<Recipe[] | undefined>(() => {
    const every = recipes.value.map((r) => ({ ...r, lines: r.lines.map(settled) }));
    if (every.some((r) => r.lines.some((l) => l.confidence < SURE && !l.garnish))) return undefined;
    return every.flatMap((r) => recipeFrom(r, 'own-draft', catalogue.all.recipes, catalogue.kinds) ?? []);
  });
  /** What was found for a wish becomes the text. */
  function take(next: Recipe): void {
    text.value = sayRecipe(next, catalogue.kinds);
    chosen.value = { ...chosen.value, method: next.method, glass: next.glass };
  }
  const { edit, takeOut, add } = useLines(written);
  const { clear, begin, beginFrom } = useBeginnings(written, chosen, of);
  return {
    text,
    ounce,
    at,
    said,
    tell,
    aside,
    chosen,
    of,
    recipes,
    current,
    open,
    recipe,
    judged,
    allSettled,
    wish,
    take,
    clear,
    begin,
    readNow,
    edit,
    takeOut,
    add,
    beginFrom,
  };
});
